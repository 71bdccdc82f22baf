<script lang="ts">
	import Icon from './Icon.svelte';
	import { getSettings } from '$lib/client/settings.svelte';
	import { ui } from '$lib/words/ui';

	/** Puts a thing of a list away; from there it is brought back, or, asked twice, deleted for good. */
	let {
		title,
		away,
		onput,
		ondelete
	}: { title: string; away: boolean; onput: (away: boolean) => void; ondelete: () => void } = $props();

	const say = ui(getSettings());
	let asked = $state(false);
</script>

{#if away}
	<button
		type="button"
		class="btn"
		aria-label={say('ui-restore-what', { title })}
		onclick={() => onput(false)}>{say('ui-restore')}</button
	>
	{#if asked}
		<button type="button" class="btn btn-outline" onclick={ondelete}>{say('ui-delete-now')}</button>
	{:else}
		<button
			type="button"
			class="btn"
			aria-label={say('ui-delete-what', { title })}
			onclick={() => (asked = true)}>{say('ui-delete')}</button
		>
	{/if}
{:else}
	<button
		type="button"
		class="btn"
		aria-label={say('ui-archive-what', { title })}
		onclick={() => onput(true)}
	>
		<Icon name="archive" size={18} /> <span class="sr-only sm:not-sr-only">{say('ui-archive')}</span>
	</button>
{/if}
