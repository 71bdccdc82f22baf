<script lang="ts">
	import type { BedFrame, BedMove } from '$core/hands/bed';
	import type { Move } from '$core/hands/moves';
	import type { HandState } from '$core/hands/state';
	import BedRail from '$lib/drawing/BedRail.svelte';
	import FittedCross from '$lib/drawing/FittedCross.svelte';
	import MadePicture from '$lib/drawing/MadePicture.svelte';
	import NeedleRail from '$lib/drawing/NeedleRail.svelte';
	import Fitted from '$lib/ui/Fitted.svelte';
	import type { Finding } from './finding.svelte';

	/** What went wrong, as large as its room: the cloth beside the one that was meant, the hands that slipped, or its mend. */
	let { finding }: { finding: Finding } = $props();

	/** rows above a cross that are drawn */
	const MOST_ROWS = 6;
	const { voice } = $derived(finding.asked);
	const bed = $derived(finding.bed);
	const from = $derived(finding.hands.hand);
</script>

{#if finding.slipShown}
	<FittedCross
		shown={finding.slipShown}
		at={finding.step}
		crossing={finding.crossing}
		{voice}
		alt={finding.alt}
	/>
{:else if finding.mendState}
	{@const again = finding.crossingAgain}
	<div class="mend" class:crossing={again}>
		<div class="min-h-0 min-w-0">
			<MadePicture
				meant={finding.crossing}
				state={finding.mendState}
				{from}
				numbers
				most={MOST_ROWS}
				tall
				alt={finding.alt}
			/>
		</div>
		{#if again}
			<div class="min-h-0 min-w-0">
				<Fitted>
					{#snippet picture(room)}
						{#if bed}
							<BedRail
								crossing={finding.crossing}
								frame={again.hands as BedFrame}
								next={again.next as BedMove}
								medium={bed}
								{...room}
								alt={finding.alt}
							/>
						{:else}
							<NeedleRail
								crossing={finding.crossing}
								state={again.hands as HandState}
								next={again.next as Move}
								{voice}
								{...room}
								alt={finding.alt}
							/>
						{/if}
					{/snippet}
				</Fitted>
			</div>
		{/if}
	</div>
{:else if finding.wrong}
	<div class="pair">
		<figure>
			<div>
				<MadePicture
					meant={finding.crossing}
					state={finding.wrong}
					{from}
					tall
					alt="As it is: {finding.says}"
				/>
			</div>
			<figcaption>As it is</figcaption>
		</figure>
		<figure>
			<div>
				<MadePicture
					meant={finding.crossing}
					state={finding.meant}
					{from}
					tall
					rings={false}
					alt="As it was meant"
				/>
			</div>
			<figcaption>As it was meant</figcaption>
		</figure>
	</div>
{/if}

<style>
	.mend,
	.pair {
		display: grid;
		height: 100%;
		gap: 1rem;
		grid-template-columns: minmax(0, 1fr);
		grid-template-rows: minmax(0, 1fr);
		padding: 0.8rem;
	}
	.mend.crossing {
		grid-template-columns: minmax(0, 1fr) minmax(0, 2.6fr);
		padding-right: 0;
	}
	.pair {
		grid-template-columns: repeat(2, minmax(0, 1fr));
	}
	figure {
		display: grid;
		grid-template-rows: minmax(0, 1fr) auto;
		min-height: 0;
	}
	figure > div {
		min-height: 0;
	}
	figcaption {
		margin-top: 0.4rem;
		text-align: center;
		font-weight: 600;
		font-size: clamp(1rem, 2cqi, 1.7rem);
	}
</style>
