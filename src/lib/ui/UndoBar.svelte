<script lang="ts">
	import Icon from './Icon.svelte';

	/** Says what was just done and offers to take it back, for as long as it stands. */
	let { said, onundo, onclose }: { said: string; onundo: () => void; onclose: () => void } = $props();
</script>

<div
	class="fixed inset-x-4 bottom-4 z-20 mx-auto flex w-fit max-w-[calc(100vw-2rem)] items-center gap-3 rounded-2xl bg-neutral py-2 pr-2 pl-5 text-neutral-content shadow-xl"
	role="status"
>
	<span>{said}</span>
	<button
		type="button"
		class="flex min-h-11 items-center gap-2 rounded-xl px-3 font-semibold underline hover:bg-neutral-content/15"
		onclick={onundo}
	>
		<Icon name="undo" size={18} /> Undo
	</button>
	<button
		type="button"
		class="grid min-h-11 min-w-11 place-items-center rounded-xl hover:bg-neutral-content/15"
		onclick={onclose}
		aria-label="Close this message"
	>
		<Icon name="x" size={18} />
	</button>
</div>
