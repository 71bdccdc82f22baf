<script lang="ts">
	import type { Lesson, Part } from '$core/lesson/lesson';
	import { showingOf } from '$core/teaching/showing';
	import { slipIn, slipped } from '$core/lesson/slip';
	import { getSettings } from '$lib/client/settings.svelte';
	import ClothPicture from '$lib/drawing/ClothPicture.svelte';

	/** A slip as it looks on the cloth, beside the cross as it should be; what it comes from and its mend are told. */
	let {
		lesson,
		part,
		told = true
	}: { lesson: Lesson; part: Extract<Part, { kind: 'mend' }>; told?: boolean } = $props();

	const settings = getSettings();
	const seen = $derived(showingOf(lesson, part, settings.value));
	const slip = $derived(slipIn(part.slip, lesson.medium));
	const wrong = $derived(seen && slipped(seen.hands.cloth, part.slip));
</script>

{#if seen}
	<div class="grid gap-4">
		<div class="grid grid-cols-2 gap-4">
			<figure>
				<ClothPicture
					crossing={wrong ?? seen.hands.cloth}
					from={settings.value.hand}
					alt="{seen.taught.name} gone wrong: {slip.seen}"
				/>
				<figcaption class="mt-1 font-semibold">
					{wrong ? slip.seen : `${slip.seen} The cross itself looks like this.`}
				</figcaption>
			</figure>
			{#if told && wrong}
				<figure>
					<ClothPicture
						crossing={seen.hands.cloth}
						from={settings.value.hand}
						alt="{seen.taught.name} as it should be"
					/>
					<figcaption class="mt-1">As it should be.</figcaption>
				</figure>
			{/if}
		</div>
		{#if told}<p>{slip.cause} {slip.mend}</p>{/if}
	</div>
{/if}
