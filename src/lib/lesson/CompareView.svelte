<script lang="ts">
	import type { Lesson, Part } from '$core/lesson/lesson';
	import { sidesOf } from '$core/teaching/showing';
	import type { Voice } from '$core/hands/voice';
	import ClothPicture from '$lib/drawing/ClothPicture.svelte';
	import FittedCross from '$lib/drawing/FittedCross.svelte';

	/** Two crosses, two ways or two swatches side by side; ways go on in step, and the shorter one waits at its end. */
	let {
		lesson,
		part,
		voice,
		step
	}: { lesson: Lesson; part: Extract<Part, { kind: 'compare' }>; voice: Voice; step: number } = $props();

	const sides = $derived(sidesOf(lesson, part, voice));
</script>

<div class="grid h-full gap-4 sm:grid-cols-2">
	{#each sides as side, i (i)}
		<figure class="flex min-h-0 min-w-0 flex-col gap-2">
			{#if !side}
				<p class="font-semibold text-error">
					This side points to nothing in the lesson. Choose what to compare.
				</p>
			{:else if 'text' in side}
				<div class="min-h-40 flex-1">
					{#await import('$lib/drawing/RowsPicture.svelte') then { default: RowsPicture }}
						<RowsPicture text={side.text} medium={lesson.medium} hands={voice} />
					{/await}
				</div>
			{:else if side.showing.shown}
				{@const shown = side.showing.shown}
				{@const { script } = shown}
				{@const at = Math.min(step, script.steps.length)}
				<div class="aspect-[3/2] min-h-0 w-full flex-1">
					<FittedCross
						{shown}
						{at}
						crossing={side.showing.hands.played}
						{voice}
						labels={false}
						alt="{side.title}: {script.told[at].sentence}"
					/>
				</div>
				<p class="text-lg" aria-live="polite">{script.told[at].sentence}</p>
			{:else}
				<ClothPicture crossing={side.showing.hands.cloth} from={voice.hand} alt={side.title} />
			{/if}
			{#if side}<figcaption class="font-semibold">{side.title}</figcaption>{/if}
		</figure>
	{/each}
</div>
