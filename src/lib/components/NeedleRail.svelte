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
	import { frontToBack } from '$core/crossing/depth';
	import { entryOf } from '$core/hands/entry';
	import { heldOf } from '$core/hands/state';
	import { leaves, ripples } from '$lib/drawing/cloth';
	import { cableNeedle, entry, needle, strand, workingYarn } from '$lib/drawing/paths';
	import {
		groundOf,
		layoutOf,
		mixed,
		rolesOf,
		sameRail,
		targetsOf,
		type Point,
		type RailLayout
	} from '$lib/drawing/rail';
	import Hatch from './Hatch.svelte';
	import RailBump from './RailBump.svelte';
	import RailLoop from './RailLoop.svelte';
	import RailMarks from './RailMarks.svelte';
	import RailStrand from './RailStrand.svelte';
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
	const hatch = `url(#${uid}-hatch)`;
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
	// Small stitches keep needles and yarn that can still be seen.
	const thick = $derived(Math.max(0.7, scale));
	const roles = $derived(rolesOf(crossing));
	const purled = $derived(crossing.order.filter((_, i) => crossing.work[i].startsWith('p')));
	const drawOrder = $derived([...(frontToBack(crossing.stitches, crossing.over) ?? [])].reverse());
	const held = $derived(heldOf(state));
	const heldAt = (at: 'front' | 'back') =>
		held.filter((group) => group.at === at).flatMap((group) => group.stitches);
	const onNeedles = $derived(
		crossing.order.filter((stitch) => !held.some((group) => group.stitches.includes(stitch)))
	);
	const taken = $derived(
		state.reach
			? state[state.reach.needle === 'right' ? 'left' : 'right'].slice(
					state.reach.past,
					state.reach.past + state.reach.take
				)
			: []
	);
	/** The needles that lie where needles do; one that has reached in is drawn before or after the loops it passes. */
	const resting = $derived((['left', 'right'] as const).filter((side) => side !== state.reach?.needle));
	const halo = $derived(targetsOf(next, state));
	/** brioche: a knit column carries its yarn-over until it is worked, a purl column has one from then on */
	const yarnOvers = $derived(
		crossing.order.filter((stitch, i) => {
			const word = crossing.work[i];
			const worked = state.order.includes(stitch);
			return (word === 'brk' && !worked) || (word === 'slyo' && worked);
		})
	);
	/** where the tip goes into the stitch that is worked next */
	const entering = $derived(
		next?.do === 'work' && halo.length > 0
			? { stitch: halo[0], ...entryOf(next.stitches[0], state.start[halo[0]]) }
			: null
	);
	const inPicture = ({ x, y }: Point): Point => ({
		x: mirrored !== facing ? width - x : x,
		y: facing ? height - y : y
	});
	const yarnPath = $derived(workingYarn(now.yarn, now.hand, state.yarn));
</script>

