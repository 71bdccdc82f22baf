<script lang="ts">
	import type { Crossing } from '$core/crossing/crossing';
	import type { ShownSteps } from '$core/teaching/showing';
	import Fitted from '$lib/ui/Fitted.svelte';
	import NeedleRail, { type RailProps } from './NeedleRail.svelte';

	/** One moment of a script, on needles or at a bed, in the room it is given. */
	let {
		shown,
		at,
		crossing,
		alt,
		...rail
	}: {
		shown: ShownSteps;
		at: number;
		/** as it is played */
		crossing: Crossing;
		alt: string;
	} & Pick<RailProps, 'voice' | 'labels' | 'facing' | 'slow'> = $props();
</script>

<Fitted>
	{#snippet picture(room)}
		{#if shown.kind === 'hand'}
			{@const { states, steps } = shown.script}
			<NeedleRail {crossing} state={states[at]} next={steps[at]} {alt} {...rail} {...room} />
		{:else}
			{@const { states, steps } = shown.script}
			{#await import('./BedRail.svelte') then { default: BedRail }}
				<BedRail {crossing} frame={states[at]} next={steps[at]} medium={shown.medium} {alt} {...room} />
			{/await}
		{/if}
	{/snippet}
</Fitted>
