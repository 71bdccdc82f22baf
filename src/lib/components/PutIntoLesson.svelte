<script lang="ts">
	import { resolve } from '$app/paths';
	import type { Crossing } from '$core/crossing/crossing';
	import type { Way } from '$core/ways/ways';
	import { newId } from '$lib/id';
	import { makeLesson, picturePart, postChange, showPart } from '$lib/lesson.svelte';

	/** Adds the crossing at the end of a lesson: made in this way as a part to show, or else as a numbered picture. */
	let {
		lessons,
		name,
		crossing,
		way,
		where,
		onput
	}: {
		lessons: readonly { id: string; title: string }[];
		name: string;
		crossing: Crossing;
		/** a way with a name; without one it goes in as a picture */
		way: Way | null;
		/** what it is made in, as the title of a picture says it */
		where: string;
		onput: () => void;
	} = $props();

	let title = $state('');
	let put = $state<{ id: string; title: string } | null>(null);

	function into(lesson: { id: string; title: string }) {
		postChange(lesson.id, way ? showPart(name, crossing, way) : picturePart(name, crossing, where), 0);
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
		<a class="press press-main" href={resolve('/lessons/[id]', { id: put.id })}>Open the lesson</a>
		<button type="button" class="press" onclick={onput}>Stay at the Bench</button>
	</p>
{:else}
	<p class="mb-3 text-quiet">
		{way ? `${way.title}, ${way.movements} moves.` : 'As a numbered picture, before and after.'} It goes to the
		end of the lesson.
	</p>
	{#if lessons.length > 0}
		<ul class="mb-5 grid gap-2">
			{#each lessons as lesson (lesson.id)}
				<li>
					<button
						type="button"
						class="press w-full justify-start! press-quiet text-left"
						onclick={() => into(lesson)}
					>
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
				class="field"
				bind:value={title}
				maxlength="200"
				placeholder="Lesson on {name}"
				autocomplete="off"
			/>
			<button class="press shrink-0 press-main">Make it</button>
		</div>
	</form>
{/if}
