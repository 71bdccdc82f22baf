<script lang="ts">
	import { onMount } from 'svelte';
	import { counted } from '$core/naming/numbers';
	import { ratesWith } from '$core/planning/rates';
	import { handsAt } from '$core/ways/handed';
	import { isBed } from '$core/technique/medium';
	import { mistakeBy, type LikelyMistake, type Mistake } from '$core/swatch/mistake';
	import StepPlayer from '$lib/drawing/StepPlayer.svelte';
	import MendPanel from '$lib/mending/MendPanel.svelte';
	import { OpenFinding } from '$lib/mending/openFinding.svelte';
	import TroublePicture from '$lib/mending/TroublePicture.svelte';
	import { getSettings } from '$lib/client/settings.svelte';
	import type { OpenSwatch } from './openSwatch.svelte';

	/** A cross of the knitting that looks wrong: what the hands did, and what it takes to mend from where the work is. */
	let { open, mistake }: { open: OpenSwatch; mistake: Mistake | LikelyMistake } = $props();

	const settings = getSettings();
	const { medium } = $derived(open.card);
	const playable = $derived(medium === 'hand' || isBed(medium));
	const mending = new OpenFinding(() => ({
		crossing: mistake.crossing,
		medium,
		voice: settings.value,
		level: settings.value.level,
		rates: ratesWith(settings.value.rates)
	}));
	onMount(async () => {
		if (!playable) return;
		const { rows, width, at } = mistakeBy(mistake, handsAt(settings.value, medium));
		await mending.open({ rows, width, at });
		const likely = 'slip' in mistake && mending.finding?.slips.find(({ slip }) => slip === mistake.slip);
		if (likely) mending.finding!.choose(likely);
	});
	const shown = $derived(mending.shown);
</script>

<p class="mb-4 text-quiet">
	{mistake.name} on row {mistake.row}, from stitch {mistake.at} of {mistake.width}; {mistake.rows === 0
		? 'no row stands above it'
		: `${counted(mistake.rows, 'row')} since`}.
</p>
{#if !playable}
	<p>Slips are played for crosses made by hand, at a machine and at a loom.</p>
{:else if mending.finding}
	{#if shown}
		<div class="mb-5 overflow-hidden rounded-2xl border border-hairline">
			<div class="h-64"><TroublePicture finding={shown} /></div>
			{#if shown.told.length > 1}
				<StepPlayer told={shown.told} bind:step={() => shown.step, (to) => shown.go(to)} />
			{/if}
		</div>
	{/if}
	<MendPanel finding={mending.finding} pictured={false} placed />
{/if}
