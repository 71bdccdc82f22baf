<script lang="ts">
	import type { Yarn } from '$core/measures/schema';
	import { FIBRES } from '$core/measures/finish';
	import Choices from '$lib/ui/Choices.svelte';
	import CountField from '$lib/ui/CountField.svelte';

	/** The yarn by its label; without one, a middling yarn is reckoned with, and no balls are counted. */
	let { yarn, onset }: { yarn: Yarn | null; onset: (yarn: Yarn | null) => void } = $props();

	const USUAL: Yarn = { name: '', fibre: 'wool', gramsPerBall: 50, metresPerBall: 110 };
</script>

<fieldset class="grid gap-3">
	<legend class="sr-only">The yarn</legend>
	<label class="flex items-center gap-2"
		><input
			type="checkbox"
			class="size-5 accent-base-content"
			checked={yarn !== null}
			onchange={(event) => onset(event.currentTarget.checked ? USUAL : null)}
		/> I know the yarn</label
	>
	{#if yarn}
		<div class="grid grid-cols-2 gap-3">
			<CountField
				label="Grams in a ball"
				value={yarn.gramsPerBall}
				least={1}
				most={5000}
				of="grams"
				wide
				onset={(gramsPerBall) => onset({ ...yarn, gramsPerBall })}
			/>
			<CountField
				label="Metres in a ball"
				value={yarn.metresPerBall}
				least={1}
				most={20000}
				of="metres"
				wide
				onset={(metresPerBall) => onset({ ...yarn, metresPerBall })}
			/>
			<Choices
				label="Fibre"
				value={yarn.fibre}
				choices={FIBRES.map((value) => ({ value: value as string, label: value }))}
				onchoose={(fibre) => onset({ ...yarn, fibre })}
			/>
		</div>
	{/if}
</fieldset>
