<script lang="ts">
	import type { Handed, Hands } from '$core/ways/handed';
	import { startOf } from '$core/hands/state';
	import ClothPicture from '$lib/drawing/ClothPicture.svelte';

	/** Stitches by their numbers: pressed in the order in which they stand after the cross, or those that lie in front. */
	let {
		cross,
		hands,
		wants,
		onanswer
	}: { cross: Handed; hands: Hands; wants: 'order' | 'fronts'; onanswer: (answer: number[]) => void } =
		$props();

	const crossing = $derived(cross.played);
	/** where stitch 1 stands: at the tip of the needle that is worked from */
	const tip = $derived(hands.hand);
	/** from left to right, as one looks at them */
	const fromLeft = (stitches: readonly number[]) => (tip === 'right' ? [...stitches].reverse() : stitches);
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
				voice={{ hand: hands.hand, yarnHand: 'right' }}
				width={420}
				height={230}
				neighbours={1}
				labels={false}
				alt="The stitches before the cross, 1 at the tip of the needle"
			/>
		</div>
	{/await}
{:else}
	<div class="mx-auto max-w-sm">
		<ClothPicture crossing={cross.cloth} from={tip} numbers={false} alt="The cloth of this cross" />
	</div>
{/if}
<p class="mt-3 text-quiet">
	{wants === 'order'
		? `Before the cross they stand like this, the first at the ${tip}. Press them in the order in which they stand after it, the first first.`
		: `Counted from the ${tip}, before the cross. Press each that lies over another.`}
</p>
<div class="row" role="group" aria-label="Stitches">
	{#each fromLeft(all) as stitch (stitch)}
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
		{#each fromLeft(all) as place (place)}
			{@const stitch = chosen.at(place - 1)}
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
