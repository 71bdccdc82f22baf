<script lang="ts">
	import { untrack } from 'svelte';
	import { generate, USUAL_RECIPE, type MotifKind, type Recipe } from '$core/swatch/generate';
	import { spacingsFor } from '$core/swatch/measure';
	import { readName } from '$core/naming/read';
	import Choices from '$lib/ui/Choices.svelte';
	import type { Working } from '$core/fabric/fabric';
	import { workingFor } from './rows';
	import { getSettings } from '$lib/client/settings.svelte';
	import SwatchPicture from '$lib/drawing/SwatchPicture.svelte';

	/** A motif with its measures; rows are written from it, from cast-on to the last. */
	let {
		press,
		motif = 'plait',
		bare = false,
		onmake
	}: {
		/** the motif to begin with */
		motif?: MotifKind;
		/** without border and edge: a panel of something larger */
		bare?: boolean;
		/** the words of the button */
		press: string;
		onmake: (text: string, title: string) => void;
	} = $props();

	const settings = getSettings();

	let recipe = $state<Recipe>(
		untrack(() => ({
			...USUAL_RECIPE,
			motif,
			...(bare ? { border: 0, edge: 0, flare: false } : { border: 4 })
		}))
	);
	const set = (fields: Partial<Recipe>) => (recipe = { ...recipe, ...fields });
	const made = $derived(generate(recipe));
	let working = $state.raw<Working | null>(null);
	$effect(() => {
		const text = made.ok ? made.value : null;
		if (text === null) working = null;
		else void workingFor({ text }).then((worked) => made.ok && made.value === text && (working = worked));
	});
	const usual = $derived.by(() => {
		const named = recipe.motif === 'rope' ? readName(recipe.name) : null;
		const stitches = named?.ok ? named.value.readings[0].crossing.stitches : 2 * recipe.width;
		return spacingsFor(stitches, recipe.rounds).usual.rows;
	});

	const MOTIF_NAMES: Readonly<Record<MotifKind, string>> = {
		rope: 'A rope',
		plait: 'A plait',
		travelling: 'A rope that travels',
		zigzag: 'A zigzag',
		meeting: 'Two ropes that meet',
		ring: 'A ring that opens and closes',
		honeycomb: 'Honeycomb'
	};
	const TIMES: Partial<Record<MotifKind, string>> = {
		plait: 'Strands',
		honeycomb: 'Cells across',
		travelling: 'Steps',
		zigzag: 'Steps each way',
		meeting: 'Steps each way',
		ring: 'Steps each way'
	};
	const steps = $derived(['travelling', 'zigzag', 'meeting', 'ring'].includes(recipe.motif));
	const leans = $derived(['travelling', 'zigzag', 'meeting', 'ring'].includes(recipe.motif));
</script>

{#snippet number(label: string, field: keyof Recipe, min: number, max: number)}
	<label class="grid content-end gap-1">
		<span class="text-quiet">{label}</span>
		<input
			class="input"
			type="number"
			{min}
			{max}
			value={recipe[field] as number}
			oninput={(event) => {
				const value = Math.round(event.currentTarget.valueAsNumber);
				if (value >= min && value <= max) set({ [field]: value });
			}}
		/>
	</label>
{/snippet}

<form
	class="grid gap-x-7 gap-y-5 md:grid-cols-[minmax(0,1fr)_14rem]"
	onsubmit={(event) => {
		event.preventDefault();
		if (made.ok) onmake(made.value, MOTIF_NAMES[recipe.motif]);
	}}
>
	<div class="grid content-start gap-4">
		<div class="flex flex-wrap gap-x-6 gap-y-3">
			<Choices
				label="Motif"
				value={recipe.motif}
				choices={Object.entries(MOTIF_NAMES).map(([value, label]) => ({ value: value as MotifKind, label }))}
				onchoose={(motif) => set({ motif })}
			/>
			<Choices
				label="On"
				value={recipe.ground}
				choices={[
					{ value: 'purl', label: 'purl ground' },
					{ value: 'moss', label: 'moss' },
					{ value: 'garter', label: 'garter' },
					{ value: 'knit', label: 'knit ground' }
				]}
				onchoose={(ground) => set({ ground })}
			/>
			<Choices
				label="Worked"
				value={recipe.rounds ? 'round' : 'flat'}
				choices={[
					{ value: 'flat', label: 'flat' },
					{ value: 'round', label: 'in the round' }
				]}
				onchoose={(worked) => set({ rounds: worked === 'round' })}
			/>
			{#if leans}
				<Choices
					label={recipe.motif === 'travelling' || recipe.motif === 'zigzag'
						? 'First to the'
						: 'Meets with a cross to the'}
					value={recipe.lean}
					choices={[
						{ value: 'right', label: 'right' },
						{ value: 'left', label: 'left' }
					]}
					onchoose={(lean) => set({ lean })}
				/>
			{/if}
		</div>
		<div class="grid grid-cols-2 gap-3 sm:grid-cols-4">
			{#if recipe.motif === 'rope'}
				<label class="grid gap-1"
					><span class="text-quiet">Cross</span>
					<input
						class="input font-mono"
						value={recipe.name}
						oninput={(event) => set({ name: event.currentTarget.value })}
						autocomplete="off"
						spellcheck="false"
					/></label
				>
			{:else}
				{@render number('Stitches a strand', 'width', 1, 6)}
			{/if}
			{#if TIMES[recipe.motif]}{@render number(TIMES[recipe.motif]!, 'times', 2, 12)}{/if}
			{#if steps}{@render number('Stitches a step', 'step', 1, 3)}{/if}
			{@render number('Rows to the next', 'spacing', 2, 40)}
			{#if recipe.motif !== 'travelling'}{@render number('Repeats', 'repeats', 1, 40)}{/if}
			{@render number('Ground beside', 'beside', 0, 12)}
			{#if !recipe.rounds}{@render number('Garter edge', 'edge', 0, 8)}{/if}
			{@render number('Garter rows', 'border', 0, 20)}
		</div>
		<p class="text-quiet">
			Usual spacing here: a cross every {usual} rows.
			{#if recipe.spacing !== usual}<button
					type="button"
					class="font-semibold text-base-content underline underline-offset-3"
					onclick={() => set({ spacing: usual })}>Take it</button
				>{/if}
		</p>
		<label class="flex items-start gap-2.5">
			<input
				type="checkbox"
				class="mt-1 size-5 accent-current"
				checked={recipe.flare}
				onchange={(event) => set({ flare: event.currentTarget.checked })}
			/>
			<span
				>Add stitches to the ropes above the lower edge and take them away below the upper, so that the ends
				do not flare</span
			>
		</label>
		{#if !made.ok}<p role="alert" class="font-semibold text-error">{made.error.message}</p>{/if}
		<div><button class="btn btn-primary" disabled={!made.ok}>{press}</button></div>
	</div>
	<div class="max-h-96 overflow-hidden rounded-2xl" aria-hidden="true">
		{#if working}<SwatchPicture {working} hands={settings.value} rows={40} />{/if}
	</div>
</form>
