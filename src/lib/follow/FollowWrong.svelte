<script lang="ts">
	import { untrack } from 'svelte';
	import MendPanel from '$lib/mending/MendPanel.svelte';
	import PlayedHere from '$lib/mending/PlayedHere.svelte';
	import { OpenFinding } from '$lib/mending/openFinding.svelte';
	import { getSettings } from '$lib/client/settings.svelte';
	import type { Stage } from '$lib/stage/stage.svelte';
	import { askedOf } from '$lib/stage/wrongCloth.svelte';
	import Choices from '$lib/ui/Choices.svelte';
	import { follow } from '$lib/words/follow';

	/** A learner’s own cloth looks wrong: what it should be, and the questions that lead to the cause and its mend. */
	let { stage }: { stage: Stage } = $props();

	const settings = getSettings();
	const say = follow(settings);
	const crossings = $derived(stage.lesson.crossings);
	let crossing = $state(untrack(() => stage.seen?.taught.id ?? stage.lesson.crossings.at(0)?.id));
	const open = new OpenFinding(() => askedOf(stage, crossing, settings));
	$effect(() => {
		if (crossing) void open.open();
	});
</script>

{#if !crossing}
	<p>{say('follow-no-cross')}</p>
{:else}
	<div class="grid gap-4">
		{#if crossings.length > 1}
			<Choices
				label={say('follow-which-cross')}
				value={crossing}
				choices={crossings.map(({ id, name }) => ({ value: id, label: name }))}
				onchoose={(to) => (crossing = to)}
			/>
		{/if}
		{#if open.finding}
			{#if open.finding.cause}<PlayedHere finding={open.finding} />{/if}
			<MendPanel finding={open.finding} pictured={false} />
		{/if}
	</div>
{/if}
