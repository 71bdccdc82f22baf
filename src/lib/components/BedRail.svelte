<script lang="ts">
	import { untrack } from 'svelte';
	import { cubicInOut } from 'svelte/easing';
	import { prefersReducedMotion, Tween } from 'svelte/motion';
	import type { Crossing } from '$core/crossing/crossing';
	import { frontToBack } from '$core/crossing/depth';
	import type { BedFrame, BedMove } from '$core/hands/bed';
	import type { Bed } from '$core/media/medium';
	import { bedGroundOf, bedLayoutOf, bedTargetsOf } from '$lib/drawing/bed';
	import { leaves, ripples } from '$lib/drawing/cloth';
	import { rolesOf, type Point } from '$lib/drawing/rail';
	import Hatch from './Hatch.svelte';
	import RailLoop from './RailLoop.svelte';
	import RailMarks from './RailMarks.svelte';
	import RailStrand from './RailStrand.svelte';

	/** A machine's needles or a loom's pegs as the one who works them sees them, with what tools and pins hold. */
	let {
		crossing,
		frame,
		next,
		medium,
		width = 944,
		height = 452,
		neighbours = 2,
		textSize = 15,
		alt
	}: {
		crossing: Crossing;
		frame: BedFrame;
		next?: BedMove;
		medium: Bed;
		width?: number;
		height?: number;
		neighbours?: number;
		textSize?: number;
		alt: string;
	} = $props();

	const uid = $props.id();
	const hatch = `url(#${uid}-hatch)`;
	const STEP_MS = 340;

	const ground = $derived(bedGroundOf(crossing.stitches, medium, { width, height, neighbours }));
	const target = $derived(bedLayoutOf(frame, ground));
	const tween = new Tween<Point[]>(
		untrack(() => target),
		{ duration: STEP_MS, easing: cubicInOut, interpolate: between }
	);
	$effect(() => {
		const still = prefersReducedMotion.current || untrack(() => tween.target).length !== target.length;
		tween.set(target, still ? { duration: 0 } : undefined);
	});
	const now = $derived(tween.current.length === target.length ? tween.current : target);

	function between(a: Point[], b: Point[]): (t: number) => Point[] {
		if (a.length !== b.length) return () => b;
		return (t) => b.map((to, i) => ({ x: a[i].x + (to.x - a[i].x) * t, y: a[i].y + (to.y - a[i].y) * t }));
	}

	const scale = $derived(ground.scale);
	const thick = $derived(Math.max(0.7, scale));
	const roles = $derived(rolesOf(crossing));
	const facesPurl = $derived(medium === 'machine');
	/** From the machine's side what lies in front on the right side is furthest away. */
	const drawOrder = $derived.by(() => {
		const order = frontToBack(crossing.stitches, crossing.over) ?? [];
		return facesPurl ? order : [...order].reverse();
	});
	const halo = $derived(bedTargetsOf(next, frame));
	const tools = $derived(Object.entries(frame.tools));
	const ground0 = $derived(facesPurl ? ripples : leaves);
	const pulled = (place: number) => (frame.forward.includes(place) ? 22 * scale : 0);
	const toolSpan = (stitches: readonly number[]) => {
		const xs = stitches.map((stitch) => now[stitch].x);
		return { from: Math.min(...xs) - 24 * scale, to: Math.max(...xs) + 24 * scale, y: now[stitches[0]].y };
	};
	const hanging = $derived(crossing.order.filter((stitch) => frame.bed.includes(stitch)));
</script>

<svg
	viewBox="0 0 {width} {height}"
	class="block h-full w-full select-none"
	role="img"
	aria-label={alt}
	preserveAspectRatio="xMidYMid slice"
