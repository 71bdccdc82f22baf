<script lang="ts">
	import { counted } from '$core/naming/numbers';
	import { keepKeyAndGo } from '$lib/client/pasted';

	/** A key that was pasted where rows or names go: it is known as one, and opened at the key desk by a press. */
	let { text, onleave }: { text: string; onleave: () => void } = $props();

	const names = $derived(
		import('$core/formats/pasted').then(({ pastedAs }) => {
			const as = pastedAs(text);
			return as.kind === 'key' ? as.names : [];
		})
	);
</script>

{#await names then found}
	{#if found.length > 0}
		<p class="flex flex-wrap items-center gap-3 rounded-xl border border-accent px-4 py-2" role="status">
			<span>That is a key: {counted(found.length, 'name')}.</span>
			<button type="button" class="btn btn-outline" onclick={() => keepKeyAndGo(text)}
				>Open it at the key desk</button
			>
			<button type="button" class="btn" onclick={onleave}>It belongs here</button>
		</p>
	{/if}
{/await}
