<script lang="ts">
	import { haloPlace, numberPlace } from './paintRail';
	import type { Point, Role } from './rail';
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

	const numbered = $derived(loops.flatMap((at, stitch) => (at ? [{ at, stitch }] : [])));
</script>

{#each halo as stitch (stitch)}
	{@const ring = haloPlace(loops[stitch], scale)}
	{@const at = inPicture(ring)}
	<circle
		cx={at.x}
		cy={at.y}
		r={ring.r}
		fill="none"
		class="line-halo"
		stroke-width="2.4"
		stroke-dasharray="5 4"
	/>
{/each}
{#each numbered as { at, stitch } (stitch)}
	{@const { r, size, ...below } = numberPlace(at, scale, textSize)}
	{@const place = inPicture(below)}
	<NumberedDisc x={place.x} y={place.y} {r} role={roles[stitch]} number={stitch} textSize={size} />
{/each}
