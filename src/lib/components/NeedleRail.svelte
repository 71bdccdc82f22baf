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
		/** size of the words, in the drawing's units */
		textSize?: number;
		/** false for pictures that only illustrate: no words beside things */
		labels?: boolean;
		/** what the picture shows, for those who cannot see it */
		alt: string;
	}
</script>

<script lang="ts">
	import { cubicInOut } from 'svelte/easing';
	import { prefersReducedMotion, Tween } from 'svelte/motion';
	import { untrack } from 'svelte';
	import Hatch from './Hatch.svelte';
	import RailLoop from './RailLoop.svelte';
	import { bump, cableNeedle, needle, strand, workingYarn } from '$lib/drawing/paths';
	import { leaves, ripples } from '$lib/drawing/cloth';
	import { frontToBack } from '$core/crossing/depth';
	import {
		groundOf,
		heldOf,
		layoutOf,
		mixed,
		rolesOf,
		sameRail,
		targetsOf,
		type RailLayout
	} from '$lib/drawing/rail';

	let {
		crossing,
		state,
		next,
		voice,
		width = 944,
		height = 452,
		neighbours = 2,
		textSize = 15,
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
		{ duration: STEP_MS, easing: cubicInOut, interpolate: (a, b) => (t) => mixed(a, b, t) }
	);
	$effect(() => {
		const still =
			prefersReducedMotion.current ||
			!sameRail(
				untrack(() => tween.target),
				target
			);
		tween.set(target, still ? { duration: 0 } : undefined);
	});
	// Until the tween has caught up with another crossing, its own target is what is drawn.
	const now = $derived(sameRail(tween.current, target) ? tween.current : target);

	const scale = $derived(ground.scale);
	const roles = $derived(rolesOf(crossing));
	const purled = $derived(
		crossing.order.reduce<boolean[]>((faces, stitch, i) => {
			faces[stitch] = crossing.work[i].startsWith('p');
			return faces;
		}, [])
	);
	const drawOrder = $derived([...(frontToBack(crossing.stitches, crossing.over) ?? [])].reverse());
	const cables = $derived(
		(['cable1', 'cable2'] as const).flatMap((name) => {
			const held = state[name];
			return held
				? [{ ...held, from: now.loops[held.stitches[0]], to: now.loops[held.stitches.at(-1)!] }]
				: [];
		})
	);
	const held = $derived(heldOf(state));
	const heldAt = (at: 'front' | 'back') =>
		held.filter((group) => group.at === at).flatMap((group) => [...group.stitches]);
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
	const halo = $derived(targetsOf(next, state));
	const mx = (x: number) => (mirrored ? width - x : x);
	const tall = $derived(height / 452);

	const railEdges = $derived({
		left: { x: -24, y: ground.needleY },
		right: { x: width + 24, y: ground.needleY }
	});
	const behindReach = $derived(state.reach?.pass === 'behind' ? state.reach.needle : null);
	const frontReach = $derived(state.reach?.pass === 'front' ? state.reach.needle : null);
	const yarnPath = $derived(workingYarn(now.yarn, now.hand, state.yarn));
	const yarnPlace = $derived(state.yarn === 'back' ? 'at the back' : 'in front');
	const yarnWords = $derived(
		neighbours < 2 ? `yarn ${yarnPlace}` : `working yarn, ${yarnPlace}, to the ${voice.yarnHand} hand`
	);
	const labelOnRight = $derived((yarnTo === 'right') !== mirrored);
</script>

