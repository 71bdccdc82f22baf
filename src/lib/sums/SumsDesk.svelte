<script lang="ts">
	import { goto } from '$app/navigation';
	import { resolve } from '$app/paths';
	import { onMount, untrack } from 'svelte';
	import { MM_PER, lengthSaid } from '$core/hands/voice';
	import { materialsOf } from '$core/measures/materials';
	import { planRows } from '$core/measures/planRows';
	import { newSwatch } from '$core/swatch/schema';
	import { newId } from '$lib/client/id';
	import { getJson, postJson } from '$lib/client/requests';
	import { getSettings } from '$lib/client/settings.svelte';
	import Choices from '$lib/ui/Choices.svelte';
	import CountField from '$lib/ui/CountField.svelte';
	import { newPiece } from '$lib/log/begin';
	import { learnErrand } from '$lib/log/learnErrand';
	import type { PlanLearned, PlanQuestion } from '$lib/log/learned';
	import { fileName, save } from '$lib/ui/save';
	import { PIECES, allPiecesShape, pieceOf } from '$lib/wire/log';
	import { versionsAt } from '$lib/wire/swatch';
	import type { SumsPage } from '$lib/wire/sums';
	import FitFields from './FitFields.svelte';
	import MaterialsList from './MaterialsList.svelte';
	import PanelFields from './PanelFields.svelte';
	import PlanFigures from './PlanFigures.svelte';
	import PlanPicture from './PlanPicture.svelte';
	import { Planning } from './planning.svelte';
	import { shell } from '$lib/words/shell';

	/** From a swatch to a piece: its size is pulled, everything else follows, each number with its reason. */
	let { data }: { data: SumsPage } = $props();

	const SAMPLE =
		'Multiple of 8 + 2.\nRow 1 (RS): p2, *k4, p4; rep from * to end.\nRow 2: as they face.\nRow 3: p2, *2/2 RC, p4; rep from * to end.\nRow 4: as they face.\nRow 5: p2, *k4, p4; rep from * to end.\nRow 6: as they face.\nRep rows 1-6 for pattern.';

	const settings = getSettings();
	const place = shell(settings);
	let trouble = $state<string | null>(null);
	const planning = untrack(() => new Planning(settings, data.from ?? { swatch: { text: SAMPLE } }));
	onMount(async () => {
		if (data.pieces.length === 0) return;
		const answer = await getJson(PIECES, allPiecesShape);
		if (answer.ok) planning.pieces = answer.value.pieces.map(pieceOf);
		else trouble = answer.error.message;
	});
	const errand = learnErrand<PlanQuestion, PlanLearned>();
	$effect(() => {
		const { question } = planning;
		if (!question) return void ((planning.answered = null), errand.stop());
		void errand
			.ask($state.snapshot(question) as PlanQuestion)
			.then((answer) => answer && (planning.answered = answer));
	});
	$effect(() => () => errand.stop());
	const inches = $derived(settings.value.units === 'in');
	const perUnit = $derived(MM_PER[settings.value.units]);
	const unit = $derived(settings.value.units);
	const plan = $derived(planning.plan.ok ? planning.plan.value : null);

	const SIZES = [
		{ field: 'widthMm', says: 'Width', round: 'Way round' },
		{ field: 'heightMm', says: 'Height', round: 'Height' }
	] as const;
	/** what people wish for, as it usually is: worked how, so wide and so long, in millimetres */
	const WISHES: Readonly<Record<string, readonly ['flat' | 'round', number, number]>> = {
		'a scarf': ['flat', 220, 1_600],
		'a cushion': ['flat', 400, 400],
		'a band': ['flat', 90, 520],
		'a tube': ['round', 600, 260],
		'a panel': ['flat', 300, 600]
	};
	const wished = $derived(
		Object.entries(WISHES).find(
			([, [shape, width, height]]) =>
				shape === planning.shape && width === planning.widthMm && height === planning.heightMm
		)?.[0] ?? ''
	);
	function wishFor(name: string) {
		if (name in WISHES) [planning.shape, planning.widthMm, planning.heightMm] = WISHES[name];
	}
	/** as far as a slider is pulled */
	const MOST_MM = 2_000;

	/** a swatch and a piece are told apart in one list */
	const pieceValue = (id: string) => `piece ${id}`;
	const fromValue = $derived(
		data.from === null ? '' : 'piece' in data.from ? pieceValue(data.from.id) : data.from.id
	);
	const fromTitle = $derived(
		data.from === null ? 'A piece' : 'piece' in data.from ? data.from.piece.title : data.from.swatch.title
	);
	const planFrom = (value: string) =>
		goto(
			resolve(
				value.startsWith('piece ')
					? `/sizing?piece=${value.slice(6)}`
					: value
						? `/sizing?swatch=${value}`
						: '/sizing'
			)
		);
	const needed = $derived(
		plan
			? materialsOf(
					plan,
					{ yarn: planning.yarn, needleMm: planning.needleMm, crosses: planning.crosses },
					(mm) => lengthSaid(mm, settings.value)
				)
			: []
	);
	const planTitle = $derived(
		plan
			? `${fromTitle}, ${lengthSaid(plan.dry.widthMm, settings.value)} × ${lengthSaid(plan.dry.heightMm, settings.value)}`.slice(
					0,
					200
				)
			: fromTitle
	);

	/** The rows of the plan; `null` where they cannot be written, which the page then says. */
	function rowsOfPlan(): string | null {
		if (!plan || !planning.text.ok) return null;
		const rows = planRows(planning.text.value, plan, planning.shape === 'round');
		trouble = rows.ok ? null : rows.error.message;
		return rows.ok ? rows.value : null;
	}
	/** Makes them a swatch; its id, or `null` where that cannot be. */
	async function keepRows(): Promise<string | null> {
		const rows = rowsOfPlan();
		if (!plan || rows === null) return null;
		const id = newId();
		const swatch = {
			...newSwatch(planTitle, rows),
			gauge: planning.gauge,
			wishedMm: plan.dry.heightMm
		};
		trouble = await postJson(versionsAt(id), { id: newId(), base: null, swatch, said: 'planned' });
		return trouble ? null : id;
	}
	async function makeRows() {
		const id = await keepRows();
		if (id) await goto(resolve('/swatches/[id]', { id }));
	}
	async function teachIt() {
		const id = await keepRows();
		if (id) await goto(resolve(`/lessons?draft=${id}`));
	}
	async function log() {
		const rows = rowsOfPlan();
		if (rows === null) return;
		const pieceId = newId();
		const about = newPiece(planTitle, rows, planning);
		trouble = await postJson(PIECES, { pieceId, about, measured: [] });
		if (!trouble) await goto(resolve('/measurements/[id]', { id: pieceId }));
	}
	const takeFile = () =>
		save(
			`${JSON.stringify({ format: 'pond-loop/plan@1', title: planTitle, wish: planning.wish, plan, materials: needed }, null, '\t')}\n`,
			`${fileName(planTitle)}.plan.json`,
			'application/json'
		);
