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
		inPicture = (x) => x
	}: {
		/** where every loop is, by position from index 1 */
		loops: readonly Point[];
		halo: readonly number[];
		roles: readonly Role[];
		scale: number;
		textSize: number;
		/** where an x of the drawing lies, when the drawing is mirrored */
		inPicture?: (x: number) => number;
	} = $props();

	const disc = $derived(Math.max(textSize * 0.74, 16 * scale));
	const numbered = $derived(loops.flatMap((at, stitch) => (at ? [{ at, stitch }] : [])));
</script>

{#each halo as stitch (stitch)}
	<circle
		cx={inPicture(loops[stitch].x)}
		cy={loops[stitch].y + 3 * scale}
		r={34 * scale}
		fill="none"
		class="line-halo"
		stroke-width="2.4"
		stroke-dasharray="5 4"
	/>
{/each}
{#each numbered as { at, stitch } (stitch)}
	<NumberedDisc
		x={inPicture(at.x)}
		y={at.y + 34 * scale + disc * 0.9}
		r={disc}
		role={roles[stitch]}
		number={stitch}
		textSize={Math.max(textSize * 0.94, 19 * scale)}
	/>
{/each}
