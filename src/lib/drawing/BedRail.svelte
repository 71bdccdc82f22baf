<script lang="ts">
	import { untrack } from 'svelte';
	import { cubicInOut } from 'svelte/easing';
	import { prefersReducedMotion, Tween } from 'svelte/motion';
	import type { Crossing } from '$core/crossing/crossing';
	import type { BedFrame, BedMove } from '$core/hands/bed';
	import type { Bed } from '$core/technique/medium';
	import { bedGroundOf, bedLayoutOf, bedTargetsOf } from './bed';
	import { paintBed, toolSpan } from './paintBed';
	import { paintParts } from './parts';
	import { rolesOf, type Point } from './rail';
	import Hatch from './Hatch.svelte';
	import PaintedParts from './PaintedParts.svelte';
	import RailMarks from './RailMarks.svelte';

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
	const halo = $derived(bedTargetsOf(next, frame));
	const tools = $derived(Object.entries(frame.tools));
	const parts = $derived(
		paintParts(`${uid}-hatch`, (pen) =>
			paintBed(pen, { crossing, frame, medium, ground, loops: now, width, height })
		)
	);
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

	<PaintedParts {parts} />
	{#each ground.columns.slice(1) as x, i (x)}
		<text
			{x}
			y={ground.bedY + (medium === 'machine' ? -19 : 27) * thick}
			font-size={textSize * 0.94}
			text-anchor="middle"
			class="fill-ink">{i + 1}</text
		>
	{/each}
	{#each tools as [name, held] (name)}
		{@const span = toolSpan(held.stitches, now, scale)}
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
