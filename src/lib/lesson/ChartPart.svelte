<script lang="ts">
	import { chartOf } from '$core/swatch/chart';
	import type { Lesson, Part } from '$core/lesson/lesson';
	import { rowsShown } from '$core/teaching/rowsShown';
	import ChartLegend from '$lib/drawing/ChartLegend.svelte';
	import ChartPicture from '$lib/drawing/ChartPicture.svelte';
	import { getSettings } from '$lib/client/settings.svelte';

	/** The chart that a part reads with the class, and what its signs mean. */
	let { lesson, part }: { lesson: Lesson; part: Part } = $props();

	const settings = getSettings();
	const shown = $derived(rowsShown(lesson, part));
</script>

{#if shown && shown.steps.length > 0}
	<figure class="h-80 rounded-2xl border border-hairline p-3">
		<ChartPicture
			working={shown.working}
			voice={settings.value}
			first={shown.steps[0]}
			last={shown.steps[shown.steps.length - 1] + 1}
			alt="{shown.title} as a chart"
		/>
	</figure>
	<details class="rounded-xl border border-hairline px-4 py-2.5">
		<summary class="cursor-pointer font-semibold">What its signs mean</summary>
		<div class="mt-3"><ChartLegend chart={chartOf(shown.working)} voice={settings.value} /></div>
	</details>
{/if}
