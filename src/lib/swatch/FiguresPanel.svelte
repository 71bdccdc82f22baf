<script lang="ts">
	import { untrack } from 'svelte';
	import { lengthSaid } from '$core/hands/voice';
	import { numberSaid } from '$core/locale';
	import { rulesWith } from '$core/rules';
	import { bedNotes } from '$core/swatch/bedNotes';
	import type { Swatch } from '$core/swatch/schema';
	import {
		ASSUMED_GAUGE,
		gaugeOf,
		heightMm,
		repeatIn,
		repeatsTo,
		roundsAdvice,
		spacingSaid,
		spacingsFor
	} from '$core/swatch/measure';
	import { multipleOf } from '$core/swatch/multiple';
	import { turnedRows } from '$core/swatch/rounds';
	import { slackEdits, slackPlaces, type SlackSchool } from '$core/swatch/slack';
	import { summaryOf } from '$core/swatch/summary';
	import { inTerms } from '$core/swatch/write';
	import CountField from '$lib/ui/CountField.svelte';
	import Choices from '$lib/ui/Choices.svelte';
	import { getSettings } from '$lib/client/settings.svelte';
	import type { OpenSwatch } from './openSwatch.svelte';

	/** What the swatch comes to: counts, width, length, spacing, places of slack, flat or round. */
	let { open }: { open: OpenSwatch } = $props();

	const settings = getSettings();
	let school = $state<SlackSchool>('right-side');
	let wrong = $state<string | null>(null);

	// Figures look at every row, so they wait until the typing rests.
	const REST_MS = 400;
	let working = $state.raw(untrack(() => open.working!));
	$effect(() => {
		const now = open.working!;
		const timer = setTimeout(() => (working = now), REST_MS);
		return () => clearTimeout(timer);
	});
	const rules = $derived(rulesWith(settings.value.rules));
	const summary = $derived(summaryOf(working, gaugeOf(open.card), rules));
	const drawIn = $derived(open.card.drawIn ?? summary.drawIn);
	const said = (mm: number) => lengthSaid(mm, settings.value);
	const rounds = $derived(working.pattern.rounds);
	const multiple = $derived(multipleOf(working));
	const widest = $derived(
		Math.max(
			0,
			...working.steps.flatMap(({ worked }) => worked.crossings.map(({ crossing }) => crossing.stitches))
		)
	);
	const spacings = $derived(widest > 0 ? spacingsFor(widest, rounds) : null);
	const slack = $derived(slackPlaces(working, school));
	/** places that a cross takes on the next row */
	const inCross = $derived(
		slack.filter(({ undo, step }) => undo === null && step + 1 < working.steps.length).length
	);
	const bed = $derived(
		open.card.medium === 'machine' || open.card.medium === 'loom'
			? bedNotes(working, open.card.medium, rules)
			: null
	);
	const repeat = $derived(repeatIn(working));
	const length = $derived(
		open.card.wishedMm
			? repeatsTo(open.card.wishedMm, repeat.repeatRows, repeat.otherRows, gaugeOf(open.card))
			: null
	);
	const tube = $derived(
		rounds && summary.stitches > 0 ? roundsAdvice(summary.stitches, gaugeOf(open.card), drawIn, rules) : null
	);
	const inches = $derived(settings.value.units === 'in');
	const perUnit = $derived(inches ? 25.4 : 10);

	const gauge = $derived(gaugeOf(open.card));
	const ten = $derived(lengthSaid(100, settings.value));
	/** what of the gauge nobody entered */
	const assumed = $derived(
		(['stitches', 'rows'] as const)
			.filter((field) => open.card.gauge?.[field] === undefined)
			.map((field) => `${ASSUMED_GAUGE[field]} ${field}`)
	);
	const guessed = $derived(assumed.length > 0 ? ', gauge assumed' : '');
	const PER_TEN = { least: 1, most: 200, places: 1, of: '', optional: true, wide: true } as const;

	const measured = (fields: Swatch['gauge']) =>
		open.change({ gauge: { ...open.card.gauge, ...fields } }, 'gauge changed');

	function turn() {
		const turned = turnedRows(working);
		wrong = turned.ok ? null : turned.error.message;
		if (turned.ok)
			open.edit(
				[{ from: 0, to: open.text.length, insert: turned.value }],
				rounds ? 'turned flat' : 'turned into rounds'
			);
	}

	function terms(to: 'us' | 'uk') {
		open.edit(
			[{ from: 0, to: open.text.length, insert: inTerms(open.text, to) }],
			`${to.toUpperCase()} words`
		);
	}
