<script lang="ts">
	import type { Snippet } from 'svelte';
	import Icon from './Icon.svelte';

	/** A sheet over the page. The browser keeps the focus in it, and Escape closes it. */
	let {
		title,
		open = $bindable(false),
		wide = false,
		children
	}: { title: string; open?: boolean; wide?: boolean; children: Snippet } = $props();

	const uid = $props.id();

	/** Lays the sheet over the page; where it goes away, the focus is where it was before. */
	function shown(dialog: HTMLDialogElement) {
		dialog.showModal();
		return () => dialog.close();
	}
</script>

{#if open}
	<dialog
		{@attach shown}
		aria-labelledby="{uid}-title"
		class="m-auto max-h-[88dvh] {wide
			? 'w-[min(56rem,calc(100vw-2rem))]'
			: 'w-[min(34rem,calc(100vw-2rem))]'} rounded-2xl border border-hairline bg-base-100 p-6 text-base-content shadow-2xl"
		onclose={() => (open = false)}
	>
		<div class="mb-4 flex items-center justify-between gap-4">
			<h2 id="{uid}-title" class="text-2xl">{title}</h2>
			<button type="button" class="press press-quiet" onclick={() => (open = false)}>
				<Icon name="x" size={18} /> Close
			</button>
		</div>
		{@render children()}
	</dialog>
{/if}
