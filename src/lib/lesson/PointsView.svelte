<script lang="ts">
	import type { PartWithFace } from '$core/lesson/kinds';
	import { crossingOf, type Lesson } from '$core/lesson/lesson';
	import { pointsOf } from '$core/teaching/points';
	import { ropesOf } from '$core/teaching/ropes';
	import { getSettings } from '$lib/client/settings.svelte';
	import StepPicture from '$lib/drawing/StepPicture.svelte';
	import TensionPicture from '$lib/drawing/TensionPicture.svelte';

	/** What a part goes through point by point, each with what is seen of it. */
	let { lesson, part }: { lesson: Lesson; part: PartWithFace<'points'> } = $props();

	const voice = $derived(getSettings().value);
	const points = $derived(pointsOf(lesson, part, voice));
	const taught = $derived(crossingOf(lesson, part));
</script>

{#if part.kind !== 'tension'}
	<ol class="grid gap-4 sm:grid-cols-2">
		{#each points as { step, title, says } (title)}
			<li class="grid content-start gap-1.5">
				{#if step}<div class="overflow-hidden rounded-xl"><StepPicture {step} alt={title} /></div>{/if}
				<p><b class="font-serif">{title}.</b> {says}</p>
			</li>
		{/each}
	</ol>
{:else}
	{#if taught}
		<div class="h-80">
			<TensionPicture ropes={ropesOf(lesson, taught)} medium={lesson.medium} hands={voice} shown={Infinity} />
		</div>
	{/if}
	<ul class="grid gap-2">
		{#each points as { title, says } (title)}
			<li><b class="font-serif">{title}.</b> {says}</li>
		{/each}
	</ul>
{/if}
