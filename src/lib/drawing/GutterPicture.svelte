<script lang="ts">
	import type { Crossing } from '$core/crossing/crossing';
	import type { GutterFrame } from '$core/hands/gutter';
	import { leaves, ribbonEdges, ribbonPath, ribbonsOf, ripples } from './cloth';
	import Hatch from './Hatch.svelte';

	/** The rope between its two gutters as the right side will show them: plain, laddered, hooked up as purl. */
	let {
		frame,
		crossing,
		width = 944,
		height = 452,
		textSize = 15,
		alt
	}: {
		frame: GutterFrame;
		crossing: Crossing;
		width?: number;
		height?: number;
		textSize?: number;
		alt: string;
	} = $props();

	const uid = $props.id();
	const MOST_ROW = 46;
	const NEEDLE = 52;

	const rope = $derived(crossing.stitches);
	const ribbons = $derived(ribbonsOf(crossing));
	const rows = $derived(frame.columns.first.faces.length);
	const cross = $derived(Math.min(110, height * 0.24));
	const row = $derived(Math.min(MOST_ROW, (height - cross - NEEDLE - 70) / Math.max(1, rows)));
	const pitch = $derived(Math.min(58, row * 1.3, width / (rope + 5)));
	const top = $derived((height - cross - row * rows + NEEDLE) / 2);
	const bottom = $derived(top + row * rows);
	const middle = $derived(width / 2);
	const column = (from0: number) => middle + (from0 - (rope - 1) / 2) * pitch;
	// On the right side the column beside stitch 1 is the one at the right.
	const columns = $derived([
		{ side: 'last' as const, x: column(-1) },
		{ side: 'first' as const, x: column(rope) }
	]);
	const ropeColumns = $derived(Array.from({ length: rope }, (_, i) => column(i)));
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
	<rect
		x={column(-1.5)}
		y={top}
		width={(rope + 2) * pitch}
		height={bottom - top + cross}
		rx="10"
		class="fill-ground"
	/>
	<rect x={column(-0.5)} y={top} width={rope * pitch} height={bottom - top} class="fill-rope" />
	{#each ropeColumns as x (x)}
		<path
			d={leaves(x, bottom, top, pitch, row)}
			fill="none"
			class="line-wool-edge"
			stroke-width="1.8"
			stroke-linecap="round"
		/>
	{/each}
	{#each ribbons as { stitch, role, before, after } (stitch)}
		{@const d = ribbonPath(column(before), bottom + cross, column(after), bottom, pitch - 1)}
		<path {d} class="role-{role} role-fill" />
		{#if role === 'behind' || role === 'both'}<path {d} fill="url(#{uid}-hatch)" opacity="0.8" />{/if}
		<path
			d={ribbonEdges(column(before), bottom + cross, column(after), bottom, pitch - 1)}
			fill="none"
			class="role-{role} role-line"
			stroke-width="1.6"
		/>
	{/each}
	{#each columns as { side, x } (side)}
		{@const { faces, open, hung } = frame.columns[side]}
		<path
			d={leaves(x, bottom + cross, bottom, pitch, row)}
			fill="none"
			class="line-wool-edge"
			stroke-width="1.8"
			stroke-linecap="round"
		/>
		{#each faces as face, i (i)}
			{@const foot = bottom - i * row}
			{#if i >= faces.length - open}
				<path
					d="M{x - pitch * 0.46} {foot - row / 2}h{pitch * 0.92}"
					class="line-working-edge"
					stroke-width="2.5"
					fill="none"
				/>
			{:else}
				<path
					d={face === 'k'
						? leaves(x, foot, foot - row, pitch, row)
						: ripples(x, foot, foot - row, pitch, row / 2)}
					fill="none"
					class={face === 'k' ? 'line-wool-edge' : 'line-ground'}
					stroke-width="2.4"
					stroke-linecap="round"
				/>
			{/if}
		{/each}
		<path
			d="M{x - 5} {top - NEEDLE}V{top - 14}q5 9 10 0V{top - NEEDLE}z"
			class="fill-steel line-steel-edge"
			stroke-width="1.5"
		/>
		<circle
			cx={x}
			cy={hung ? top - 10 : top + open * row}
			r="10"
			fill="none"
			class="line-halo"
			stroke-width={hung ? 2 : 4}
		/>
	{/each}
	<text x="28" y={textSize * 1.9} font-size={textSize} class="fill-ink">As the right side will show it</text>
</svg>

<style>
	text {
		font-weight: 500;
	}
</style>
