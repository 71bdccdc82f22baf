<script lang="ts">
	import { ASSUMED_GAUGE } from '$core/swatch/measure';
	import CountField from '$lib/ui/CountField.svelte';
	import { WRITTEN_SCHOOLS, type WrittenSchool } from '$core/naming/schools';
	import Choices from '$lib/ui/Choices.svelte';
	import Field from '$lib/ui/Field.svelte';
	import type { SheetChoices } from './choices.svelte';
	import { handsChosen, handsOf, wordsFor } from '$lib/ui/words';
	import { getSettings } from '$lib/client/settings.svelte';
	import { ui } from '$lib/words/ui';

	/** For whom the sheet is: hands, words, names, size, and whose it is. */
	let { choices, rows }: { choices: SheetChoices; rows: boolean } = $props();

	const words = wordsFor(ui(getSettings()));

	const options = $derived(choices.options);
	const CENTIMETRE = 10;
</script>

<div class="grid gap-3">
	<Choices
		label="Hands"
		value={handsOf(options)}
		choices={words.hands()}
		onchoose={(to) => choices.set(handsChosen(to))}
	/>
	<Choices
		label="Yarn in"
		value={options.yarnHand ?? 'right'}
		choices={words.yarnHands()}
		onchoose={(yarnHand) => choices.set({ yarnHand })}
	/>
	<Choices
		label="Words"
		value={options.terms ?? 'us'}
		choices={[
			{ value: 'us', label: 'US' },
			{ value: 'uk', label: 'UK' }
		]}
		onchoose={(terms) => choices.set({ terms })}
	/>
	<Choices
		label="Names"
		value={options.school ?? 'written'}
		choices={[
			{ value: 'written', label: 'as the lesson has them' },
			...WRITTEN_SCHOOLS.map((school) => ({ value: school, label: words.school(school) }))
		]}
		onchoose={(to) => choices.set({ school: to === 'written' ? undefined : (to as WrittenSchool) })}
	/>
	<Choices
		label="Print"
		value={options.large ? 'large' : options.compact ? 'compact' : 'usual'}
		choices={[
			{ value: 'usual', label: 'usual' },
			{ value: 'compact', label: 'compact: a cross on two pages' },
			{ value: 'large', label: 'large' }
		]}
		onchoose={(to) => choices.set({ large: to === 'large', compact: to === 'compact' })}
	/>
	<Field
		label="The teacher’s name"
		value={options.by ?? ''}
		maxlength={80}
		oninput={(event) => choices.set({ by: event.currentTarget.value })}
	/>
	{#if rows}
		<div class="grid grid-cols-2 gap-3">
			<CountField
				label="Wished length, cm"
				value={options.wishedMm === undefined ? undefined : options.wishedMm / CENTIMETRE}
				least={2}
				most={500}
				places={1}
				placeholder={20}
				optional
				wide
				onset={(cm) => choices.set({ wishedMm: cm === null ? undefined : Math.round(cm * CENTIMETRE) })}
			/>
			<CountField
				label="Rows to 10 cm"
				value={options.rows}
				least={5}
				most={99}
				places={1}
				placeholder={ASSUMED_GAUGE.rows}
				optional
				wide
				onset={(rows) => choices.set({ rows: rows ?? undefined })}
			/>
		</div>
	{/if}
</div>
