<script lang="ts">
	import { bump } from '$lib/drawing/paths';
	import type { Point, Role } from '$lib/drawing/rail';

	/** The bump at the foot of a purl loop. */
	let { at, scale, role }: { at: Point; scale: number; role: Role } = $props();

	const d = $derived(bump(at, scale));
</script>

<g class="role-{role}" fill="none" stroke-linecap="round">
	<path {d} class="role-line" stroke-width={8 * scale} />
	<path {d} class="role-body" stroke-width={4.8 * scale} />
</g>
