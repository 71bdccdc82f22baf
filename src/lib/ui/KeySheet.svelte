<script lang="ts">
	import { resolve } from '$app/paths';
	import { keysHere } from './keys.svelte';
	import { getSettings } from '$lib/client/settings.svelte';

	/** The keys of this page, and what things are called here. */
	let { onsettings }: { onsettings: () => void } = $props();

	const settings = getSettings();
	const WORDS = [
		['Bench', 'one crossing at a time: what a name means, every way to make it, each step on the needles'],
		['Rail', 'the needles as you look down on them, with what waits in front and behind'],
		['Keep', 'crosses and sayings of yours that you want at hand again'],
		['Key desk', 'the list of names in a pattern, each checked against what its own words make'],
		['Swatch', 'rows, the cloth they make, and how far you have knitted'],
		['Sums', 'from a swatch to a piece: cast-on, rows, size, yarn, each with its reason'],
		['Lesson', 'parts on a clock, from the first picture to the homework'],
		['Stage', 'a lesson shown part by part, for a big screen or a tablet'],
		['Sheet', 'what learners carry home'],
		['Course', 'lessons in a row'],
		['Ladder', 'the crosses of a course, each resting on those taught before it']
	] as const;
</script>

<dl class="grid grid-cols-[auto_1fr] items-center gap-x-5 gap-y-2.5">
	{#each keysHere(settings) as { key, cap, says } (key)}
		<dt><kbd class="kbd">{cap}</kbd></dt>
		<dd>{says}</dd>
	{/each}
</dl>
<p class="mt-3">
	{settings.value.singleKeys ? 'Keys of one letter or sign can be' : 'Keys of one letter or sign are'} turned off
	in the
	<button type="button" class="font-semibold underline underline-offset-3" onclick={onsettings}
		>settings</button
	>.
</p>
<h3 class="mt-6 mb-2 text-xl">What things are called here</h3>
<dl class="grid gap-2">
	{#each WORDS as [word, says] (word)}
		<div class="grid gap-x-4 sm:grid-cols-[6rem_1fr]">
			<dt class="font-semibold">{word}</dt>
			<dd>{says}</dd>
		</div>
	{/each}
</dl>
<p class="mt-5"><a class="btn btn-outline" href={resolve('/first-steps')}>First steps</a></p>
