<script lang="ts">
	import { counted } from '$core/naming/numbers';
	import { onMount, untrack } from 'svelte';
	import Icon from '$lib/ui/Icon.svelte';
	import { crossingAt, moveCrossing, workedAt } from '$core/swatch/edit';
	import { gaugeOf } from '$core/swatch/measure';
	import { MEDIA } from '$core/technique/medium';
	import Choices from '$lib/ui/Choices.svelte';
	import ClashDialog from '$lib/ui/ClashDialog.svelte';
	import Dialog from '$lib/ui/Dialog.svelte';
	import PanelTabs from '$lib/ui/PanelTabs.svelte';
	import PutIntoLesson from '$lib/lesson/PutIntoLesson.svelte';
	import ClothDesk from '$lib/swatch/ClothDesk.svelte';
	import CompareSwatches from '$lib/swatch/CompareSwatches.svelte';
	import CounterBar from '$lib/swatch/CounterBar.svelte';
	import FiguresPanel from '$lib/swatch/FiguresPanel.svelte';
	import HerePanel from '$lib/swatch/HerePanel.svelte';
	import SwatchClash from '$lib/swatch/SwatchClash.svelte';
	import HistoryPanel from '$lib/swatch/HistoryPanel.svelte';
	import LostPlace from '$lib/swatch/LostPlace.svelte';
	import RecipeForm from '$lib/swatch/RecipeForm.svelte';
	import RowsField from '$lib/swatch/RowsField.svelte';
	import SwatchFiles from '$lib/swatch/SwatchFiles.svelte';
	import { sizeOf, type View } from '$lib/drawing/swatch';
	import { useKeys } from '$lib/ui/keys.svelte';
	import { swatchParts } from '$lib/lesson/openLesson.svelte';
	import { OpenMemory } from '$lib/client/memory.svelte';
	import { getSettings } from '$lib/client/settings.svelte';
	import type { RowsEditor } from '$lib/swatch/rowsEditor';
	import { OpenSwatch } from '$lib/swatch/openSwatch.svelte';
	import { MEDIUM_NAMES } from '$lib/ui/words';

	let { data } = $props();
	const settings = getSettings();
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
	let panel = $state<keyof typeof PANELS>('figures');
	/** what a narrow page shows */
	const SHEETS = { cloth: 'Cloth', rows: 'Rows', beside: 'Beside' } as const;
	let sheet = $state<keyof typeof SHEETS>('cloth');
	let side = $state<'right' | 'wrong'>('right');
	let spot = $state.raw<{ step: number; column: number } | null>(null);
	let strand = $state<number | null>(null);
	let editor = $state.raw<RowsEditor>();
	let cloth = $state<ClothDesk>();
	let counter = $state<CounterBar>();
	let zoom = $state<number>(2);
	let making = $state(false);
	let comparing = $state(false);
	let lost = $state(false);
	let adding = $state(false);
	let said = $state<string | null>(null);
	let jump = $state(false);

	/** Sizes of a stitch and a row, from far to near. */
	const ZOOMS = [
		{ stitch: 12, row: 16 },
		{ stitch: 22, row: 30 },
		{ stitch: 34, row: 46 },
		{ stitch: 48, row: 64 }
	] as const;
	/** the room the cloth has at first, in pixels */
	let clothRoom = $state(0);
	let fitted = false;
	$effect(() => {
		if (fitted || clothRoom === 0 || !open.working) return;
		fitted = true;
		const { width } = sizeOf(open.working, { ...ZOOMS[2], side, mirrored: false });
		zoom = width <= clothRoom ? 2 : 1;
	});
	const mirrored = $derived(settings.value.hand === 'left' && settings.value.keep === 'words');
	const view = $derived<View>({ ...ZOOMS[zoom], side, mirrored });
	const working = $derived(open.working);
	const beingWorked = $derived(open.away.busy || open.gaveUp);
	const chosen = $derived(
		spot && working && spot.step < working.steps.length
			? { step: spot.step, column: Math.min(spot.column, working.steps[spot.step].row.after - 1) }
			: null
	);
	const place = $derived.by(() => {
		const step = chosen && working?.steps[chosen.step];
		return step ? { from: step.planned.written.from, to: step.planned.written.to, show: jump } : null;
	});
	const names = $derived([
		...(working?.pattern.key.map(({ line }) => line.label) ?? []),
		...memory.names.keys.flatMap(({ lines }) => lines.map(({ label }) => label))
	]);
	const about = $derived(
		working
			? `${counted(working.fabric.castOn, 'stitch', 'stitches')} · ${working.pattern.rounds ? counted(working.steps.length, 'round') : `${counted(working.steps.length, 'row')} · flat`}`
			: ''
	);
	const chosenWords = $derived.by(() => {
		const step = chosen && working?.steps[chosen.step];
		if (!step) return '';
		const placed = crossingAt(step, workedAt(step, chosen.column));
		const at = step.row.after - chosen.column;
		return `Row ${step.row.n}, stitch ${at} from the right: ${placed ? placed.item.text : step.row.faces[chosen.column] === 'p' ? 'purl' : 'knit'}, strand ${step.row.strands[chosen.column]}`;
	});

	function choose(at: { step: number; column: number }) {
		spot = at;
		panel = 'here';
		jump = true;
		said = null;
	}

	/** The cursor in the rows chooses the row on the cloth. */
	function chooseRow(at: number) {
		const step =
			working?.steps.findIndex(({ planned: { written } }) => at >= written.from && at <= written.to + 1) ??
			-1;
		if (step < 0 || !working || chosen?.step === step) return;
		jump = false;
		spot = { step, column: chosen?.column ?? 0 };
		cloth?.show(step);
	}

	function step(rows: number, columns: number) {
		if (!working || working.steps.length === 0) return;
		const now = chosen ?? { step: Math.min(open.done, working.steps.length - 1), column: 0 };
		const seen = (side === 'wrong') !== mirrored ? -columns : columns;
		const to = Math.max(0, Math.min(working.steps.length - 1, now.step + rows));
		const most = working.steps[to].row.after - 1;
		choose({ step: to, column: Math.max(0, Math.min(most, now.column + seen)) });
		cloth?.show(to);
	}

	/** Moves the crossing at a place by columns as they are seen, and to another row. */
	function drop(from: { step: number; column: number }, to: { step: number; by: number }) {
		const target = working?.steps[to.step];
		if (!working || !target) return;
		const source = working.steps[from.step];
		const placed = crossingAt(source, workedAt(source, from.column));
		if (!placed) return;
		const columns = (side === 'wrong') !== mirrored ? -to.by : to.by;
		const { stitches } = placed.crossing;
		// The left end of the crossing, as the right side shows it, here and there.
		const left = source.row.side === 'RS' ? source.row.after - placed.after - stitches : placed.after;
		const there = left + columns;
		const at = target.row.side === 'RS' ? target.row.before - there - stitches : there;
		const edits = moveCrossing(
			open.text,
			working,
			{ step: from.step, at: placed.before },
			{ step: to.step, at }
		);
		said = edits.ok ? null : edits.error.message;
		if (!edits.ok) return;
		open.edit(edits.value, 'crossing moved');
		spot = { step: to.step, column: from.column + columns };
	}

	const nudge = (rows: number, columns: number) =>
		chosen && drop(chosen, { step: chosen.step + rows, by: columns });

	useKeys([
		{ key: '+', cap: '+', says: 'one row done', run: () => counter?.count(1) },
		{ key: 'Shift++', cap: '+', says: 'one row done', run: () => counter?.count(1) },
		{ key: '-', cap: '-', says: 'one row back', run: () => counter?.count(-1) },
		{ key: 'ArrowUp', cap: '↑', says: 'the row above on the cloth', run: () => step(1, 0) },
		{ key: 'ArrowDown', cap: '↓', says: 'the row below', run: () => step(-1, 0) },
		{ key: 'ArrowLeft', cap: '←', says: 'the stitch to the left', run: () => step(0, -1) },
		{ key: 'ArrowRight', cap: '→', says: 'the stitch to the right', run: () => step(0, 1) },
		{ key: 'Alt+ArrowLeft', cap: 'Alt ←', says: 'move the cross to the left', run: () => nudge(0, -1) },
		{ key: 'Alt+ArrowRight', cap: 'Alt →', says: 'move the cross to the right', run: () => nudge(0, 1) },
		{
			key: 'Alt+ArrowUp',
			cap: 'Alt ↑',
			says: 'move the cross up',
			run: () => nudge(working?.pattern.rounds ? 1 : 2, 0)
		},
		{
			key: 'Alt+ArrowDown',
			cap: 'Alt ↓',
			says: 'move the cross down',
			run: () => nudge(working?.pattern.rounds ? -1 : -2, 0)
		},
		{
			key: 'f',
			cap: 'F',
			says: 'follow the strand, or let it go',
			run: () => {
				const there = chosen && working?.steps[chosen.step].row.strands[chosen.column];
				strand = there && there !== strand ? there : null;
			}
		},
		{
			key: 'w',
			cap: 'W',
			says: 'right side or wrong side',
			run: () => (side = side === 'right' ? 'wrong' : 'right')
		},
		{ key: 'e', cap: 'E', says: 'write in the rows', run: () => ((sheet = 'rows'), editor?.focus()) },
		{ key: 'z', cap: 'Z', says: 'undo', run: () => editor?.undo() },
		{ key: 'y', cap: 'Y', says: 'redo', run: () => editor?.redo() },
		{ key: 'm', cap: 'M', says: 'make rows from a motif', run: () => (making = true) },
		{ key: 'c', cap: 'C', says: 'compare with another swatch', run: () => (comparing = true) },
		{ key: 'l', cap: 'L', says: 'I have lost my place', run: () => (lost = true) }
	]);
