<script lang="ts">
	import { MM_PER, lengthSaid } from '$core/hands/voice';
	import type { Working } from '$core/fabric/fabric';
	import { ASSUMED_GAUGE, gaugeOf, repeatIn, repeatsTo } from '$core/swatch/measure';
	import type { Swatch } from '$core/swatch/schema';
	import { getSettings } from '$lib/client/settings.svelte';
	import CountField from '$lib/ui/CountField.svelte';
	import type { OpenSwatch } from './openSwatch.svelte';

	/** The gauge as somebody measured it, and what length it leads to. */
	let {
		open,
		working,
		drawIn,
		assumed
	}: {
		open: OpenSwatch;
		working: Working;
		/** width over plain ground as it is estimated */
		drawIn: number;
		/** what of the gauge nobody entered */
		assumed: readonly string[];
	} = $props();

	const settings = getSettings();
	const said = (mm: number) => lengthSaid(mm, settings.value);
	const inches = $derived(settings.value.units === 'in');
	const perUnit = $derived(MM_PER[settings.value.units]);
	const ten = $derived(said(100));
	const PER_TEN = { least: 1, most: 200, places: 1, of: '', optional: true, wide: true } as const;
	const repeat = $derived(repeatIn(working));
	const length = $derived(
		open.card.wishedMm
			? repeatsTo(open.card.wishedMm, repeat.repeatRows, repeat.otherRows, gaugeOf(open.card))
			: null
	);

	const measured = (fields: Swatch['gauge']) =>
		open.change({ gauge: { ...open.card.gauge, ...fields } }, 'gauge changed');
</script>

<section class="grid gap-2">
	<h2 class="text-xl">Gauge and length</h2>
	<div class="grid grid-cols-2 gap-3">
		<CountField
			label="Stitches in {ten}"
			value={open.card.gauge?.stitches}
			{...PER_TEN}
			placeholder={ASSUMED_GAUGE.stitches}
			onset={(stitches) => measured({ stitches: stitches ?? undefined })}
		/>
		<CountField
			label="Rows in {ten}"
			value={open.card.gauge?.rows}
			{...PER_TEN}
			placeholder={ASSUMED_GAUGE.rows}
			onset={(rows) => measured({ rows: rows ?? undefined })}
		/>
		<CountField
			label="Wished length, {inches ? 'in' : 'cm'}"
			value={open.card.wishedMm === undefined ? undefined : open.card.wishedMm / perUnit}
			least={1}
			most={inches ? 780 : 2000}
			places={1}
			optional
			wide
			onset={(length) =>
				open.change(
					{ wishedMm: length === null ? undefined : Math.round(length * perUnit) },
					'length changed'
				)}
		/>
		<CountField
			label="Width factor, measured"
			value={open.card.drawIn}
			least={0.2}
			most={2}
			places={2}
			placeholder={drawIn}
			optional
			wide
			onset={(factor) => open.change({ drawIn: factor ?? undefined }, 'width measured')}
		/>
	</div>
	{#if assumed.length > 0}
		<p data-testid="assumed">
			Assumed, because nobody measured: <strong>{assumed.join(' and ')}</strong> in {ten}. Widths and lengths
			are guesses until you enter yours.
		</p>
	{/if}
	{#if length}
		<p data-testid="length">
			<strong>{length.repeats} {length.repeats === 1 ? 'repeat' : 'repeats'}</strong> of {repeat.repeatRows} rows:
			{length.rows}
			rows, {said(length.mm)}. Half a spacing stands before the first cross and after the last, so that both
			ends match.
		</p>
	{/if}
	<p class="text-sm text-quiet">
		Measure the cable panel and the plain ground on one dry swatch; their ratio is the factor.
	</p>
</section>
