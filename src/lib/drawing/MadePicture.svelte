<script lang="ts">
	import type { Crossing } from '$core/crossing/crossing';
	import type { MendState } from '$core/faults/mending';
	import { madePicture, paintMade } from './paintMade';
	import { paintParts } from './parts';
	import Hatch from './Hatch.svelte';
	import NumberedDisc from './NumberedDisc.svelte';
	import PaintedParts from './PaintedParts.svelte';

	/** The cloth around one cross as hands made it, with what gives a slip away, or at one moment of its mend. */
	let {
		meant,
		state,
		from = 'right',
		numbers = false,
		rings = true,
		most = 2,
		tall = false,
		alt
	}: {
		/** as it is played */
		meant: Crossing;
		state: MendState;
		from?: 'right' | 'left';
		numbers?: boolean;
		/** rings around what gives it away */
		rings?: boolean;
		/** most rows above the cross that are drawn */
		most?: number;
		/** as high as its room, not as wide */
		tall?: boolean;
		alt: string;
	} = $props();

	const uid = $props.id();
	const picture = $derived(madePicture(meant, state, { from, numbers, most, rings }));
	const parts = $derived(paintParts(`${uid}-hatch`, (pen) => paintMade(pen, picture)));
</script>

<svg
	viewBox="-6 0 {picture.width + 12} {picture.height}"
	class="block {tall ? 'mx-auto h-full max-w-full' : 'h-auto w-full'}"
	role="img"
	aria-label={alt}
>
	<Hatch id="{uid}-hatch" />
	<PaintedParts {parts} />
	{#each picture.discs as { x, y, r, role, number, size }, i (i)}
		<NumberedDisc {x} {y} {r} {role} {number} textSize={size} />
	{/each}
</svg>
