<script lang="ts">
	import type { Lesson, Part } from '$core/lesson/lesson';
	import { showing } from '$core/lesson/showing';
	import { nameOf } from '$core/naming/name';
	import { getSettings } from '$lib/settings.svelte';
	import ClothPicture from './ClothPicture.svelte';
	import FittedRail from './FittedRail.svelte';
	import StepPlayer from './StepPlayer.svelte';

	/** What a part shows: the rail for a part to show, the numbered cloth for a picture. */
	let { lesson, part, step = $bindable(0) }: { lesson: Lesson; part: Part; step?: number } = $props();

	const settings = getSettings();
	const voice = $derived(settings.value);
	const seen = $derived(showing(lesson, part, voice));
</script>

{#if seen?.shown}
	{@const { taught, hands, shown } = seen}
	{@const { script, way } = shown}
	<div class="overflow-hidden rounded-2xl">
		<div class="aspect-[3/2] max-h-72 w-full sm:aspect-[2/1]">
			<FittedRail
				crossing={hands.played}
				state={script.states[Math.min(step, script.steps.length)]}
				next={script.steps[step]}
				{voice}
				labels={false}
				alt="{taught.name}, {way.title}: {script.told[Math.min(step, script.steps.length)].sentence}"
			/>
		</div>
		<StepPlayer told={script.told} bind:step />
	</div>
{:else if part.kind === 'show' && seen}
	<p class="font-semibold text-error">
		“{part.way}” is no way to make {seen.taught.name} here. Put it in again from the Bench.
	</p>
{:else if part.kind === 'picture' && seen}
	{@const { taught, hands } = seen}
	<figure class="max-w-sm">
		<ClothPicture
			crossing={hands.cloth}
			from={voice.hand}
			alt="{taught.name}, worked {hands.played.order.join(' ')}"
		/>
		<figcaption class="mt-1 text-quiet">
			{nameOf(hands.cloth)}: numbers below stand before the cross, above after it.
		</figcaption>
	</figure>
{/if}
