<script lang="ts">
	import { getJson } from '$lib/client/requests';
	import { getSettings } from '$lib/client/settings.svelte';
	import { key } from '$lib/words/key';
	import { ui } from '$lib/words/ui';
	import { keyHistoryAt, keyHistoryShape, type KeyVersion } from '$lib/wire/bench';

	/** What a key said before; any of it can be brought back. */
	let { id, onback }: { id: string; onback: (version: KeyVersion) => void } = $props();

	const settings = getSettings();
	const say = key(settings);
	const shared = ui(settings);
	const asked = $derived(getJson(keyHistoryAt(id), keyHistoryShape));
	const when = (at: string) =>
		new Date(at).toLocaleString(settings.locale, { dateStyle: 'medium', timeStyle: 'short' });
</script>

{#await asked}
	<p role="status">{shared('ui-loading')}</p>
{:then answer}
	{#if !answer.ok}
		<p role="alert">{answer.error.message}</p>
	{:else if answer.value.versions.length === 0}
		<p>{say('key-history-none')}</p>
	{:else}
		<ol class="grid gap-5">
			{#each answer.value.versions as version (version.at)}
				<li class="grid gap-2">
					<p class="flex flex-wrap items-center justify-between gap-3">
						<span>{say('key-history-until', { when: when(version.at) })}</span>
						<button type="button" class="btn btn-outline" onclick={() => onback(version)}
							>{say('key-history-restore')}</button
						>
					</p>
					<pre
						class="max-h-40 overflow-auto rounded-xl border border-hairline p-3 font-mono text-sm whitespace-pre-wrap">{version.text}</pre>
				</li>
			{/each}
		</ol>
	{/if}
{/await}
