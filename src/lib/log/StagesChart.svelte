<script lang="ts">
	import { MM_PER, lengthSaid } from '$core/hands/voice';
	import { capital } from '$core/english';
	import type { Piece } from '$core/measures/schema';
	import {
		EXTENT_SAID,
		STAGE_SAID,
		changeSaid,
		changesIn,
		extentsOf,
		livedThrough
	} from '$core/measures/stages';
	import { getSettings } from '$lib/client/settings.svelte';
	import LineChart from '$lib/ui/LineChart.svelte';
	import Pressed from './Pressed.svelte';

	/** How a piece changed from stage to stage, and what each did to it. */
	let { piece }: { piece: Piece } = $props();

	const settings = getSettings();
	const extents = $derived(extentsOf(piece.measured));
	let asked = $state<(typeof extents)[number]>('whole');
	const of = $derived(extents.includes(asked) ? asked : extents[0]);
	const stages = $derived(of ? livedThrough(piece.measured, of) : []);
	const perUnit = $derived(MM_PER[settings.value.units]);
	const line = (says: string, side: 'widthMm' | 'heightMm') => ({
		says,
		values: stages.map((one) => Number((one[side] / perUnit).toFixed(2)))
	});
	const changes = $derived(changesIn(piece).filter((change) => change.of === of));
	const unwashed = $derived(stages.find(({ stage }) => stage === 'off'));
</script>

{#if extents.length > 1}
	<Pressed
		legend="Look at"
		value={of}
		choices={extents.map((value) => ({ value, label: EXTENT_SAID[value] }))}
		onchoose={(extent) => (asked = extent)}
	/>
{/if}
{#if stages.length > 1}
	<LineChart
		title="{capital(EXTENT_SAID[of])}, in {settings.value.units}"
		points={stages.map(({ stage }) => STAGE_SAID[stage])}
		fromZero={false}
		lines={[
			line('wide', 'widthMm'),
			line('high', 'heightMm'),
			...(unwashed
				? [
						{
							says: 'as bound off',
							dashed: true,
							values: stages.map(() => Number((unwashed.widthMm / perUnit).toFixed(2)))
						}
					]
				: [])
		]}
	/>
{:else if stages.length === 1}
	<p>
		{capital(STAGE_SAID[stages[0].stage])}: {lengthSaid(stages[0].widthMm, settings.value)} × {lengthSaid(
			stages[0].heightMm,
			settings.value
		)}. Measure it again when it has changed, and its line begins.
	</p>
{/if}
{#if changes.length > 0}
	<ul class="grid gap-1.5" aria-label="What became of it">
		{#each changes as change (change.of + change.from + change.to)}
			<li class="border-l-4 border-accent pl-3 text-lg">{changeSaid(change)}</li>
		{/each}
	</ul>
{/if}
