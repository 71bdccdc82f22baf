<script lang="ts">
	import { getSettings } from '$lib/client/settings.svelte';
	import { ui } from '$lib/words/ui';
	import type { Settings } from '$lib/wire/settings';
	import OneOf from './OneOf.svelte';

	/** Whose hands and words, and how it looks. Each takes effect at once, on every sentence and picture. */
	let {
		fields
	}: { /** those that are asked for; all where nothing is said */ fields?: readonly (keyof Settings)[] } =
		$props();

	const settings = getSettings();
	const say = ui(settings);

	interface Choice {
		field: keyof Settings;
		legend: string;
		choices: readonly { value: string | boolean; label: string }[];
		/** for whom it is */
		says?: string;
	}

	const CHOICES: readonly Choice[] = $derived([
		{
			field: 'hand',
			legend: say('ui-knitting'),
			choices: [
				{ value: 'right', label: say('ui-right-handed') },
				{ value: 'left', label: say('ui-left-handed') }
			]
		},
		{
			field: 'keep',
			legend: say('ui-left-keep'),
			choices: [
				{ value: 'fabric', label: say('ui-left-fabric') },
				{ value: 'words', label: say('ui-left-words') }
			]
		},
		{
			field: 'yarnHand',
			legend: say('ui-yarn-held'),
			choices: [
				{ value: 'right', label: say('ui-right-hand') },
				{ value: 'left', label: say('ui-left-hand') }
			]
		},
		{
			field: 'terms',
			legend: say('ui-terms'),
			choices: [
				{ value: 'us', label: say('ui-us') },
				{ value: 'uk', label: say('ui-uk') }
			]
		},
		{
			field: 'units',
			legend: say('ui-units'),
			choices: [
				{ value: 'cm', label: say('ui-cm') },
				{ value: 'in', label: say('ui-in') }
			]
		},
		{
			field: 'theme',
			legend: say('ui-theme'),
			choices: [
				{ value: 'system', label: say('ui-theme-system') },
				{ value: 'day', label: say('ui-theme-day') },
				{ value: 'evening', label: say('ui-theme-evening') }
			]
		},
		{
			field: 'singleKeys',
			legend: say('ui-single-keys'),
			choices: [
				{ value: true, label: say('ui-on') },
				{ value: false, label: say('ui-off') }
			],
			says: say('ui-single-keys-off')
		}
	]);

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
