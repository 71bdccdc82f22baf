<script lang="ts">
	import { rowsWorked } from '$core/lesson/rows';
	import type { Exercise } from '$core/practice/exercise';
	import type { Medium } from '$core/technique/medium';
	import { sideCounted } from '$core/swatch/counting';
	import { handsOf } from '$core/practice/shown';
	import { getSettings } from '$lib/client/settings.svelte';
	import ChartPicture from '$lib/drawing/ChartPicture.svelte';
	import { inNumbers } from './words';
	import SwatchPicture from '$lib/drawing/SwatchPicture.svelte';

	/** The rows that are asked about: the cloth as far as it is knitted, or the chart with a row between two lines. */
	let { exercise, rows, medium }: { exercise: Exercise; /** as text */ rows: string; medium: Medium } =
		$props();

	/** rows of a chart that are seen on both sides of the one that is asked about */
	const ABOVE_AND_BELOW = 4;

	const settings = getSettings();
	const hands = $derived(handsOf(exercise));
	const given = $derived(exercise.given as { row?: number; rows?: number; cell?: { row: number } });
	const working = $derived.by(() => {
		const worked = rowsWorked(rows, medium);
		return worked.ok ? worked.value : null;
	});
	const step = $derived(
		working?.steps.findIndex(({ row }) => row.n === (given.cell?.row ?? given.row)) ?? -1
	);
	/** the crosses of the row in numbers, for those who cannot see their signs */
	const signs = $derived(
		(working?.steps[step]?.worked.crossings ?? []).map(({ crossing }) => inNumbers(crossing)).join('; ')
	);
	const done = $derived(given.rows ?? step + 1);
</script>

{#if working && given.cell}
	<div class="h-64 sm:h-80">
		<ChartPicture
			{working}
			voice={{ ...settings.value, ...hands }}
			first={Math.max(0, step - ABOVE_AND_BELOW)}
			last={Math.min(working.steps.length, step + ABOVE_AND_BELOW + 1)}
			{step}
			alt="Row {given.cell.row} of a chart. {signs}"
		/>
	</div>
{:else if working}
	<div class="h-64 sm:h-80" role="img" aria-label="The cloth after {done} rows">
		<SwatchPicture
			{working}
			{hands}
			rows={done}
			side={exercise.kind === 'count-rows' ? sideCounted(medium) : 'right'}
			fit="whole"
		/>
	</div>
{/if}
