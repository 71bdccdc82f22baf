<script lang="ts">
	import { resolve } from '$app/paths';
	import { clockAt } from '$core/lesson/lesson';
	import { lateSaid } from '$core/teaching/minutes';
	import { outbox } from '$lib/client/outbox.svelte';
	import { getSettings } from '$lib/client/settings.svelte';
	import Icon from '$lib/ui/Icon.svelte';
	import { timeSaid } from '$lib/ui/locale';
	import Dialog from '$lib/ui/Dialog.svelte';
	import SaveState from '$lib/ui/SaveState.svelte';
	import type { Lead } from './lead.svelte';

	/** What is on, how far it is, and the clock of the class. */
	let { lead, now, onend, onwhole }: { lead: Lead; now: number; onend: () => void; onwhole: () => void } =
		$props();

	const settings = getSettings();
	const stage = $derived(lead.stage);
	const part = $derived(lead.part);
	/** how many want it shown with the left hand as well; who they are is for the teacher’s own window */
	const lefts = $derived(stage.lesson.leftHanded ?? 0);
	let ending = $state(false);
</script>

<header class="flex flex-wrap items-center gap-x-5 gap-y-1 px-5 pt-4 pb-3 sm:px-10">
	<h1 class="min-w-0 font-serif text-[1.4rem] font-medium sm:text-[1.7rem]">
		{stage.wrongTitle ?? part?.title ?? stage.lesson.title}
	</h1>
	{#if !stage.wrongShown && (stage.script || stage.steps > 1)}
		<p class="opacity-85 sm:text-lg" data-testid="step">
			step {stage.moment.step + 1} of {stage.steps}{stage.repeat?.said ? ` · ${stage.repeat.said}` : ''}
		</p>
	{/if}
	{#if lefts && part?.kind === 'show' && stage.voice.hand === 'right'}<p class="opacity-85 sm:text-lg">
			left hands: {lefts}
		</p>{/if}
	{#if stage.moment.school && stage.seen}<p class="opacity-85 sm:text-lg">{stage.seen.taught.name}</p>{/if}
	<div class="ml-auto flex items-center gap-2">
		{#if outbox.state !== 'saved'}<div class="hidden sm:block"><SaveState /></div>{/if}
		{#if stage.now && part}
			<p class="mr-2 sm:text-lg" data-testid="clock">
				{#if lead.room.isOn}
					{timeSaid(now, settings.locale)} · {lead.room.running ? lateSaid(lead.late) : 'paused'}
				{:else}
					{clockAt(stage.lesson, stage.now.from, settings.locale)} · {part.minutes} min
				{/if}
			</p>
			<button type="button" class="btn btn-outline" onclick={() => lead.startOrPause(Date.now())}
				>{lead.room.running ? 'Pause' : lead.room.isOn ? 'Go on' : 'Start the clock'}
				<kbd class="kbd hidden sm:inline-block">T</kbd></button
			>
			{#if lead.room.isOn}<button
					type="button"
					class="btn btn-outline"
					onclick={() => (ending = true)}
					aria-label="End the class">End</button
				>{/if}
		{/if}
		<button type="button" class="small" onclick={onwhole} aria-label="Full screen"
			><Icon name="maximize" size={22} /></button
		>
		<a class="small" href={resolve('/lessons/[id]', { id: lead.id })} aria-label="Leave the stage"
			><Icon name="x" size={24} /></a
		>
	</div>
</header>

<Dialog title="End this class?" bind:open={ending}>
	<p class="text-lg">
		The clock stops, and phones that follow walk through the lesson by themselves. What you noted is kept.
	</p>
	<p class="mt-5 flex flex-wrap gap-3">
		<button type="button" class="btn btn-primary" onclick={() => ((ending = false), onend())}
			>End the class</button
		>
		<button type="button" class="btn btn-outline" onclick={() => (ending = false)}>Cancel</button>
	</p>
</Dialog>

<style>
	.small {
		display: grid;
		place-items: center;
		min-width: 2.9rem;
		min-height: 2.9rem;
		border-radius: 0.8rem;
	}
	.small:hover {
		background: var(--color-stage-touched);
	}
</style>
