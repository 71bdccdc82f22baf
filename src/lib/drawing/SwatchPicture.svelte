<script lang="ts">
	import type { Working } from '$core/fabric/fabric';
	import { partsOf } from './parts';
	import { clothSize } from './swatch';
	import Hatch from './Hatch.svelte';
	import PaintedParts from './PaintedParts.svelte';

	/** A small picture of a cloth, from its lower edge up; the whole of it, or so many rows. */
	let {
		working,
		rows = Infinity,
		fit = 'width'
	}: {
		working: Working;
		rows?: number;
		/** takes the height it needs for its width, fills its frame from the lower edge up, or shows all of itself in it */
		fit?: 'width' | 'fill' | 'whole';
	} = $props();

	const uid = $props.id();
	const VIEW = { stitch: 20, row: 22, side: 'right', mirrored: false } as const;
	const size = $derived(clothSize(working, VIEW));
	const shown = $derived(Math.min(rows, size.rows));
	const parts = $derived(
		partsOf(working, { first: 0, last: shown, left: 0, right: size.width }, size, VIEW, `${uid}-hatch`)
	);
	const MARGIN = 44;
</script>

<svg
	viewBox="{MARGIN} {size.height - shown * VIEW.row} {size.width - 2 * MARGIN} {shown * VIEW.row}"
	class="block w-full {fit === 'width' ? 'h-auto' : 'h-full'}"
	preserveAspectRatio={fit === 'fill' ? 'xMidYMax slice' : 'xMidYMax meet'}
	aria-hidden="true"
>
	<Hatch id="{uid}-hatch" />
	<PaintedParts {parts} />
</svg>
