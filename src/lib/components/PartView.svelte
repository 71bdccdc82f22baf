<script lang="ts">
	import type { Lesson, Part } from '$core/lesson/lesson';
	import { showing } from '$core/lesson/showing';
	import { nameOf } from '$core/naming/name';
	import { getSettings } from '$lib/settings.svelte';
	import ClothPicture from './ClothPicture.svelte';
	import NeedleRail from './NeedleRail.svelte';
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
		<div class="aspect-[3/2] sm:aspect-[2/1]">
			<NeedleRail
				crossing={hands.played}
				state={script.states[Math.min(step, script.steps.length)]}
				next={script.steps[step]}
				{voice}
				width={720}
				height={360}
				neighbours={1}
				alt="{taught.name}, {way.title}: {script.told[Math.min(step, script.steps.length)].sentence}"
			/>
		</div>
		<StepPlayer {script} bind:step />
	</div>
{:else if part.kind === 'show' && seen}
	<p class="text-error font-semibold">
		“{part.way}” is no way to make {seen.taught.name} here. Put it in again from the Bench.
	</p>
{:else if part.kind === 'picture' && seen}
	{@const { taught, hands } = seen}
	<figure class="max-w-sm">
		<ClothPicture crossing={hands.cloth} from={voice.hand} alt="{taught.name}, worked {hands.played.order.join(' ')}" />
		<figcaption class="text-quiet mt-1">
			{nameOf(hands.cloth)}: numbers below stand before the cross, above after it.
		</figcaption>
	</figure>
{/if}
