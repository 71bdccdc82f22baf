<script lang="ts">
	import { crossingOf, type Change, type Part } from '$core/lesson/lesson';
	import { strangeWords, wordsInTerms } from '$core/telling/terms';
	import { onMount } from 'svelte';
	import { getSettings } from '$lib/client/settings.svelte';
	import type { OpenLesson } from './openLesson.svelte';
	import Icon from '$lib/ui/Icon.svelte';
	import CountField from '$lib/ui/CountField.svelte';
	import PartFields from './PartFields.svelte';
	import TextField from '$lib/text/TextField.svelte';
	import SayingHere from './SayingHere.svelte';
	import PartView from './PartView.svelte';

	/** One part to write: its title, minutes and words, with what it shows. Every keystroke is kept. */
	let {
		open,
		part,
		first,
		last,
		estimate,
		onduplicate,
		onsplit,
		onjoin,
		onmove,
		onremove
	}: {
		open: OpenLesson;
		part: Part;
		first: boolean;
		last: boolean;
		/** minutes it takes by the table of rates */
		estimate: number | undefined;
		onduplicate: () => void;
		onsplit: () => void;
		/** `null` where the next part is of another kind */
		onjoin: (() => void) | null;
		onmove: (by: -1 | 1) => void;
		onremove: () => void;
	} = $props();

	const taught = $derived(crossingOf(open.lesson, part));
	/** what reads claims weighs more than the page, and comes when it is there */
	let claimed = $state.raw<typeof import('$core/planning/claimed')>();
	onMount(async () => (claimed = await import('$core/planning/claimed')));

	const settings = getSettings();
	const terms = $derived(open.lesson.names?.terms ?? settings.value.terms);
	const strange = $derived(strangeWords(part.text ?? '', terms));

	type Fields = Extract<Change, { kind: 'set-part' }>['fields'];
	const set = (fields: Fields) =>
		open.change(
			{ kind: 'set-part', part: part.id, fields },
			{ topic: `set ${part.id} ${Object.keys(fields)[0]}` }
		);
</script>

<div class="grid gap-4">
	<div class="flex flex-wrap items-start gap-3">
		<label class="min-w-56 flex-1">
			<span class="mb-1 block text-quiet">Title</span>
			<input
				name="title"
				class="input font-serif text-xl font-semibold"
				value={part.title}
				maxlength="200"
				autocomplete="off"
				oninput={(event) => set({ title: event.currentTarget.value })}
			/>
		</label>
		<div>
			<CountField label="Minutes" value={part.minutes} least={0} wide onset={(minutes) => set({ minutes })} />
			{#if estimate !== undefined && estimate !== part.minutes}
				<button
					type="button"
					class="mt-1 min-h-8 text-sm underline underline-offset-3"
					onclick={() => set({ minutes: estimate })}>about {estimate}: take it</button
				>
			{/if}
		</div>
	</div>

	<PartView lesson={open.lesson} {part} />
	<PartFields {open} {part} {set} />

	{#if taught}<SayingHere {open} {taught} claimed={claimed?.claimsOfOwn(open.lesson, 'saying')} />{/if}
	<TextField
		label="What to say or mind"
		value={part.text ?? ''}
		most={20_000}
		onchange={(text) => set({ text })}
		wrongIn={claimed && ((text) => claimed!.wrongIn(open.lesson, part, text))}
	/>
	{#if claimed}
		{#await import('./LessonClaims.svelte') then { default: LessonClaims }}
			<LessonClaims {open} claims={claimed.claimsOfPart(open.lesson, part)} />
		{/await}
	{/if}
	{#if strange.length > 0}
		<p class="text-sm">
			“{strange.join('”, “')}”: your words are {terms.toUpperCase()}.
			<button
				type="button"
				class="min-h-8 font-semibold underline underline-offset-3"
				onclick={() => set({ text: wordsInTerms(part.text ?? '', terms) })}
				>Write it in {terms.toUpperCase()} words</button
			>
		</p>
	{/if}
	{#if part.kind === 'note'}
		<p class="text-sm text-quiet">Notes stand on the stage and on the take-home sheet.</p>
	{/if}
	<div class="flex flex-wrap gap-2">
		<button type="button" class="btn" disabled={first} onclick={() => onmove(-1)}>
			<Icon name="arrow-up" size={19} /> Earlier
		</button>
		<button type="button" class="btn" disabled={last} onclick={() => onmove(1)}>
			<Icon name="arrow-down" size={19} /> Later
		</button>
		<button type="button" class="btn" onclick={onduplicate}>
			<Icon name="copy" size={18} /> Duplicate
		</button>
		<button type="button" class="btn" disabled={part.minutes < 2} onclick={onsplit}>Split</button>
		{#if onjoin}<button type="button" class="btn" onclick={onjoin}>Join the next to it</button>{/if}
		<button type="button" class="btn" onclick={onremove}>
			<Icon name="trash" size={18} /> Remove
		</button>
	</div>
</div>
