<script lang="ts">
	import { strand } from '$lib/drawing/paths';
	import type { Point, Role } from '$lib/drawing/rail';

	/** The strand that runs from a loop down to the column of cloth it grows from. */
	let {
		from,
		column,
		clothTop,
		scale,
		role,
		width,
		hatch
	}: {
		from: Point;
		column: number;
		clothTop: number;
		scale: number;
		role: Role;
		width: number;
		hatch: string;
	} = $props();

	const d = $derived(strand(from, column, clothTop, scale));
</script>

<g class="role-{role}" fill="none" stroke-linecap="round">
	<path {d} class="role-line" stroke-width={width * scale} />
	<path {d} class="role-body" stroke-width={width * 0.79 * scale} />
	{#if role === 'behind' || role === 'both'}
		<path {d} stroke={hatch} stroke-width={width * 0.79 * scale} />
	{/if}
</g>
