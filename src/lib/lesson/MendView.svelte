<script lang="ts">
	import type { Lesson, Part } from '$core/lesson/lesson';
	import { howMade, slipIn } from '$core/lesson/slip';
	import { showingOf } from '$core/teaching/showing';
	import type { Voice } from '$core/hands/voice';
	import { handsAt } from '$core/ways/handed';
	import ClothPicture from '$lib/drawing/ClothPicture.svelte';
	import MadePicture from '$lib/drawing/MadePicture.svelte';

	/** A slip as it looks on the cloth, and the question it asks; then the cross as it should be, the cause and the mend. */
	let {
		lesson,
		part,
		voice,
		told = true
	}: { lesson: Lesson; part: Extract<Part, { kind: 'mend' }>; voice: Voice; told?: boolean } = $props();

	const seen = $derived(showingOf(lesson, part, voice));
	const slip = $derived(
		seen && slipIn(howMade(lesson), seen.taught.crossing, seen.taught.name, part.slip, voice)
	);
	const from = $derived(handsAt(voice, lesson.medium).hand);
</script>

{#if seen && slip}
	<div class="grid gap-4">
		<div class="grid grid-cols-2 gap-4">
			{#if slip.cloth}
				<figure>
					<MadePicture
						meant={seen.hands.played}
						state={slip.cloth}
						{from}
						rings={told}
						alt="{seen.taught.name} gone wrong: {slip.seen}"
					/>
					<figcaption class="mt-1 font-semibold">{slip.seen}</figcaption>
				</figure>
			{/if}
			{#if told || !slip.cloth}
				<figure>
					<ClothPicture
						crossing={seen.hands.cloth}
						{from}
						numbers={false}
						alt="{seen.taught.name} as it should be"
					/>
					<figcaption class="mt-1">As it should be.</figcaption>
				</figure>
			{/if}
		</div>
		{#if told}<p>{slip.cause} {slip.mend}</p>{:else}<p class="font-serif">What did the hands do?</p>{/if}
	</div>
{/if}
