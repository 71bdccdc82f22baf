<script lang="ts">
	import Dialog from '$lib/ui/Dialog.svelte';
	import { brought, isForText, type Brought } from './brought';

	/** Takes what is pasted or dropped anywhere but in a field: a pattern’s text, a file, a PDF. */
	let { here }: { here: boolean } = $props();

	let open = $state(false);
	let taken = $state.raw<Brought | null>(null);

	function take(event: Event, transfer: DataTransfer | null) {
		if (!here || event.defaultPrevented || isForText(event)) return;
		const found = brought(transfer);
		if (!found) return;
		event.preventDefault();
		taken = found;
		open = true;
	}
</script>

<svelte:window
	onpaste={(event) => take(event, event.clipboardData)}
	ondrop={(event) => take(event, event.dataTransfer)}
	ondragover={(event) => {
		// Without this, a browser opens what is dropped in place of the page.
		if (here && !isForText(event)) event.preventDefault();
	}}
/>

<Dialog title="Brought in" wide bind:open>
	{#if taken}
		{#await import('./BroughtIn.svelte') then { default: BroughtIn }}
			<BroughtIn {taken} ondone={() => (open = false)} />
		{/await}
	{/if}
</Dialog>
