<script lang="ts">
	import type { StageSwitch } from './switches';

	/** What a hand reaches for during class, each with its key. */
	let { switches }: { switches: readonly StageSwitch[] } = $props();
</script>

<div class="switches" role="toolbar" aria-label="Switch on the spot">
	{#each switches as { key, cap, says, run, on } (key)}
		<button type="button" class="switch" aria-pressed={on} onclick={run}
			><kbd class="kbd">{cap}</kbd> {says}</button
		>
	{/each}
</div>

<style>
	.switches {
		display: flex;
		gap: 0.1rem;
		overflow-x: auto;
		padding: 0 1rem 0.7rem;
	}
	.switch {
		font-size: 0.9375rem;
		display: flex;
		flex: none;
		align-items: center;
		gap: 0.35rem;
		min-height: 2.75rem;
		padding: 0 0.35rem;
		border-radius: 0.6rem;
		cursor: pointer;
	}
	.switch:hover {
		background: var(--color-stage-touched);
	}
	.switch[aria-pressed='true'] {
		background: var(--color-stage-lit);
		color: var(--color-stage-lit-content);
	}
	@media (min-width: 40rem) {
		.switches {
			padding-inline: 2rem;
		}
	}
</style>
