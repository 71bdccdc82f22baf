<script lang="ts">
	import { onMount, untrack } from 'svelte';
	import { counted } from '$core/naming/numbers';
	import { problemSpot } from '$core/swatch/clothSpot';
	import { workedAt } from '$core/swatch/edit';
	import { gaugeOf } from '$core/swatch/measure';
	import { lastMade, mistakeAt, mistakeOf, type Mistake } from '$core/swatch/mistake';
	import type { Problem } from '$core/fabric/problem';
	import { MEDIA } from '$core/technique/medium';
	import { handsAt, mirrorsFabric } from '$core/ways/handed';
	import { OpenMemory } from '$lib/client/memory.svelte';
	import { keepHere } from '$lib/client/kept';
	import { getSettings } from '$lib/client/settings.svelte';
	import Choices from '$lib/ui/Choices.svelte';
	import ClashDialog from '$lib/ui/ClashDialog.svelte';
	import Dialog from '$lib/ui/Dialog.svelte';
	import { useKeys } from '$lib/ui/keys.svelte';
	import PanelTabs from '$lib/ui/PanelTabs.svelte';
	import { wordsFor } from '$lib/ui/words';
	import type { SwatchPage } from '$lib/wire/swatch';
	import type ClothDesk from './ClothDesk.svelte';
	import ClothSection from './ClothSection.svelte';
	import { ClothView } from './clothView.svelte';
	import CounterBar from './CounterBar.svelte';
	import { Findings } from './findings.svelte';
	import FindingsBar from './FindingsBar.svelte';
	import { OpenSwatch } from './openSwatch.svelte';
	import type { RowsEditor } from './rowsEditor';
	import RowsField from './RowsField.svelte';
	import SwatchTools from './SwatchTools.svelte';
	import { ui } from '$lib/words/ui';

	/** A swatch: its rows, the cloth they make, what is known of both, and the counter. */
	let { data }: { data: SwatchPage } = $props();
	const settings = getSettings();
	const words = wordsFor(ui(settings));
	// Somebody who has lost her place may have lost the network as well: it is here before it is asked for.
	const lostPlace = () => import('./LostPlace.svelte');
	onMount(() => void lostPlace());
	const memory = untrack(() => new OpenMemory(data.memory));
	const open = untrack(() => new OpenSwatch(data));
	onMount(() => {
		const stops = [memory.watch(), open.watch()];
		return () => stops.forEach((stop) => stop());
	});
	$effect(() => {
		const { names } = memory;
		untrack(() => open.settle(names));
	});

	const PANELS = { here: 'Here', figures: 'Figures', files: 'Files', history: 'History' } as const;
	let panel = $state<keyof typeof PANELS | 'signs'>('figures');
	/** what a narrow page shows */
	const SHEETS = { cloth: 'Cloth', rows: 'Rows', beside: 'Beside' } as const;
	let sheet = $state<keyof typeof SHEETS>('cloth');
	let editor = $state.raw<RowsEditor>();
	let cloth = $state<ClothDesk>();
	let counter = $state<CounterBar>();
	let making = $state(false);
	let comparing = $state(false);
	let lost = $state(false);
	let adding = $state(false);
	/** something looks wrong: the cross that is asked about, where there is one */
	let wrong = $state.raw<{ readonly mistake: Mistake | null } | null>(null);

	const findings = new Findings(untrack(() => open));
	const look = new ClothView(open, {
		mirrored: () => mirrorsFabric(handsAt(settings.value, open.card.medium ?? 'hand')),
		show: (step) => cloth?.show(step),
		onchoose: () => {
			found = null;
			panel = look.charted ? 'signs' : 'here';
		},
		oncharted: (charted) => (panel = charted ? 'signs' : panel === 'signs' ? 'here' : panel)
	});
	const working = $derived(open.working);
	const place = $derived(
		look.written && { from: look.written.from, to: look.written.to, show: look.leads && !look.lit }
	);
	const names = $derived([
		...(working?.pattern.key.map(({ line }) => line.label) ?? []),
		...memory.names.keys.flatMap(({ lines }) => lines.map(({ label }) => label))
	]);
	const about = $derived(
		working
			? `${counted(working.fabric.castOn, 'stitch', 'stitches')} · ${working.pattern.rounds ? counted(working.steps.length, 'round') : `${counted(working.steps.length, 'row')} · flat`}`
			: ''
	);

	/** What is to come next is in sight, on the cloth and in the rows. */
	function followCount() {
		if (open.now?.step != null) look.showRow(open.now.step);
	}
	onMount(() => void keepHere());

	/** Something looks wrong: the cross that is chosen on the cloth, else the one that was made last. */
	function looksWrong() {
		if (!working) return;
		const { chosen } = look;
		const at = chosen && { step: chosen.step, at: workedAt(working.steps[chosen.step], chosen.column) };
		wrong = { mistake: (at && mistakeAt(working, at, open.done)) ?? lastMade(working, open.done) };
	}

	/** Goes to the next finding: on the cloth, and to its words in the rows. */
	function nextFinding() {
		const problem = findings.next();
		if (!problem || !working) return;
		const spot = problemSpot(working, problem);
		if (spot) look.goTo(spot);
		editor?.mark({ from: problem.from, to: problem.to }, true);
		told = problem.message;
		found = problem;
		panel = 'here';
	}
	/** the finding that was gone to, until something else is chosen */
	let found = $state.raw<Problem | null>(null);
	const likely = $derived(found && working ? mistakeOf(working, found, open.done) : null);
	/** what was gone to last, for those who do not see it */
	let told = $state('');

	useKeys([
		{ key: 'F8', cap: 'F8', says: 'the next thing to look at', run: nextFinding },
		{ key: '+', cap: '+', says: 'one row done', run: () => counter?.count(1) },
		{ key: 'Shift++', cap: '+', says: 'one row done', run: () => counter?.count(1) },
		{ key: '-', cap: '-', says: 'one row back', run: () => counter?.count(-1) },
		{ key: 'ArrowUp', cap: '↑', says: 'the row above on the cloth', run: () => look.walk(1, 0) },
		{ key: 'ArrowDown', cap: '↓', says: 'the row below', run: () => look.walk(-1, 0) },
		{ key: 'ArrowLeft', cap: '←', says: 'the stitch to the left', run: () => look.walk(0, -1) },
		{ key: 'ArrowRight', cap: '→', says: 'the stitch to the right', run: () => look.walk(0, 1) },
		{ key: 'Alt+ArrowLeft', cap: 'Alt ←', says: 'move the cross to the left', run: () => look.nudge(0, -1) },
		{ key: 'Alt+ArrowRight', cap: 'Alt →', says: 'move the cross to the right', run: () => look.nudge(0, 1) },
		{
			key: 'Alt+ArrowUp',
			cap: 'Alt ↑',
			says: 'move the cross up',
			run: () => look.nudge(1, 0)
		},
		{
			key: 'Alt+ArrowDown',
			cap: 'Alt ↓',
			says: 'move the cross down',
			run: () => look.nudge(-1, 0)
		},
		{
			key: 'f',
			cap: 'F',
			says: 'follow the strand, or let it go',
			run: () => look.follow()
		},
		{
			key: 'w',
			cap: 'W',
			says: 'right side or wrong side',
			run: () => look.turn()
		},
		{
			key: 'g',
			cap: 'G',
			says: 'chart or cloth',
			run: () => look.lookAt(look.charted ? look.side : 'chart')
		},
		{ key: 'e', cap: 'E', says: 'write in the rows', run: () => ((sheet = 'rows'), editor?.focus()) },
		{ key: 'z', cap: 'Z', says: 'undo', run: () => editor?.undo() },
		{ key: 'y', cap: 'Y', says: 'redo', run: () => editor?.redo() },
		{ key: 'm', cap: 'M', says: 'make rows from a motif', run: () => (making = true) },
		{ key: 'c', cap: 'C', says: 'compare with another swatch', run: () => (comparing = true) },
		{ key: 'x', cap: 'X', says: 'this cross looks wrong', run: looksWrong },
		{ key: 'l', cap: 'L', says: 'I have lost my place', run: () => (lost = true) }
	]);
