<script lang="ts">
	import type { Yarn } from '$core/measures/schema';
	import { FIBRES } from '$core/measures/finish';
	import Choices from '$lib/ui/Choices.svelte';
	import CountField from '$lib/ui/CountField.svelte';
	import Field from '$lib/ui/Field.svelte';

	/** A yarn by its label. */
	let {
		yarn,
		named = false,
		onset
	}: {
		yarn: Yarn;
		/** its name, colour and lot too */
		named?: boolean;
		onset: (yarn: Yarn) => void;
	} = $props();

	const NAMES = [
		{ field: 'name', label: 'Yarn' },
		{ field: 'colour', label: 'Colour' },
		{ field: 'lot', label: 'Lot' }
	] as const;
	const fibres = $derived(
		[...new Set([...FIBRES, yarn.fibre])]
			.filter(Boolean)
			.map((value) => ({ value: value as string, label: value }))
	);
</script>

{#if named}
	<div class="grid gap-3 sm:grid-cols-3">
		{#each NAMES as { field, label } (field)}
			<Field
				{label}
				value={yarn[field] ?? ''}
				maxlength={200}
				autocomplete="off"
				oninput={(event) => onset({ ...yarn, [field]: event.currentTarget.value })}
			/>
		{/each}
	</div>
{/if}
<div class="grid grid-cols-2 gap-3">
	<CountField
		label="Grams in a ball"
		value={yarn.gramsPerBall}
		least={1}
		most={5000}
		wide
		onset={(gramsPerBall) => onset({ ...yarn, gramsPerBall })}
	/>
	<CountField
		label="Metres in a ball"
		value={yarn.metresPerBall}
		least={1}
		most={20000}
		wide
		onset={(metresPerBall) => onset({ ...yarn, metresPerBall })}
	/>
	<Choices
		label="Fibre"
		value={yarn.fibre}
		choices={fibres}
		onchoose={(fibre) => onset({ ...yarn, fibre })}
	/>
</div>
