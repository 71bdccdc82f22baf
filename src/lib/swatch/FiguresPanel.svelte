<script lang="ts">
	import { resolve } from '$app/paths';
	import { untrack } from 'svelte';
	import { lengthSaid } from '$core/hands/voice';
	import { rulesWith } from '$core/rules';
	import { techniqueNotes } from '$core/swatch/techniqueNotes';
	import { ASSUMED_GAUGE, gaugeOf, roundsAdvice, spacingsFor } from '$core/swatch/measure';
	import { multipleOf } from '$core/swatch/multiple';
	import { summaryOf } from '$core/swatch/summary';
	import { getSettings } from '$lib/client/settings.svelte';
	import TechniqueFigures from './TechniqueFigures.svelte';
	import CountsList from './CountsList.svelte';
	import GaugeFigures from './GaugeFigures.svelte';
	import type { OpenSwatch } from './openSwatch.svelte';
	import RowsOtherwise from './RowsOtherwise.svelte';
	import SlackFigures from './SlackFigures.svelte';
	import SpacingFigures from './SpacingFigures.svelte';

	/** What the swatch comes to: counts, width, length, spacing, places of slack, flat or round. */
	let { open }: { open: OpenSwatch } = $props();

	const settings = getSettings();

	// Figures look at every row, so they wait until the typing rests.
	const REST_MS = 400;
	let working = $state.raw(untrack(() => open.working!));
	$effect(() => {
		const now = open.working!;
		const timer = setTimeout(() => (working = now), REST_MS);
		return () => clearTimeout(timer);
	});
	const rules = $derived(rulesWith(settings.value.rules));
	const gauge = $derived(gaugeOf(open.card));
	const summary = $derived(summaryOf(working, gauge, rules));
	const widest = $derived(
		Math.max(
			0,
			...working.steps.flatMap(({ worked }) => worked.crossings.map(({ crossing }) => crossing.stitches))
		)
	);
	const { rounds } = $derived(working.pattern);
	const spacings = $derived(widest > 0 ? spacingsFor(widest, rounds) : null);
	const tube = $derived(
		rounds && summary.stitches > 0
			? roundsAdvice(summary.stitches, gauge, open.card.drawIn ?? summary.drawIn, rules)
			: null
	);
	const said = (mm: number) => lengthSaid(mm, settings.value);
	const technique = $derived(techniqueNotes(working, open.card.medium, rules));
	/** what of the gauge nobody entered */
	const assumed = $derived(
		(['stitches', 'rows'] as const)
			.filter((field) => open.card.gauge?.[field] === undefined)
			.map((field) => `${ASSUMED_GAUGE[field]} ${field}`)
	);
</script>

<div class="grid gap-7">
	<p class="flex flex-wrap gap-2">
		<a class="btn btn-outline" href={resolve(`/sizing?swatch=${open.id}`)}>Plan a piece from it</a>
		<a class="btn" href={resolve(`/measurements?swatch=${open.id}`)}>Measure it in the log</a>
	</p>
	<CountsList
		{summary}
		{spacings}
		multiple={multipleOf(working)}
		measured={open.card.drawIn}
		guessed={assumed.length > 0}
	/>
	<GaugeFigures {open} {working} drawIn={summary.drawIn} {assumed} />
	{#if spacings}<SpacingFigures {spacings} {widest} {gauge} />{/if}
	{#if tube}
		<section class="grid gap-1">
			<h2 class="text-xl">Going round</h2>
			<p>
				The tube is {said(tube.roundMm)} round.
				{tube.needleMm
					? `A circular needle of ${said(tube.needleMm)} leaves it room.`
					: 'That is too small for any circular needle: take double-pointed needles, two circulars, or one long one with a loop drawn out.'}
			</p>
		</section>
	{/if}

	{#if technique}<TechniqueFigures told={technique} medium={open.card.medium} />{/if}
	<SlackFigures {open} {working} />
	<RowsOtherwise {open} {working} />
</div>
