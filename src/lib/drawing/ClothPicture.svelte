<script lang="ts">
	import type { Crossing } from '$core/crossing/crossing';
	import { crossPicture, paintCross } from './paintCross';
	import { paintParts } from './parts';
	import Hatch from './Hatch.svelte';
	import NumberedDisc from './NumberedDisc.svelte';
	import PaintedParts from './PaintedParts.svelte';

	/** The cloth around one cross: plain rows, the cross, plain rows; numbered before and after. */
	let {
		crossing,
		side = 'right',
		from = 'right',
		numbers = true,
		alt
	}: {
		/** as the right side shows it */
		crossing: Crossing;
		side?: 'right' | 'wrong';
		/** the edge at which stitch 1 stands before the cross, seen from the right side: the working hand's */
		from?: 'right' | 'left';
		numbers?: boolean;
		alt: string;
	} = $props();

	const uid = $props.id();
	const picture = $derived(crossPicture(crossing, { side, from, numbers }));
	const parts = $derived(paintParts(`${uid}-hatch`, (pen) => paintCross(pen, picture)));
</script>

<svg
	viewBox="0 0 {picture.width} {picture.height}"
	class="block h-auto w-full"
	role={alt ? 'img' : undefined}
	aria-label={alt || undefined}
	aria-hidden={alt === ''}
>
	<Hatch id="{uid}-hatch" />
	<PaintedParts {parts} />
	{#each picture.discs as { x, y, r, role, number, size }, i (i)}
		<NumberedDisc {x} {y} {r} {role} {number} textSize={size} />
	{/each}
</svg>
