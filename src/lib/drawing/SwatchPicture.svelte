<script lang="ts">
	import type { Working } from '$core/fabric/fabric';
	import { partsOf } from './parts';
	import type { Hands } from '$core/ways/handed';
	import { clothSize, viewFor } from './swatch';
	import Hatch from './Hatch.svelte';
	import PaintedParts from './PaintedParts.svelte';

	/** A small picture of a cloth, from its lower edge up; the whole of it, or so many rows. */
	let {
		working,
		hands,
		rows = Infinity,
		side = 'right',
		fit = 'width'
	}: {
		working: Working;
		/** who knits it */
		hands: Hands;
		rows?: number;
		side?: 'right' | 'wrong';
		/** takes the height it needs for its width, fills its frame from the lower edge up, or shows all of itself in it */
		fit?: 'width' | 'fill' | 'whole';
	} = $props();

	const uid = $props.id();
	const view = $derived(viewFor(working, hands, { stitch: 20, row: 22 }, side));
	const size = $derived(clothSize(working, view));
	const shown = $derived(Math.min(rows, size.rows));
	const parts = $derived(
		partsOf(working, { first: 0, last: shown, left: 0, right: size.width }, size, view, `${uid}-hatch`)
	);
	const MARGIN = 44;
</script>

<svg
	viewBox="{MARGIN} {size.height - shown * view.row} {size.width - 2 * MARGIN} {shown * view.row}"
	class="block w-full {fit === 'width' ? 'h-auto' : 'h-full'}"
	preserveAspectRatio={fit === 'fill' ? 'xMidYMax slice' : 'xMidYMax meet'}
	aria-hidden="true"
>
	<Hatch id="{uid}-hatch" />
	<PaintedParts {parts} />
</svg>
