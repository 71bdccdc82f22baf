<script lang="ts">
	import { counted } from '$core/naming/numbers';
	import { onMount } from 'svelte';
	import { draftAround } from '$core/planning/around';
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
		const answer = await getJson(lessonVersionAt(open.id, 'first'), earlierLessonShape);
		if (answer.ok) drafted = answer.value.lesson;
		else wrong = answer.error.message;
	});
	const again = $derived(drafted && draftAround(open.lesson, drafted, rates, newId));

	function take(lesson: Lesson) {
		open.change({ kind: 'restore', lesson }, { said: 'Drafted again.' });
		ontake();
	}
</script>

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
	<button type="button" class="btn btn-primary" onclick={() => take(lesson)}>Take this draft</button>
{:else if !again && !wrong}
	<p>Drafting …</p>
{/if}
