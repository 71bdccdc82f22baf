<script lang="ts">
	import type { FinishingStep } from '$core/teaching/point';
	import { FINISHING_SIZE, paintFinishing } from './paintFinishing';
	import PaintedParts from './PaintedParts.svelte';
	import { paintParts } from './parts';

	/** A step of finishing, drawn. */
	let { step, alt }: { step: FinishingStep; alt: string } = $props();

	const parts = $derived(paintParts('', (pen) => paintFinishing(pen, step)));
</script>

<svg
	viewBox="0 0 {FINISHING_SIZE.width} {FINISHING_SIZE.height}"
	class="block h-full w-full"
	role="img"
	aria-label={alt}
>
	<PaintedParts {parts} />
</svg>
