<script lang="ts">
	import { counted } from '$core/naming/numbers';
	import { clothFace } from '$lib/drawing/face';
	import { getSettings } from '$lib/client/settings.svelte';
	import { lightOf } from '$lib/ui/light';
	import type { Face } from '$lib/drawing/face';
	import ClothDesk from './ClothDesk.svelte';
	import type { ClothView } from './clothView.svelte';
	import type { FoundSpot } from './findings.svelte';
	import type { OpenSwatch } from './openSwatch.svelte';

	/** The cloth that the rows make, or why there is none, and what is going on with it. */
	let {
		open,
		look,
		found,
		about,
		cloth = $bindable(),
		onmake
	}: {
		open: OpenSwatch;
		look: ClothView;
		/** stitches where something was found */
		found: readonly FoundSpot[];
		/** what the swatch is, in words */
		about: string;
		cloth?: ClothDesk;
		onmake: () => void;
	} = $props();

	const settings = getSettings();
	const working = $derived(open.working);
	const beingWorked = $derived(open.away.busy || open.gaveUp);
	const alt = $derived(
		`${about}. ${counted(open.done, working?.pattern.rounds ? 'round' : 'row')} knitted. Arrow keys walk from stitch to stitch. ${look.said}`
	);
	/** the room the cloth has at first, in pixels */
	let width = $state(0);
	let height = $state(0);
	$effect(() => look.fit({ width, height }));
	const flat = $derived(working && clothFace(working, look.view));
	/** how a chart is drawn comes when one is looked at */
	const chartDrawing = $derived(look.charted ? import('$lib/drawing/chartFace') : null);
	const chartView = $derived({
		box: { width: look.view.stitch, height: Math.round(look.view.stitch * 1.15) },
		mirrored: look.view.mirrored,
		hand: settings.value.hand,
		keep: settings.value.keep
	});
</script>

<div class="min-h-0 flex-1" bind:clientWidth={width} bind:clientHeight={height}>
	{#snippet desk(face: Face, called: string)}
		<ClothDesk
			bind:this={cloth}
			{face}
			{called}
			done={open.done}
			chosen={look.chosen}
			lit={look.lit}
			{found}
			strand={look.strand}
			theme={lightOf(settings.value)}
			{alt}
			onchoose={(spot) => look.choose(spot)}
			onlight={(spot) => (look.lit = spot)}
			ondrop={(from, to) => look.move(from, to)}
		/>
	{/snippet}
	{#if working && working.steps.length > 0}
		{#if chartDrawing}
			{#await chartDrawing then { chartFace }}
				{@const face = chartFace(working, chartView)}
				{@render desk(face, 'Chart')}
			{/await}
		{:else}
			{@render desk(flat!, 'Cloth')}
		{/if}
	{:else}
		<div class="px-7 py-10">
			<p class="max-w-prose text-lg">
				{open.fault?.message ?? (beingWorked ? '' : 'There are no rows yet.')}
			</p>
			<p class="mt-4">
				<button type="button" class="btn btn-outline" onclick={onmake}>Make rows from a motif</button>
			</p>
		</div>
	{/if}
</div>
<p class="sr-only" aria-live="polite">{look.said}</p>
{#if open.away.long}
	<p class="flex flex-wrap items-center gap-4 px-4 py-2" role="status">
		Working many rows: {open.away.progress.toLocaleString(settings.locale)} stitches so far.
		<button type="button" class="btn btn-outline" onclick={() => open.giveUp()}>Give up</button>
	</p>
{:else if open.gaveUp}
	<p class="flex flex-wrap items-center gap-4 px-4 py-2 font-semibold" role="status">
		These rows were not worked to the end. They are kept as they are written.
		<button type="button" class="btn btn-outline" onclick={() => open.work()}>Work them</button>
	</p>
{/if}
{#if open.fault && working}
	<p class="px-4 py-2 font-semibold text-error" role="status">
		{open.fault.message} The cloth shows the rows before.
	</p>
{/if}
{#if look.refused}<p class="px-4 py-2 font-semibold text-error" role="alert">{look.refused}</p>{/if}
