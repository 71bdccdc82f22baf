<script lang="ts">
	import { counted } from '$core/naming/numbers';
	import { onMount } from 'svelte';
	import { LEVEL_CHOICES, MEDIUM_NAMES, YARN_CHOICES } from '$lib/ui/words';
	import { parseBrief } from '$core/formats/lesson';
	import type { Draft } from '$core/planning/draft';
	import { linkSwatch } from '$core/lesson/follow';
	import type { Lesson } from '$core/lesson/lesson';
	import { joinNames, meanNames, pastedKeyNames, settledNames } from '$core/formats/askedNames';
	import { fault, mapResult, type Result } from '$core/result';
	import type { Yarn } from '$core/ways/cautions';
	import { ratesWith } from '$core/planning/rates';
	import { LESSON_MEDIA } from '$core/lesson/schema';
	import { nextBrief } from '$core/planning/subject';
	import { KEPT_KEYS, type KeptKey } from '$lib/wire/bench';
	import { draftErrand } from './drafting';
	import { getJson } from '$lib/client/requests';
	import { newId } from '$lib/client/id';
	import { outbox } from '$lib/client/outbox.svelte';
	import type { Named } from '$lib/wire/shapes';
	import { getSettings } from '$lib/client/settings.svelte';
	import { swatchAt, swatchHeadShape } from '$lib/wire/swatch';
	import Choices from '$lib/ui/Choices.svelte';
	import CountField from '$lib/ui/CountField.svelte';

	/** From crossings, a key or a swatch, a level and a time: a whole lesson, each part with its reason. */
	let {
		swatches,
		keys,
		from = '',
		onkeep,
		onkeepall
	}: {
		swatches: readonly Named[];
		keys: readonly KeptKey[];
		/** the swatch or the key to begin with */
		from?: string;
		onkeep: (lesson: Lesson) => void;
		/** the draft, and what it left for another day as the lessons after it */
		onkeepall: (lessons: Lesson[]) => void;
	} = $props();

	const settings = getSettings();
	const ON_THEIR_WAY = fault('conflict', 'Its rows are on their way.');
	let crossings = $state('2/2 RC, 2/2 LC');
	let known = $state('');
	/** a pasted key that was kept, as it was then */
	let keptKey = $state<string | null>(null);
	function keepKey() {
		outbox.post(KEPT_KEYS, { keyId: newId(), title: '', text: crossings, inUse: true });
		keptKey = crossings;
	}
	/** the swatch or the key it is drafted from */
	let source = $state('');
	/** a key in the list of sources; swatches stand there by their ids */
	const keyValue = (id: string) => `key ${id}`;
	const key = $derived(keys.find((one) => keyValue(one.keyId) === source));
	const swatch = $derived(key ? '' : source);
	/** rows of the swatch, or why they are not here */
	let rows = $state.raw<Result<string>>(ON_THEIR_WAY);
	let medium = $state<Lesson['medium']>('hand');
	let level = $state<Lesson['level']>('beginner');
	let minutes = $state(90);
	let people = $state(8);
	let yarn = $state<Yarn>('plain');
	let needles = $state<'0' | '1' | '2'>('1');

	/** a key that was pasted where names go is one: its names are taught as it defines them */
	const pastedKey = $derived(pastedKeyNames(crossings));
	const meant = (text: string) => meanNames(text, key?.text ?? null);
	const brief = $derived.by(() => {
		if (swatch !== '' && !rows.ok) return rows;
		return parseBrief({
			...(swatch === '' || !rows.ok ? { crossings: meant(crossings) } : { swatch: rows.value }),
			known: meant(known),
			medium,
			level,
			minutes,
			people,
			yarn,
			needles: Number(needles),
			...(settings.value.terms === 'uk' ? { names: { terms: 'uk' } } : {})
		});
	});
	const rates = $derived(ratesWith(settings.value.rates));
	const errand = draftErrand();
	onMount(() => () => errand.stop());
	/** what was drafted last, and for which brief; nothing before the first is there, or when it was given up */
	let drafted = $state.raw<{ brief: typeof brief; draft: Result<Draft> } | null>(null);
	const draft = $derived(brief.ok ? (drafted?.draft ?? null) : brief);
	const fresh = $derived(drafted?.brief === brief);
	/** the draft that is on its way */
	let pending: Promise<void> = Promise.resolve();
	$effect(() => {
		pending = redraft(brief, rates);
	});
	async function keep() {
		await pending;
		if (draft?.ok && fresh) onkeep(sourced(draft.value.lesson));
	}
	async function redraft(asked: typeof brief, by: typeof rates) {
		if (!asked.ok) return errand.stop();
		const answer = await errand.ask({ brief: asked.value, rates: $state.snapshot(by), all: false });
		if (answer && brief === asked) drafted = { brief: asked, draft: mapResult(answer, ([one]) => one) };
	}

	/** What is drafted from a swatch follows it. */
	const sourced = (lesson: Lesson): Lesson => {
		const title = swatches.find(({ id }) => id === swatch)?.title;
		return rows.ok && title !== undefined
			? linkSwatch(lesson, { id: swatch, title, text: rows.value })
			: lesson;
	};
	async function keepAll() {
		if (!brief.ok) return;
		const drafts = await errand.ask({ brief: brief.value, rates: $state.snapshot(rates), all: true });
		if (drafts?.ok) onkeepall(drafts.value.map(({ lesson }) => sourced(lesson)));
	}

	/** Drafts from the crossings of a swatch, from those a key names, or, without either, from those that are written. */
	async function choose(id: string) {
		source = id;
		rows = ON_THEIR_WAY;
		if (key) crossings = joinNames(settledNames(key.text));
		if (swatch === '') return;
		const answer = mapResult(await getJson(swatchAt(id), swatchHeadShape), (kept) => kept.swatch.text);
		if (swatch === id) rows = answer;
	}
	onMount(() => void (from && choose(keys.some((one) => one.keyId === from) ? keyValue(from) : from)));

	/** What did not fit becomes the next lesson; what this one teaches is known by then. */
	function next() {
		if (!brief.ok || !draft?.ok) return;
		const asked = nextBrief(brief.value, draft.value);
		crossings = joinNames(asked.crossings ?? []);
		known = joinNames(asked.known ?? []);
		source = '';
	}
