<script lang="ts">
	import type { GutterFrame } from '$core/hands/gutter';
	import { leaves, ripples } from '$lib/drawing/cloth';

	/** The rope between its two gutters as the right side will show them: plain, laddered, hooked up as purl. */
	let {
		frame,
		rope,
		width = 944,
		height = 452,
		textSize = 15,
		alt
	}: {
		frame: GutterFrame;
		/** stitches in the rope */
		rope: number;
		width?: number;
		height?: number;
		textSize?: number;
		alt: string;
	} = $props();

	const top = 70;
	const bottom = $derived(height - 46);
	const rows = $derived(frame.columns.first.faces.length);
	const row = $derived((bottom - top) / Math.max(1, rows));
	const pitch = $derived(Math.min(64, width / (rope + 6)));
	const middle = $derived(width / 2);
	// On the right side the column beside stitch 1 is the one at the right.
	const columns = $derived([
		{ side: 'last' as const, x: middle - ((rope + 1) / 2) * pitch },
		{ side: 'first' as const, x: middle + ((rope + 1) / 2) * pitch }
	]);
	const ropeColumns = $derived(Array.from({ length: rope }, (_, i) => middle + (i - (rope - 1) / 2) * pitch));
</script>

<svg
	viewBox="0 0 {width} {height}"
	class="block h-full w-full select-none"
	role="img"
	aria-label={alt}
	preserveAspectRatio="xMidYMid slice"
>
	<rect {width} {height} class="fill-band-mid" />
	<rect
		x={middle - (rope / 2) * pitch}
		y={top}
		width={rope * pitch}
		height={bottom - top}
		class="fill-rope"
	/>
	{#each ropeColumns as x (x)}
		<path
			d={leaves(x, bottom, top, pitch, row)}
			fill="none"
			class="line-wool-edge"
			stroke-width="1.8"
			stroke-linecap="round"
		/>
	{/each}
	{#each columns as { side, x } (side)}
		{@const { faces, open, hung } = frame.columns[side]}
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
					d={(face === 'k' ? leaves : ripples)(x, foot, foot - row, pitch, row)}
					fill="none"
					class={face === 'k' ? 'line-wool-edge' : 'line-ground'}
					stroke-width="2.2"
					stroke-linecap="round"
				/>
			{/if}
		{/each}
		<path d="M{x - 5} 18V{top - 16}q5 9 10 0V18z" class="fill-steel line-steel-edge" stroke-width="1.5" />
		<circle
			cx={x}
			cy={hung ? top - 12 : Math.min(bottom, top + open * row)}
			r="11"
			fill="none"
			class="line-halo"
			stroke-width={hung ? 2 : 4}
		/>
	{/each}
	<text x="28" y={textSize * 1.9} font-size={textSize} class="fill-ink">As the right side will show it</text>
	<text x={middle} y={height - 16} font-size={textSize} text-anchor="middle" class="fill-ink"
		>the first cross is here</text
	>
</svg>
