<script lang="ts">
	import { onMount } from 'svelte';
	import { resolve } from '$app/paths';
	import { numberSaid } from '$core/locale';
	import type { LeftOut } from '$core/measures/learn';
	import { counted } from '$core/naming/numbers';
	import { learnedRules } from '$core/measures/learnedRules';
	import { ratesWith } from '$core/planning/rates';
	import { USUAL_RULES, type RuleId } from '$core/rules';
	import { getJson } from '$lib/client/requests';
	import { getSettings } from '$lib/client/settings.svelte';
	import { PIECES, allPiecesShape, pieceOf } from '$lib/wire/log';
	import { learnErrand } from './learnErrand';
	import type { LearnedGroup, LearnQuestion } from './learned';
	import Pressed from './Pressed.svelte';
	import RangeBar from './RangeBar.svelte';

	/** What a teacher's own pieces say of the next one, beside the rule of thumb. */
	const settings = getSettings();
	const errand = learnErrand<LearnQuestion, LearnedGroup[]>();
	const KINDS = [
		{ value: 'all', label: 'all pieces' },
		{ value: 'yarn', label: 'yarn' },
		{ value: 'fibre', label: 'fibre' },
		{ value: 'needle', label: 'needle' },
		{ value: 'motif', label: 'motif' }
	] as const;

	let kind = $state<LearnQuestion['kind']>('all');
	let pieces = $state.raw<LearnQuestion['pieces'] | null>(null);
	let groups = $state.raw<readonly LearnedGroup[]>([]);
	let trouble = $state<string | null>(null);
	const ruleMinutes = $derived((ratesWith(settings.value.rates).stitch[settings.value.level] * 100) / 60);

	onMount(() => {
		void (async () => {
			const answer = await getJson(PIECES, allPiecesShape);
			if (answer.ok) pieces = answer.value.pieces.map(pieceOf);
			else trouble = answer.error.message;
		})();
		return () => errand.stop();
	});
	$effect(() => {
		if (!pieces) return;
		void errand.ask({ pieces, kind, ruleMinutes }).then((answer) => answer && (groups = answer));
	});

	const figures = ({ learned, yarn, time, thumb }: LearnedGroup) => [
		{
			of: 'drawIn' as const,
			what: 'A panel beside as much plain ground',
			estimate: learned.drawIn,
			rule: thumb.drawIn,
			places: 2,
			unit: 'of its width'
		},
		{
			of: 'width' as const,
			what: 'Washed and dried, across',
			estimate: learned.washed.width,
			rule: thumb.washed,
			places: 2,
			unit: 'of what it was'
		},
		{
			of: 'height' as const,
			what: 'Washed and dried, up',
			estimate: learned.washed.height,
			rule: thumb.washed,
			places: 2,
			unit: 'of what it was'
		},
		{
			of: 'grams' as const,
			what: 'Yarn for a hundred stitches',
			estimate: yarn,
			rule: thumb.gramsPerStitch * 100,
			places: 2,
			unit: 'g'
		},
		{
			of: 'minutes' as const,
			what: 'Time for a hundred stitches',
			estimate: time,
			rule: ruleMinutes,
			places: 1,
			unit: 'min'
		}
	];
	const FIGURE_SAID: Record<LeftOut['of'], string> = {
		drawIn: 'how ropes draw in',
		width: 'what washing does across',
		height: 'what washing does up',
		gramsPerStitch: 'yarn for a stitch',
		grams: 'yarn for a hundred stitches',
		minutes: 'time for a hundred stitches'
	};
	/** the rules of thumb as the teacher's own pieces have them: drafts, materials and figures reckon by those then */
	const ownRules = $derived.by(() => {
		const all = kind === 'all' ? groups.at(0) : undefined;
		return all ? learnedRules(all.learned, all.thumb, USUAL_RULES) : null;
	});
	const taken = $derived(
		ownRules !== null &&
			Object.entries(ownRules).every(([id, value]) => settings.value.rules?.[id as RuleId] === value)
	);
	const said = (value: number, places: number) => numberSaid(value, settings.locale, places);
	const headOf = (key: string) => (kind === 'needle' ? `${said(Number(key), 2)} mm` : key);
