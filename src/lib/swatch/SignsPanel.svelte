<script lang="ts">
	import { chartOf } from '$core/swatch/chart';
	import { chartSpot, crossAt } from '$core/swatch/chartSpot';
	import ChartLegend from '$lib/drawing/ChartLegend.svelte';
	import StillRail from '$lib/drawing/StillRail.svelte';
	import { getSettings } from '$lib/client/settings.svelte';
	import type { ClothView } from './clothView.svelte';
	import type { OpenSwatch } from './openSwatch.svelte';

	/** The signs of the chart, and on the rail what is looked at on it. */
	let { open, look }: { open: OpenSwatch; look: ClothView } = $props();

	const settings = getSettings();
	const chart = $derived(chartOf(open.working!));
	const lit = $derived(look.looked && crossAt(chart, look.looked));

	function show(cross: number) {
		const spot = chartSpot(chart, cross, look.looked?.step ?? -1);
		if (spot) look.goTo(spot);
	}
</script>

<div class="grid gap-4">
	<h2 class="text-2xl">Signs</h2>
	<p role="status">
		{look.said || 'Press or point at a box of the chart: its row, its words and its sign light up.'}
	</p>
	{#if lit !== null && chart.crosses[lit]}
		{@const { crossing, name } = chart.crosses[lit]}
		<StillRail {crossing} voice={settings.value} alt="{name}: worked {crossing.order.join(' ')}" />
	{/if}
	<ChartLegend {chart} voice={settings.value} {lit} onlight={show} />
</div>
