<script lang="ts">
	import type { Working } from '$core/fabric/fabric';
	import type { Hands } from '$core/ways/handed';
	import Hatch from './Hatch.svelte';
	import PaintedParts from './PaintedParts.svelte';
	import { paintParts } from './parts';
	import { paintPictureRow, pictureRow } from './pictureRow';

	/** One row as a picture, read from the arrow on: its crosses by their ribbons, and how many stitches lie between. */
	let {
		working,
		step,
		hands,
		alt
	}: {
		working: Working;
		/** the row by its place in the plan */
		step: number;
		/** who works it */
		hands: Hands;
		alt: string;
	} = $props();

	const uid = $props.id();
	const picture = $derived(pictureRow(working, step, hands));
	const parts = $derived(paintParts(`${uid}-hatch`, (pen) => paintPictureRow(pen, picture)));
</script>

<svg
	viewBox="0 {picture.top} {picture.size.width} {picture.height}"
	width={picture.size.width}
	height={picture.height}
	class="block h-auto max-w-full"
	role="img"
	aria-label={alt}
>
	<Hatch id="{uid}-hatch" />
	<PaintedParts {parts} />
	{#each picture.labels as { kind, count, x, y }, i (i)}
		<text
			{x}
			{y}
			text-anchor="middle"
			font-size="15"
			fill="currentColor"
			class={kind === 'look' ? 'font-bold' : ''}>{count}</text
		>
	{/each}
</svg>
