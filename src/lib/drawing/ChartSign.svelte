<script lang="ts">
	import type { Crossing } from '$core/crossing/crossing';
	import { mirror } from '$core/crossing/transform';
	import type { CellSign } from '$core/swatch/chart';
	import { paintSign, paintSymbol } from './chart';
	import Hatch from './Hatch.svelte';
	import PaintedParts from './PaintedParts.svelte';
	import { paintParts } from './parts';

	/** One sign of a chart's legend: a box, or the symbol of a crossing. */
	let { is, crossing, mirrored }: { is?: CellSign; crossing?: Crossing; mirrored: boolean } = $props();

	const uid = $props.id();
	const BOX = { width: 26, height: 30 };
	const RIM = 2;
	const width = $derived((crossing?.stitches ?? 1) * BOX.width);
	const parts = $derived(
		paintParts(`${uid}-hatch`, (pen) => {
			const place = { x: RIM, top: RIM, width, height: BOX.height };
			if (crossing) paintSymbol(pen, mirrored ? mirror(crossing) : crossing, place);
			else if (is) paintSign(pen, is, place, mirrored);
		})
	);
</script>

<svg
	viewBox="0 0 {width + 2 * RIM} {BOX.height + 2 * RIM}"
	width={width + 2 * RIM}
	height={BOX.height + 2 * RIM}
	class="block max-w-full"
	aria-hidden="true"
>
	<Hatch id="{uid}-hatch" />
	<PaintedParts {parts} />
</svg>
