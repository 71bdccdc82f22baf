<script lang="ts">
	import type { Snippet } from 'svelte';
	import X from '@lucide/svelte/icons/x';

	/** A sheet over the page. The browser keeps the focus in it, and Escape closes it. */
	let {
		title,
		open = $bindable(false),
		wide = false,
		children
	}: { title: string; open?: boolean; wide?: boolean; children: Snippet } = $props();

	const uid = $props.id();
	let dialog: HTMLDialogElement;

	$effect(() => {
		if (open && !dialog.open) dialog.showModal();
		if (!open && dialog.open) dialog.close();
	});
</script>

<dialog
	bind:this={dialog}
	aria-labelledby="{uid}-title"
	class="m-auto max-h-[88dvh] {wide
		? 'w-[min(56rem,calc(100vw-2rem))]'
		: 'w-[min(34rem,calc(100vw-2rem))]'} rounded-2xl border border-hairline bg-base-100 p-6 text-base-content shadow-2xl"
	onclose={() => (open = false)}
>
	{#if open}
		<div class="mb-4 flex items-center justify-between gap-4">
			<h2 id="{uid}-title" class="text-2xl">{title}</h2>
			<button type="button" class="press press-quiet" onclick={() => (open = false)}>
				<X size={18} aria-hidden="true" /> Close
			</button>
		</div>
		{@render children()}
	{/if}
</dialog>
