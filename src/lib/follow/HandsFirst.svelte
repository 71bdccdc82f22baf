<script lang="ts">
	import OneOf from '$lib/ui/OneOf.svelte';
	import SettingsForm from '$lib/ui/SettingsForm.svelte';
	import { follow } from '$lib/words/follow';
	import { untrack } from 'svelte';
	import type { OwnHands } from './ownHands.svelte';

	/** Whose hands, words and print: chosen once on this phone, right to begin with for most. */
	let {
		hands,
		says,
		named = true,
		ondone
	}: {
		hands: OwnHands;
		/** what the button says that ends it */
		says: string;
		/** a name may be written, for a class that is followed */
		named?: boolean;
		ondone: () => void;
	} = $props();

	const say = untrack(() => follow(hands));
	const uid = $props.id();
	/** how numbers look where they are written in other ways */
	const NUMBERS = ['en-GB', 'de-DE', 'fr-FR', 'de-CH', 'ar-EG', 'hi-IN'] as const;
	const sample = (locale: string | undefined) => (1_234.5).toLocaleString(locale);
	const asHere = sample(undefined);
	const others = NUMBERS.filter((locale) => sample(locale) !== asHere);
</script>

<div class="grid gap-4">
	<SettingsForm fields={['hand', 'keep', 'yarnHand', 'terms', 'theme']} />
	<OneOf
		legend={say('follow-text-size')}
		value={hands.print}
		choices={[
			{ value: 'usual', label: say('follow-text-usual') },
			{ value: 'large', label: say('follow-text-large') }
		]}
		onchoose={(print) => hands.choose({ print })}
	/>
	<div class="grid gap-1.5">
		<label for="{uid}-numbers" class="font-semibold text-quiet">{say('follow-numbers')}</label>
		<select
			id="{uid}-numbers"
			class="select"
			value={hands.numbers ?? ''}
			onchange={(event) => hands.choose({ locale: event.currentTarget.value || null })}
		>
			<option value="">{say('follow-numbers-here', { sample: asHere })}</option>
			{#each others as locale (locale)}<option value={locale}>{sample(locale)}</option>{/each}
		</select>
	</div>
	{#if named}
		<div class="grid gap-1.5">
			<label for="{uid}-name" class="font-semibold text-quiet">{say('follow-name')}</label>
			<input
				id="{uid}-name"
				class="input"
				maxlength="40"
				autocomplete="off"
				value={hands.name}
				onchange={(event) => hands.choose({ name: event.currentTarget.value.trim() })}
			/>
			<p class="text-sm text-quiet">
				{say('follow-name-why')}
			</p>
		</div>{/if}
	<button type="button" class="btn min-h-14 justify-center text-lg btn-primary" onclick={ondone}
		>{says}</button
	>
</div>
