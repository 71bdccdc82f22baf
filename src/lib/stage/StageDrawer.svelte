<script lang="ts">
	import { untrack, type Snippet } from 'svelte';
	import { on } from 'svelte/events';

	/** What stands beside the stage for the teacher, under its title; Escape leaves it, from any of its fields. */
	let {
		title,
		leave,
		sheet = false,
		folded = false,
		tools,
		onclose,
		onopen,
		children
	}: {
		title: string;
		/** what the button that leaves it says */
		leave: Snippet;
		/** on a narrow page it stands at the foot, below the picture, not over it */
		sheet?: boolean;
		/** on a narrow page only its title is seen */
		folded?: boolean;
		/** beside its title */
		tools?: Snippet;
		onclose: () => void;
		onopen?: (drawer: HTMLElement) => void;
		children: Snippet;
	} = $props();

	function opened(drawer: HTMLElement) {
		untrack(() => onopen?.(drawer));
		return on(drawer, 'keydown', (event) => {
			if (event.key !== 'Escape') return;
			event.preventDefault();
			onclose();
		});
	}
</script>

<aside class="drawer" class:sheet class:folded data-theme="evening" aria-label={title} {@attach opened}>
	<div class="flex items-center justify-between gap-3">
		<h2 class="text-xl">{title}</h2>
		{@render tools?.()}
		<button type="button" class="btn" onclick={onclose}>{@render leave()}</button>
	</div>
	<div class="inside">{@render children()}</div>
</aside>

<style>
	.drawer {
		container-type: inline-size;
		position: fixed;
		inset: 0 0 0 auto;
		z-index: 5;
		width: min(24rem, 100%);
		overflow-y: auto;
		padding: 1.2rem 1.4rem;
		background: var(--color-base-100);
		border-left: 1.5px solid var(--color-stage-edge);
		color: var(--color-base-content);
	}
	@media (max-width: 59.99rem) {
		.sheet {
			inset: auto 0 0;
			width: 100%;
			max-height: 55dvh;
			border-left: 0;
			border-top: 1.5px solid var(--color-stage-edge);
		}
		.sheet.folded {
			inset: 0 0 auto;
			padding-block: 0.6rem;
			border: 0;
		}
		.folded .inside {
			display: none;
		}
	}
</style>
