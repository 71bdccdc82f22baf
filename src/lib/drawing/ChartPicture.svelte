<script lang="ts">
	import type { Working } from '$core/fabric/fabric';
	import type { Voice } from '$core/hands/voice';
	import { chartPicture } from './chartPicture';
	import Hatch from './Hatch.svelte';
	import PaintedParts from './PaintedParts.svelte';
	import { paintParts, paintTexts } from './parts';

	/** Rows of a chart; the one in hand stands between two lines, those above it wait. */
	let {
		working,
		voice,
		first = 0,
		last = Infinity,
		step = null,
		alt
	}: {
		working: Working;
		voice: Pick<Voice, 'hand' | 'keep'>;
		first?: number;
		last?: number;
		/** the row in hand, by its place in the plan */
		step?: number | null;
		alt: string;
	} = $props();

	const uid = $props.id();
	const picture = $derived(chartPicture(working, { first, last }, voice));
	const stretch = $derived({
		first,
		last: Math.min(last, picture.face.size.rows),
		left: 0,
		right: picture.width
	});
	const parts = $derived(paintParts(`${uid}-hatch`, (pen) => picture.face.paint(pen, stretch)));
	const texts = $derived(paintTexts((pen) => picture.face.paint(pen, stretch)));
	const row = $derived(picture.face.pitch.row);
	const y = $derived(step === null ? 0 : picture.face.size.height - (step + 1) * row);
</script>

<svg
	viewBox="-3 {picture.top - 3} {picture.width + 6} {picture.height + 6}"
	class="block h-full max-h-full w-full"
	preserveAspectRatio="xMidYMid meet"
	role="img"
	aria-label={alt}
>
	<Hatch id="{uid}-hatch" />
	<PaintedParts {parts} />
	{#each texts as { x, y, text, size, bold, anchor }, i (i)}
		<text {x} {y} text-anchor={anchor} font-size={size} font-weight={bold ? 700 : 500} fill="currentColor"
			>{text}</text
		>
	{/each}
	{#if step !== null}
		<rect x="0" y={picture.top} width={picture.width} height={y - picture.top} class="waits" />
		<path d="M0 {y}H{picture.width}M0 {y + row}H{picture.width}" class="in-hand" />
	{/if}
</svg>

<style>
	.waits {
		fill: color-mix(in oklab, var(--color-base-200) 55%, transparent);
	}
	.in-hand {
		stroke: currentColor;
		stroke-width: 3;
	}
</style>
