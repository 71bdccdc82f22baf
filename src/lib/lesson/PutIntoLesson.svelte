<script lang="ts">
	import { resolve } from '$app/paths';
	import type { Change } from '$core/lesson/lesson';
	import { newId } from '$lib/client/id';
	import { isOnItsWay, makeLesson, postChange } from './openLesson.svelte';
	import type { Named } from '$lib/wire/shapes';

	/** Puts something at the end of a lesson, one there is or a new one. */
	let {
		lessons,
		name,
		says,
		changes,
		stay,
		onput
	}: {
		lessons: readonly Named[];
		/** what goes in, as a new lesson on it would be called */
		name: string;
		/** how it goes in */
		says: string;
		/** what it changes in a lesson; made anew for each, because parts have ids of their own */
		changes: () => readonly Change[];
		/** the words for staying where one is */
		stay: string;
		onput: () => void;
	} = $props();

	let title = $state('');
	let put = $state<Named | null>(null);

	function into(lesson: Named) {
		for (const change of changes()) postChange(lesson.id, change, 0);
		put = lesson;
	}

	function makeNew(event: SubmitEvent) {
		event.preventDefault();
		const lesson = { id: newId(), title: title.trim() || `Lesson on ${name}` };
		makeLesson(lesson.id, lesson.title);
		into(lesson);
	}
</script>

{#if put}
	<p class="mb-4 text-lg" role="status">It stands at the end of “{put.title}”.</p>
	<p class="flex flex-wrap gap-3">
		{#if isOnItsWay(put.id)}
			<span class="content-center">On its way to the server …</span>
		{:else}
			<a class="btn btn-primary" href={resolve('/lessons/[id]', { id: put.id })}>Open the lesson</a>
		{/if}
		<button type="button" class="btn btn-outline" onclick={onput}>{stay}</button>
	</p>
{:else}
	<p class="mb-3 text-quiet">{says} It goes to the end of the lesson.</p>
	{#if lessons.length > 0}
		<ul class="mb-5 grid gap-2">
			{#each lessons as lesson (lesson.id)}
				<li>
					<button type="button" class="btn w-full justify-start! text-left" onclick={() => into(lesson)}>
						{lesson.title || 'Lesson without a name'}
					</button>
				</li>
			{/each}
		</ul>
	{/if}
	<form class="grid gap-2" onsubmit={makeNew}>
		<label class="font-semibold" for="new-lesson">Or a new lesson</label>
		<div class="flex gap-2">
			<input
				id="new-lesson"
				class="input"
				bind:value={title}
				maxlength="200"
				placeholder="Lesson on {name}"
				autocomplete="off"
			/>
			<button class="btn shrink-0 btn-primary">Create</button>
		</div>
	</form>
{/if}
