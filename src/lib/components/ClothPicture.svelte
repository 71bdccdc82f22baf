<script lang="ts">
	import type { Crossing } from '$core/crossing/crossing';
	import { turnOver } from '$core/crossing/transform';
	import { leaves, ribbonEdges, ribbonPath, ribbonsOf, ripples, type Ribbon } from '$lib/drawing/cloth';
	import Hatch from './Hatch.svelte';
	import NumberedDisc from './NumberedDisc.svelte';

	/** The cloth around one cross: plain rows, the cross, plain rows; numbered before and after. */
	let {
		crossing,
		side = 'right',
		from = 'right',
		numbers = true,
		alt
	}: {
		/** as the right side shows it */
		crossing: Crossing;
		side?: 'right' | 'wrong';
		/** the edge at which stitch 1 stands before the cross, seen from the right side: the working hand's */
		from?: 'right' | 'left';
		numbers?: boolean;
		alt: string;
	} = $props();

	const uid = $props.id();
	const STITCH = 34;
	const ROW = 17;
	const GROUND = 2;
	const PLAIN = 2;

	const seen = $derived(side === 'right' ? crossing : turnOver(crossing));
	const ribbons = $derived(ribbonsOf(seen));
	const columns = $derived(seen.stitches + 2 * GROUND);
	const width = $derived(columns * STITCH);
	const crossHeight = $derived(Math.max(58, 26 * Math.sqrt(seen.stitches) + 14));
	const rim = $derived(numbers ? 30 : 4);
	const top = $derived(rim + PLAIN * ROW);
	const bottom = $derived(top + crossHeight);
	const foot = $derived(bottom + PLAIN * ROW);
	const height = $derived(foot + rim);
	// Stitches keep the numbers the hands gave them, so that both sides speak of the same stitch.
	const name = (stitch: number) =>
		(side === 'right') === (from === 'right') ? stitch : seen.stitches + 1 - stitch;
	const x = (column: number) => (GROUND + column + 0.5) * STITCH;
	const groundColumns = $derived(
		Array.from({ length: GROUND }, (_, i) => [(i + 0.5) * STITCH, width - (i + 0.5) * STITCH]).flat()
	);
	const flat = $derived(side === 'right' ? ripples : leaves);
	const plain = (ribbon: Ribbon) => (ribbon.face === 'k' ? leaves : ripples);
</script>

<svg viewBox="0 0 {width} {height}" class="block h-auto w-full" role="img" aria-label={alt}>
	<Hatch id="{uid}-hatch" />
	<rect y={rim} {width} height={height - 2 * rim} rx="10" class="fill-ground" />
	<g fill="none" class="line-ground" stroke-width="1.8" stroke-linecap="round">
		{#each groundColumns as column (column)}
			<path d={flat(column, foot - 2, rim + 2, STITCH, ROW)} />
		{/each}
	</g>
	{#each ribbons as ribbon (ribbon.stitch)}
		{#each [{ at: ribbon.before, from: foot, to: bottom }, { at: ribbon.after, from: top, to: rim }] as piece (piece.from)}
			{#if ribbon.face === 'k'}
				<rect
					x={x(piece.at) - STITCH / 2}
					y={piece.to}
					width={STITCH}
					height={piece.from - piece.to}
					class="fill-rope"
				/>
			{/if}
			<path
				d={plain(ribbon)(x(piece.at), piece.from, piece.to, STITCH, ROW)}
				fill="none"
				class={ribbon.face === 'k' ? 'line-wool-edge' : 'line-ground'}
				stroke-width="1.8"
				stroke-linecap="round"
			/>
		{/each}
	{/each}
	{#each ribbons as ribbon (ribbon.stitch)}
		{@const d = ribbonPath(x(ribbon.before), bottom, x(ribbon.after), top, STITCH - 1)}
		<path {d} class="role-{ribbon.role} role-fill" />
		{#if ribbon.role === 'behind' || ribbon.role === 'both'}<path
				{d}
				fill="url(#{uid}-hatch)"
				opacity="0.8"
			/>{/if}
		<path
			d={ribbonEdges(x(ribbon.before), bottom, x(ribbon.after), top, STITCH - 1)}
			fill="none"
			class="role-{ribbon.role} role-line"
			stroke-width="1.6"
		/>
	{/each}
	{#if numbers}
		{#each ribbons as ribbon (ribbon.stitch)}
			{#each [{ at: ribbon.before, y: height - 14 }, { at: ribbon.after, y: 14 }] as spot (spot.y)}
				<NumberedDisc
					x={x(spot.at)}
					y={spot.y}
					r={12}
					role={ribbon.role}
					number={name(ribbon.stitch)}
					textSize={15}
				/>
			{/each}
		{/each}
	{/if}
</svg>
