<script lang="ts">
	import { resolve } from '$app/paths';
	import { keysHere } from './keys.svelte';
	import { getSettings } from '$lib/client/settings.svelte';
	import { shell } from '$lib/words/shell';

	/** The keys of this page, and what things are called here. */
	let { onsettings }: { onsettings: () => void } = $props();

	const settings = getSettings();
	const say = shell(settings);
	const NAMES = $derived([
		[say('shell-crosses'), say('shell-crosses-is')],
		[say('shell-needle-view'), say('shell-needle-view-is')],
		[say('shell-saved'), say('shell-saved-is')],
		[say('shell-abbreviations'), say('shell-abbreviations-is')],
		[say('shell-swatches'), say('shell-swatches-is')],
		[say('shell-sizing'), say('shell-sizing-is')],
		[say('shell-measurements'), say('shell-measurements-is')],
		[say('shell-lessons'), say('shell-lessons-is')],
		[say('shell-teaching'), say('shell-teaching-is')],
		[say('shell-handout'), say('shell-handout-is')],
		[say('shell-courses'), say('shell-courses-is')],
		[say('shell-skill-order'), say('shell-skill-order-is')],
		[say('shell-classes'), say('shell-classes-is')]
	]);
</script>

<dl class="grid grid-cols-[auto_1fr] items-center gap-x-5 gap-y-2.5">
	{#each keysHere(settings) as { key, cap, says } (key)}
		<dt><kbd class="kbd">{cap}</kbd></dt>
		<dd>{says}</dd>
	{/each}
</dl>
<p class="mt-3">
	{say('shell-keys-off', { on: settings.value.singleKeys ? 'yes' : 'no' })}
	<button type="button" class="font-semibold underline underline-offset-3" onclick={onsettings}
		>{say('shell-keys-settings')}</button
	>.
</p>
<h3 class="mt-6 mb-2 text-xl">{say('shell-names')}</h3>
<dl class="grid gap-x-4 gap-y-2 sm:grid-cols-[max-content_minmax(0,1fr)]">
	{#each NAMES as [word, says] (word)}
		<div class="sm:contents">
			<dt class="font-semibold">{word}</dt>
			<dd>{says}</dd>
		</div>
	{/each}
</dl>
<p class="mt-5"><a class="btn btn-outline" href={resolve('/start')}>{say('shell-start')}</a></p>
