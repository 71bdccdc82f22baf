<script lang="ts">
	import type { Plan } from '$core/measures/plan';
	import { lengthSaid } from '$core/hands/voice';
	import PaintedParts from '$lib/drawing/PaintedParts.svelte';
	import { paintParts } from '$lib/drawing/parts';
	import { getSettings } from '$lib/client/settings.svelte';
	import { paintPlan, planPicture } from './planPicture';

	/** A planned piece to scale, with its ropes and a tape along two of its sides. */
	let { plan }: { plan: Plan } = $props();

	const settings = getSettings();
	const uid = $props.id();
	const picture = $derived(planPicture(plan));
	const parts = $derived(paintParts(`${uid}-hatch`, (pen) => paintPlan(pen, picture)));
	/** ticks of a tape, a hand's breadth apart */
	const TICK_MM = 100;
	const ticks = (mm: number) => Array.from({ length: Math.floor(mm / TICK_MM) + 1 }, (_, i) => i * TICK_MM);
	const said = (mm: number) => lengthSaid(mm, settings.value);
	const foot = $derived(picture.top + picture.piece.height);
</script>

<svg
	viewBox="0 0 {picture.width} {picture.height}"
	class="block h-auto w-full"
	role="img"
	aria-label="The piece to scale, dry: {said(plan.dry.widthMm)} wide and {said(
		plan.dry.heightMm
	)} high, {plan.repeatsAcross} repeats across and {plan.repeatsUp} up"
>
	<PaintedParts {parts} />
	<g class="tape">
		<path d="M{picture.left} {foot + 14}h{picture.piece.width}" />
		{#each ticks(plan.dry.widthMm) as mm (mm)}
			<path d="M{picture.left + mm * picture.scale} {foot + 8}v12" />
		{/each}
		<path d="M{picture.left - 14} {picture.top}v{picture.piece.height}" />
		{#each ticks(plan.dry.heightMm) as mm (mm)}
			<path d="M{picture.left - 20} {foot - mm * picture.scale}h12" />
		{/each}
	</g>
	<text x={picture.left + picture.piece.width / 2} y={foot + 38} text-anchor="middle"
		>{said(plan.dry.widthMm)}</text
	>
	<text
		x={picture.left - 28}
		y={picture.top + picture.piece.height / 2}
		text-anchor="middle"
		transform="rotate(-90 {picture.left - 28} {picture.top + picture.piece.height / 2})"
		>{said(plan.dry.heightMm)}</text
	>
</svg>

<style>
	.tape {
		fill: none;
		stroke: var(--color-base-content);
		stroke-width: 1.6;
	}
	text {
		font-size: 17px;
		font-weight: 600;
		fill: var(--color-base-content);
	}
</style>
