<script lang="ts">
	import type { DrawnStep } from '$core/teaching/point';
	import { STEP_SIZE } from './paintPiece';
	import { paintStep } from './paintStep';
	import PaintedParts from './PaintedParts.svelte';
	import { paintParts } from './parts';

	/** A step of finishing or of measuring, drawn. */
	let { step, alt }: { step: DrawnStep; alt: string } = $props();

	const parts = $derived(paintParts('', (pen) => paintStep(pen, step)));
</script>

<svg
	viewBox="0 0 {STEP_SIZE.width} {STEP_SIZE.height}"
	class="block h-full w-full"
	role="img"
	aria-label={alt}
>
	<PaintedParts {parts} />
</svg>
