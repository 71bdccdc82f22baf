<script lang="ts">
	import { resolve } from '$app/paths';
	import { onMount, tick, untrack } from 'svelte';
	import { canJoin } from '$core/lesson/rearrange';
	import { ratesWith } from '$core/planning/rates';
	import type { PartKind } from '$core/lesson/kinds';
	import { addableTo } from '$core/planning/addable';
	import type { LessonPage } from '$lib/wire/lesson';
	import { newId } from '$lib/client/id';
	import { useKeys } from '$lib/ui/keys.svelte';
	import { AT_THE_END } from '$core/lesson/change';
	import { ChosenPart } from './chosenPart.svelte';
	import { OpenLesson } from './openLesson.svelte';
	import { getSettings } from '$lib/client/settings.svelte';
	import ClashDialog from '$lib/ui/ClashDialog.svelte';
	import ClockBar from './ClockBar.svelte';
	import TaughtNotice from './TaughtNotice.svelte';
	import SourcesNotice from './SourcesNotice.svelte';
	import Dialog from '$lib/ui/Dialog.svelte';
	import LessonHead from './LessonHead.svelte';
	import PartDesk from './PartDesk.svelte';
	import PartList from './PartList.svelte';
	import { planning, Review } from './review.svelte';
	import UndoBar from '$lib/ui/UndoBar.svelte';
	import { lesson as lessonWords } from '$lib/words/lesson';

	/** A lesson to write: its clock, its parts, the chosen part. */
	let { page }: { page: LessonPage } = $props();

	const open = untrack(() => new OpenLesson(page));
	onMount(() => open.watch());

	let historyOpen = $state(false);
	let againOpen = $state(false);

	const on = new ChosenPart(open);
	let desk = $state<HTMLElement>();
	const lesson = $derived(open.lesson);
	const part = $derived(on.part);

	function choose(id: string | null) {
		on.id = id;
		// On a narrow page the part lies below the list.
		if (desk && desk.getBoundingClientRect().top > innerHeight - 80)
			desk.scrollIntoView({ behavior: 'smooth' });
	}

	async function add(kind: PartKind) {
		const about = part && 'crossing' in part ? part.crossing : undefined;
		// A lesson that says nothing of it is in the teacher's words.
		const names = lesson.names ?? { school: 'over', terms: settings.value.terms };
		const { newPart } = await planning();
		const fresh = newPart({ ...lesson, names }, kind, newId(), about);
		if (!fresh) return;
		open.change({ kind: 'add-part', part: fresh, after: part?.id ?? AT_THE_END });
		choose(fresh.id);
		await tick();
		const title = desk?.querySelector<HTMLInputElement>('input[name="title"]');
		title?.focus();
		title?.select();
	}
	const addNote = () => add('note');
	const addable = $derived(addableTo(lesson));

	const settings = getSettings();
	const say = lessonWords(settings);
	const rates = $derived(ratesWith(settings.value.rates));
	let ratesOpen = $state(false);
	const review = new Review(
		() => lesson,
		() => rates
	);
	const checked = $derived(review.checked);
	const estimate = $derived(part && checked?.parts.find(({ id }) => id === part.id)?.estimate);

	useKeys([
		{ key: 'ArrowDown', cap: '↓', says: 'next part', run: () => choose(on.beside(1)) },
		{ key: 'ArrowUp', cap: '↑', says: 'part before', run: () => choose(on.beside(-1)) },
		{ key: 'Alt+ArrowDown', cap: 'Alt ↓', says: 'move the part later', run: () => on.move(1) },
		{ key: 'Alt+ArrowUp', cap: 'Alt ↑', says: 'move the part earlier', run: () => on.move(-1) },
		{ key: 'Shift+ArrowRight', cap: 'Shift →', says: 'a minute longer', run: () => on.longer(1) },
		{ key: 'Shift+ArrowLeft', cap: 'Shift ←', says: 'a minute shorter', run: () => on.longer(-1) },
		{ key: 'n', cap: 'N', says: 'add a note behind it', run: addNote },
		{ key: 'h', cap: 'H', says: 'history', run: () => (historyOpen = true) },
		{ key: 'g', cap: 'G', says: 'draft again around what I changed', run: () => (againOpen = true) },
		{ key: 'Delete', cap: 'Del', says: 'remove the part', run: () => on.remove() },
		{ key: 'u', cap: 'U', says: 'undo the last move or removal', run: () => open.takeBack() }
	]);
</script>

