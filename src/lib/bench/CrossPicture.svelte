<script lang="ts">
	import type { Crossing } from '$core/crossing/crossing';
	import type { ShownScript } from './subject.svelte';
	import type { RailProps } from '$lib/drawing/NeedleRail.svelte';
	import BedRail from '$lib/drawing/BedRail.svelte';
	import GutterPicture from '$lib/drawing/GutterPicture.svelte';
	import NeedleRail from '$lib/drawing/NeedleRail.svelte';
	import type { Room } from '$lib/ui/Fitted.svelte';

	/** One moment of a way in the picture of its medium. */
	let {
		shown,
		at,
		crossing,
		voice,
		room,
		long,
		labels = true,
		alt
	}: {
		shown: ShownScript;
		at: number;
		/** as it is played */
		crossing: Crossing;
		voice: RailProps['voice'];
		room?: Room;
		/** stitches that were slipped for some rows */
		long?: readonly number[];
		labels?: boolean;
		alt: string;
	} = $props();
</script>

{#if shown.kind === 'hand'}
	<NeedleRail
		{crossing}
		state={shown.script.states[at]}
		next={shown.script.steps[at]}
		{voice}
		{labels}
		{long}
		{...room}
		{alt}
	/>
{:else if shown.kind === 'bed'}
	<BedRail
		{crossing}
		frame={shown.script.states[at]}
		next={shown.script.steps[at]}
		medium={shown.medium}
		{...room}
		{alt}
	/>
{:else}
	<GutterPicture
		frame={shown.frames[at]}
		{crossing}
		width={room?.width}
		height={room?.height}
		textSize={room?.textSize}
		{alt}
	/>
{/if}
