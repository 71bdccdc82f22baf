<script lang="ts">
	import { counted } from '$core/naming/numbers';
	import type { Snippet } from 'svelte';
	import type { Working } from '$core/fabric/fabric';
	import type { SwatchLine } from '$lib/wire/swatch';
	import { wordsFor } from '$lib/ui/words';
	import ClothThumb from './ClothThumb.svelte';
	import { getSettings } from '$lib/client/settings.svelte';
	import { ui } from '$lib/words/ui';

	/** A swatch in a list. */
	let { swatch, href, children }: { swatch: SwatchLine; href?: string; children: Snippet } = $props();

	const words = wordsFor(ui(getSettings()));

	let working = $state.raw<Working | null>();
	const medium = $derived(words.medium(swatch.medium).toLowerCase());
</script>

<li class="group relative -mx-3 flex items-start gap-5 rounded-2xl px-3 py-5 hover:bg-base-100">
	<ClothThumb text={swatch.text} medium={swatch.medium} bind:working />
	<div class="min-w-0 flex-1">
		<!-- eslint-disable svelte/no-navigation-without-resolve -- resolved where the list is made -->
		<!-- The whole entry can be pressed, but for what lies above it. -->
		<a
			class="block font-serif text-2xl leading-tight font-semibold group-hover:underline after:absolute after:inset-0 after:rounded-2xl"
			{href}>{swatch.title || 'Without a name'}</a
		>
		<!-- eslint-enable svelte/no-navigation-without-resolve -->
		<p class="mt-1 text-quiet">
			{#if working}
				{counted(working.fabric.castOn, 'stitch', 'stitches')}, {counted(
					working.steps.length,
					working.pattern.rounds ? 'round' : 'row'
				)} · {medium}
			{:else}
				{working === null ? `rows not finished · ${medium}` : medium}
			{/if}
		</p>
		<div class="relative mt-3 flex w-fit flex-wrap gap-2">{@render children()}</div>
	</div>
</li>
