<script lang="ts">
	import Check from '@lucide/svelte/icons/check';
	import Copy from '@lucide/svelte/icons/copy';
	import { copy } from '$lib/export/save';

	/** A line of text with a button that copies it. */
	let { label, text, note }: { label: string; text: string; note?: string } = $props();

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
	<button
		type="button"
		class="press min-h-10! shrink-0 press-quiet px-3!"
		onclick={take}
		aria-label="Copy {text}"
	>
		{#if copied}<Check size={18} aria-hidden="true" />{:else}<Copy size={18} aria-hidden="true" />{/if}
		<span aria-live="polite">{copied ? 'Copied' : 'Copy'}</span>
	</button>
</div>
