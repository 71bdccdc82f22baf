<script lang="ts">
	import { replaceState } from '$app/navigation';
	import { resolve } from '$app/paths';
	import { page } from '$app/state';
	import { onMount, untrack } from 'svelte';
	import { textFor } from '$core/formats/name';
	import { ratesWith } from '$core/planning/rates';
	import { isBed } from '$core/technique/medium';
	import { beginsAt } from '$core/ways/handed';
	import { saidOf, subjectIn } from './address';
	import BenchHead from './BenchHead.svelte';
	import BenchTools from './BenchTools.svelte';
	import ClothPicture from '$lib/drawing/ClothPicture.svelte';
	import CompareDesk from './CompareDesk.svelte';
	import CrossPicture from './CrossPicture.svelte';
	import Dialog from '$lib/ui/Dialog.svelte';
	import PanelTabs from '$lib/ui/PanelTabs.svelte';
	import FilesPanel from './FilesPanel.svelte';
	import Fitted from '$lib/ui/Fitted.svelte';
	import KeepPanel from './KeepPanel.svelte';
	import MakeCrossing from './MakeCrossing.svelte';
	import NamesPanel from './NamesPanel.svelte';
	import PutCross from './PutCross.svelte';
	import ReadingChoice from './ReadingChoice.svelte';
	import StepPlayer from '$lib/drawing/StepPlayer.svelte';
	import WaysPanel from './WaysPanel.svelte';
	import { useKeys } from '$lib/ui/keys.svelte';
	import { OpenFinding } from '$lib/mending/openFinding.svelte';
	import { OpenMemory } from '$lib/client/memory.svelte';
	import { getSettings } from '$lib/client/settings.svelte';
	import { GUTTER, Subject } from './subject.svelte';
	import type { BenchPage } from '$lib/wire/bench';
	import { shell } from '$lib/words/shell';

	/** A crossing by its name: what it is, how hands make it, and what is kept of it. */
	let { data }: { data: BenchPage } = $props();
	const settings = getSettings();
	const place = shell(settings);
	const memory = untrack(() => new OpenMemory(data.memory));
	onMount(() => memory.watch());

	const asked = untrack(() => page.url.searchParams);
	const subject = new Subject(settings, memory, subjectIn(asked));
	let second = $state.raw<Subject | null>(
		asked.has('with.name') ? new Subject(settings, memory, subjectIn(asked, 'with.')) : null
	);
	let step = $state(Math.trunc(Number(asked.get('step'))) || 0);
	let adding = $state(false);
	let making = $state(false);
	let input = $state<HTMLInputElement>();

	const PANELS = {
		ways: 'Ways',
		cloth: 'Cloth',
		names: 'Names',
		mend: 'Mend',
		keep: 'Keep',
		files: 'Files'
	} as const;
	let panel = $state<keyof typeof PANELS>('ways');

	const last = $derived(Math.max(subject.last, second?.last ?? 0));
	const at = $derived(Math.max(0, Math.min(step, last)));
	const shown = $derived(subject.shown);
	const wayId = $derived(shown?.kind === 'gutter' ? GUTTER : (shown?.way.id ?? ''));
	const wayTitle = $derived(shown && shown.kind !== 'gutter' ? shown.way.title : 'Hooked-up gutter');

	const go = (to: number) => (step = Math.max(0, Math.min(last, to)));

	const { medium } = $derived(subject.read);
	/** where the hands begin the row that is shown */
	const edge = $derived(beginsAt(subject.row === 'right' ? 'RS' : 'WS', subject.voice));
	/** slips are played by hand and at a bed */
	const slips = $derived(medium === 'hand' || isBed(medium));
	const mending = new OpenFinding(() => ({
		crossing: subject.crossing,
		medium,
		voice: subject.voice,
		level: subject.voice.level,
		rates: ratesWith(settings.value.rates)
	}));
	$effect(() => {
		void subject.played;
		if (panel === 'mend' && slips) untrack(() => void mending.open());
	});
	/** the cloth that went wrong has the rail's place while it is looked at */
	const wrong = $derived(panel === 'mend' && slips ? mending.shown : null);
	const goTo = (to: number) => (wrong ? wrong.go(to) : go(to));
	const now = $derived(wrong ? wrong.step : at);
	const end = $derived(wrong ? wrong.told.length - 1 : last);

	function retype(text: string) {
		subject.retype(text);
		if (subject.answer.ok) step = 0;
	}

	function choose(id: string) {
		subject.wayId = id;
		step = 0;
	}

	function nextWay() {
		const ids = subject.ways.map(({ id }) => id as string);
		choose(ids[(ids.indexOf(wayId) + 1) % ids.length]);
	}

	function compare() {
		if (second) {
			second.search.cancel();
			second = null;
			return;
		}
		const ids = subject.ways.map(({ id }) => id as string);
		second = new Subject(settings, memory, {
			name: subject.text,
			medium: subject.medium,
			row: subject.row,
			which: subject.which,
			way: ids[(ids.indexOf(wayId) + 1) % ids.length]
		});
		step = 0;
	}

	// What has no named way is looked for at once, away from the page.
	$effect(() => {
		for (const one of [subject, second])
			if (one && one.needsSearch && !one.undecided && one.searching === 'idle')
				one.search.start($state.snapshot(one.played));
	});
	onMount(() => () => [subject, second].forEach((one) => one?.search.cancel()));

	$effect(() => {
		const said = [...saidOf(subject), ...(second ? saidOf(second, 'with.') : []), ['step', String(at)]];
		const query = new URLSearchParams(said as [string, string][]).toString();
		const readable = subject.answer.ok;
		const timer = setTimeout(() => {
			if (readable && location.search !== `?${query}`) replaceState(resolve(`/?${query}`), {});
		}, 200);
		return () => clearTimeout(timer);
	});

	useKeys([
		{ key: 'ArrowRight', cap: '→', says: 'next step', run: () => goTo(now + 1) },
		{ key: 'ArrowLeft', cap: '←', says: 'step back', run: () => goTo(now - 1) },
		{ key: 'Home', cap: 'Home', says: 'to the first step', run: () => goTo(0) },
		{ key: 'End', cap: 'End', says: 'to the finished cross', run: () => goTo(end) },
		{ key: 'n', cap: 'N', says: 'type another name', run: () => input?.select() },
		{ key: 'w', cap: 'W', says: 'next way to make it', run: nextWay },
		{ key: 'c', cap: 'C', says: 'compare two side by side', run: compare },
		{ key: 'm', cap: 'M', says: 'make a crossing by hand', run: () => (making = true) },
		{
			key: 'a',
			cap: 'A',
			says: 'put it into a lesson',
			run: () => (adding = subject.answer.ok && !subject.undecided)
		}
	]);
