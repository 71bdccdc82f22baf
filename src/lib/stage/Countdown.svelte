<script lang="ts">
	import { countSaid } from '$core/teaching/minutes';
	import type { Stage } from './stage.svelte';

	/** Minutes that run down beside what the hands do, to be read from the last row; then, that the time is over. */
	let { stage, now }: { stage: Stage; now: number } = $props();

	const count = $derived(stage.moment.countdown);
	const left = $derived(!count ? 0 : 'until' in count ? count.until - now : count.left);
</script>

{#if count}
	<p class="count" class:over={left <= 0} role="timer" data-testid="countdown">
		{left > 0 ? countSaid(left) : 'Time'}
	</p>
	<p class="sr-only" role="status">{left <= 0 ? 'The time is over.' : ''}</p>
{/if}

<style>
	.count {
		font-family: var(--font-serif);
		font-size: clamp(2.6rem, 7vw, 6.5rem);
		font-weight: 600;
		line-height: 1;
		padding: 0.12em 0.35em;
		border-radius: 0.9rem;
		background: var(--color-base-100);
		border: 2px solid var(--color-stage-edge);
	}
	.over {
		background: var(--color-primary);
		color: var(--color-primary-content);
	}
</style>
