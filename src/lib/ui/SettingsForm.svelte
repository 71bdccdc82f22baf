<script lang="ts">
	import { getSettings } from '$lib/client/settings.svelte';
	import type { Settings } from '$lib/wire/settings';
	import OneOf from './OneOf.svelte';

	/** Whose hands and words, and how it looks. Each takes effect at once, on every sentence and picture. */
	let {
		fields
	}: { /** those that are asked for; all where nothing is said */ fields?: readonly (keyof Settings)[] } =
		$props();

	const settings = getSettings();

	interface Choice {
		field: keyof Settings;
		legend: string;
		choices: readonly { value: string | boolean; label: string }[];
		/** for whom it is */
		says?: string;
	}

	const CHOICES: readonly Choice[] = [
		{
			field: 'hand',
			legend: 'Knitting',
			choices: [
				{ value: 'right', label: 'Right-handed' },
				{ value: 'left', label: 'Left-handed' }
			]
		},
		{
			field: 'keep',
			legend: 'Left-handed knitters keep',
			choices: [
				{ value: 'fabric', label: 'The fabric: holds change sides' },
				{ value: 'words', label: 'The words: cloth comes out mirrored' }
			]
		},
		{
			field: 'yarnHand',
			legend: 'Yarn carried in',
			choices: [
				{ value: 'right', label: 'Right hand' },
				{ value: 'left', label: 'Left hand' }
			]
		},
		{
			field: 'terms',
			legend: 'Words',
			choices: [
				{ value: 'us', label: 'US' },
				{ value: 'uk', label: 'UK' }
			]
		},
		{
			field: 'units',
			legend: 'Lengths',
			choices: [
				{ value: 'cm', label: 'Centimetres, A4' },
				{ value: 'in', label: 'Inches, Letter' }
			]
		},
		{
			field: 'theme',
			legend: 'Light',
			choices: [
				{ value: 'system', label: 'As this device' },
				{ value: 'day', label: 'Day' },
				{ value: 'evening', label: 'Evening' }
			]
		},
		{
			field: 'singleKeys',
			legend: 'Keys of one letter or sign',
			choices: [
				{ value: true, label: 'On' },
				{ value: false, label: 'Off' }
			],
			says: 'Turn them off if you speak to your device, or press keys by mistake.'
		}
	];

	const shown = $derived(
		CHOICES.filter(({ field }) => fields?.includes(field) ?? true).filter(
			({ field }) => field !== 'keep' || settings.value.hand === 'left'
		)
	);
</script>

<div class="grid gap-4">
	{#each shown as { field, legend, choices, says } (field)}
		<div>
			<OneOf
				{legend}
				value={settings.value[field] as string | boolean}
				{choices}
				onchoose={(value) => settings.change({ [field]: value })}
			/>
			{#if says}<p class="mt-1.5 text-sm text-quiet">{says}</p>{/if}
		</div>
	{/each}
</div>
