<script lang="ts" module>
	/** The room a picture is given, in its own units; on a narrow page fewer neighbours, and words that keep their size. */
	export interface Room {
		readonly width: number;
		readonly height: number;
		readonly neighbours: number;
		readonly textSize: number;
	}
</script>

<script lang="ts">
	import type { Snippet } from 'svelte';

	let { picture }: { picture: Snippet<[Room]> } = $props();

	const WIDE = 944;
	const NARROW = 480;
	const NARROW_BELOW_PX = 640;
	const TEXT_PX = 15;

	let pixelWidth = $state(WIDE);
	let pixelHeight = $state(452);
	const narrow = $derived(pixelWidth < NARROW_BELOW_PX);
	const width = $derived(narrow ? NARROW : WIDE);
	const perPixel = $derived(width / Math.max(1, pixelWidth));
</script>

<div class="h-full w-full overflow-hidden" bind:clientWidth={pixelWidth} bind:clientHeight={pixelHeight}>
	{@render picture({
		width,
		height: Math.round(pixelHeight * perPixel),
		neighbours: narrow ? 1 : 2,
		textSize: TEXT_PX * Math.max(1, perPixel)
	})}
</div>