</script>

<svelte:head><title>{place('shell-sizing')} · Pond Loop</title></svelte:head>

<div class="sums mx-auto max-w-7xl px-4 pt-8 pb-16 sm:px-7">
	<div class="flex flex-wrap items-end justify-between gap-4 border-b border-hairline pb-5">
		<div>
			<h1 class="text-4xl">{place('shell-sizing')}</h1>
			<p class="mt-1 text-lg text-quiet">From a swatch to a piece: pull its size, and the rest follows.</p>
		</div>
		<div class="flex flex-wrap gap-3 print:hidden">
			<button type="button" class="btn" disabled={!plan} onclick={takeFile}>Take it as a file</button>
			<button type="button" class="btn btn-outline" disabled={!plan} onclick={() => print()}>Print it</button>
			<button type="button" class="btn btn-primary" disabled={!plan} onclick={makeRows}>Make its rows</button>
		</div>
	</div>
	<p role="alert" class="mt-3 font-semibold text-error empty:hidden">{trouble ?? ''}</p>

	<div class="desk mt-6">
		<section class="size grid content-start gap-5 print:hidden" aria-label="What you wish">
			<Choices
				label="From"
				value={fromValue}
				choices={[
					{ value: '', label: data.from ? 'a rope to try' : 'the rows below' },
					...data.swatches.map(({ id, title }) => ({ value: id, label: title })),
					...data.pieces.map(({ id, title }) => ({ value: pieceValue(id), label: `log: ${title}` }))
				]}
				onchoose={planFrom}
			/>
			<PanelFields {planning} />
			<Choices
				label="To be"
				value={wished}
				choices={[
					{ value: '', label: 'of the size below' },
					...Object.keys(WISHES).map((value) => ({ value, label: value }))
				]}
				onchoose={wishFor}
			/>
			<Choices
				label="Worked"
				value={planning.shape}
				choices={[
					{ value: 'flat', label: 'flat' },
					{ value: 'round', label: 'in the round' }
				]}
				onchoose={(shape) => (planning.shape = shape)}
			/>
			{#each SIZES as { field, says, round } (field)}
				{@const label = planning.shape === 'round' ? round : says}
				<div>
					<CountField
						label="{label}, {unit}"
						value={Number((planning[field] / perUnit).toFixed(1))}
						least={1}
						most={inches ? 780 : 2000}
						places={1}
						onset={(length) => (planning[field] = length * perUnit)}
					/>
					<input
						type="range"
						class="slider"
						aria-label="{label}, pulled"
						min={perUnit}
						max={MOST_MM}
						step={perUnit / 2}
						value={planning[field]}
						oninput={(event) => (planning[field] = event.currentTarget.valueAsNumber)}
					/>
				</div>
			{/each}
		</section>

		<section class="more grid content-start gap-5 print:hidden" aria-label="Gauge, edges and yarn">
			<FitFields {planning} ontrouble={(why) => (trouble = why)} />
		</section>

		<section class="plan grid content-start gap-6" aria-label="The plan" aria-live="polite">
			{#if plan}
				<PlanPicture {plan} />
				<h2 class="hidden text-2xl print:block">{planTitle}</h2>
				<PlanFigures
					{plan}
					knitting={planning.minutesOf(plan)}
					fibre={planning.yarn?.fibre ?? 'wool'}
					onsize={(dry) => {
						planning.widthMm = dry.widthMm;
						planning.heightMm = dry.heightMm;
					}}
				/>
				<MaterialsList {needed} />
				<div class="flex flex-wrap gap-3 border-t border-hairline pt-4 print:hidden">
					<button type="button" class="btn btn-outline" onclick={teachIt}>A lesson or course from it</button>
					<button type="button" class="btn" onclick={log}>Begin it in the log</button>
				</div>
			{:else if !planning.plan.ok}
				<div class="border-l-4 border-accent py-2 pl-4 text-lg">{planning.plan.error.message}</div>
			{/if}
		</section>
	</div>
</div>

<style>
	/* On a phone the piece stands under what pulls it. */
	.desk {
		display: grid;
		grid-template: 'size' 'plan' 'more' / minmax(0, 1fr);
		gap: 2rem;
	}
	.size {
		grid-area: size;
	}
	.plan {
		grid-area: plan;
	}
	.more {
		grid-area: more;
	}
	.slider {
		width: 100%;
		min-height: 2.75rem;
		accent-color: var(--color-base-content);
	}
	@media (min-width: 60rem) {
		.desk {
			grid-template:
				'size plan' auto
				'more plan' 1fr / 20rem minmax(0, 1fr);
			gap: 1.5rem 3rem;
		}
	}
</style>