</script>

<svelte:head><title>{subject.name} · Pond Loop</title></svelte:head>

<h1 class="sr-only">{place('shell-crosses')}: {subject.name}</h1>
<div class="bench" class:comparing={second} class:choosing={subject.undecided}>
	<section class="flex min-h-0 min-w-0 flex-col" aria-label="The crossing">
		{#if !second}
			<BenchHead {subject} bind:input onretype={retype} />
			<div class="tools">
				<BenchTools
					{subject}
					onretype={retype}
					onmedium={(medium) => {
						subject.setMedium(medium);
						step = 0;
					}}
					oncompare={compare}
					onmake={() => (making = true)}
					onput={() => (adding = true)}
				/>
			</div>
		{/if}
		{#if second}
			<CompareDesk left={subject} right={second} step={at} {go} onend={compare} />
		{:else if subject.undecided}
			<ReadingChoice {subject} onchosen={() => (step = 0)} />
		{:else if wrong}
			<div class="rail">
				{#await import('$lib/mending/TroublePicture.svelte') then { default: TroublePicture }}
					<TroublePicture finding={wrong} />
				{/await}
			</div>
			<StepPlayer told={wrong.told} bind:step={() => wrong.step, (to) => wrong.go(to)} />
		{:else if shown}
			<div class="rail {subject.answer.ok ? '' : 'stale'}">
				<Fitted>
					{#snippet picture(room)}
						<CrossPicture
							{shown}
							{at}
							crossing={subject.played}
							voice={subject.voice}
							{room}
							long={subject.long}
							alt="{subject.name}, {wayTitle}, step {at + 1} of {shown.told.length}: {shown.told[at]
								.sentence}"
						/>
					{/snippet}
				</Fitted>
			</div>
			<StepPlayer told={shown.told} bind:step={() => at, go} />
		{:else}
			<p class="px-7 py-10 text-lg">
				{subject.name} is understood, but not made here: more than three sets change places, and there are no tools
				or pins for that. By hand it can be made.
			</p>
		{/if}
	</section>

	{#if !second && !subject.undecided}
		<aside class="side border-l border-hairline bg-base-100" aria-label="Beside the rail">
			<PanelTabs panels={PANELS} label="What to see" bind:chosen={panel}>
				{#if panel === 'ways'}
					<WaysPanel {subject} chosen={wayId} onchoose={choose} />
				{:else if panel === 'cloth'}
					<div class="grid gap-6">
						<figure>
							<ClothPicture
								crossing={subject.cloth}
								from={edge}
								alt="Right side: before, from the {edge}, 1 to {subject.cloth
									.stitches}; after, {subject.played.order.join(' ')}"
							/>
							<figcaption class="mt-1 text-sm text-quiet">
								Right side. Numbers below stand before the cross, above after it.
							</figcaption>
						</figure>
						<figure>
							<ClothPicture
								crossing={subject.cloth}
								from={edge}
								side="wrong"
								alt="Wrong side: the same cross, the other strand in front, the same lean"
							/>
							<figcaption class="mt-1 text-sm text-quiet">
								Wrong side, and meant to look so: the other strand lies in front, the lean is the same.
							</figcaption>
						</figure>
					</div>
				{:else if panel === 'names'}
					<NamesPanel {subject} />
				{:else if panel === 'mend'}
					<h2 class="mb-3 text-xl">A cloth that looks wrong</h2>
					{#if !slips}
						<p>Slips are played for crosses made by hand, at a machine and at a loom.</p>
					{:else if mending.finding}
						{@const { finding } = mending}
						{#await import('$lib/mending/MendPanel.svelte') then { default: MendPanel }}
							<MendPanel {finding} />
						{/await}
					{/if}
				{:else if panel === 'keep'}
					<KeepPanel
						{subject}
						{memory}
						onopen={(kept) => {
							if (subject.medium !== kept.medium) subject.setMedium(kept.medium);
							retype(textFor(kept.crossing, kept.medium));
						}}
					/>
				{:else}
					<FilesPanel {subject} {at} onretype={retype} />
				{/if}
			</PanelTabs>
		</aside>
	{/if}
</div>

<Dialog title="Put {subject.name} into a lesson" bind:open={adding}>
	<PutCross {subject} lessons={data.lessons} onput={() => (adding = false)} />
</Dialog>
<Dialog title="Make a crossing by hand" wide bind:open={making}>
	<MakeCrossing
		from={isBed(subject.read.medium) ? subject.crossing : subject.plain}
		onmake={(text) => {
			making = false;
			retype(text);
		}}
	/>
</Dialog>

<style>
	.bench {
		display: grid;
		grid-template-columns: minmax(0, 1fr);
	}
	.rail {
		height: 19rem;
		overflow: hidden;
	}
	.stale {
		opacity: 0.45;
	}
	/* On a phone the rail and its sentence come first. */
	.tools {
		order: 1;
	}
	@media (min-width: 64rem) {
		.tools {
			order: 0;
		}
		.bench {
			grid-template-columns: minmax(0, 1fr) 23rem;
			grid-template-rows: minmax(0, 1fr);
			height: calc(100dvh - 3.3rem);
			min-height: 40rem;
		}
		.comparing,
		.choosing {
			grid-template-columns: minmax(0, 1fr);
			height: auto;
		}
		.rail {
			flex: 1;
			height: auto;
			min-height: 0;
		}
		.side {
			overflow-y: auto;
		}
	}
</style>
