<script lang="ts">
	import type { Part } from '$core/lesson/lesson';
	import { answerFor } from '$core/lesson/answers';
	import { isRight, MOST_ANSWER } from '$core/teaching/answering';
	import { questionOf } from '$core/teaching/question';
	import { getSettings } from '$lib/client/settings.svelte';
	import { follow } from '$lib/words/follow';
	import type { Follower } from './follower.svelte';

	/** The question of a part, answered on this phone: with a number, one of several, or a few words. */
	let { follower, part }: { follower: Follower; part: Part } = $props();

	const say = follow(getSettings());
	const question = $derived(questionOf(follower.stage.lesson, part));
	const sent = $derived(follower.answers[part.id]);
	/** whether what was sent is right, once the class is told; `null` where only the teacher knows */
	const right = $derived.by(() => {
		const { lesson, moment, voice } = follower.stage;
		if (!moment.told || sent === undefined || !question) return null;
		const told =
			part.kind === 'check' ? answerFor(lesson, part, voice) : 'right' in question ? question.right : null;
		return told === null ? null : isRight(sent, told);
	});
	let typed = $state('');
	let trouble = $state<string | null>(null);

	async function send(answer: string) {
		if (!answer.trim()) {
			trouble = say('follow-answer-first');
			return;
		}
		trouble = await follower.answer(part.id, answer.trim());
	}
</script>

{#if question}
	{#if question.by === 'choice'}
		<div class="flex flex-wrap gap-2" role="group" aria-label={question.asks}>
			{#each question.choices as choice (choice)}
				<button
					type="button"
					class="btn btn-outline"
					aria-pressed={sent === choice}
					onclick={() => send(choice)}>{choice}</button
				>
			{/each}
		</div>
	{:else}
		<form
			class="flex gap-2"
			onsubmit={(event) => {
				event.preventDefault();
				void send(typed);
			}}
		>
			<input
				class="input min-w-0 flex-1 text-lg"
				aria-label={say('follow-answer')}
				placeholder={say('follow-answer')}
				inputmode={question.by === 'number' ? 'numeric' : 'text'}
				autocomplete="off"
				maxlength={MOST_ANSWER}
				bind:value={typed}
			/>
			<button class="btn btn-outline">{say('follow-answer-send')}</button>
		</form>
	{/if}
	<p class="mt-1 min-h-6 text-sm" role="status">
		{#if trouble}{trouble}{:else if sent}{say('follow-answer-sent', {
				answer: sent,
				right: right === null ? 'unknown' : right ? 'yes' : 'no'
			})}{/if}
	</p>
{/if}
