<script lang="ts">
	import { counted } from '$core/naming/numbers';
	import { onMount, untrack } from 'svelte';
	import { goto } from '$app/navigation';
	import { resolve } from '$app/paths';
	import { latestRecords, minutesTaken, type ClassRecord } from '$core/teaching/classRecord';
	import { withSlips, withTaken, writtenUp } from '$core/teaching/writeUp';
	import { droppedLesson, minutesAsTaken } from '$core/teaching/afterClass';
	import { learnRates } from '$core/teaching/learn';
	import { RATES, ratesWith } from '$core/planning/rates';
	import PartTaken from './PartTaken.svelte';
	import { localMinute } from '$lib/client/localMinute';
	import UndoBar from '$lib/ui/UndoBar.svelte';
	import { newId } from '$lib/client/id';
	import { OpenLesson } from '$lib/lesson/openLesson.svelte';
	import { outbox } from '$lib/client/outbox.svelte';
	import { classesAt, sentClassShape, type KeptClass } from '$lib/wire/class';
	import { postJson } from '$lib/client/requests';
	import { numberSaid } from '$core/locale';
	import { getSettings } from '$lib/client/settings.svelte';
	import { startSaid } from '$lib/ui/locale';
	import { LESSONS } from '$lib/wire/lesson';
	import type { AfterClassPage } from '$lib/wire/class';

	/** What a class took, and what follows from it. */
	let { data }: { data: AfterClassPage } = $props();

	const settings = getSettings();
	const open = untrack(() => new OpenLesson(data.page));
	/** records that were taken while this page is open, and those that are still on their way: newer than what was loaded */
	let taken = $state.raw<readonly Noted[]>([]);
	onMount(() => {
		// What was on its way while this page was loaded may have been taken before anybody here listened.
		taken = outbox.recent(classesAt(open.id)).map(({ letter }) => keptOf(letter.body));
		const stop = open.watch();
		const rest = outbox.onTaken(({ to, body }) => {
			if (to === classesAt(open.id)) taken = [...taken, keptOf(body)];
		});
		return () => {
			stop();
			rest();
		};
	});
	interface Noted {
		readonly id: string;
		/** `null` where it was thrown away */
		readonly record: ClassRecord | null;
	}
	const keptOf = (body: unknown): Noted => {
		const { classId, record } = sentClassShape.parse(body);
		return { id: classId, record };
	};
	const newer = $derived([...taken, ...outbox.waiting(classesAt(open.id)).map(({ body }) => keptOf(body))]);
	/** Loaded records with the newer ones in their place, the latest class first. */
	function withNewer(loaded: readonly KeptClass[]): KeptClass[] {
		const last = new Map(newer.map((one) => [one.id, one.record]));
		const noted = newer.flatMap(({ id, record }) => (record ? [{ id, record }] : []));
		return latestRecords([...loaded, ...noted])
			.filter(({ id }) => last.get(id) !== null)
			.sort((a, b) => b.record.began.localeCompare(a.record.began));
	}
	const classes = $derived(withNewer(data.classes));
	let chosen = $state<string | null>(null);
	const shown = $derived(classes.find(({ id }) => id === chosen) ?? classes.at(0));
	const record = $derived(shown?.record);
	const longest = $derived(
		Math.max(1, ...(record?.parts.map(({ planned, seconds }) => Math.max(planned, seconds / 60)) ?? []))
	);
	const minutesOn = $derived(record ? minutesTaken(record) : 0);
	const planned = $derived(record?.parts.reduce((sum, part) => sum + part.planned, 0) ?? 0);

	const rates = $derived(ratesWith(settings.value.rates));
	const news = $derived(
		learnRates(
			withNewer(data.latest).map((one) => one.record),
			rates
		)
	);
	const says = (id: string) => RATES.find((rate) => rate.id === id)!.says;
	const LEVELS = { beginner: 'beginners', improver: 'improvers', confident: 'confident knitters' };

	function takeRates() {
		const own = { ...settings.value.rates };
		for (const { rate, level, is } of news) own[rate] = { ...(own[rate] ?? rates[rate]), [level]: is };
		settings.change({ rates: own });
	}

	const changes = $derived(record ? minutesAsTaken(open.lesson, record) : []);
	function takeMinutes() {
		for (const { part, minutes } of changes)
			open.change({ kind: 'set-part', part, fields: { minutes } }, { topic: `set ${part} minutes` });
	}

	let trouble = $state<string | null>(null);
	const rest = $derived(record ? droppedLesson(open.lesson, record) : null);
	async function keepRest() {
		if (!rest) return;
		const id = newId();
		trouble = await postJson(LESSONS, { lessonId: id, title: rest.title, document: rest });
		if (!trouble) await goto(resolve('/lessons/[id]', { id }));
	}

	const post = (id: string, record: ClassRecord | null) =>
		outbox.post(classesAt(open.id), { classId: id, record }, `class ${id}`);
	/** A class that was not given on the stage, as it was planned: to be mended from memory. */
	function writeUp() {
		const id = newId();
		post(id, writtenUp(open.lesson, open.lesson.starts ?? localMinute(Date.now())));
		chosen = id;
	}
	/** what was thrown away a moment ago */
	let thrown = $state.raw<KeptClass | null>(null);
	function throwAway() {
		if (!shown) return;
		thrown = shown;
		post(shown.id, null);
	}
	let planning = $state(false);
	const all = $derived(
		withNewer(data.latest)
			.map((one) => one.record)
			.reverse()
	);
