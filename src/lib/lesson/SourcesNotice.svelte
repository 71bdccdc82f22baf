<script lang="ts">
	import { lessonDifferences, inShort } from '$core/lesson/differences';
	import { newId } from '$lib/client/id';
	import type { OpenLesson } from './openLesson.svelte';
	import DifferenceList from './DifferenceList.svelte';

	/** What the lesson says otherwise than it was written, because a swatch, a saying or a key of it was changed. */
	let { open }: { open: OpenLesson } = $props();

	const differences = $derived(lessonDifferences(open.written, open.lesson));
	const rows = $derived(
		open.lesson.swatches.filter((swatch) => open.written.swatches.every((written) => written !== swatch))
	);

	/** What is followed now is what the lesson says, from here on. */
	function take() {
		for (const swatch of rows) open.change({ kind: 'put-swatch', swatch });
		for (const { id, crossing, saying } of open.lesson.crossings)
			if (
				open.written.crossings.every((written) => written.crossing !== crossing || written.saying !== saying)
			)
				open.change({ kind: 'set-crossing', crossing: id, fields: { crossing, saying } });
	}

	function keep() {
		for (const { id } of rows) open.change({ kind: 'keep-swatch', swatch: id, as: newId() });
	}
</script>

{#if differences.length > 0}
	<section
		class="mt-3 flex flex-wrap items-start gap-x-6 gap-y-2 rounded-2xl border-[1.5px] border-warning px-4 py-2"
		aria-label="Follows its sources"
	>
		<details class="min-w-64 flex-1">
			<summary class="min-h-11 cursor-pointer content-center"
				>This lesson follows what was changed elsewhere: <strong>{inShort(differences)}</strong></summary
			>
			<div class="mt-2"><DifferenceList {differences} then="It said" now="It says" /></div>
		</details>
		<div class="flex flex-wrap gap-3">
			<button type="button" class="btn btn-outline" onclick={take}>That is right</button>
			{#if rows.length > 0}
				<button type="button" class="btn" onclick={keep}>Keep the old rows in this lesson</button>
			{/if}
		</div>
	</section>
{/if}
