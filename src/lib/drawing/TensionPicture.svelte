<script lang="ts">
	import { rowsWorked } from '$core/lesson/rows';
	import type { Medium } from '$core/technique/medium';
	import type { Rope } from '$core/teaching/ropes';
	import type { Hands } from '$core/ways/handed';
	import SwatchPicture from './SwatchPicture.svelte';

	/** The same rope tight and loose, both up to the same cross. */
	let {
		ropes,
		medium,
		hands,
		shown
	}: { ropes: readonly Rope[]; medium: Medium; hands: Hands; shown: number } = $props();

	const swatches = $derived(
		ropes.flatMap(({ title, text, crosses }) => {
			const working = rowsWorked(text, medium);
			const rows = crosses[Math.min(shown, crosses.length) - 1] + 1;
			return working.ok ? [{ title, working: working.value, rows }] : [];
		})
	);
</script>

<div class="grid h-full min-h-0 grid-cols-2 gap-6">
	{#each swatches as { title, working, rows } (title)}
		<figure class="flex min-h-48 min-w-0 flex-col gap-1.5">
			<div class="min-h-0 flex-1"><SwatchPicture {working} {hands} {rows} fit="whole" /></div>
			<figcaption class="text-center font-semibold">{title}</figcaption>
		</figure>
	{/each}
</div>
