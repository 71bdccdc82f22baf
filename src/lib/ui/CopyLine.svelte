<script lang="ts">
	import { copy } from './save';
	import Icon from './Icon.svelte';
	import { getSettings } from '$lib/client/settings.svelte';
	import { ui } from '$lib/words/ui';

	/** A line of text with a button that copies it. */
	let { label, text, note }: { label: string; text: string; note?: string } = $props();

	const say = ui(getSettings());
	let copied = $state(false);

	async function take() {
		await copy(text);
		copied = true;
		setTimeout(() => (copied = false), 2_000);
	}
</script>

<div class="flex items-start justify-between gap-3 border-b border-hairline py-2">
	<div class="min-w-0">
		<p class="text-sm text-quiet">{label}</p>
		<p class="font-medium break-words">{text}</p>
		{#if note}<p class="text-sm text-quiet">{note}</p>{/if}
	</div>
	<button type="button" class="btn shrink-0 btn-sm" onclick={take} aria-label={say('ui-copy-what', { text })}>
		{#if copied}<Icon name="check" size={18} />{:else}<Icon name="copy" size={18} />{/if}
		<span aria-live="polite">{copied ? say('ui-copied') : say('ui-copy')}</span>
	</button>
</div>