{#snippet wooden(side: 'left' | 'right')}
	<path
		d={needle(railEdges[side], side === 'left' ? now.leftTip : now.rightTip, scale)}
		class="fill-wood line-wood-edge"
		stroke-width="1.5"
	/>
{/snippet}

{#snippet loop(stitch: number, half: 'front' | 'back')}
	<RailLoop
		at={now.loops[stitch]}
		{scale}
		role={roles[stitch]}
		leg={state.mounts[stitch]}
		{half}
		hatch="url(#{uid}-hatch)"
	/>
{/snippet}

{#snippet yarn()}
	<path
		d={yarnPath}
		fill="none"
		class="line-working-edge"
		stroke-width={8 * Math.max(0.7, scale)}
		stroke-linecap="round"
	/>
	<path
		d={yarnPath}
		fill="none"
		class="line-working"
		stroke-width={4.6 * Math.max(0.7, scale)}
		stroke-linecap="round"
	/>
{/snippet}

{#snippet cable(at: 'front' | 'back')}
	{#each heldAt(at) as stitch (stitch)}{@render loop(stitch, 'back')}{/each}
	{#each cables.filter((one) => one.at === at) as one (one.placed)}
		<path d={cableNeedle(one.from, one.to, scale)} class="fill-steel line-steel-edge" stroke-width="1.5" />
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
	<rect {width} {height} class="fill-band-mid" />
	<rect {width} height={ground.behindEnd + 40 * tall} fill="url(#{uid}-behind)" />
	<rect y={ground.frontStart} {width} height={height - ground.frontStart} class="fill-band-front" />

	<g transform={mirrored ? `translate(${width} 0) scale(-1 1)` : undefined}>
		<g fill="none" stroke-width={2.4 * Math.max(0.7, scale)} stroke-linecap="round" class="cloth">
			{#each ground.besideColumns as x, i (i)}
				<path
					d={ripples(x, height + 8, ground.clothTop + 4, ground.pitch * 0.86, 17 * Math.max(0.7, scale))}
				/>
			{/each}
			{#each drawOrder as stitch (stitch)}
				{#if purled[stitch]}
					<path
						d={ripples(
							ground.columns[stitch],
							height + 8,
							ground.clothTop + 4,
							ground.pitch * 0.86,
							17 * Math.max(0.7, scale)
						)}
					/>
				{:else}
					<path
						d={leaves(
							ground.columns[stitch],
							height + 14,
							ground.clothTop,
							ground.pitch * 0.72,
							21 * Math.max(0.7, scale)
						)}
					/>
				{/if}
			{/each}
		</g>

		{#each now.beside as at, i (i)}
			{@const d = strand(at, ground.besideColumns[i], ground.clothTop, scale)}
			<path {d} fill="none" class="line-wool-edge" stroke-width={16 * scale} stroke-linecap="round" />
			<path {d} fill="none" class="line-wool" stroke-width={12.5 * scale} stroke-linecap="round" />
		{/each}
		{#each drawOrder as stitch (stitch)}
			{@const d = strand(now.loops[stitch], ground.columns[stitch], ground.clothTop, scale)}
			<path {d} fill="none" class="edge-{roles[stitch]}" stroke-width={20 * scale} stroke-linecap="round" />
			<path {d} fill="none" class="body-{roles[stitch]}" stroke-width={16 * scale} stroke-linecap="round" />
			{#if roles[stitch] === 'behind' || roles[stitch] === 'both'}
				<path {d} fill="none" stroke="url(#{uid}-hatch)" stroke-width={16 * scale} stroke-linecap="round" />
			{/if}
		{/each}

		{@render cable('back')}
		{#if state.yarn === 'back'}{@render yarn()}{/if}

		{#each now.beside as at, i (i)}
			<RailLoop {at} {scale} role="still" leg="right" half="back" hatch="" />
		{/each}
		{#each onNeedles as stitch (stitch)}{@render loop(stitch, 'back')}{/each}
		{#if behindReach}{@render wooden(behindReach)}{/if}
		{#if behindReach !== 'left' && frontReach !== 'left'}{@render wooden('left')}{/if}
		{#if behindReach !== 'right' && frontReach !== 'right'}{@render wooden('right')}{/if}
		{#each now.beside as at, i (i)}
			<RailLoop {at} {scale} role="still" leg="right" half="front" hatch="" />
			<path
				d={bump(at, scale)}
				fill="none"
				class="line-wool-edge"
				stroke-width={8 * scale}
				stroke-linecap="round"
			/>
			<path
				d={bump(at, scale)}
				fill="none"
				class="line-wool"
				stroke-width={5 * scale}
				stroke-linecap="round"
			/>
		{/each}
		{#each onNeedles.filter((stitch) => !taken.includes(stitch)) as stitch (stitch)}{@render loop(
				stitch,
				'front'
			)}{/each}
		{#if frontReach}{@render wooden(frontReach)}{/if}
		{#each taken as stitch (stitch)}{@render loop(stitch, 'front')}{/each}
		{#if state.yarn === 'front'}{@render yarn()}{/if}
		{@render cable('front')}

		{#each crossing.order.filter((stitch) => purled[stitch]) as stitch (stitch)}
			<path
				d={bump(now.loops[stitch], scale)}
				fill="none"
				class="edge-{roles[stitch]}"
				stroke-width={8 * scale}
				stroke-linecap="round"
			/>
			<path
				d={bump(now.loops[stitch], scale)}
				fill="none"
				class="body-{roles[stitch]}"
				stroke-width={4.6 * scale}
				stroke-linecap="round"
			/>
		{/each}
	</g>

	{#each halo as stitch (stitch)}
		<circle
			cx={mx(now.loops[stitch].x)}
			cy={now.loops[stitch].y + 3 * scale}
			r={34 * scale}
			fill="none"
			class="line-halo"
			stroke-width="2.4"
			stroke-dasharray="5 4"
		/>
	{/each}

	{#each crossing.order as stitch (stitch)}
		{@const disc = Math.max(textSize * 0.74, 16 * scale)}
		{@const x = mx(now.loops[stitch].x)}
		{@const y = now.loops[stitch].y + 34 * scale + disc * 0.9}
		<circle cx={x} cy={y} r={disc} class="disc-{roles[stitch]}" stroke-width={Math.max(1.6, 2.6 * scale)} />
		<text
			{x}
			{y}
			dy="0.35em"
			text-anchor="middle"
			font-size={Math.max(textSize * 0.94, 19 * scale)}
			class="number-{roles[stitch]}">{stitch}</text
		>
	{/each}

	{#if labels}
		<g font-size={textSize} font-weight="600">
			<text x="28" y={textSize * 1.9} class="fill-behind">Behind</text>
			<text x="28" y={ground.frontStart + textSize * 1.9} class="fill-front">In front</text>
		</g>
		<g font-size={textSize}>
			<text
				x={labelOnRight ? width - 24 : 24}
				y={now.hand.y + (state.yarn === 'back' ? 28 : -8)}
				text-anchor={labelOnRight ? 'end' : 'start'}
				class="label fill-ink">{yarnWords}</text
			>
			{#each cables as one (one.placed)}
				<text
					x={mx(
						(mirrored ? Math.min(one.from.x, one.to.x) : Math.max(one.from.x, one.to.x)) +
							(mirrored ? -70 : 70) * Math.max(0.6, scale)
					)}
					y={one.from.y + 5}
					class="label {one.at === 'back' ? 'fill-behind' : 'fill-front'}"
					>{neighbours < 2 ? 'held' : 'cable needle, held'} {one.at === 'back' ? 'behind' : 'in front'}</text
				>
			{/each}
		</g>
	{/if}
</svg>

<style>
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
	.edge-front {
		stroke: var(--front);
	}
	.edge-behind,
	.edge-both {
		stroke: var(--behind);
	}
	.edge-still {
		stroke: var(--wool-edge);
	}
	.body-front {
		stroke: var(--front-fill);
	}
	.body-behind {
		stroke: var(--behind-fill);
	}
	.body-both,
	.body-still {
		stroke: var(--wool);
	}
	.disc-front {
		fill: var(--front);
		stroke: var(--band-mid);
	}
	.disc-behind,
	.disc-both {
		fill: var(--band-mid);
		stroke: var(--behind);
		stroke-dasharray: 5 2.6;
	}
	.disc-still {
		fill: var(--band-mid);
		stroke: var(--wool-edge);
	}
	text {
		font-weight: 500;
	}
	.label {
		paint-order: stroke;
		stroke: var(--band-mid);
		stroke-width: 4px;
		stroke-linejoin: round;
	}
	[class^='number-'] {
		font-weight: 700;
	}
	.number-front {
		fill: var(--on-front);
	}
	.number-behind,
	.number-both {
		fill: var(--behind);
	}
	.number-still {
		fill: var(--color-base-content);
	}
</style>