>
	<Hatch id="{uid}-hatch" />
	<rect {width} {height} class="fill-band-mid" />

	<g fill="none" stroke-width={2.4 * thick} stroke-linecap="round" class="line-ground" opacity="0.75">
		{#each [...ground.besideColumns, ...ground.columns.slice(1)] as x (x)}
			<path
				d={ground0(
					x,
					height + (facesPurl ? 8 : 14),
					ground.clothTop,
					ground.pitch * 0.8,
					(facesPurl ? 17 : 21) * thick
				)}
			/>
		{/each}
	</g>

	{#if medium === 'machine'}
		<rect
			y={ground.bedY - 36 * thick}
			{width}
			height={24 * thick}
			class="fill-steel line-steel-edge"
			stroke-width="1.5"
		/>
		{#each [...ground.besideColumns.map((x) => ({ x, out: 0 })), ...ground.columns
				.slice(1)
				.map((x, i) => ({ x, out: pulled(i + 1) }))] as { x, out } (x)}
			<path
				d="M{x - 4 * scale} {ground.bedY - 30 * scale}V{ground.bedY + out}q{4 * scale} {9 * scale} {8 *
					scale} 0V{ground.bedY - 30 * scale}z"
				class="fill-steel line-steel-edge"
				stroke-width="1.5"
			/>
		{/each}
	{:else}
		{#each [...ground.besideColumns, ...ground.columns.slice(1)] as x (x)}
			<rect
				x={x - 9 * scale}
				y={ground.bedY - 34 * scale}
				width={18 * scale}
				height={52 * scale}
				rx={9 * scale}
				class="fill-wood line-wood-edge"
				stroke-width="1.5"
			/>
		{/each}
		<rect
			y={ground.bedY + 11 * thick}
			{width}
			height={22 * thick}
			class="fill-wood line-wood-edge"
			stroke-width="1.5"
		/>
	{/if}

	{#each ground.columns.slice(1) as x, i (x)}
		<text
			{x}
			y={ground.bedY + (medium === 'machine' ? -19 : 27) * thick}
			font-size={textSize * 0.94}
			text-anchor="middle"
			class="fill-ink">{i + 1}</text
		>
	{/each}
	{#each ground.besideColumns as x (x)}
		{@const at = { x, y: ground.bedY }}
		<RailStrand from={at} column={x} clothTop={ground.clothTop} {scale} role="still" width={16} {hatch} />
		<RailLoop {at} {scale} role="still" leg="right" half="back" {hatch} />
		<RailLoop {at} {scale} role="still" leg="right" half="front" {hatch} />
	{/each}
	{#each drawOrder as stitch (stitch)}
		<RailStrand
			from={now[stitch]}
			column={ground.columns[stitch]}
			clothTop={ground.clothTop}
			{scale}
			role={roles[stitch]}
			width={20}
			{hatch}
		/>
	{/each}
	{#each hanging as stitch (stitch)}
		<RailLoop at={now[stitch]} {scale} role={roles[stitch]} leg="right" half="back" {hatch} />
		<RailLoop at={now[stitch]} {scale} role={roles[stitch]} leg="right" half="front" {hatch} />
	{/each}
	{#each tools as [name, held] (name)}
		{@const span = toolSpan(held.stitches)}
		{#each held.stitches as stitch (stitch)}
			<RailLoop at={now[stitch]} {scale} role={roles[stitch]} leg="right" half="back" {hatch} />
		{/each}
		<rect
			x={span.from}
			y={span.y - 6 * thick}
			width={span.to - span.from}
			height={12 * thick}
			rx={6 * thick}
			class="fill-steel line-steel-edge"
			stroke-width="1.5"
		/>
		{#each held.stitches as stitch (stitch)}
			<RailLoop at={now[stitch]} {scale} role={roles[stitch]} leg="right" half="front" {hatch} />
		{/each}
		<text
			x={(span.from + span.to) / 2}
			y={span.y - 40 * scale}
			font-size={textSize}
			text-anchor="middle"
			class="label fill-ink"
		>
			{medium === 'machine' ? `tool ${name}` : `pin ${name}${held.at ? `, ${held.at}` : ''}`}
		</text>
	{/each}

	<RailMarks loops={now} {halo} {roles} {scale} {textSize} />
	<text x="28" y={textSize * 1.9} font-size={textSize} class="label fill-ink">
		{medium === 'machine'
			? 'The purl side faces you; needle 1 is leftmost'
			: 'The knit side faces you; peg 1 is rightmost'}
	</text>
</svg>

<style>
	text {
		font-weight: 500;
	}
	.label {
		paint-order: stroke;
		stroke: var(--band-mid);
		stroke-width: 4px;
		stroke-linejoin: round;
	}
</style>
