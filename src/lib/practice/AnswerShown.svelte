<script lang="ts">
	import type { Crossing } from '$core/crossing/crossing';
	import type { MendState } from '$core/faults/mending';
	import type { Grade } from '$core/practice/exercise';
	import { crossIn, handsOf } from '$core/practice/shown';
	import { SLIPS, slipFacts, type SlipId } from '$core/faults/slip';
	import ClothPicture from '$lib/drawing/ClothPicture.svelte';
	import MadePicture from '$lib/drawing/MadePicture.svelte';
	import Icon from '$lib/ui/Icon.svelte';
	import type { Asked } from './practiceErrand';

	/** How an answer was: why, and, where it was wrong, the cross it comes to beside the one that was meant. */
	let {
		asked,
		grade,
		slipped,
		last,
		onnext
	}: {
		asked: Asked;
		grade: Grade;
		/** the cloth of a slip that was named wrongly */
		slipped: MendState | null;
		last: boolean;
		onnext: () => void;
	} = $props();

	const hands = $derived(handsOf(asked.exercise));
	const cross = $derived(crossIn(asked.exercise));
	/** as it should be, as her fabric shows it */
	const meant = $derived.by(() => {
		const { kind, choices, answer } = asked.exercise;
		return kind === 'cloth' ? (choices?.[answer as number] as Crossing | undefined) : cross?.cloth;
	});
	const slip = $derived(grade.slip && grade.slip in SLIPS ? slipFacts(grade.slip as SlipId) : null);
</script>

<section class="shown" class:right={grade.right} aria-live="polite">
	<h2 class="flex items-center gap-2 font-serif text-2xl font-medium">
		<Icon name={grade.right ? 'check' : 'undo'} size={26} />
		{grade.right ? 'Right' : 'Not yet'}
	</h2>
	<p class="mt-2 text-lg">{grade.because}</p>
	{#if slip}<p class="mt-2"><b>{slip.name}.</b> {slip.did}</p>{/if}
	{#if slipped && asked.cloth && cross}
		<div class="mt-4 grid grid-cols-2 gap-3">
			{#each [{ state: slipped, says: 'your answer' }, { state: asked.cloth, says: 'what was asked' }] as { state, says } (says)}
				<figure>
					<MadePicture meant={cross.played} {state} from={hands.hand} alt={says} />
					<figcaption class="mt-1">{says}</figcaption>
				</figure>
			{/each}
		</div>
	{:else if !grade.right && (grade.comesTo || meant)}
		<div class="mt-4 grid grid-cols-2 gap-3">
			{#if grade.comesTo}<figure>
					<ClothPicture
						crossing={grade.comesTo}
						from={hands.hand}
						alt="What your answer comes to: {grade.comesTo.order.join(' ')}"
					/>
					<figcaption class="mt-1">your answer</figcaption>
				</figure>{/if}
			{#if meant}
				<figure>
					<ClothPicture crossing={meant} from={hands.hand} alt="As it is: {meant.order.join(' ')}" />
					<figcaption class="mt-1">{asked.exercise.of}</figcaption>
				</figure>
			{/if}
		</div>
	{/if}
	<button
		type="button"
		class="btn mt-5 min-h-14 w-full justify-center text-lg btn-primary"
		onclick={onnext}
		{@attach (button) => button.focus()}>{last ? 'That was the last' : 'Next'}</button
	>
</section>

<style>
	.shown {
		padding: 1.2rem;
		border: 2px solid var(--color-outline);
		border-radius: 1rem;
		background: var(--color-base-100);
	}
	.right {
		border-color: var(--color-accent);
	}
</style>
