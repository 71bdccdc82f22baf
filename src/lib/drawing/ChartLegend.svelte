<script lang="ts">
	import type { Chart } from '$core/swatch/chart';
	import { legendOf } from '$core/swatch/legend';
	import type { Voice } from '$core/hands/voice';
	import { mirrorsFabric } from '$core/ways/handed';
	import ChartSign from './ChartSign.svelte';

	/** What every sign of a chart means, the crossings in the reader’s own words. */
	let {
		chart,
		voice,
		lit = null,
		onlight
	}: {
		chart: Chart;
		voice: Pick<Voice, 'hand' | 'keep' | 'terms'>;
		/** the crossing that is looked at */
		lit?: number | null;
		/** a crossing of the legend is to be shown on the chart */
		onlight?: (cross: number) => void;
	} = $props();

	const mirrored = $derived(mirrorsFabric(voice));
	const entries = $derived(legendOf(chart, voice));
	const crosses = $derived(entries.filter((entry) => entry.kind === 'cross'));
	const signs = $derived(entries.filter((entry) => entry.kind === 'sign'));
</script>

{#snippet told(name: string, says: readonly string[], look: string)}
	<span class="block font-semibold">{name}</span>
	{#each says as sentence (sentence)}<span class="block">{sentence}</span>{/each}
	{#if look}<span class="block text-quiet">{look}</span>{/if}
{/snippet}

<ul class="grid gap-4" aria-label="Signs of the chart">
	{#each crosses as { cross, name, says, look } (cross)}
		<li
			class="grid gap-1.5 rounded-xl border-2 p-2 {lit === cross
				? 'border-base-content'
				: 'border-transparent'}"
		>
			<ChartSign crossing={chart.crosses[cross].crossing} {mirrored} />
			{#if onlight}
				<button type="button" class="text-left" onclick={() => onlight(cross)}
					>{@render told(name, says, look)}</button
				>
			{:else}<div>{@render told(name, says, look)}</div>{/if}
		</li>
	{/each}
	{#each signs as { is, name, says } (is)}
		<li class="flex items-center gap-3 px-2">
			<ChartSign {is} {mirrored} /><span><strong>{name}</strong>: {says}</span>
		</li>
	{/each}
</ul>
