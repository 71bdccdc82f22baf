<script lang="ts">
	import NeedleRail, { type RailProps } from './NeedleRail.svelte';

	/** The needle rail in the room it is given: on a narrow page fewer neighbours, and stitches that keep their size. */
	let props: Omit<RailProps, 'width' | 'height' | 'neighbours' | 'textSize'> = $props();

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
	<NeedleRail
		{...props}
		{width}
		height={Math.round(pixelHeight * perPixel)}
		neighbours={narrow ? 1 : 2}
		textSize={TEXT_PX * Math.max(1, perPixel)}
	/>
</div>
