<script lang="ts">
	import { loopHalves } from '$lib/drawing/paths';
	import type { Point, Role } from '$lib/drawing/rail';

	/** Half of a loop: what lies behind its needle, or in front. */
	let {
		at,
		scale,
		role,
		leg,
		half,
		hatch
	}: {
		at: Point;
		scale: number;
		role: Role;
		/** the leg in front */
		leg: 'right' | 'left';
		half: 'front' | 'back';
		hatch: string;
	} = $props();

	const d = $derived(loopHalves(at, scale, leg)[half]);
</script>

<g class="role-{role}" fill="none" stroke-linecap="round">
	<path {d} class="role-line" stroke-width={12.5 * scale} />
	<path {d} class="role-body" stroke-width={8.5 * scale} />
	{#if role === 'behind' || role === 'both'}
		<path {d} stroke={hatch} stroke-width={8.5 * scale} opacity="0.55" />
	{/if}
</g>
