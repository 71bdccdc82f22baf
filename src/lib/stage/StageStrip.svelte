<script lang="ts">
	import type { Stage } from './stage.svelte';
	import { getSettings } from '$lib/client/settings.svelte';
	import { lesson as lessonWords } from '$lib/words/lesson';

	/** Every part in a row, each to be reached at once; what is left out today is struck through. */
	let { stage }: { stage: Stage } = $props();

	const say = lessonWords(getSettings());

	let strip: HTMLOListElement | undefined = $state();
	const at = $derived(stage.moment.at);

	$effect(() => {
		const current = strip?.children[at] as HTMLElement | undefined;
		if (strip && current)
			strip.scrollLeft = current.offsetLeft - strip.clientWidth / 2 + current.clientWidth / 2;
	});
</script>

<ol bind:this={strip} class="flex gap-1.5 overflow-x-auto px-5 pt-2 pb-2 sm:px-10" aria-label="Parts">
	{#each stage.parts as { part }, i (part.id)}
		{@const dropped = stage.isDropped(part.id)}
		<li class="min-w-24 flex-1">
			<button
				type="button"
				class="chip {i < at ? 'done' : i === at ? 'now' : ''}"
				class:line-through={dropped}
				aria-current={i === at ? 'step' : undefined}
				aria-label="{part.title}{dropped ? ', left out today' : ''}"
				onclick={() => stage.part(i)}>{say(`lesson-kind-${part.kind}`)}</button
			>
		</li>
	{/each}
</ol>

<style>
	.chip {
		width: 100%;
		min-height: 2.75rem;
		padding: 0.2rem 0.7rem;
		border-radius: 0.5rem;
		background: var(--color-stage-dim);
		text-align: left;
		cursor: pointer;
	}
	.chip.done {
		background: var(--color-stage-lit);
		color: var(--color-stage-lit-content);
	}
	.chip.now {
		background: var(--color-primary);
		color: var(--color-primary-content);
		font-weight: 700;
	}
</style>