</script>

<svelte:head><title>{open.card.title || 'Swatch'} · Pond Loop</title></svelte:head>

<div class="px-4 empty:hidden sm:px-7">
	<ClashDialog of={open.clash?.head ?? null}>
		{#if open.clash}
			{@const { swatch } = open.clash}
			{#await import('./SwatchClash.svelte') then { default: SwatchClash }}
				<SwatchClash {open} theirs={swatch} />
			{/await}
		{/if}
	</ClashDialog>
</div>
<p class="sr-only" aria-live="polite">{told}</p>
<div class="desk">
	<header class="head flex flex-wrap items-center gap-x-5 gap-y-2 px-4 pt-4 pb-2 sm:px-7">
		<h1 class="sr-only">Swatch: {open.card.title}</h1>
		<label class="w-full min-w-0 sm:w-auto sm:min-w-64 sm:flex-1">
			<span class="sr-only">Name of the swatch</span>
			<input
				class="w-full min-w-48 border-b-2 border-transparent bg-transparent font-serif text-[1.4rem] leading-tight font-semibold text-ellipsis hover:border-hairline focus:border-base-content lg:text-[1.9rem]"
				value={open.card.title}
				maxlength="200"
				autocomplete="off"
				oninput={(event) => open.change({ title: event.currentTarget.value }, 'named')}
			/>
		</label>
		{#if working && working.pattern.sizes > 1}
			<Choices
				label="Size"
				value={String(Math.min(open.card.size ?? 1, working.pattern.sizes))}
				choices={Array.from({ length: working.pattern.sizes }, (_, i) => ({
					value: String(i + 1),
					label: `${i + 1} of ${working.pattern.sizes}`
				}))}
				onchoose={(value) => open.change({ size: Number(value) }, `size ${value}`)}
			/>
		{/if}
		<FindingsBar {findings} onnext={nextFinding} />
		<p class="text-quiet">{about}</p>
	</header>

	<div class="tools">
		<SwatchTools {editor} {look} onmake={() => (making = true)} oncompare={() => (comparing = true)} />
	</div>

	<div class="switch"><PanelTabs panels={SHEETS} label="What to see" spread bind:chosen={sheet} /></div>

	<section class="rows {sheet === 'rows' ? '' : 'away'}" aria-label="Rows">
		<RowsField {open} {findings} {names} {place} onrow={(at) => look.chooseWritten(at)} bind:editor />
	</section>

	<section class="cloth {sheet === 'cloth' ? '' : 'away'}" aria-label="What the rows make">
		<ClothSection {open} {look} found={findings.spots} {about} bind:cloth onmake={() => (making = true)} />
	</section>

	<aside
		class="side border-l border-hairline bg-base-100 {sheet === 'beside' ? '' : 'away'}"
		aria-label="Beside the cloth"
	>
		<PanelTabs
			panels={look.charted ? { signs: 'Signs', ...PANELS } : PANELS}
			label="What stands beside"
			bind:chosen={panel}
		>
			{#if panel === 'history'}
				{#await import('./HistoryPanel.svelte') then { default: HistoryPanel }}<HistoryPanel {open} />{/await}
			{:else if panel === 'files'}
				{#await import('./SwatchFiles.svelte') then { default: SwatchFiles }}
					<SwatchFiles {open} view={look.view} onlesson={() => (adding = true)} />
				{/await}
			{:else if !working || working.steps.length === 0}
				<p>Write rows, or make them from a motif; then they are worked here.</p>
			{:else if panel === 'signs'}
				{#await import('./SignsPanel.svelte') then { default: SignsPanel }}
					<SignsPanel {open} {look} />
				{/await}
			{:else if panel === 'here'}
				{#if found}
					<section class="mb-5 grid gap-2 border-l-4 border-accent pl-3" aria-labelledby="found">
						<h2 id="found" class="text-lg">{found.severity === 'error' ? 'Wrong' : 'To look at'}</h2>
						<p>{found.message}</p>
						{#if likely}
							{#await import('./PriceLine.svelte') then { default: PriceLine }}
								<PriceLine
									mistake={likely}
									now={open.now?.n ?? open.done}
									onmend={() => (wrong = { mistake: likely })}
								/>
							{/await}
						{/if}
					</section>
				{/if}
				{#if look.chosen}
					{@const { chosen } = look}
					{#await import('./HerePanel.svelte') then { default: HerePanel }}
						<HerePanel
							{open}
							spot={chosen}
							strand={look.strand}
							onstrand={(to) => (look.strand = to)}
							onwrong={looksWrong}
						/>
					{/await}
				{:else}
					<p>Press a stitch or a cross on the cloth, or walk there with the arrow keys.</p>
				{/if}
			{:else}
				<div class="mb-5">
					<Choices
						label="Made"
						value={open.card.medium}
						choices={MEDIA.map((value) => ({ value, label: words.medium(value) }))}
						onchoose={(medium) => open.change({ medium }, 'made otherwise')}
					/>
				</div>
				{#await import('./FiguresPanel.svelte') then { default: FiguresPanel }}<FiguresPanel {open} />{/await}
			{/if}
		</PanelTabs>
	</aside>

	<div class="counter">
		<CounterBar
			bind:this={counter}
			{open}
			onlost={() => (lost = true)}
			onwrong={looksWrong}
			oncount={followCount}
		/>
	</div>
</div>

<Dialog title="Make rows from a motif" wide bind:open={making}>
	{#await import('./RecipeForm.svelte') then { default: RecipeForm }}
		<RecipeForm
			press="Put these rows in"
			onmake={(text) => {
				making = false;
				open.edit([{ from: 0, to: open.text.length, insert: text }], 'made from a motif');
			}}
		/>
	{/await}
	<p class="mt-4 text-quiet">They take the place of the rows there are; undo brings those back.</p>
</Dialog>
<Dialog title="Side by side" wide bind:open={comparing}>
	{#if working}
		{#await import('./CompareSwatches.svelte') then { default: CompareSwatches }}
			<CompareSwatches
				title={open.card.title}
				{working}
				gauge={gaugeOf(open.card)}
				others={data.swatches.filter(({ id }) => id !== open.id)}
			/>
		{/await}
	{:else}<p>Rows come first.</p>{/if}
</Dialog>
<Dialog title="Put this swatch into a lesson" bind:open={adding}>
	{#await import('./PutSwatch.svelte') then { default: PutSwatch }}
		<PutSwatch {open} lessons={data.lessons} onput={() => (adding = false)} />
	{/await}
</Dialog>
<Dialog title="Something looks wrong" wide bind:open={() => wrong !== null, (is) => is || (wrong = null)}>
	{#if wrong?.mistake}
		{@const { mistake } = wrong}
		{#await import('./WrongHere.svelte') then { default: WrongHere }}<WrongHere {open} {mistake} />{/await}
	{:else}<p>No cross is knitted yet. Choose one on the cloth, or count the rows that are done.</p>{/if}
</Dialog>
<Dialog title="Where am I?" bind:open={lost}>
	{#await lostPlace() then { default: LostPlace }}<LostPlace {open} onset={() => (lost = false)} />{/await}
</Dialog>

<style>
	.desk {
		display: grid;
		grid-template-columns: minmax(0, 1fr);
		grid-template-rows: auto auto auto minmax(0, 1fr) auto;
		/* A low page scrolls, and what counts stays in sight. */
		height: max(100dvh - 6rem, 52rem);
		overflow: clip;
	}
	.rows,
	.cloth,
	.side {
		grid-row: 4;
		grid-column: 1;
		min-width: 0;
		min-height: 0;
	}
	.head,
	.tools,
	.counter {
		min-width: 0;
	}
	.cloth {
		display: flex;
		flex-direction: column;
	}
	.side {
		overflow-y: auto;
	}
	.away {
		visibility: hidden;
	}
	.counter {
		z-index: 1;
		grid-row: 5;
	}
	@media (min-height: 40rem) {
		.counter {
			position: sticky;
			bottom: 0;
		}
	}
	@media (min-width: 64rem) {
		.desk {
			grid-template-columns: minmax(20rem, 27rem) minmax(0, 1fr) 21rem;
			grid-template-rows: auto auto minmax(0, 1fr) auto;
			height: max(100dvh - 3.3rem, 40rem);
		}
		.switch {
			display: none;
		}
		.head,
		.tools {
			grid-column: 1 / 3;
		}
		.rows,
		.cloth {
			grid-row: 3;
		}
		.cloth {
			grid-column: 2;
		}
		.side {
			grid-column: 3;
			grid-row: 1 / 5;
		}
		.counter {
			grid-row: 4;
			grid-column: 1 / 3;
		}
		.away {
			visibility: visible;
		}
	}
</style>
