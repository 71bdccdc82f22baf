<script lang="ts">
	import type { Crossing } from '$core/crossing/crossing';
	import { startOf } from '$core/hands/state';
	import NeedleRail, { type RailProps } from './NeedleRail.svelte';

	/** A small rail before anything has moved: which stitches there are, and which will lie in front. */
	let { crossing, voice, alt }: { crossing: Crossing; voice: RailProps['voice']; alt: string } = $props();
</script>

<div class="aspect-[2] overflow-hidden rounded-xl">
	<NeedleRail
		{crossing}
		state={startOf(crossing.stitches)}
		{voice}
		width={520}
		height={260}
		neighbours={1}
		labels={false}
		{alt}
	/>
</div>
