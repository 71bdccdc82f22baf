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

<path {d} fill="none" class="edge {role}" stroke-width={12.5 * scale} stroke-linecap="round" />
<path {d} fill="none" class="body {role}" stroke-width={8.5 * scale} stroke-linecap="round" />
{#if role === 'behind' || role === 'both'}
	<path {d} fill="none" stroke={hatch} stroke-width={8.5 * scale} stroke-linecap="round" opacity="0.55" />
{/if}

<style>
	.edge.front {
		stroke: var(--front);
	}
	.edge.behind,
	.edge.both {
		stroke: var(--behind);
	}
	.edge.still {
		stroke: var(--wool-edge);
	}
	.body.front {
		stroke: var(--front-fill);
	}
	.body.behind {
		stroke: var(--behind-fill);
	}
	.body.both,
	.body.still {
		stroke: var(--wool);
	}
</style>
