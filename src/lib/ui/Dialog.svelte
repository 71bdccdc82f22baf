<script lang="ts">
	import type { Snippet } from 'svelte';
	import Icon from './Icon.svelte';
	import { getSettings } from '$lib/client/settings.svelte';
	import { ui } from '$lib/words/ui';

	/** A sheet over the page. The browser keeps the focus in it, and Escape closes it. */
	let {
		title,
		open = $bindable(false),
		wide = false,
		children
	}: { title: string; open?: boolean; wide?: boolean; children: Snippet } = $props();

	const say = ui(getSettings());
	const uid = $props.id();

	/**
	 * Lays the sheet over the page; where it goes away, the focus is where it was before. The browser says `close` a frame
	 * late, when the sheet may be open again: what was closed from here does not listen to it any more.
	 */
	function shown(dialog: HTMLDialogElement) {
		const closed = () => (open = false);
		dialog.addEventListener('close', closed);
		dialog.showModal();
		return () => {
			dialog.removeEventListener('close', closed);
			dialog.close();
		};
	}

	/** Escape: the sheet is closed at once. A field of files says `cancel` too, and is not meant. */
	function cancelled(event: Event) {
		if (event.target === event.currentTarget) open = false;
	}
</script>

{#if open}
	<dialog {@attach shown} aria-labelledby="{uid}-title" class="modal" oncancel={cancelled}>
		<div class="modal-box {wide ? 'max-w-4xl' : 'max-w-[34rem]'}">
			<div class="mb-4 flex items-center justify-between gap-4">
				<h2 id="{uid}-title" class="text-2xl">{title}</h2>
				<button type="button" class="btn" onclick={() => (open = false)}>
					<Icon name="x" size={18} />
					{say('ui-close')}
				</button>
			</div>
			{@render children()}
		</div>
	</dialog>
{/if}
