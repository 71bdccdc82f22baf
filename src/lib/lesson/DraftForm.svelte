<script lang="ts">
	import { rowsForLesson } from '$core/lesson/follow';
	import { counted } from '$core/naming/numbers';
	import { onMount } from 'svelte';
	import { wordsFor } from '$lib/ui/words';
	import { parseBrief } from '$core/formats/lesson';
	import { linkSwatch } from '$core/lesson/follow';
	import type { Lesson } from '$core/lesson/lesson';
	import { joinNames, listNames, meanNames, pastedKeyNames, settledNames } from '$core/formats/askedNames';
	import { plain } from '$core/naming/key';
	import { calledClearly } from '$core/planning/unsettled';
	import { fault, good, mapResult, type Result } from '$core/result';
	import type { Yarn } from '$core/ways/cautions';
	import { ratesWith } from '$core/planning/rates';
	import { LESSON_MEDIA } from '$core/lesson/schema';
	import { isBed } from '$core/technique/medium';
	import { nextBrief } from '$core/planning/subject';
	import { KEPT_KEYS, type KeptKey } from '$lib/wire/bench';
	import { Drafting } from './drafting.svelte';
	import DraftResult from './DraftResult.svelte';
	import { getJson } from '$lib/client/requests';
	import { newId } from '$lib/client/id';
	import { outbox } from '$lib/client/outbox.svelte';
	import type { Named } from '$lib/wire/shapes';
	import { getSettings } from '$lib/client/settings.svelte';
	import { swatchAt, swatchHeadShape } from '$lib/wire/swatch';
	import Choices from '$lib/ui/Choices.svelte';
	import CountField from '$lib/ui/CountField.svelte';
	import { ui } from '$lib/words/ui';

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
	const words = wordsFor(ui(settings));
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
	/** a name in them was written clearly here, so that they are the swatch’s no more */
	let ownRows = $state(false);
	let medium = $state<Lesson['medium']>('hand');
	let level = $state<Lesson['level']>('beginner');
	let minutes = $state(90);
	let people = $state(8);
	let yarn = $state<Yarn>('plain');
	let needles = $state<'0' | '1' | '2'>('1');
	let leftHanded = $state(0);
	let free = $state(false);
	let prepared = $state(false);
	let compare = $state(true);
	let children = $state(false);

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
			leftHanded,
			free,
			prepared,
			compare,
			children,
			rules: settings.value.rules,
			...(settings.value.terms === 'uk' ? { names: { terms: 'uk' } } : {})
		});
	});
	const rates = $derived(ratesWith(settings.value.rates));
	const drafting = new Drafting(
		() => brief,
		() => rates
	);
	async function keep() {
		const draft = await drafting.one();
		if (draft) onkeep(sourced(draft.lesson));
	}

	/** What is drafted from a swatch follows it. */
	const sourced = (lesson: Lesson): Lesson => {
		const title = swatches.find(({ id }) => id === swatch)?.title;
		return rows.ok && title !== undefined && !ownRows
			? linkSwatch(lesson, { id: swatch, title, text: rows.value })
			: lesson;
	};
	async function keepAll() {
		const drafts = await drafting.all();
		if (drafts.length > 0) onkeepall(drafts.map(({ lesson }) => sourced(lesson)));
	}

	/** Drafts from the crossings of a swatch, from those a key names, or, without either, from those that are written. */
	async function choose(id: string) {
		source = id;
		ownRows = false;
		rows = ON_THEIR_WAY;
		if (key) crossings = joinNames(settledNames(key.text));
		if (swatch === '') return;
		const answer = mapResult(await getJson(swatchAt(id), swatchHeadShape), (kept) =>
			rowsForLesson(kept.swatch)
		);
		if (swatch === id) rows = answer;
	}
	onMount(() => void (from && choose(keys.some((one) => one.keyId === from) ? keyValue(from) : from)));

	/** A name that may mean several crosses is written as the one that is meant. */
	function settle(name: string, clear: string) {
		const names = listNames(crossings).map((one) => (plain(one) === plain(name) ? clear : one));
		if (swatch === '') crossings = joinNames(names);
		else if (rows.ok) {
			rows = good(calledClearly(rows.value, name, clear, medium));
			ownRows = true;
		}
	}

	/** What did not fit becomes the next lesson; what this one teaches is known by then. */
	function next() {
		if (!brief.ok || !drafting.draft?.ok) return;
		const asked = nextBrief(brief.value, drafting.draft.value);
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
						We save these with your abbreviations.
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
				choices={LESSON_MEDIA.map((value) => ({ value, label: words.medium(value) }))}
				onchoose={(value) => (medium = value)}
			/>
			<Choices label="For" value={level} choices={words.levels()} onchoose={(value) => (level = value)} />
			<CountField label="minutes" value={minutes} least={1} onset={(value) => (minutes = value)} />
			<label class="flex items-center gap-2">
				<input class="input w-20!" type="number" min="0" max="999" bind:value={people} />
				<span class="text-quiet">people</span>
			</label>
			<Choices label="Yarn" value={yarn} choices={words.yarns()} onchoose={(value) => (yarn = value)} />
			<Choices
				label="Cable needles each"
				value={needles}
				choices={(['0', '1', '2'] as const).map((value) => ({ value, label: value }))}
				onchoose={(value) => (needles = value)}
			/>
			<label class="flex items-center gap-2">
				<input class="input w-20!" type="number" min="0" max="999" bind:value={leftHanded} />
				<span class="text-quiet">of them left-handed</span>
			</label>
		</div>
		<fieldset class="grid">
			<legend class="text-quiet">The class</legend>
			{#if Number(needles) > 0 && !isBed(medium)}
				<label class="flex min-h-11 items-center gap-3">
					<input type="checkbox" class="size-5 accent-base-content" bind:checked={free} />
					without a cable needle from the start
				</label>
			{/if}
			{#if swatch === ''}
				<label class="flex min-h-11 items-center gap-3">
					<input type="checkbox" class="size-5 accent-base-content" bind:checked={prepared} />
					cast on and set up at home before
				</label>
			{/if}
			<label class="flex min-h-11 items-center gap-3">
				<input type="checkbox" class="size-5 accent-base-content" bind:checked={compare} />
				leans and ways side by side
			</label>
			<label class="flex min-h-11 items-center gap-3">
				<input type="checkbox" class="size-5 accent-base-content" bind:checked={children} />
				for children
			</label>
		</fieldset>
	</div>
	<DraftResult {drafting} {minutes} canKeep={brief.ok} onnext={next} onsettle={settle} onkeepall={keepAll} />
</form>
