<script lang="ts">
	import type { Crossing } from '$core/crossing/crossing';
	import { startOf } from '$core/hands/state';
	import ClothPicture from '$lib/drawing/ClothPicture.svelte';

	/** Stitches by their numbers: pressed in the order in which they stand after the cross, or those that lie in front. */
	let {
		crossing,
		wants,
		onanswer
	}: { crossing: Crossing; wants: 'order' | 'fronts'; onanswer: (answer: number[]) => void } = $props();

	const all = $derived(Array.from({ length: crossing.stitches }, (_, i) => i + 1));
	let chosen = $state.raw<readonly number[]>([]);
	const isFull = $derived(wants === 'fronts' ? chosen.length > 0 : chosen.length === all.length);

	const press = (stitch: number) =>
		(chosen = chosen.includes(stitch) ? chosen.filter((one) => one !== stitch) : [...chosen, stitch]);
</script>

{#if wants === 'order'}
	{#await import('$lib/drawing/NeedleRail.svelte') then { default: NeedleRail }}
		<div class="rail">
			<NeedleRail
				{crossing}
				state={startOf(crossing.stitches)}
				voice={{ hand: 'right', yarnHand: 'right' }}
				width={420}
				height={230}
				neighbours={1}
				labels={false}
				alt="The stitches on the left needle, 1 at its tip"
			/>
		</div>
	{/await}
{:else}
	<div class="mx-auto max-w-sm">
		<ClothPicture {crossing} numbers={false} alt="The cloth of this cross" />
	</div>
{/if}
<p class="mt-3 text-quiet">
	{wants === 'order'
		? 'Before the cross they stand like this, the first at the right. Press them in the order in which they stand after it, the first first.'
		: 'Counted from the right, before the cross. Press each that lies over another.'}
</p>
<div class="row" role="group" aria-label="Stitches">
	{#each [...all].reverse() as stitch (stitch)}
		<button
			type="button"
			class="stitch"
			aria-pressed={chosen.includes(stitch)}
			aria-label="Stitch {stitch}"
			onclick={() => press(stitch)}>{stitch}</button
		>
	{/each}
</div>
{#if wants === 'order'}
	<p class="row" role="status" aria-label="The order so far">
		{#each all as place (place)}
			{@const stitch = chosen.at(all.length - place)}
			<span class="place">{stitch ?? ''}</span>
		{/each}
	</p>
{/if}
<p class="mt-4 flex gap-2">
	<button
		type="button"
		class="btn min-h-13 flex-1 justify-center text-lg btn-primary"
		disabled={!isFull}
		onclick={() => onanswer([...chosen])}>That is it</button
	>
	<button type="button" class="btn" disabled={chosen.length === 0} onclick={() => (chosen = [])}
		>Begin again</button
	>
</p>

<style>
	.rail {
		overflow: hidden;
		border-radius: 1rem;
	}
	.row {
		display: flex;
		flex-wrap: wrap;
		justify-content: center;
		gap: 0.5rem;
		margin-top: 0.8rem;
	}
	.stitch,
	.place {
		display: grid;
		place-items: center;
		width: 3.1rem;
		height: 3.1rem;
		border: 2px solid var(--color-outline);
		border-radius: 50%;
		font-size: 1.3rem;
		font-weight: 650;
	}
	.stitch {
		cursor: pointer;
	}
	.stitch[aria-pressed='true'] {
		background: var(--color-primary);
		color: var(--color-primary-content);
	}
	.place {
		border-style: dashed;
		border-radius: 0.8rem;
	}
</style>
