<script lang="ts">
	import { untrack } from 'svelte';
	import { MM_PER, lengthSaid } from '$core/hands/voice';
	import { numberSaid } from '$core/locale';
	import type { Measured } from '$core/measures/schema';
	import { STAGES, type Stage } from '$core/measures/lives';
	import { STAGE_SHORT } from '$core/measures/stages';
	import { getSettings } from '$lib/client/settings.svelte';
	import CountField from '$lib/ui/CountField.svelte';
	import { Measuring, type Counts } from './measuring.svelte';
	import Pressed from './Pressed.svelte';
	import Stepper from './Stepper.svelte';
	import Tape from './Tape.svelte';

	/** Something measured, written down in few touches: what was measured last stands there already. */
	let {
		piece,
		corrects,
		before,
		counts,
		today,
		begin,
		onkeep
	}: {
		/** the id of the piece */
		piece: string;
		corrects?: { readonly id: string; readonly record: Measured };
		before: readonly Measured[];
		counts: Counts;
		/** the day it is here */
		today: string;
		/** the stage it is at; the one after the last where nothing is said */
		begin?: Stage;
		onkeep: (record: Measured) => void;
	} = $props();

	const settings = getSettings();
	const measuring = untrack(() => new Measuring({ piece, corrects }, before, counts, today, begin));
	const entry = $derived(measuring.entry);
	const inches = $derived(settings.value.units === 'in');
	const perUnit = $derived(MM_PER[settings.value.units]);
	const unit = $derived(settings.value.units);
	const said = {
		length: (mm: number) => lengthSaid(mm, settings.value),
		weight: (grams: number) => `${numberSaid(grams, settings.locale)} g`
	};
	const FIELD_SAID = {
		...{ widthMm: 'wide', heightMm: 'high', stitches: 'stitches', rows: 'rows' },
		...{ grams: 'grams', stage: '', on: '' }
	};

	let tape = $state(false);
	let more = $state(untrack(() => entry.grams !== null || entry.minutes !== null));

	function keep(sure: boolean) {
		const record = measuring.measurement(said, sure);
		if (!record) return;
		measuring.forget();
		onkeep(record);
	}
	const meantSaid = (field: keyof typeof FIELD_SAID, meant: number) =>
		field === 'widthMm' || field === 'heightMm'
			? `${said.length(meant)} ${FIELD_SAID[field]}`
			: `${meant} ${FIELD_SAID[field]}`;
	const inUnit = (mm: number | null) => (mm === null ? null : Number((mm / perUnit).toFixed(inches ? 2 : 1)));
</script>

<form
	class="grid gap-5"
	onsubmit={(event) => {
		event.preventDefault();
		keep(false);
	}}
>
	<Pressed
		legend="It is"
		value={entry.stage}
		choices={STAGES.map((value) => ({ value, label: STAGE_SHORT[value] }))}
		onchoose={(stage) => measuring.stage(stage)}
	/>
	<Pressed
		legend="Measured is"
		value={entry.of}
		choices={[
			{ value: 'whole', label: 'all of it' },
			{ value: 'panel', label: 'panel' },
			{ value: 'ground', label: 'ground' }
		]}
		onchoose={(of) => measuring.of(of)}
	/>
	<div class="grid grid-cols-[repeat(auto-fit,minmax(min(15.5rem,100%),1fr))] gap-x-6 gap-y-4">
		{#each [{ field: 'widthMm', label: 'Width' }, { field: 'heightMm', label: 'Height' }] as const as { field, label } (field)}
			<Stepper
				label="{label}, {unit}"
				value={inUnit(entry[field])}
				step={inches ? 0.25 : 0.5}
				least={0.1}
				most={inches ? 1_900 : 5_000}
				places={inches ? 2 : 1}
				onset={(length) => measuring.set({ [field]: length * perUnit })}
			/>
		{/each}
		{#each [{ field: 'stitches', label: 'Stitches in it' }, { field: 'rows', label: 'Rows in it' }] as const as { field, label } (field)}
			<Stepper
				{label}
				value={entry[field]}
				step={field === 'rows' ? 2 : 1}
				least={1}
				most={100_000}
				onset={(count) => measuring.set({ [field]: count })}
			/>
		{/each}
	</div>
	<div class="flex flex-wrap gap-2">
		<button type="button" class="btn" aria-expanded={tape} onclick={() => (tape = !tape)}>A tape here</button>
		<button type="button" class="btn" aria-expanded={more} onclick={() => (more = !more)}
			>Weight, time, day</button
		>
	</div>
	{#if tape}
		<Tape ontake={(side, mm) => measuring.set({ [side]: mm })} />
	{/if}
	{#if more}
		<div class="flex flex-wrap gap-4">
			<CountField
				label="Weight, g"
				value={entry.grams}
				least={0.1}
				most={50_000}
				places={1}
				optional
				wide
				onset={(grams) => measuring.set({ grams })}
			/>
			<CountField
				label="Minutes it took to knit"
				value={entry.minutes}
				least={1}
				most={60_000}
				optional
				wide
				onset={(minutes) => measuring.set({ minutes })}
			/>
			<label class="grid content-start gap-1">
				<span class="text-quiet">Day</span>
				<input
					type="date"
					class="input"
					value={entry.on}
					max="9999-12-31"
					onchange={(event) => measuring.set({ on: event.currentTarget.value })}
				/>
			</label>
		</div>
	{/if}
	<div role="alert" class="grid gap-3 empty:hidden">
		{#if measuring.missing}<p class="font-semibold text-error">{measuring.missing}</p>{/if}
		{#each measuring.odd as odd (odd.field)}
			<div class="border-l-4 border-warning pl-3">
				<p class="text-lg font-semibold">{odd.asks}</p>
				{#if odd.meant !== undefined}
					<button type="button" class="btn mt-2" onclick={() => measuring.meant(odd)}
						>No: {meantSaid(odd.field, odd.meant)}</button
					>
				{/if}
			</div>
		{/each}
	</div>
	<div class="sticky -bottom-6 -mx-1 -mb-6 flex flex-wrap gap-3 bg-base-100 px-1 pt-2 pb-6">
		{#if measuring.odd.length > 0}
			<button type="button" class="btn btn-primary" onclick={() => keep(true)}>It is so: keep it</button>
		{:else}
			<button class="btn btn-primary">Keep it</button>
		{/if}
	</div>
</form>