</script>

<svelte:head><title>{open.card.title || 'Swatch'} · Pond Loop</title></svelte:head>

<div class="px-4 empty:hidden sm:px-7">
	<ClashDialog of={open.clash?.head ?? null}>
		{#if open.clash}<SwatchClash {open} theirs={open.clash.swatch} />{/if}
	</ClashDialog>
</div>
<div class="desk">
	<header class="head flex flex-wrap items-center gap-x-5 gap-y-2 px-4 pt-4 pb-2 sm:px-7">
		<h1 class="sr-only">Swatch: {open.card.title}</h1>
		<label class="w-full min-w-0 sm:w-auto sm:flex-1">
			<span class="sr-only">Name of the swatch</span>
			<input
				class="w-full min-w-48 border-b-2 border-transparent bg-transparent font-serif text-[1.9rem] leading-tight font-semibold hover:border-hairline focus:border-base-content"
				value={open.card.title}
				maxlength="200"
				autocomplete="off"
				oninput={(event) => open.change({ title: event.currentTarget.value }, 'named')}
			/>
		</label>
		<p class="text-quiet">{about}</p>
	</header>

	<div class="tools relative flex items-center gap-2 overflow-x-auto px-3 py-1 pb-2 sm:px-7">
		<button type="button" class="press press-quiet" onclick={() => editor?.undo()}
			><Icon name="undo" size={18} /><span class="sr-only xl:not-sr-only">Undo</span></button
		>
		<button type="button" class="press press-quiet" onclick={() => editor?.redo()}
			><Icon name="redo" size={18} /><span class="sr-only xl:not-sr-only">Redo</span></button
		>
		<button type="button" class="press shrink-0 press-quiet" onclick={() => (making = true)}
			>Make from a motif</button
		>
		<button type="button" class="press press-quiet" onclick={() => (comparing = true)}>Compare</button>
		<span class="flex-1"></span>
		<div
			class="flex shrink-0 overflow-hidden rounded-xl border-[1.5px] border-base-content"
			role="group"
			aria-label="Side of the cloth"
		>
			{#each [['right', 'Right side'], ['wrong', 'Wrong side']] as const as [id, label] (id)}
				<button
					type="button"
					class="min-h-10 px-3.5 font-semibold {side === id ? 'bg-primary text-primary-content' : ''}"
					aria-pressed={side === id}
					onclick={() => (side = id)}>{label}</button
				>
			{/each}
		</div>
		<button
			type="button"
			class="press press-quiet"
			onclick={() => (zoom = Math.max(0, zoom - 1))}
			disabled={zoom === 0}
			aria-label="Smaller"><Icon name="zoom-out" size={18} /></button
		>
		<button
			type="button"
			class="press press-quiet"
			onclick={() => (zoom = Math.min(ZOOMS.length - 1, zoom + 1))}
			disabled={zoom === ZOOMS.length - 1}
			aria-label="Larger"><Icon name="zoom-in" size={18} /></button
		>
	</div>

	<div class="switch"><PanelTabs panels={SHEETS} label="What to see" spread bind:chosen={sheet} /></div>

	<section class="rows {sheet === 'rows' ? '' : 'away'}" aria-label="Rows">
		<RowsField {open} {names} {place} onrow={chooseRow} bind:editor />
	</section>

	<section class="cloth {sheet === 'cloth' ? '' : 'away'}" aria-label="What the rows make">
		<div class="min-h-0 flex-1" bind:clientWidth={clothRoom}>
			{#if working && working.steps.length > 0}
				<ClothDesk
					bind:this={cloth}
					{working}
					{view}
					done={open.done}
					{chosen}
					{strand}
					theme={settings.value.theme}
					alt="{about}. {counted(
						open.done,
						working.pattern.rounds ? 'round' : 'row'
					)} knitted. Arrow keys walk from stitch to stitch. {chosenWords}"
					onchoose={choose}
					ondrop={drop}
				/>
			{:else}
				<div class="px-7 py-10">
					<p class="max-w-prose text-lg">
						{open.fault?.message ?? (beingWorked ? '' : 'There are no rows yet.')}
					</p>
					<p class="mt-4">
						<button type="button" class="press" onclick={() => (making = true)}>Make rows from a motif</button
						>
					</p>
				</div>
			{/if}
		</div>
		<p class="sr-only" aria-live="polite">{chosenWords}</p>
		{#if open.away.long}
			<p class="flex flex-wrap items-center gap-4 px-4 py-2" role="status">
				Working many rows: {open.away.progress.toLocaleString(settings.locale)} stitches so far.
				<button type="button" class="press" onclick={() => open.giveUp()}>Give up</button>
			</p>
		{:else if open.gaveUp}
			<p class="flex flex-wrap items-center gap-4 px-4 py-2 font-semibold" role="status">
				These rows were not worked to the end. They are kept as they are written.
				<button type="button" class="press" onclick={() => open.work()}>Work them</button>
			</p>
		{/if}
		{#if open.fault && working}
			<p class="px-4 py-2 font-semibold text-error" role="status">
				{open.fault.message} The cloth shows the rows before.
			</p>
		{/if}
		{#if said}<p class="px-4 py-2 font-semibold text-error" role="alert">{said}</p>{/if}
	</section>

	<aside
		class="side border-l border-hairline bg-base-100 {sheet === 'beside' ? '' : 'away'}"
		aria-label="Beside the cloth"
	>
		<PanelTabs panels={PANELS} label="What stands beside" bind:chosen={panel}>
			{#if panel === 'history'}
				<HistoryPanel {open} />
			{:else if panel === 'files'}
				<SwatchFiles {open} {view} onlesson={() => (adding = true)} />
			{:else if !working || working.steps.length === 0}
				<p>Write rows, or make them from a motif; then they are worked here.</p>
			{:else if panel === 'here'}
				{#if chosen}
					<HerePanel {open} spot={chosen} {strand} onstrand={(to) => (strand = to)} />
				{:else}
					<p>Press a stitch or a cross on the cloth, or walk there with the arrow keys.</p>
				{/if}
			{:else}
				<div class="mb-5">
					<Choices
						label="Made"
						value={open.card.medium}
						choices={MEDIA.map((value) => ({ value, label: MEDIUM_NAMES[value] }))}
						onchoose={(medium) => open.change({ medium }, 'made otherwise')}
					/>
				</div>
				<FiguresPanel {open} />
			{/if}
		</PanelTabs>
	</aside>

	<div class="counter"><CounterBar bind:this={counter} {open} onlost={() => (lost = true)} /></div>
</div>

<Dialog title="Make rows from a motif" wide bind:open={making}>
	<RecipeForm
		press="Put these rows in"
		onmake={(text) => {
			making = false;
			open.edit([{ from: 0, to: open.text.length, insert: text }], 'made from a motif');
		}}
	/>
	<p class="mt-4 text-quiet">They take the place of the rows there are; undo brings those back.</p>
</Dialog>
<Dialog title="Side by side" wide bind:open={comparing}>
	{#if working}
		<CompareSwatches
			title={open.card.title}
			{working}
			gauge={gaugeOf(open.card)}
			others={data.swatches.filter(({ id }) => id !== open.id)}
		/>
	{:else}<p>Rows come first.</p>{/if}
</Dialog>
<Dialog title="Put this swatch into a lesson" bind:open={adding}>
	<PutIntoLesson
		lessons={data.lessons}
		name={open.card.title}
		says="Its rows, and a part that knits them together."
		changes={() => swatchParts({ id: open.id, title: open.card.title, text: open.text })}
		stay="Stay with the swatch"
		onput={() => (adding = false)}
	/>
</Dialog>
<Dialog title="Where am I?" bind:open={lost}>
	<LostPlace {open} onset={() => (lost = false)} />
</Dialog>

<style>
	.desk {
		display: grid;
		grid-template-columns: minmax(0, 1fr);
		grid-template-rows: auto auto auto minmax(0, 1fr) auto;
		height: calc(100dvh - 6rem);
		min-height: 34rem;
		overflow: hidden;
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
		grid-row: 5;
	}
	@media (min-width: 64rem) {
		.desk {
			grid-template-columns: minmax(20rem, 27rem) minmax(0, 1fr) 21rem;
			grid-template-rows: auto auto minmax(0, 1fr) auto;
			height: calc(100dvh - 3.3rem);
			min-height: 40rem;
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
