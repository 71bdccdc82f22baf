<script lang="ts">
	import { counted } from '$core/naming/numbers';
	import { onMount } from 'svelte';
	import { listNames } from '$core/formats/askedNames';
	import { askedCrossings, draftAround, taughtOtherwise } from '$core/planning/around';
	import { minutesOf, type Lesson } from '$core/lesson/lesson';
	import type { Rates } from '$core/planning/rates';
	import { getJson } from '$lib/client/requests';
	import { newId } from '$lib/client/id';
	import type { OpenLesson } from './openLesson.svelte';
	import { earlierLessonShape, lessonVersionAt } from '$lib/wire/lesson';

	/** The lesson drafted again around what the teacher changed in it, to look at before it is taken. */
	let { open, rates, ontake }: { open: OpenLesson; rates: Rates; ontake: () => void } = $props();

	let drafted = $state.raw<Lesson | null>(null);
	let wrong = $state<string | null>(null);
	onMount(async () => {
		const answer = await getJson(lessonVersionAt(open.id, 'drafted'), earlierLessonShape);
		if (answer.ok) drafted = answer.value.lesson;
		else wrong = answer.error.message;
	});
	/** crosses that are to go, by their ids, and names of those that are to come */
	let without = $state.raw<readonly string[]>([]);
	let more = $state('');
	const added = $derived(askedCrossings(listNames(more), open.lesson.medium, newId));
	const again = $derived(
		drafted &&
			(added.ok
				? draftAround(
						taughtOtherwise(open.lesson, without, added.value),
						drafted,
						rates,
						newId,
						added.value.map(({ id }) => id)
					)
				: added)
	);
	const drop = (id: string) =>
		(without = without.includes(id) ? without.filter((one) => one !== id) : [...without, id]);

	function take(lesson: Lesson, own: readonly string[]) {
		open.change({ kind: 'restore', lesson, own }, { said: 'Drafted again.' });
		ontake();
	}
</script>

<fieldset class="mb-4 grid gap-x-8 sm:grid-cols-2">
	<legend class="text-quiet">Crosses to teach: take one out, or another in, and see what changes</legend>
	<div>
		{#each open.lesson.crossings as { id, name } (id)}
			<label class="flex min-h-11 items-center gap-3">
				<input
					type="checkbox"
					class="size-5 accent-base-content"
					checked={!without.includes(id)}
					onchange={() => drop(id)}
				/>
				<span class="font-mono">{name}</span>
			</label>
		{/each}
	</div>
	<label class="grid content-start gap-1">
		<span class="text-quiet">and also</span>
		<input class="input w-full font-mono" bind:value={more} autocomplete="off" spellcheck="false" />
	</label>
</fieldset>
<p role="alert" class="font-semibold text-error empty:hidden">
	{wrong ?? (again && !again.ok ? again.error.message : '')}
</p>
{#if again?.ok}
	{@const { lesson, own, dropped, away, left } = again.value}
	<p>
		{#if own.length + dropped.length + away.length === 0}
			Nothing in it is changed by hand, so it is drafted as it was.
		{:else if own.length > 0}
			{own.length === 1 ? 'One part is yours and stays' : `${own.length} parts are yours and stay`}; the rest
			is drafted anew into what time is left.
		{:else}
			The rest is drafted anew around what you took out.
		{/if}
		{minutesOf(lesson)} of {counted(lesson.minutes, 'minute')}.
	</p>
	{#each dropped as name (name)}
		<p class="mt-1">
			<strong>{name}</strong> is taught nowhere any more: its question, its mend and its place in title, homework
			and key go as well.
		</p>
	{/each}
	{#if away.length > 0}<p class="mt-1">You took out, and it stays out: {away.join('; ')}.</p>{/if}
	{#if left.length > 0}<p class="mt-1">For another day: {left.join(', ')}.</p>{/if}
	<ol class="my-4 divide-y divide-hairline">
		{#each lesson.parts as part (part.id)}
			<li class="flex items-baseline justify-between gap-4 py-2">
				<span class={own.includes(part.id) ? 'font-semibold' : ''}
					>{part.title}{#if own.includes(part.id)}<span class="font-normal text-quiet">
							· yours</span
						>{/if}</span
				>
				<span class="shrink-0 text-quiet">{part.minutes} min</span>
			</li>
		{/each}
	</ol>
	<button type="button" class="btn btn-primary" onclick={() => take(lesson, own)}>Take this draft</button>
{:else if !again && !wrong}
	<p>Drafting …</p>
{/if}