</script>

<div class="grid gap-8 py-6">
	<p role="alert" class="font-semibold text-error empty:hidden">{trouble ?? ''}</p>
	{#if pieces?.length === 0}
		<div>
			<h2 class="text-2xl">Nothing to learn from yet</h2>
			<p class="mt-2 max-w-prose text-lg">
				Measure a piece bound off and again dry, and its ground beside its panel: after two of them their own
				figures stand here beside the rules of thumb, and Sums can plan by them.
			</p>
			<p class="mt-4"><a class="btn btn-outline" href={resolve('/measurements')}>To the pieces</a></p>
		</div>
	{:else if pieces}
		<Pressed legend="Tell apart by" value={kind} choices={KINDS} onchoose={(to) => (kind = to)} />
		{#each groups as group (group.key)}
			<section aria-label={group.key ? headOf(group.key) : 'All pieces'}>
				<h2 class="text-2xl">{group.key ? headOf(group.key) : 'All pieces'}</h2>
				<p class="text-quiet">
					{counted(group.titles.length, 'piece')}: {group.titles.slice(0, 6).join(', ')}{group.titles.length >
					6
						? ' …'
						: ''}
				</p>
				<dl class="mt-2">
					{#each figures(group) as { of, what, estimate, rule, places, unit } (of)}
						<div class="figure border-b border-hairline py-2.5">
							<dt>{what}</dt>
							<dd class="text-lg font-semibold tabular-nums">{said(estimate.value, places)} {unit}</dd>
							<dd><RangeBar {estimate} {rule} /></dd>
							<dd class="text-quiet tabular-nums">
								{#if estimate.rule}
									rule of thumb; {estimate.pieces === 0 ? 'no piece says' : 'one piece says too little'}
								{:else}
									{said(estimate.low, places)} to {said(estimate.high, places)} in eight of ten, from
									{counted(estimate.pieces, 'piece')}; rule of thumb {said(rule, places)}
								{/if}
							</dd>
						</div>
					{/each}
				</dl>
				{#each group.leftOut as { of, piece, value } (of + piece)}
					<p class="mt-2 border-l-4 border-warning pl-3">
						“{piece}” is left out of {FIGURE_SAID[of]}: {said(value, 3)} lies far from all others. Is it another
						kind of yarn, or did the tape slip?
					</p>
				{/each}
			</section>
		{/each}
		{#if ownRules && Object.keys(ownRules).length > 0}
			<div class="flex flex-wrap items-center gap-3 border-t border-hairline pt-5">
				<button
					type="button"
					class="btn btn-outline"
					disabled={taken}
					onclick={() => settings.change({ rules: { ...settings.value.rules, ...ownRules } })}
					>{taken ? 'Lessons reckon by these' : 'Let lessons reckon by these'}</button
				>
				<span class="max-w-prose text-quiet"
					>Yarn for a class and how panels draw in become your own rules of thumb, instead of the usual ones.</span
				>
			</div>
		{/if}
		<p class="max-w-prose text-quiet">
			The bar holds where eight of ten next pieces will be; the dashed line is the rule of thumb, and counts
			as one piece more.
		</p>
	{:else if !trouble}
		<p class="py-8 text-lg" role="status">Reading your pieces …</p>
	{/if}
</div>

<style>
	.figure {
		display: grid;
		align-items: center;
		gap: 0.15rem 1.25rem;
	}
	@media (min-width: 60rem) {
		.figure {
			grid-template-columns: minmax(0, 1.1fr) 11rem 13rem minmax(0, 1.5fr);
		}
	}
</style>
