<script lang="ts">
	import Dialog from '$lib/ui/Dialog.svelte';
	import Icon from '$lib/ui/Icon.svelte';
	import type { StageSwitch } from './switches';

	/** What a hand reaches for during class, each with its key; where there is no room for all, the rest folds away. */
	let {
		switches,
		windows
	}: {
		switches: readonly StageSwitch[];
		windows: readonly { readonly says: string; readonly run: () => void }[];
	} = $props();

	let unfolded = $state(false);

	function choose(run: () => void) {
		unfolded = false;
		run();
	}
</script>

<div class="switches" role="toolbar" aria-label="Switch on the spot">
	{#each switches as { key, cap, says, run, on } (key)}
		<button type="button" class="switch" aria-pressed={on} onclick={run}
			><kbd class="kbd">{cap}</kbd> {says}</button
		>
	{/each}
	<button type="button" class="switch more" onclick={() => (unfolded = true)}
		><Icon name="plus" size={20} /> more</button
	>
</div>

<Dialog title="Switch on the spot" bind:open={unfolded}>
	<div class="grid grid-cols-2 gap-2">
		{#each switches as { key, says, run, on } (key)}
			<button type="button" class="btn" class:btn-primary={on} aria-pressed={on} onclick={() => choose(run)}
				>{says}</button
			>
		{/each}
		{#each windows as { says, run } (says)}
			<button type="button" class="btn" onclick={() => choose(run)}>{says}</button>
		{/each}
	</div>
</Dialog>

<style>
	.switches {
		display: flex;
		gap: 0.1rem;
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
	/* The stage is as wide as its window, but for what stands beside it. */
	@container (max-width: 88rem) {
		.switch:nth-child(n + 11):not(.more) {
			display: none;
		}
	}
	@container (max-width: 70rem) {
		.switch:nth-child(n + 8):not(.more) {
			display: none;
		}
	}
	@container (max-width: 46rem) {
		.switch:nth-child(n + 4):not(.more) {
			display: none;
		}
		.switch .kbd {
			display: none;
		}
	}
	@container (min-width: 88.01rem) {
		.more {
			display: none;
		}
	}
</style>
