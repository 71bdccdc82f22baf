<script lang="ts">
	import type { Told } from '$core/hands/sentence';
	import ThumbButton from '$lib/ui/ThumbButton.svelte';

	/** The sentence of the present step, forward and back as big as a thumb, and the whole script as a strip. */
	let { told: all, step = $bindable(0) }: { told: readonly Told[]; step?: number } = $props();

	let strip: HTMLOListElement;
	const last = $derived(all.length - 1);
	const told = $derived(all[Math.min(step, last)]);

	$effect(() => {
		const current = strip.children[step] as HTMLElement | undefined;
		if (current) strip.scrollLeft = current.offsetLeft - strip.clientWidth / 2 + current.clientWidth / 2;
	});
</script>

<div class="player grid gap-4 bg-neutral px-4 pt-4 pb-3 text-neutral-content sm:px-7 sm:pt-5">
	<div class="flex items-center gap-4 sm:gap-6">
		<ThumbButton to="back" label="Back one step" disabled={step === 0} onpress={() => (step -= 1)} />
		<div class="min-h-19 flex-1" aria-live="polite">
			<p class="sentence font-serif leading-tight font-medium" data-testid="sentence">{told.sentence}</p>
			<p class="mt-1 opacity-90">{told.detail}</p>
		</div>
		<ThumbButton to="forward" label="Forward one step" disabled={step === last} onpress={() => (step += 1)} />
	</div>
	<ol bind:this={strip} class="strip flex overflow-x-auto pb-1" aria-label="All steps">
		{#each all as { short }, i (i)}
			<li class="min-w-24 flex-1">
				<button
					type="button"
					class="step {i < step ? 'done' : ''} {i === step ? 'now' : ''}"
					aria-current={i === step ? 'step' : undefined}
					onclick={() => (step = i)}>{short}</button
				>
			</li>
		{/each}
	</ol>
</div>

<style>
	.player {
		container-type: inline-size;
	}
	.sentence {
		font-size: 1.3rem;
	}
	@container (min-width: 46rem) {
		.sentence {
			font-size: 1.85rem;
		}
	}
	.player :focus-visible {
		outline-color: var(--color-neutral-content);
	}
	.strip {
		scrollbar-width: thin;
		scrollbar-color: color-mix(in oklab, currentColor 40%, transparent) transparent;
	}
	.step {
		width: 100%;
		min-height: 3.6rem;
		padding: 0.45rem 0.5rem 0.3rem 0.1rem;
		border-top: 4px solid color-mix(in oklab, var(--color-neutral-content) 32%, var(--color-neutral));
		text-align: left;
		font-size: 0.9375rem;
		line-height: 1.3;
		cursor: pointer;
		display: block;
		height: 100%;
	}
	.step.done {
		border-top-color: color-mix(in oklab, var(--color-neutral-content) 68%, var(--color-neutral));
	}
	.step.now {
		border-top-color: var(--color-neutral-content);
		font-weight: 700;
	}
	.step:hover {
		text-decoration: underline;
	}
</style>