</script>

{#snippet figure(what: string, value: string)}
	<div class="flex items-baseline justify-between gap-3 border-b border-hairline py-2">
		<dt>{what}</dt>
		<dd class="text-right font-semibold">{value}</dd>
	</div>
{/snippet}

<div class="grid gap-7">
	<dl>
		{@render figure('Crosses', String(summary.crosses))}
		{#if summary.between}
			{@render figure(
				'Plain rows between crosses',
				`${
					summary.between.least === summary.between.most
						? summary.between.least
						: `${summary.between.least} to ${summary.between.most}`
				}${spacings ? `, ${spacingSaid(summary.between.least + 1, spacings.usual.rows)}` : ''}`
			)}
		{/if}
		{#if summary.crosses > 0}
			{@render figure('Leans', `${summary.leans.right} right, ${summary.leans.left} left`)}
			{@render figure('Hand movements, all crosses', String(summary.movements))}
		{/if}
		{@render figure(
			'Stitches are back in their places',
			summary.home === null ? 'never' : `after ${summary.home} ${summary.home === 1 ? 'repeat' : 'repeats'}`
		)}
		{@render figure(
			open.card.drawIn ? 'Width over plain ground, measured' : 'Width over plain ground, estimated',
			`×\u00a0${numberSaid(drawIn, settings.locale, 2)}`
		)}
		{@render figure(`Width${guessed}`, said((summary.widthMm / summary.drawIn) * drawIn))}
		{@render figure(`Length of all rows${guessed}`, said(summary.heightMm))}
		{#if multiple}
			{@render figure(
				'Multiple',
				`${multiple.of}${multiple.plus ? ` + ${multiple.plus}` : ''}, ${multiple.times} times`
			)}
		{/if}
	</dl>

	<section class="grid gap-2">
		<h2 class="text-xl">Gauge and length</h2>
		<div class="grid grid-cols-2 gap-3">
			<CountField
				label="Stitches in {ten}"
				value={open.card.gauge?.stitches}
				{...PER_TEN}
				placeholder={ASSUMED_GAUGE.stitches}
				onset={(stitches) => measured({ stitches: stitches ?? undefined })}
			/>
			<CountField
				label="Rows in {ten}"
				value={open.card.gauge?.rows}
				{...PER_TEN}
				placeholder={ASSUMED_GAUGE.rows}
				onset={(rows) => measured({ rows: rows ?? undefined })}
			/>
			<CountField
				label="Wished length, {inches ? 'in' : 'cm'}"
				value={open.card.wishedMm === undefined ? undefined : open.card.wishedMm / perUnit}
				least={1}
				most={inches ? 780 : 2000}
				places={1}
				of={inches ? 'in' : 'cm'}
				optional
				wide
				onset={(length) =>
					open.change(
						{ wishedMm: length === null ? undefined : Math.round(length * perUnit) },
						'length changed'
					)}
			/>
			<CountField
				label="Width factor, measured"
				value={open.card.drawIn}
				least={0.2}
				most={2}
				places={2}
				of="times the width of plain ground"
				placeholder={summary.drawIn}
				optional
				wide
				onset={(factor) => open.change({ drawIn: factor ?? undefined }, 'width measured')}
			/>
		</div>
		{#if assumed.length > 0}
			<p data-testid="assumed">
				Assumed, because nobody measured: <strong>{assumed.join(' and ')}</strong> in {ten}. Widths and
				lengths are guesses until you enter yours.
			</p>
		{/if}
		{#if length}
			<p data-testid="length">
				<strong>{length.repeats} {length.repeats === 1 ? 'repeat' : 'repeats'}</strong> of {repeat.repeatRows} rows:
				{length.rows}
				rows, {said(length.mm)}. Half a spacing stands before the first cross and after the last, so that both
				ends match.
			</p>
		{/if}
		<p class="text-sm text-quiet">
			Measure the cable panel and the plain ground on one dry swatch; their ratio is the factor.
		</p>
	</section>

	{#if spacings}
		<section class="grid gap-1.5">
			<h2 class="text-xl">Spacing for {widest} stitches</h2>
			<p>
				Usual: a cross every <strong>{spacings.usual.rows}</strong> rows, {spacings.usual.says};
				{said(heightMm(spacings.usual.rows, gauge))} a turn.
			</p>
			<ul class="grid gap-1 text-quiet">
				{#each spacings.others as { rows, says } (rows)}
					<li>Every {rows} rows, {said(heightMm(rows, gauge))}: {says}.</li>
				{/each}
			</ul>
		</section>
	{/if}

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

	{#if bed}
		<section class="grid gap-1.5">
			<h2 class="text-xl">{open.card.medium === 'machine' ? 'On the machine' : 'On the loom'}</h2>
			<p>
				{bed.used}
				{open.card.medium === 'machine' ? 'needles' : 'pegs'} in use{bed.between === null
					? ''
					: `, ${bed.between} ${open.card.medium === 'machine' ? 'passes' : 'rows'} between crosses at the closest`}.
			</p>
			<ul class="grid gap-1.5">
				{#each bed.notes as { wrong: bad, text } (text)}<li class={bad ? 'font-semibold text-warning' : ''}>
						{text}
					</li>{/each}
			</ul>
		</section>
	{/if}

	<section class="grid gap-2">
		<h2 class="text-xl">Slack beside ropes</h2>
		<p>
			{slack.length === 0
				? 'No purl follows a rope here.'
				: `${slack.length} ${slack.length === 1 ? 'purl follows' : 'purls follow'} a rope or two knits: in this row wrap it the short way round, under the needle, and the left edge does not gape; in the next row work it through the back loop, because it sits turned.`}
		</p>
		{#if slack.length > 0}
			{#if inCross > 0}
				<p>
					{inCross} of them {inCross === 1 ? 'meets' : 'meet'} a cross on the next row: there the stitch starts
					with its left leg in front, and they are left out.
				</p>
			{/if}
			<p class="text-sm text-quiet">
				Teachers differ whether it is worth it at all. Try it on half a swatch.
			</p>
			<Choices
				label="Wrap"
				value={school}
				choices={[
					{ value: 'right-side', label: 'on right side rows' },
					{ value: 'both', label: 'on both sides' }
				]}
				onchoose={(value) => (school = value)}
			/>
			<div>
				<button
					type="button"
					class="press press-quiet"
					onclick={() => open.edit(slackEdits(working, slack), 'slack written in')}
					>Write it into the rows</button
				>
			</div>
		{/if}
	</section>

	<section class="grid gap-2">
		<h2 class="text-xl">The same, said otherwise</h2>
		<div class="flex flex-wrap gap-2">
			<button type="button" class="press press-quiet" onclick={turn}
				>{rounds ? 'Turn into flat rows' : 'Turn into rounds'}</button
			>
			<button type="button" class="press press-quiet" onclick={() => terms('us')}>In US words</button>
			<button type="button" class="press press-quiet" onclick={() => terms('uk')}>In UK words</button>
		</div>
		<p role="alert" class="font-semibold text-error empty:hidden">{wrong ?? ''}</p>
	</section>
</div>
