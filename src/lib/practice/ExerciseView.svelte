<script lang="ts">
	import type { Crossing } from '$core/crossing/crossing';
	import type { Answer } from '$core/practice/exercise';
	import { SLIP_WORDS } from '$core/faults/words';
	import type { Medium } from '$core/technique/medium';
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
	const given = $derived(exercise.given as { crossing: Crossing });
	let typed = $state('');
	const choices = $derived(
		exercise.kind === 'hold'
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
	const saidOf = (choice: string) =>
		exercise.kind === 'fault' ? SLIP_WORDS[choice as keyof typeof SLIP_WORDS].name : choice;
</script>

<h2 class="font-serif text-2xl leading-snug font-medium" tabindex="-1" {@attach (head) => head.focus()}>
	{exercise.ask}
</h2>
<div class="mt-4">
	{#if exercise.kind === 'numbers' || exercise.kind === 'front'}
		<OrderNumbers
			crossing={given.crossing}
			wants={exercise.kind === 'numbers' ? 'order' : 'fronts'}
			{onanswer}
		/>
	{:else if exercise.kind === 'script'}
		<PutMoves words={asked.words} {onanswer} />
	{:else}
		{#if exercise.kind === 'name'}
			<div class="mx-auto max-w-md">
				<ClothPicture
					crossing={given.crossing}
					alt="Stitches {given.crossing.order.join(' ')} after the cross"
				/>
			</div>
		{:else if exercise.kind === 'fault' && asked.cloth}
			<div class="mx-auto max-w-sm">
				<MadePicture
					meant={given.crossing}
					state={asked.cloth}
					rings={false}
					alt="The cloth that came of it"
				/>
			</div>
		{:else if asked.rows !== null}
			{#await import('./RowsAsked.svelte') then { default: RowsAsked }}
				<RowsAsked {exercise} rows={asked.rows} {medium} />
			{/await}
		{/if}
		{#if exercise.kind === 'name' || exercise.kind === 'count-rows'}
			<form
				class="mt-4 flex gap-2"
				onsubmit={(event) => {
					event.preventDefault();
					if (typed.trim() === '') return;
					onanswer(exercise.kind === 'name' ? typed.trim() : Math.max(0, Math.trunc(Number(typed) || 0)));
				}}
			>
				<input
					class="input min-w-0 flex-1 text-xl"
					aria-label={exercise.kind === 'name' ? 'Its name' : 'Rows'}
					inputmode={exercise.kind === 'name' ? 'text' : 'numeric'}
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
								<ClothPicture crossing={choice.cloth} numbers={false} alt={inNumbers(choice.cloth)} />
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