{#snippet looking()}<p>Looking it through …</p>{/snippet}

<svelte:head><title>{lesson.title || 'Lesson'} · Pond Loop</title></svelte:head>

<h1 class="sr-only">Lesson: {lesson.title}</h1>
<div class="px-4 pt-4 pb-24 sm:px-7 sm:pt-5">
	<LessonHead
		{open}
		tags={page.tags}
		onhistory={() => (historyOpen = true)}
		onagain={() => (againOpen = true)}
	/>

	<ClashDialog of={open.clash?.id ?? null}>
		{#if open.clash}
			{@const clash = open.clash}
			{#await import('./ClashChoice.svelte') then { default: ClashChoice }}
				<ClashChoice {open} {clash} />
			{/await}
		{/if}
	</ClashDialog>

	{#if lesson.parts.length === 0}
		<div class="py-14">
			<h2 class="text-2xl">Nothing in it yet</h2>
			<p class="mt-2 max-w-prose text-lg">
				Find a cross in Crosses, choose a way to make it, and put it in here. Or begin with a note.
			</p>
			<p class="mt-5 flex flex-wrap gap-3">
				<a class="btn btn-outline" href={resolve('/')}>Go to Crosses</a>
				<button type="button" class="btn btn-outline" onclick={addNote}>Add a note</button>
			</p>
		</div>
	{:else}
		<SourcesNotice {open} />
		{#if open.taughtAt}<TaughtNotice {open} taughtAt={open.taughtAt} />{/if}
		{#await import('./OpenToLearners.svelte') then { default: OpenToLearners }}
			<OpenToLearners id={open.id} />
		{/await}
		<div class="mt-4">
			<ClockBar
				{lesson}
				chosen={on.id}
				onchoose={choose}
				onminutes={(id, minutes) => on.setMinutes(id, minutes)}
			/>
		</div>
		<div
			class="mt-3 grid gap-x-7 gap-y-6 lg:grid-cols-[21rem_minmax(0,1fr)] lg:grid-rows-[auto_1fr] xl:grid-cols-[21rem_minmax(0,1fr)_17rem]"
		>
			<section aria-label="Parts" class="relative lg:row-span-2">
				<a class="skip-link" href="#part">Skip the list of parts</a>
				<PartList {open} chosen={on.id} onchoose={choose} />
				<p class="mt-4 flex flex-wrap gap-3">
					<label>
						<span class="sr-only">Add a part behind the chosen one</span>
						<select
							class="btn"
							value=""
							onchange={(event) => {
								const kind = event.currentTarget.value as PartKind;
								event.currentTarget.value = '';
								void add(kind);
							}}
						>
							<option value="" disabled>Add a part …</option>
							{#each addable as kind (kind)}<option value={kind}>{say(`lesson-offer-${kind}`)}</option>{/each}
						</select>
					</label>
					<button type="button" class="btn" onclick={addNote}>
						Add a note <kbd class="kbd hidden sm:inline-block">N</kbd>
					</button>
					<a class="btn" href={resolve('/')}>Add a cross from Crosses</a>
				</p>
			</section>
			<section
				bind:this={desk}
				id="part"
				tabindex="-1"
				aria-label="The chosen part"
				class="scroll-mt-4 outline-none xl:sticky xl:top-4 xl:self-start"
			>
				{#if part}
					{#key part.id}
						<PartDesk
							{open}
							{part}
							first={on.index === 0}
							last={!on.next}
							{estimate}
							onduplicate={() => on.duplicate()}
							onsplit={() => on.split()}
							onjoin={canJoin(part, on.next) ? () => on.join() : null}
							onmove={(by) => on.move(by)}
							onremove={() => on.remove()}
						/>
					{/key}
				{/if}
			</section>
			<div class="grid content-start gap-7 lg:col-start-2 xl:col-start-3">
				{#if checked}
					<!-- With the checks come their mends, which work rows again. -->
					{#await import('./LessonMargin.svelte')}
						{@render looking()}
					{:then { default: LessonMargin }}
						<LessonMargin {open} {checked} onchoose={choose} onagain={() => (againOpen = true)} />
					{/await}
				{:else}
					{@render looking()}
				{/if}
				<div>
					<button type="button" class="btn" onclick={() => (ratesOpen = true)}>The rates this rests on</button
					>
				</div>
			</div>
		</div>
	{/if}
</div>

{#if open.undo}
	<UndoBar said={open.undo.said} onundo={() => open.takeBack()} onclose={() => (open.undo = null)} />
{/if}

<!-- What is not looked at on every page comes when it is asked for. -->
<Dialog title="How long things take" wide bind:open={ratesOpen}>
	{#await import('./RatesForm.svelte') then { default: RatesForm }}<RatesForm />{/await}
</Dialog>
<Dialog title="History" wide bind:open={historyOpen}>
	{#await import('./LessonHistory.svelte') then { default: LessonHistory }}
		<LessonHistory {open} onback={() => (historyOpen = false)} />
	{/await}
</Dialog>
<Dialog title="Draft again around my changes" wide bind:open={againOpen}>
	{#await import('./DraftAgain.svelte') then { default: DraftAgain }}
		<DraftAgain {open} {rates} ontake={() => (againOpen = false)} />
	{/await}
</Dialog>
