<script lang="ts">
	import { KIND_FACTS, type Answer } from '$core/practice/exercise';
	import { slipFacts, type SlipId } from '$core/faults/slip';
	import type { Medium } from '$core/technique/medium';
	import { acrossFor } from '$core/ways/handed';
	import { crossIn, handsOf } from '$core/practice/shown';
	import { getSettings } from '$lib/client/settings.svelte';
	import ClothPicture from '$lib/drawing/ClothPicture.svelte';
	import MadePicture from '$lib/drawing/MadePicture.svelte';
	import OrderNumbers from './OrderNumbers.svelte';
	import type { Asked } from './practiceErrand';
	import PutMoves from './PutMoves.svelte';
	import { inNumbers } from './words';

	/** One exercise as a learner meets it: what is seen, and what answers it. */
	let { asked, medium, onanswer }: { asked: Asked; medium: Medium; onanswer: (answer: Answer) => void } =
		$props();

	const settings = getSettings();
	const exercise = $derived(asked.exercise);
	const by = $derived(KIND_FACTS[exercise.kind].by);
	const hands = $derived(handsOf(exercise));
	const cross = $derived(crossIn(exercise));
	let typed = $state('');
	const choices = $derived(
		by === 'side'
			? [
					{ says: 'in front', answer: 'front' },
					{ says: settings.value.terms === 'uk' ? 'at the back' : 'in back', answer: 'back' }
				]
			: (exercise.choices ?? []).map((choice, i) => ({
					says: typeof choice === 'string' ? saidOf(choice) : '',
					cloth: typeof choice === 'string' ? undefined : choice,
					answer: i
				}))
	);
	const saidOf = (choice: string) => (exercise.kind === 'fault' ? slipFacts(choice as SlipId).name : choice);
</script>

<h2 class="font-serif text-2xl leading-snug font-medium" tabindex="-1" {@attach (head) => head.focus()}>
	{exercise.ask}
</h2>
<div class="mt-4">
	{#if cross && by === 'positions'}
		<OrderNumbers {cross} {hands} wants={exercise.kind === 'numbers' ? 'order' : 'fronts'} {onanswer} />
	{:else if by === 'moves'}
		<PutMoves words={asked.words} {onanswer} />
	{:else}
		{#if by === 'name' && cross}
			<div class="mx-auto max-w-md">
				<ClothPicture crossing={cross.cloth} from={hands.hand} alt={inNumbers(cross.played)} />
			</div>
		{:else if exercise.kind === 'fault' && asked.cloth && cross}
			<div class="mx-auto max-w-sm">
				<MadePicture
					meant={cross.played}
					state={asked.cloth}
					from={hands.hand}
					rings={false}
					alt="The cloth that came of it"
				/>
			</div>
		{:else if asked.rows !== null}
			{#await import('./RowsAsked.svelte') then { default: RowsAsked }}
				<RowsAsked {exercise} rows={asked.rows} {medium} />
			{/await}
		{/if}
		{#if by === 'name' || by === 'rows'}
			<form
				class="mt-4 flex gap-2"
				onsubmit={(event) => {
					event.preventDefault();
					if (typed.trim() === '') return;
					onanswer(by === 'name' ? typed.trim() : Math.max(0, Math.trunc(Number(typed) || 0)));
				}}
			>
				<input
					class="input min-w-0 flex-1 text-xl"
					aria-label={by === 'name' ? 'Its name' : 'Rows'}
					inputmode={by === 'name' ? 'text' : 'numeric'}
					autocomplete="off"
					autocapitalize="off"
					maxlength="60"
					bind:value={typed}
				/>
				<button class="btn min-h-13 btn-primary">That is it</button>
			</form>
		{:else}
			<ul class="choices" class:cloths={exercise.kind === 'cloth'}>
				{#each choices as choice (choice.answer)}
					<li>
						<button type="button" class="choice" onclick={() => onanswer(choice.answer)}>
							{#if 'cloth' in choice && choice.cloth}
								<ClothPicture
									crossing={choice.cloth}
									from={hands.hand}
									numbers={false}
									alt={inNumbers(acrossFor(choice.cloth, hands, medium))}
								/>
							{:else}{choice.says}{/if}
						</button>
					</li>
				{/each}
			</ul>
		{/if}
	{/if}
</div>

<style>
	h2:focus-visible {
		outline: none;
	}
	.choices {
		display: grid;
		gap: 0.6rem;
		margin-top: 1rem;
	}
	.cloths {
		grid-template-columns: repeat(2, minmax(0, 1fr));
	}
	.choice {
		width: 100%;
		min-height: 3.2rem;
		padding: 0.6rem 0.8rem;
		border: 2px solid var(--color-outline);
		border-radius: 0.9rem;
		background: var(--color-base-100);
		text-align: left;
		line-height: 1.35;
		cursor: pointer;
	}
	.choice:hover {
		border-color: var(--color-base-content);
	}
</style>
