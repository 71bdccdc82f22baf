<script lang="ts">
	import type { PaintedPart } from './parts';

	/** Paths of a drawing, the one furthest back first. */
	let { parts }: { parts: readonly PaintedPart[] } = $props();
</script>

{#each parts as { d, fill, stroke, width, dash, opacity }, i (i)}
	<path
		{d}
		fill={fill ?? 'none'}
		{stroke}
		stroke-width={width}
		stroke-dasharray={dash}
		stroke-linecap="round"
		stroke-linejoin="round"
		{opacity}
	/>
{/each}
