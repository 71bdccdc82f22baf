<script lang="ts">
	import Icon from './Icon.svelte';

	/** Back or forward, as big as a thumb, on the dark bar below a rail. */
	let {
		to,
		label,
		disabled,
		onpress
	}: { to: 'back' | 'forward'; label: string; disabled: boolean; onpress: () => void } = $props();
</script>

<button
	type="button"
	class="thumb"
	class:forward={to === 'forward'}
	{disabled}
	onclick={onpress}
	aria-label={label}
>
	<Icon name={to === 'back' ? 'chevron-left' : 'chevron-right'} size={34} class="stroke-[2.6]" />
</button>

<style>
	.thumb {
		display: grid;
		place-items: center;
		flex: none;
		width: 4rem;
		height: 4.6rem;
		border: 2px solid color-mix(in oklab, currentColor 62%, transparent);
		border-radius: 1rem;
		cursor: pointer;
	}
	.thumb:disabled {
		opacity: 0.35;
		cursor: default;
	}
	.forward:not(:disabled) {
		background: var(--color-neutral-content);
		color: var(--color-neutral);
		border-color: var(--color-neutral-content);
	}
	.thumb:focus-visible {
		outline-color: var(--color-neutral-content);
	}
</style>