{#snippet wooden(side: 'left' | 'right')}
	<path
		d={needle(
			{ x: side === 'left' ? -24 : width + 24, y: ground.needleY },
			side === 'left' ? now.leftTip : now.rightTip,
			scale
		)}
		class="fill-wood line-wood-edge"
		stroke-width="1.5"
	/>
{/snippet}

{#snippet loop(stitch: number, half: 'front' | 'back')}
	<RailLoop at={now.loops[stitch]} {scale} role={roles[stitch]} leg={state.mounts[stitch]} {half} {hatch} />
{/snippet}

{#snippet yarn()}
	<g fill="none" stroke-linecap="round">
		<path d={yarnPath} class="line-working-edge" stroke-width={8 * thick} />
		<path d={yarnPath} class="line-working" stroke-width={4.6 * thick} />
	</g>
{/snippet}

{#snippet offNeedle(at: 'front' | 'back')}
	{#each heldAt(at) as stitch (stitch)}{@render loop(stitch, 'back')}{/each}
	{#each Object.values(state.cables) as cable (cable.placed)}
		{#if cable.at === at}
			<path
				d={cableNeedle(now.loops[cable.stitches[0]], now.loops[cable.stitches.at(-1)!], scale)}
				class="fill-steel line-steel-edge"
				stroke-width="1.5"
			/>
		{/if}
	{/each}
	{#each heldAt(at) as stitch (stitch)}{@render loop(stitch, 'front')}{/each}
{/snippet}

<svg
	viewBox="0 0 {width} {height}"
	class="block h-full w-full select-none"
	role="img"
	aria-label={alt}
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
			<g fill="none" stroke-width={2.4 * thick} stroke-linecap="round" class="cloth">
				{#each [...ground.besideColumns, ...purled.map((stitch) => ground.columns[stitch])] as x (x)}
					<path d={ripples(x, height + 8, ground.clothTop + 4, ground.pitch * 0.86, 17 * thick)} />
				{/each}
				{#each crossing.order.filter((stitch) => !purled.includes(stitch)) as stitch (stitch)}
					<path
						d={leaves(ground.columns[stitch], height + 14, ground.clothTop, ground.pitch * 0.72, 21 * thick)}
					/>
				{/each}
			</g>

			{#each now.beside as from, i (i)}
				<RailStrand
					{from}
					column={ground.besideColumns[i]}
					clothTop={ground.clothTop}
					{scale}
					role="still"
					width={16}
					{hatch}
				/>
			{/each}
			{#each drawOrder as stitch (stitch)}
				<RailStrand
					from={now.loops[stitch]}
					column={ground.columns[stitch]}
					clothTop={ground.clothTop}
					{scale}
					role={roles[stitch]}
					width={20}
					{hatch}
				/>
			{/each}

			{#each long as stitch (stitch)}
				<path
					d={strand(now.loops[stitch], ground.columns[stitch], ground.clothTop, scale)}
					class="line-working-edge"
					fill="none"
					stroke-width={4 * thick}
					stroke-linecap="round"
					stroke-dasharray="0.1 {9 * thick}"
				/>
			{/each}

			{@render offNeedle('back')}
			{#if state.yarn === 'back'}{@render yarn()}{/if}

			{#each now.beside as at, i (i)}<RailLoop
					{at}
					{scale}
					role="still"
					leg="right"
					half="back"
					{hatch}
				/>{/each}
			{#each onNeedles as stitch (stitch)}{@render loop(stitch, 'back')}{/each}
			{#if state.reach?.pass === 'behind'}{@render wooden(state.reach.needle)}{/if}
			{#each resting as side (side)}{@render wooden(side)}{/each}
			{#each now.beside as at, i (i)}
				<RailLoop {at} {scale} role="still" leg="right" half="front" {hatch} />
				<RailBump {at} {scale} role="still" />
			{/each}
			{#each onNeedles.filter((stitch) => !taken.includes(stitch)) as stitch (stitch)}
				{@render loop(stitch, 'front')}
			{/each}
			{#if state.reach?.pass === 'front'}{@render wooden(state.reach.needle)}{/if}
			{#each taken as stitch (stitch)}{@render loop(stitch, 'front')}{/each}
			{#if state.yarn === 'front'}{@render yarn()}{/if}
			{@render offNeedle('front')}

			{#each yarnOvers as stitch (stitch)}
				{@const at = now.loops[stitch]}
				{@const d = `M${at.x - 19 * scale} ${at.y + 20 * scale}Q${at.x} ${at.y - 46 * scale} ${at.x + 19 * scale} ${at.y + 20 * scale}`}
				<path {d} class="line-working-edge" fill="none" stroke-width={6 * thick} stroke-linecap="round" />
				<path {d} class="line-working" fill="none" stroke-width={3.4 * thick} stroke-linecap="round" />
			{/each}
			{#if entering}
				<path
					d={entry(now.loops[entering.stitch], scale, entering.towards)}
					class="line-halo"
					fill="none"
					stroke-width={3.4 * thick}
					stroke-linecap="round"
					stroke-linejoin="round"
					stroke-dasharray={entering.from === 'back' || entering.leg === 'back' ? '5 5' : undefined}
				/>
			{/if}
			{#each purled as stitch (stitch)}<RailBump at={now.loops[stitch]} {scale} role={roles[stitch]} />{/each}
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
	.cloth {
		stroke: var(--ground-line);
		opacity: 0.75;
	}
	.stop-behind {
		stop-color: var(--band-behind);
	}
	.stop-mid {
		stop-color: var(--band-mid);
	}
</style>
