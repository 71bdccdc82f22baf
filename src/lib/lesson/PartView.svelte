<script lang="ts">
	import { hasFace } from '$core/lesson/kinds';
	import type { Lesson, Part } from '$core/lesson/lesson';
	import { showingOf, stepsIn } from '$core/teaching/showing';
	import { getSettings } from '$lib/client/settings.svelte';
	import ClothPicture from '$lib/drawing/ClothPicture.svelte';
	import FittedCross from '$lib/drawing/FittedCross.svelte';
	import Choices from '$lib/ui/Choices.svelte';
	import CompareView from './CompareView.svelte';
	import StepPlayer from '$lib/drawing/StepPlayer.svelte';
	import ThumbButton from '$lib/ui/ThumbButton.svelte';

	/** What a part shows: the rail for a part to show, the numbered cloth for a picture. */
	let { lesson, part, step = $bindable(0) }: { lesson: Lesson; part: Part; step?: number } = $props();

	const settings = getSettings();
	const own = $derived(part.kind === 'show' ? part.yarnHands : undefined);
	/** the hand that carries the yarn here, where a part is shown for both */
	let carried = $state<'right' | 'left' | null>(null);
	const voice = $derived({
		...settings.value,
		yarnHand: own === 'both' ? (carried ?? settings.value.yarnHand) : (own ?? settings.value.yarnHand)
	});
	const seen = $derived(showingOf(lesson, part, voice));
	const steps = $derived(part.kind === 'compare' ? stepsIn(lesson, part, voice) : 0);
</script>

{#if seen?.shown}
	{@const { taught, hands, shown } = seen}
	{@const { script, way } = shown}
	<div class="overflow-hidden rounded-2xl">
		<div class="aspect-[3/2] max-h-72 w-full sm:aspect-[2/1]">
			<FittedCross
				{shown}
				at={Math.min(step, script.steps.length)}
				crossing={hands.played}
				{voice}
				labels={false}
				alt="{taught.name}, {way.title}: {script.told[Math.min(step, script.steps.length)].sentence}"
			/>
		</div>
		<StepPlayer told={script.told} bind:step />
	</div>
	{#if own === 'both' && shown.kind === 'hand'}
		<Choices
			label="Seen with the yarn in"
			value={voice.yarnHand}
			choices={[
				{ value: 'right', label: 'the right hand' },
				{ value: 'left', label: 'the left hand' }
			]}
			onchoose={(hand) => (carried = hand)}
		/>
	{/if}
	{#if part.kind === 'show' && part.sides && part.sides !== 'right'}
		<figure class="max-w-sm">
			<ClothPicture
				crossing={hands.cloth}
				side="wrong"
				from={voice.hand}
				alt="{taught.name} from the wrong side"
			/>
			<figcaption class="mt-1 text-quiet">The wrong side, as it is meant to look.</figcaption>
		</figure>
	{/if}
{:else if hasFace(part, 'steps') && seen}
	<p class="font-semibold text-error">
		“{part.way}” is no way to make {seen.taught.name} here. Add the cross again from Crosses.
	</p>
{:else if hasFace(part, 'cross') && seen}
	{@const { taught, hands } = seen}
	<figure class="max-w-sm">
		<ClothPicture
			crossing={hands.cloth}
			from={voice.hand}
			alt="{taught.name}, worked {hands.played.order.join(' ')}"
		/>
		<figcaption class="mt-1 text-quiet">
			{taught.name}: numbers below stand before the cross, above after it.
		</figcaption>
	</figure>
{:else if hasFace(part, 'pair')}
	<CompareView {lesson} {part} {voice} {step} />
	{#if steps > 0}
		<div class="flex items-center justify-center gap-6">
			<ThumbButton to="back" label="Back one step" disabled={step === 0} onpress={() => (step -= 1)} />
			<span>step {step} of {steps}</span>
			<ThumbButton
				to="forward"
				label="Forward one step"
				disabled={step >= steps}
				onpress={() => (step += 1)}
			/>
		</div>
	{/if}
{:else if part.kind === 'swatch' && part.read === 'chart'}
	{#await import('./ChartPart.svelte') then { default: ChartPart }}<ChartPart {lesson} {part} />{/await}
{:else if hasFace(part, 'rows') || hasFace(part, 'count')}
	{#await import('./RowsPart.svelte') then { default: RowsPart }}<RowsPart {lesson} {part} {voice} />{/await}
{:else if hasFace(part, 'points')}
	{#await import('./PointsView.svelte') then { default: PointsView }}<PointsView {lesson} {part} />{/await}
{:else if hasFace(part, 'mistake')}
	{#await import('./MendView.svelte') then { default: MendView }}<MendView {lesson} {part} {voice} />{/await}
{/if}
