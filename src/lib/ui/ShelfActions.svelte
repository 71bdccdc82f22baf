<script lang="ts">
	import Icon from './Icon.svelte';

	/** Puts a thing of a list away; from there it is brought back, or, asked twice, deleted for good. */
	let {
		title,
		away,
		onput,
		ondelete
	}: { title: string; away: boolean; onput: (away: boolean) => void; ondelete: () => void } = $props();

	let asked = $state(false);
</script>

{#if away}
	<button type="button" class="btn" onclick={() => onput(false)}
		>Bring back<span class="sr-only"> “{title}”</span></button
	>
	{#if asked}
		<button type="button" class="btn btn-outline" onclick={ondelete}>Delete for good, now</button>
	{:else}
		<button type="button" class="btn" onclick={() => (asked = true)}
			>Delete<span class="sr-only"> “{title}”</span> …</button
		>
	{/if}
{:else}
	<button type="button" class="btn" onclick={() => onput(true)}>
		<Icon name="archive" size={18} /> <span class="sr-only sm:not-sr-only">Put away</span>
		<span class="sr-only"> “{title}”</span>
	</button>
{/if}
