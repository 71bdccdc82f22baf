<script lang="ts">
	import type { Role } from './rail';

	/** A stitch's number: in a filled disc in front, in a broken ring behind. */
	let {
		x,
		y,
		r,
		role,
		number,
		textSize
	}: { x: number; y: number; r: number; role: Role; number: number; textSize: number } = $props();
</script>

<g class="role-{role}">
	<circle cx={x} cy={y} {r} class="role-disc" stroke-width={r * 0.16} />
	<text {x} {y} dy="0.35em" text-anchor="middle" font-size={textSize} class="role-number">{number}</text>
</g>
