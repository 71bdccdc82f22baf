<script lang="ts">
	import { crossingOf, type Change, type Part } from '$core/lesson/lesson';
	import type { SlipId } from '$core/lesson/slip';
	import { SLIP_WORDS } from '$lib/parts';
	import { madeWays } from '$core/lesson/made';
	import { strangeWords, wordsInTerms } from '$core/lesson/terms';
	import { getSettings } from '$lib/settings.svelte';
	import type { OpenLesson } from '$lib/lesson.svelte';
	import Icon from './Icon.svelte';
	import Choices from './Choices.svelte';
	import MinutesField from './MinutesField.svelte';
	import TextField from './TextField.svelte';
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

	const saying = $derived(crossingOf(open.lesson, part)?.saying);

	/** the ways its crossing can be shown in, for these learners */
	const ways = $derived.by(() => {
		const taught = crossingOf(open.lesson, part);
		return part.kind === 'show' && taught ? madeWays(taught.crossing, open.lesson) : [];
	});

	const settings = getSettings();
	const terms = $derived(open.lesson.names?.terms ?? settings.value.terms);
	const strange = $derived(strangeWords(part.text ?? '', terms));

	type Side = Extract<Part, { kind: 'compare' }>['left'];
	const sideKey = (side: Side) =>
		'swatch' in side ? `rows ${side.swatch}` : `cross ${side.crossing} ${side.way ?? ''}`;
	/** what can stand on one side of a comparison */
	const comparable = $derived.by(() => {
		if (part.kind !== 'compare') return [];
		const { crossings, swatches } = open.lesson;
		const sides: { side: Side; label: string }[] = [
			...crossings.flatMap(({ id, name, crossing }) => [
				{ side: { crossing: id }, label: `${name}, as cloth` },
				...madeWays(crossing, open.lesson).map((way) => ({
					side: { crossing: id, way: way.id },
					label: `${name}: ${way.title.toLowerCase()}`
				}))
			]),
			...swatches.map(({ id, title }) => ({ side: { swatch: id }, label: title }))
		];
		return sides.map(({ side, label }) => ({ side, value: sideKey(side), label }));
	});

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
				class="field font-serif text-xl font-semibold"
				value={part.title}
				maxlength="200"
				autocomplete="off"
				oninput={(event) => set({ title: event.currentTarget.value })}
			/>
		</label>
		<div>
			<MinutesField
				label="Minutes"
				value={part.minutes}
				least={0}
				wide
				onset={(minutes) => set({ minutes })}
			/>
			{#if estimate !== undefined && estimate !== part.minutes}
				<button
					type="button"
					class="mt-1 min-h-8 text-sm underline underline-offset-3"
					onclick={() => set({ minutes: estimate })}>about {estimate}: take it</button
				>
			{/if}
		</div>
	</div>

	{#if part.kind === 'show' && ways.length > 1}
		<Choices
			label="Shown"
			value={part.way}
			choices={ways.map(({ id, title, movements, cautions }) => ({
				value: id,
				label: `${title} · ${movements} moves${cautions.length > 0 ? ' · with a caution' : ''}`
			}))}
			onchoose={(way) => set({ way })}
		/>
	{/if}
	{#if part.kind === 'show'}
		<div class="flex flex-wrap gap-x-5 gap-y-3">
			<Choices
				label="Pace"
				value={part.pace ?? 'steady'}
				choices={[
					{ value: 'slow', label: 'slow' },
					{ value: 'steady', label: 'steady' }
				]}
				onchoose={(pace) => set({ pace })}
			/>
			<Choices
				label="Yarn carried in"
				value={part.yarnHands ?? 'both'}
				choices={[
					{ value: 'both', label: 'either hand, both shown' },
					{ value: 'right', label: 'the right hand' },
					{ value: 'left', label: 'the left hand' }
				]}
				onchoose={(yarnHands) => set({ yarnHands })}
			/>
			<Choices
				label="Sides"
				value={part.sides ?? 'right'}
				choices={[
					{ value: 'right', label: 'the right side' },
					{ value: 'wrong', label: 'the wrong side' },
					{ value: 'both', label: 'both sides' }
				]}
				onchoose={(sides) => set({ sides })}
			/>
		</div>
	{/if}
	{#if part.kind === 'compare'}
		<div class="flex flex-wrap gap-4">
			{#each ['left', 'right'] as const as side (side)}
				<Choices
					label={side === 'left' ? 'This' : 'beside this'}
					value={sideKey(part[side])}
					choices={comparable}
					onchoose={(chosen) => set({ [side]: comparable.find(({ value }) => value === chosen)?.side })}
				/>
			{/each}
		</div>
	{:else if part.kind === 'mend'}
		<Choices
			label="The slip"
			value={part.slip}
			choices={Object.entries(SLIP_WORDS).map(([value, label]) => ({ value: value as SlipId, label }))}
			onchoose={(slip) => set({ slip })}
		/>
	{/if}
	<PartView lesson={open.lesson} {part} />

	{#if saying}
		<blockquote class="border-l-4 border-accent pl-4 text-lg">Say it like this: “{saying}”</blockquote>
	{/if}
	{#if part.kind === 'check'}
		<dl class="grid gap-1">
			<dt class="font-semibold">{part.question}</dt>
			<dd class="text-quiet">{part.answer}</dd>
		</dl>
	{/if}
	<TextField
		label="What to say or mind"
		value={part.text ?? ''}
		most={20_000}
		onchange={(text) => set({ text })}
	/>
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
		<button type="button" class="press press-quiet" disabled={first} onclick={() => onmove(-1)}>
			<Icon name="arrow-up" size={19} /> Earlier
		</button>
		<button type="button" class="press press-quiet" disabled={last} onclick={() => onmove(1)}>
			<Icon name="arrow-down" size={19} /> Later
		</button>
		<button type="button" class="press press-quiet" onclick={onduplicate}>
			<Icon name="copy" size={18} /> Once more
		</button>
		<button type="button" class="press press-quiet" disabled={part.minutes < 2} onclick={onsplit}
			>Split</button
		>
		{#if onjoin}<button type="button" class="press press-quiet" onclick={onjoin}>Join the next to it</button
			>{/if}
		<button type="button" class="press press-quiet" onclick={onremove}>
			<Icon name="trash" size={18} /> Remove
		</button>
	</div>
</div>
