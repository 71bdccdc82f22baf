<script lang="ts">
	import { isCabled as isCabledGauge, isWashed as isWashedGauge } from '$core/measures/plan';
	import { untrack } from 'svelte';
	import { MM_PER, lengthSaid } from '$core/hands/voice';
	import { getSettings } from '$lib/client/settings.svelte';
	import { USUAL_YARN } from '$lib/log/begin';
	import YarnFields from '$lib/log/YarnFields.svelte';
	import Choices from '$lib/ui/Choices.svelte';
	import CountField from '$lib/ui/CountField.svelte';
	import { LEARN_FROM, type LearnFrom, type Planning } from './planning.svelte';

	/** What a plan rests on beside its size: gauge, edges, yarn, pieces it learns from; and the size from needle or yarn. */
	let { planning, ontrouble }: { planning: Planning; ontrouble: (why: string | null) => void } = $props();

	const settings = getSettings();
	const perUnit = $derived(MM_PER[settings.value.units]);
	const unit = $derived(settings.value.units);
	const PER_TEN = { least: 1, most: 200, places: 1, of: '', wide: true } as const;
	let needle = $state(80);
	let grams = $state(100);
	const LEARN_SAID: Record<LearnFrom, string> = {
		all: 'all my pieces',
		yarn: 'those of this yarn',
		fibre: 'those of this fibre',
		none: 'none, rules of thumb'
	};
	const MEASURED = [
		{ value: 'off ground', says: 'plain ground, unwashed' },
		{ value: 'dry ground', says: 'plain ground, washed' },
		{ value: 'off panel', says: 'cables, unwashed' },
		{ value: 'dry panel', says: 'cables, washed' }
	];
	const isWashed = $derived(isWashedGauge(planning.gauge));
	const isCabled = $derived(isCabledGauge(planning.gauge));
	/** the yarn of the piece it is planned from, where it has one */
	const known = untrack(() => planning.yarn) ?? USUAL_YARN;
</script>

<div class="grid grid-cols-2 gap-3">
	<CountField
		label="Stitches in {lengthSaid(100, settings.value)}"
		value={planning.gauge.stitches}
		{...PER_TEN}
		onset={(stitches) => (planning.gauge = { ...planning.gauge, stitches })}
	/>
	<CountField
		label="Rows in {lengthSaid(100, settings.value)}"
		value={planning.gauge.rows}
		{...PER_TEN}
		onset={(rows) => (planning.gauge = { ...planning.gauge, rows })}
	/>
	<label class="col-span-2 grid gap-1.5">
		<span class="font-semibold text-quiet">Gauge measured over</span>
		<select
			class="select"
			value="{isWashed ? 'dry' : 'off'} {isCabled ? 'panel' : 'ground'}"
			onchange={(event) => {
				const [stage, of] = event.currentTarget.value.split(' ') as ['dry' | 'off', 'panel' | 'ground'];
				planning.gauge = { ...planning.gauge, stage, of };
			}}
		>
			{#each MEASURED as { value, says } (value)}<option {value}>{says}</option>{/each}
		</select>
	</label>
	<CountField
		label="Edge, each side"
		value={planning.edge}
		least={0}
		most={500}
		wide
		onset={(edge) => (planning.edge = edge)}
	/>
	<CountField
		label="Plain ground"
		value={planning.ground}
		least={0}
		most={5000}
		wide
		onset={(ground) => (planning.ground = ground)}
	/>
</div>
<fieldset class="grid gap-3">
	<legend class="sr-only">The yarn</legend>
	<label class="flex min-h-11 items-center gap-2"
		><input
			type="checkbox"
			class="size-5 accent-base-content"
			checked={planning.yarn !== null}
			onchange={(event) => (planning.yarn = event.currentTarget.checked ? known : null)}
		/> I know the yarn</label
	>
	{#if planning.yarn}<YarnFields yarn={planning.yarn} onset={(yarn) => (planning.yarn = yarn)} />{/if}
</fieldset>
<label class="grid gap-1">
	<span class="text-quiet">Kept spare: {Math.round((planning.wish.spare ?? 0) * 100)} in a hundred</span>
	<input
		type="range"
		class="slider"
		min="0"
		max="1"
		step="0.05"
		value={planning.wish.spare}
		oninput={(event) => (planning.spare = event.currentTarget.valueAsNumber)}
	/>
</label>
{#if planning.pieces.length > 0}
	<Choices
		label="Learns from"
		value={planning.learnFrom}
		choices={LEARN_FROM.filter((like) => planning.yarn || like === 'all' || like === 'none').map((value) => ({
			value,
			label: value === 'none' ? LEARN_SAID.none : `${LEARN_SAID[value]}, ${planning.piecesFor(value).length}`
		}))}
		onchoose={(like) => (planning.learnFrom = like)}
	/>
{/if}
<div class="grid gap-3 border-t border-hairline pt-4">
	<h2 class="text-lg">Or the other way round</h2>
	{#if planning.shape === 'flat'}
		<div class="flex flex-wrap items-end gap-3">
			<CountField
				label="A needle of, {unit}"
				value={needle}
				least={10}
				most={300}
				wide
				onset={(length) => (needle = length)}
			/>
			<button type="button" class="btn" onclick={() => ontrouble(planning.asWideAs(needle * perUnit))}
				>As wide as it allows</button
			>
		</div>
	{/if}
	<div class="flex flex-wrap items-end gap-3">
		<CountField
			label="Yarn there is, g"
			value={grams}
			least={1}
			most={50000}
			wide
			onset={(there) => (grams = there)}
		/>
		<button type="button" class="btn" onclick={() => ontrouble(planning.asHighAs(grams))}
			>As high as it is enough for</button
		>
	</div>
</div>

<style>
	.slider {
		width: 100%;
		min-height: 2.75rem;
		accent-color: var(--color-base-content);
	}
</style>
