<script lang="ts">
	import type { Voice } from '$core/hands/voice';
	import type { Lesson, Part } from '$core/lesson/lesson';
	import { rowShown, rowsShown } from '$core/teaching/rowsShown';
	import SwatchPicture from '$lib/drawing/SwatchPicture.svelte';
	import ThumbButton from '$lib/ui/ThumbButton.svelte';

	/** The rows that a part works, one after another, as the class is shown them: in words, with the fabric as far as it has grown. */
	let { lesson, part, voice }: { lesson: Lesson; part: Part; voice: Voice } = $props();

	const rows = $derived(rowsShown(lesson, part));
	let asked = $state(0);
	const at = $derived(Math.min(asked, Math.max(0, (rows?.steps.length ?? 1) - 1)));
	const row = $derived(rows && rowShown(rows, at, voice));
</script>

{#if rows && row}
	<section class="overflow-hidden rounded-2xl border border-hairline" aria-label="The rows of this part">
		<div class="h-56 bg-base-100 p-3">
			<SwatchPicture working={rows.working} hands={voice} rows={rows.steps[at] + 1} fit="whole" />
		</div>
		<div class="flex items-center gap-4 bg-neutral px-4 py-3 text-neutral-content">
			<ThumbButton to="back" label="Row before" disabled={at === 0} onpress={() => (asked = at - 1)} />
			<div class="min-w-0 flex-1" aria-live="polite">
				<p class="font-mono text-xl leading-snug break-words">{row.words}</p>
				<p class="mt-1">{row.head}. {row.crosses}</p>
				<p class="text-sm opacity-85">{row.place} of {row.of}</p>
			</div>
			<ThumbButton
				to="forward"
				label="Next row"
				disabled={at >= row.of - 1}
				onpress={() => (asked = at + 1)}
			/>
		</div>
	</section>
{/if}
