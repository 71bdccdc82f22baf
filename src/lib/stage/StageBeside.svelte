<script lang="ts">
	import type { Saving } from '$core/teaching/savings';
	import { lateSaid } from '$core/teaching/minutes';
	import type { Rates } from '$core/planning/rates';
	import type { Classroom } from './classroom.svelte';
	import StageDrawer from './StageDrawer.svelte';
	import MarkFields from './MarkFields.svelte';
	import type { Stage } from './stage.svelte';

	/** Beside the stage, for the teacher: what to leave out when it is late, what was noted, who struggled. */
	let {
		stage,
		room,
		late,
		rates,
		onwindow,
		onclose,
		onopen
	}: {
		stage: Stage;
		room: Classroom;
		late: number;
		rates: Rates;
		onwindow: (as: 'class' | 'notes') => void;
		onclose: () => void;
		onopen: (aside: HTMLElement) => void;
	} = $props();

	const part = $derived(stage.now!.part);
	const marks = $derived(room.marks[part.id] ?? {});
	// What parts need is reckoned from their rows: it comes when somebody is late.
	let saving = $state.raw<typeof import('$core/teaching/savings')>();
	$effect(() => {
		if (late >= 1) void import('$core/teaching/savings').then((module) => (saving = module));
	});
	/** minutes that were given up already of what is to come */
	const spared = $derived(
		saving?.sparedAhead(stage.written, stage.lesson, stage.moment.at, stage.moment.dropped) ?? 0
	);
	const toSave = $derived(late - spared);
	const offered = $derived(
		toSave >= 1 && saving
			? saving.savings(stage.lesson, stage.moment.at, toSave, rates, stage.moment.dropped)
			: []
	);
	const dropped = $derived(stage.parts.filter((one) => stage.isDropped(one.part.id)));

	function save({ part, does, to }: Saving) {
		const { dropped, minutes } = stage.moment;
		if (does === 'drop') stage.set({ dropped: [...dropped, part.id] });
		else stage.set({ minutes: { ...minutes, [part.id]: to } });
	}
	const takeBack = (id: string) => stage.set({ dropped: stage.moment.dropped.filter((one) => one !== id) });
</script>

<StageDrawer title="Beside this part" {onclose} {onopen}>
	{#snippet leave()}Close{/snippet}
	<div class="mt-3"><MarkFields {marks} onmark={(fields) => room.mark(Date.now(), part.id, fields)} /></div>

	<h2 class="mt-6 text-xl">The clock</h2>
	{#if !room.isOn}
		<p class="mt-1">The clock is not running. Start it when the class begins.</p>
	{:else if offered.length > 0}
		<p class="mt-1">
			{lateSaid(late)}{spared >= 1 ? `, and ${Math.round(spared)} of them made up` : ''}. To end on time:
		</p>
		<ul class="mt-2 grid gap-2">
			{#each offered as saving (saving.part.id)}
				<li class="grid gap-1 border-t border-hairline pt-2">
					<span>{saving.part.title}, {saving.part.minutes} min</span>
					<button type="button" class="btn btn-outline" onclick={() => save(saving)}
						>{saving.does === 'drop' ? 'Leave it out' : `Give it ${saving.to} minutes`}</button
					>
				</li>
			{/each}
		</ul>
	{:else}
		<p class="mt-1">
			{late >= 1 && toSave < 1
				? `${lateSaid(late)}, and made up by what you left out.`
				: late >= 1
					? `${lateSaid(late)}, and what is left is all needed. Let the last practice be homework.`
					: `${lateSaid(late)}; nothing to leave out.`}
		</p>
	{/if}
	{#if dropped.length > 0}
		<h3 class="mt-4 font-semibold">Left out today</h3>
		<ul class="mt-1 grid gap-2">
			{#each dropped as { part: one } (one.id)}
				<li class="flex items-center justify-between gap-3">
					<span>{one.title}</span>
					<button type="button" class="btn" onclick={() => takeBack(one.id)}>Put back</button>
				</li>
			{/each}
		</ul>
	{/if}

	<h2 class="mt-6 text-xl">Windows</h2>
	<p class="mt-2 flex flex-wrap gap-2">
		<button type="button" class="btn btn-outline" onclick={() => onwindow('class')}
			>For the class <kbd class="kbd">B</kbd></button
		>
		<button type="button" class="btn btn-outline" onclick={() => onwindow('notes')}
			>For me <kbd class="kbd">Shift B</kbd></button
		>
	</p>
</StageDrawer>