</script>

<form
	class="grid gap-x-8 gap-y-5 md:grid-cols-2"
	onsubmit={(event) => {
		event.preventDefault();
		void keep();
	}}
>
	<div class="grid content-start gap-4">
		{#if swatches.length + keys.length > 0}
			<Choices
				label="From"
				value={source}
				choices={[
					{ value: '', label: 'crosses by name' },
					...keys.map(({ keyId, title }) => ({
						value: keyValue(keyId),
						label: `key: ${title || 'without a name'}`
					})),
					...swatches.map(({ id, title }) => ({ value: id, label: title }))
				]}
				onchoose={choose}
			/>
		{/if}
		{#if swatch === ''}
			<label class="grid gap-1">
				<span class="text-quiet">Crosses to teach, with commas between</span>
				<textarea class="textarea min-h-20 font-mono" bind:value={crossings} spellcheck="false"></textarea>
			</label>
			{#if pastedKey.length > 0}
				<p role="status" class="flex flex-wrap items-center gap-3">
					Read as a key of {counted(pastedKey.length, 'name')}: each is taught as the key has it.
					{#if keptKey === crossings}
						It is kept at the key desk.
					{:else}
						<button type="button" class="btn" onclick={keepKey}>Keep this key as well</button>
					{/if}
				</p>
			{/if}
		{/if}
		<label class="grid gap-1">
			<span class="text-quiet">Known already</span>
			<textarea
				class="textarea field-sizing-content min-h-11 font-mono"
				bind:value={known}
				autocomplete="off"
				spellcheck="false"></textarea>
		</label>
		<div class="flex flex-wrap items-end gap-x-5 gap-y-3">
			<Choices
				label="Made"
				value={medium}
				choices={LESSON_MEDIA.map((value) => ({ value, label: MEDIUM_NAMES[value] }))}
				onchoose={(value) => (medium = value)}
			/>
			<Choices label="For" value={level} choices={LEVEL_CHOICES} onchoose={(value) => (level = value)} />
			<CountField label="minutes" value={minutes} least={1} onset={(value) => (minutes = value)} />
			<label class="flex items-center gap-2">
				<input class="input w-20!" type="number" min="0" max="999" bind:value={people} />
				<span class="text-quiet">people</span>
			</label>
			<Choices label="Yarn" value={yarn} choices={YARN_CHOICES} onchoose={(value) => (yarn = value)} />
			<Choices
				label="Cable needles each"
				value={needles}
				choices={(['0', '1', '2'] as const).map((value) => ({ value, label: value }))}
				onchoose={(value) => (needles = value)}
			/>
		</div>
	</div>
	<div class="grid content-start gap-3" aria-live="polite" aria-busy={errand.busy} data-testid="draft">
		{#if !draft}
			<p class="font-serif text-xl font-medium">{errand.busy ? 'Drafting …' : 'Nothing drafted yet.'}</p>
		{:else if draft.ok}
			<p class="font-serif text-xl font-medium">
				{draft.value.minutes} of {counted(minutes, 'minute')}, {counted(
					draft.value.lesson.parts.length,
					'part'
				)}
			</p>
			<!-- A long list scrolls, so the keyboard must be able to come to it. -->
			<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
			<ol
				tabindex="0"
				aria-label="Parts of the draft"
				class="max-h-80 divide-y divide-hairline overflow-y-auto pr-2"
			>
				{#each draft.value.lesson.parts as part, i (part.id)}
					<li class="grid grid-cols-[4.4rem_1fr] py-1.5">
						<span class="text-quiet">{part.minutes} min</span>
						<span>{part.title}<span class="block text-sm text-quiet">{draft.value.why[i].because}</span></span
						>
					</li>
				{/each}
			</ol>
			{#if draft.value.left.length > 0}
				<p>
					For another day: <strong>{draft.value.left.join(', ')}</strong>.
					<button type="button" class="font-semibold underline underline-offset-3" onclick={next}
						>Draft that one</button
					>
				</p>
			{/if}
		{:else}
			<p role="alert" class="font-semibold text-error">{draft.error.message}</p>
		{/if}
		<div class="flex flex-wrap gap-3">
			<button class="btn btn-primary" disabled={!brief.ok || (fresh && !draft?.ok)}>Keep this lesson</button>
			{#if errand.long}
				<button type="button" class="btn" onclick={() => errand.stop()}>Stop drafting</button>
			{/if}
			{#if draft?.ok && fresh && draft.value.left.length > 0}
				<button type="button" class="btn btn-outline" onclick={keepAll}
					>Keep it, and the rest as a course</button
				>
			{/if}
		</div>
	</div>
</form>