</script>

<svelte:head><title>After class: {open.lesson.title} · Pond Loop</title></svelte:head>

<div class="mx-auto max-w-5xl px-4 pt-8 pb-20 sm:px-7">
	<div class="flex flex-wrap items-start gap-4">
		<div class="min-w-64 flex-1">
			<p class="text-quiet">After class</p>
			<h1 class="text-3xl">{open.lesson.title}</h1>
		</div>
		<a class="btn" href={resolve('/lessons/[id]', { id: open.id })}>Back to the lesson</a>
	</div>
	{#await import('$lib/lesson/OpenToLearners.svelte') then { default: OpenToLearners }}
		<OpenToLearners id={open.id} />
	{/await}

	{#if !record}
		<div class="py-12">
			<h2 class="text-2xl">Not given yet</h2>
			<p class="mt-2 max-w-prose text-lg">
				Start the clock on the stage when the class begins. What each part really took, and what you note
				beside it, comes here.
			</p>
			<p class="mt-5">
				<a class="btn btn-outline" href={resolve('/lessons/[id]/teach', { id: open.id })}>To the stage</a>
			</p>
			<p class="mt-6 max-w-prose text-lg">Or it was given without the stage: write it up from memory.</p>
			<p class="mt-3"><button type="button" class="btn btn-outline" onclick={writeUp}>Write it up</button></p>
		</div>
	{:else}
		{#if classes.length > 1}
			<label class="mt-5 flex flex-wrap items-center gap-3">
				<span class="text-quiet">The class of</span>
				<select
					class="select w-auto!"
					value={shown?.id}
					onchange={(event) => (chosen = event.currentTarget.value)}
				>
					{#each classes as { id, record: one } (id)}<option value={id}
							>{startSaid(one.began, settings.locale)}</option
						>{/each}
				</select>
			</label>
		{/if}
		<p class="mt-4 text-lg">
			{startSaid(record.began, settings.locale)}{record.ended ? '' : ', not ended yet'}:
			<strong>{minutesOn} of {counted(planned, 'minute')}</strong>.
		</p>
		<p class="mt-3 flex flex-wrap gap-2">
			<button type="button" class="btn" onclick={writeUp}>Write up another class</button>
			<button type="button" class="btn" onclick={throwAway}>Throw this record away</button>
		</p>

		<div class="mt-6 grid grid-cols-1 gap-8 md:grid-cols-2">
			<section aria-labelledby="rates">
				<h2 id="rates" class="text-xl">How long parts really took</h2>
				{#if news.length === 0}
					<p class="mt-2">
						{minutesOn === 0
							? 'Nothing yet: they are learned from what the parts of your classes take.'
							: 'The rates agree with your classes. Estimates and drafts rest on them as they are.'}
					</p>
				{:else}
					<ul class="mt-2 grid gap-2">
						{#each news as { rate, level, was, is, parts } (rate + level)}
							<li>
								{says(rate).replace('%', numberSaid(is, settings.locale))}
								<span class="text-quiet"
									>(not {numberSaid(was, settings.locale)}), {LEVELS[level]}; {parts}
									{parts === 1 ? 'part says' : 'parts say'} so.</span
								>
							</li>
						{/each}
					</ul>
					<button type="button" class="btn mt-4 btn-primary" onclick={takeRates}>Take these rates</button>
					<p class="mt-2 text-quiet">
						Estimates and the next draft follow. You can change them back any time.
					</p>
				{/if}
			</section>
			<section aria-labelledby="next">
				<h2 id="next" class="text-xl">For the next time</h2>
				{#if changes.length > 0}
					<p class="mt-2">Give these parts the minutes they took:</p>
					<ul class="mt-2 grid gap-1">
						{#each changes as { part, title, was, minutes: to } (part)}
							<li>{title}: {to} min <span class="text-quiet">(now {was})</span></li>
						{/each}
					</ul>
					<button type="button" class="btn mt-4 btn-outline" onclick={takeMinutes}>Change the lesson</button>
				{:else}
					<p class="mt-2">
						{minutesOn === 0
							? 'No part was on long enough to say what it takes.'
							: 'The lesson’s minutes are what the parts took.'}
					</p>
				{/if}
				{#if rest}
					<p class="mt-5">
						Left out: <strong>{rest.parts.map(({ title }) => title).join(', ')}</strong>.
					</p>
					<button type="button" class="btn mt-3 btn-outline" onclick={keepRest}
						>Put it into a next lesson</button
					>
				{/if}
				<p role="alert" class="mt-2 font-semibold text-error empty:hidden">{trouble ?? ''}</p>
			</section>
		</div>

		<section class="mt-10" aria-labelledby="plan">
			<h2 id="plan" class="text-xl">The next lesson</h2>
			{#if planning}
				<div class="mt-3">
					{#await import('./PlanNext.svelte') then { default: PlanNext }}
						<PlanNext lesson={open.lesson} {record} learners={data.learners} />
					{/await}
				</div>
			{:else}
				<p class="mt-2">Drafted from what was left out, what was hard and what they know now.</p>
				<button type="button" class="btn mt-3 btn-outline" onclick={() => (planning = true)}
					>Plan the next one</button
				>
			{/if}
		</section>

		{#if all.length > 1}
			<section class="mt-10" aria-labelledby="classes">
				<h2 id="classes" class="text-xl">Class after class</h2>
				{#await import('./ClassCharts.svelte') then { default: ClassCharts }}
					<ClassCharts oldestFirst={all} />
				{/await}
			</section>
		{/if}

		<section class="mt-10" aria-labelledby="slips">
			<h2 id="slips" class="text-xl">What went wrong</h2>
			{#await import('./SlipsSeen.svelte') then { default: SlipsSeen }}
				<SlipsSeen
					lesson={open.lesson}
					slips={record.slips ?? []}
					onset={(slips) => shown && post(shown.id, withSlips(shown.record, slips))}
				/>
			{/await}
		</section>

		<h2 class="mt-10 text-xl">Part by part</h2>
		<ol class="mt-3" aria-label="What each part took">
			{#each record.parts as part (`${shown?.id} ${part.part}`)}
				<PartTaken
					taken={part}
					{longest}
					learners={open.lesson.learners ?? []}
					onset={(fields) => shown && post(shown.id, withTaken(shown.record, part.part, fields))}
				/>
			{/each}
		</ol>
	{/if}
</div>

{#if thrown}
	{@const { id, record: again } = thrown}
	<UndoBar
		said="The record was thrown away."
		onundo={() => {
			post(id, again);
			thrown = null;
		}}
		onclose={() => (thrown = null)}
	/>
{/if}
