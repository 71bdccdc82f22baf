<script lang="ts">
	import type { Lesson, Part } from '$core/lesson/lesson';
	import { howMade, slipIn } from '$core/lesson/slip';
	import { isBed } from '$core/technique/medium';
	import { showingOf } from '$core/teaching/showing';
	import { getSettings } from '$lib/client/settings.svelte';
	import ClothPicture from '$lib/drawing/ClothPicture.svelte';
	import MadePicture from '$lib/drawing/MadePicture.svelte';

	/** A slip as it looks on the cloth, and the question it asks; then the cross as it should be, the cause and the mend. */
	let {
		lesson,
		part,
		told = true
	}: { lesson: Lesson; part: Extract<Part, { kind: 'mend' }>; told?: boolean } = $props();

	const settings = getSettings();
	const seen = $derived(showingOf(lesson, part, settings.value));
	const slip = $derived(seen && slipIn(howMade(lesson), seen.hands.played, seen.taught.name, part.slip));
	const from = $derived(isBed(lesson.medium) ? 'right' : settings.value.hand);
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
						from={settings.value.hand}
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
