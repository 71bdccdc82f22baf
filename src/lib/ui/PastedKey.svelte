<script lang="ts">
	import { keepKeyAndGo } from '$lib/client/pasted';
	import { getSettings } from '$lib/client/settings.svelte';
	import { ui } from '$lib/words/ui';

	/** A key that was pasted where rows or names go: it is known as one, and opened at the key desk by a press. */
	let { text, onleave }: { text: string; onleave: () => void } = $props();

	const say = ui(getSettings());
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
			<span>{say('ui-pasted-key', { count: found.length })}</span>
			<button type="button" class="btn btn-outline" onclick={() => keepKeyAndGo(text)}
				>{say('ui-pasted-key-open')}</button
			>
			<button type="button" class="btn" onclick={onleave}>{say('ui-pasted-key-stay')}</button>
		</p>
	{/if}
{/await}
