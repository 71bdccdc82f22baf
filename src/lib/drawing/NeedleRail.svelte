<script lang="ts" module>
	import type { Crossing } from '$core/crossing/crossing';
	import type { Move } from '$core/hands/moves';
	import type { HandState } from '$core/hands/state';
	import type { Voice } from '$core/hands/voice';

	export interface RailProps {
		crossing: Crossing;
		state: HandState;
		/** the move that comes next, whose stitches wear the halo */
		next?: Move;
		voice: Pick<Voice, 'hand' | 'yarnHand'>;
		width?: number;
		height?: number;
		neighbours?: number;
		/** stitches that were slipped for some rows: long, and still in their older colour */
		long?: readonly number[];
		/** size of the words, in the drawing's units */
		textSize?: number;
		/** turned about, as learners see it who sit opposite */
		facing?: boolean;
		/** how many times as long a move takes as it does usually */
		slow?: number;
		/** false for pictures that only illustrate: no words beside things */
		labels?: boolean;
		/** what the picture shows, for those who cannot see it */
		alt: string;
	}
</script>

<script lang="ts">
	import { untrack } from 'svelte';
	import { cubicInOut } from 'svelte/easing';
	import { prefersReducedMotion, Tween } from 'svelte/motion';
	import { paintRail } from './paintRail';
	import { paintParts } from './parts';
	import {
		groundOf,
		layoutOf,
		mixed,
		rolesOf,
		sameRail,
		targetsOf,
		type Point,
		type RailLayout
	} from './rail';
	import Hatch from './Hatch.svelte';
	import PaintedParts from './PaintedParts.svelte';
	import RailMarks from './RailMarks.svelte';
	import RailWords from './RailWords.svelte';

	let {
		crossing,
		state,
		next,
		voice,
		width = 944,
		height = 452,
		neighbours = 2,
		long = [],
		textSize = 15,
		facing = false,
		slow = 1,
		labels = true,
		alt
	}: RailProps = $props();

	const uid = $props.id();
	const STEP_MS = 340;

	const mirrored = $derived(voice.hand === 'left');
	const room = $derived({ width, height, neighbours });
	const ground = $derived(groundOf(crossing.stitches, room));
	const yarnTo = $derived((voice.yarnHand === 'right') !== mirrored ? 'right' : 'left');
	const target = $derived(layoutOf(state, ground, room, yarnTo));
	const tween = new Tween<RailLayout>(
		untrack(() => target),
		{
			duration: STEP_MS,
			easing: cubicInOut,
			// A glide that was cut off may leave a layout of another crossing behind.
			interpolate: (a, b) => (sameRail(a, b) ? (t) => mixed(a, b, t) : () => b)
		}
	);
	$effect(() => {
		const still =
			prefersReducedMotion.current ||
			!sameRail(
				untrack(() => tween.target),
				target
			);
		tween.set(target, { duration: still ? 0 : STEP_MS * slow });
	});
	// Until the tween has caught up with another crossing, its own target is what is drawn.
	const now = $derived(sameRail(tween.current, target) ? tween.current : target);

	const scale = $derived(ground.scale);
	const roles = $derived(rolesOf(crossing));
	const halo = $derived(targetsOf(next, state));
	const parts = $derived(
		paintParts(`${uid}-hatch`, (pen) =>
			paintRail(pen, { crossing, state, next, layout: now, ground, width, height, long })
		)
	);
	const inPicture = ({ x, y }: Point): Point => ({
		x: mirrored !== facing ? width - x : x,
		y: facing ? height - y : y
	});
</script>

<svg
	viewBox="0 0 {width} {height}"
	class="block h-full w-full select-none"
	role={alt ? 'img' : undefined}
	aria-label={alt || undefined}
	aria-hidden={alt === ''}
	preserveAspectRatio="xMidYMid slice"
>
	<Hatch id="{uid}-hatch" />
	<defs>
		<linearGradient id="{uid}-behind" x1="0" x2="0" y1="0" y2="1">
			<stop offset="0" class="stop-behind" />
			<stop offset="1" class="stop-mid" />
		</linearGradient>
	</defs>
	<g transform={facing ? `rotate(180 ${width / 2} ${height / 2})` : undefined}>
		<rect {width} {height} class="fill-band-mid" />
		<rect {width} height={ground.behindEnd * 1.33} fill="url(#{uid}-behind)" />
		<rect y={ground.frontStart} {width} height={height - ground.frontStart} class="fill-band-front" />

		<g transform={mirrored ? `translate(${width} 0) scale(-1 1)` : undefined}>
			<PaintedParts {parts} />
		</g>
	</g>

	<RailMarks loops={now.loops} {halo} {roles} {scale} {textSize} {inPicture} />
	{#if labels && long.length > 0}
		<text x={28} y={height - textSize} font-size={textSize} class="fill-ink older"
			>Dotted: long, in their older colour</text
		>
	{/if}
	{#if labels}
		<RailWords
			{state}
			layout={now}
			{ground}
			{width}
			{textSize}
			{mirrored}
			{facing}
			{height}
			yarnHand={voice.yarnHand}
			short={neighbours < 2}
		/>
	{/if}
</svg>

<style>
	.older {
		font-weight: 500;
		paint-order: stroke;
		stroke: var(--band-front);
		stroke-width: 4px;
	}
	.stop-behind {
		stop-color: var(--band-behind);
	}
	.stop-mid {
		stop-color: var(--band-mid);
	}
</style>
