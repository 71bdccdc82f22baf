<script lang="ts">
	import { lessonDifferences, inShort } from '$core/lesson/differences';
	import type { Lesson } from '$core/lesson/lesson';
	import { getJson } from '$lib/client/requests';
	import type { OpenLesson } from './openLesson.svelte';
	import { momentSaid } from '$lib/ui/locale';
	import DifferenceList from './DifferenceList.svelte';
	import { getSettings } from '$lib/client/settings.svelte';
	import { earlierLessonShape, lessonTaughtAt } from '$lib/wire/lesson';

	/** What was changed since the lesson was taught last, by hand or because a source of it changed. */
	let { open, taughtAt }: { open: OpenLesson; taughtAt: number } = $props();
	const settings = getSettings();

	let taught = $state.raw<Lesson | null>(null);
	$effect(() => {
		void taughtAt;
		void getJson(lessonTaughtAt(open.id), earlierLessonShape).then((answer) => {
			if (answer.ok) taught = answer.value.lesson;
		});
	});
	const differences = $derived(taught ? lessonDifferences(taught, open.lesson) : []);
</script>

{#if taught}
	<section
		class="mt-3 rounded-2xl border border-hairline bg-base-100 px-4 py-2"
		aria-label="Since it was taught"
	>
		{#if differences.length === 0}
			<p>Taught {momentSaid(taughtAt, settings.locale)}, just as it is now.</p>
		{:else}
			<details>
				<summary class="min-h-10 cursor-pointer content-center"
					>Changed since it was taught {momentSaid(taughtAt, settings.locale)}:
					<strong>{inShort(differences)}</strong></summary
				>
				<div class="mt-2"><DifferenceList {differences} then="Taught" now="Now" /></div>
			</details>
		{/if}
	</section>
{/if}
