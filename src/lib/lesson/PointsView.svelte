<script lang="ts">
	import type { Lesson, Part } from '$core/lesson/lesson';
	import { crossingOf } from '$core/lesson/lesson';
	import { finishingOf } from '$core/teaching/finishing';
	import { pointsOf } from '$core/teaching/points';
	import { ropesOf } from '$core/teaching/ropes';
	import { getSettings } from '$lib/client/settings.svelte';
	import FinishingPicture from '$lib/drawing/FinishingPicture.svelte';
	import TensionPicture from '$lib/drawing/TensionPicture.svelte';

	/** What a part goes through point by point, each with what is seen of it. */
	let { lesson, part }: { lesson: Lesson; part: Extract<Part, { kind: 'finish' | 'tension' | 'measure' }> } =
		$props();

	const voice = $derived(getSettings().value);
	const points = $derived(pointsOf(lesson, part, voice));
	const taught = $derived(crossingOf(lesson, part));
</script>

{#if part.kind === 'finish'}
	<ol class="grid gap-4 sm:grid-cols-2">
		{#each finishingOf(lesson, voice) as { step, title, says } (step)}
			<li class="grid content-start gap-1.5">
				<div class="overflow-hidden rounded-xl"><FinishingPicture {step} alt={title} /></div>
				<p><b class="font-serif">{title}.</b> {says}</p>
			</li>
		{/each}
	</ol>
{:else}
	{#if taught}
		<div class="h-80">
			<TensionPicture ropes={ropesOf(lesson, taught)} medium={lesson.medium} shown={Infinity} />
		</div>
	{/if}
	<ul class="grid gap-2">
		{#each points as { title, says } (title)}
			<li><b class="font-serif">{title}.</b> {says}</li>
		{/each}
	</ul>
{/if}
