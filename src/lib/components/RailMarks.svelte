<script lang="ts">
	import type { Point, Role } from '$lib/drawing/rail';
	import NumberedDisc from './NumberedDisc.svelte';

	/** The halo of the stitches that are touched next, and the number below every loop. */
	let {
		loops,
		halo,
		roles,
		scale,
		textSize,
		inPicture = (at) => at
	}: {
		/** where every loop is, by position from index 1 */
		loops: readonly Point[];
		halo: readonly number[];
		roles: readonly Role[];
		scale: number;
		textSize: number;
		/** where a point of the drawing lies, when the drawing is mirrored or turned */
		inPicture?: (at: Point) => Point;
	} = $props();

	const disc = $derived(Math.max(textSize * 0.74, 16 * scale));
	const numbered = $derived(loops.flatMap((at, stitch) => (at ? [{ at, stitch }] : [])));
</script>

{#each halo as stitch (stitch)}
	{@const at = inPicture({ x: loops[stitch].x, y: loops[stitch].y + 3 * scale })}
	<circle
		cx={at.x}
		cy={at.y}
		r={34 * scale}
		fill="none"
		class="line-halo"
		stroke-width="2.4"
		stroke-dasharray="5 4"
	/>
{/each}
{#each numbered as { at, stitch } (stitch)}
	{@const place = inPicture({ x: at.x, y: at.y + 34 * scale + disc * 0.9 })}
	<NumberedDisc
		x={place.x}
		y={place.y}
		r={disc}
		role={roles[stitch]}
		number={stitch}
		textSize={Math.max(textSize * 0.94, 19 * scale)}
	/>
{/each}
