<script lang="ts">
	import type { Working } from '$core/fabric/fabric';
	import { stretchesOf } from '$core/swatch/look';
	import Hatch from '$lib/components/Hatch.svelte';
	import PaintedParts from '$lib/components/PaintedParts.svelte';
	import { partsOf } from '$lib/drawing/parts';
	import { columnX, MARGIN, sizeOf } from '$lib/drawing/swatch';

	/** One row as a picture, read from the arrow on: its crosses by their ribbons, and how many stitches lie between. */
	let {
		working,
		step,
		from,
		alt
	}: {
		working: Working;
		/** the row by its place in the plan */
		step: number;
		/** the edge at which the hands begin */
		from: 'right' | 'left';
		alt: string;
	} = $props();

	const uid = $props.id();
	const VIEW = { stitch: 30, row: 46, side: 'right', mirrored: false } as const;
	const size = $derived(sizeOf(working, VIEW));
	const top = $derived(size.height - (step + 1) * VIEW.row);
	const row = $derived(working.steps[step].row);
	const LABEL = 24;
	const parts = $derived(
		partsOf(working, { first: step, last: step + 1, left: 0, right: size.width }, size, VIEW, `${uid}-hatch`)
	);
	const labels = $derived(
		stretchesOf(working.steps[step]).map(({ kind, count, at }) => {
			const column = (i: number) => (row.side === 'RS' ? row.before - 1 - i : i);
			const xs = [
				columnX(column(at), row.before, size, VIEW),
				columnX(column(at + count - 1), row.before, size, VIEW)
			];
			return {
				kind,
				count,
				x: (xs[0] + xs[1]) / 2,
				left: Math.min(...xs) - VIEW.stitch / 2,
				right: Math.max(...xs) + VIEW.stitch / 2
			};
		})
	);
	const arrow = $derived(from === 'right' ? size.width - MARGIN + 10 : MARGIN - 10);
	const way = $derived(from === 'right' ? -1 : 1);
</script>

<svg
	viewBox="0 {top - 4} {size.width} {VIEW.row + LABEL + 8}"
	width={size.width}
	height={VIEW.row + LABEL + 8}
	class="block h-auto max-w-full"
	role="img"
	aria-label={alt}
>
	<Hatch id="{uid}-hatch" />
	<PaintedParts {parts} />
	<path
		d="M{arrow + (way > 0 ? -22 : 22)} {top + VIEW.row / 2}h{way * 20}m{-way * 9} -8l{way * 9} 8l{-way * 9} 8"
		fill="none"
		stroke="currentColor"
		stroke-width="3"
		stroke-linecap="round"
		stroke-linejoin="round"
	/>
	{#each labels as { kind, count, x, left, right }, i (i)}
		<path
			d="M{left + 3} {top + VIEW.row + 5}H{right - 3}"
			stroke="currentColor"
			stroke-width={kind === 'look' ? 3.5 : 1.2}
		/>
		<text
			{x}
			y={top + VIEW.row + 22}
			text-anchor="middle"
			font-size="15"
			fill="currentColor"
			class={kind === 'look' ? 'font-bold' : ''}>{count}</text
		>
	{/each}
</svg>
