<script lang="ts">
	import { counted } from '$core/naming/numbers';
	import type { Change, Part } from '$core/lesson/lesson';
	import { madeWays } from '$core/planning/made';
	import { MOST_ROW } from '$core/lesson/schema';
	import { STAGES } from '$core/measures/lives';
	import { STAGE_SAID } from '$core/measures/stages';
	import { isBed } from '$core/technique/medium';
	import { slipName, slipsIn } from '$core/lesson/slipName';
	import type { OpenLesson } from './openLesson.svelte';
	import Choices from '$lib/ui/Choices.svelte';
	import CountField from '$lib/ui/CountField.svelte';
	import { newId } from '$lib/client/id';
	import { getSettings } from '$lib/client/settings.svelte';

	type Fields = Extract<Change, { kind: 'set-part' }>['fields'];

	/** What only some kinds of part have: what it is about, how it is shown, how often, which rows, what is asked. */
	let { open, part, set }: { open: OpenLesson; part: Part; set: (fields: Fields) => void } = $props();

	const settings = getSettings();
	const lesson = $derived(open.lesson);
	const crossings = $derived(lesson.crossings.map(({ id, name }) => ({ value: id, label: name })));
	const swatches = $derived(lesson.swatches.map(({ id, title }) => ({ value: id, label: title || 'rows' })));
	/** the ways its crossing can be shown in, for these learners */
	const waysTo = (crossing: string) => {
		const taught = lesson.crossings.find(({ id }) => id === crossing);
		return taught ? madeWays(taught.crossing, lesson) : [];
	};
	const ways = $derived(part.kind === 'show' ? waysTo(part.crossing) : []);

	/** Another crossing is shown the same way where it can be, else the way that suits it best. */
	function show(crossing: string) {
		if (part.kind !== 'show') return;
		const its = waysTo(crossing);
		const way = its.find(({ id }) => id === part.way) ?? its.at(0);
		if (way) set({ crossing, way: way.id });
	}

	let asked = $state('');
	/** A question from the chart, behind the part that reads it. */
	async function ask() {
		const [{ rowsShown }, { chartQuestion }] = await Promise.all([
			import('$core/teaching/rowsShown'),
			import('$core/teaching/chartQuestion')
		]);
		const shown = rowsShown(lesson, part);
		const question = shown && chartQuestion(shown, voice(), { id: newId(), minutes: QUESTION_MINUTES });
		asked = question
			? `“${question.title}” stands behind this part.`
			: 'These rows have no cross to ask about.';
		if (question) open.change({ kind: 'add-part', part: question, after: part.id });
	}
	const voice = () => ({
		...settings.value,
		terms: lesson.names?.terms ?? settings.value.terms
	});
	const QUESTION_MINUTES = 3;

	type Side = Extract<Part, { kind: 'compare' }>['left'];
	const sideKey = (side: Side) =>
		'swatch' in side ? `rows ${side.swatch}` : `cross ${side.crossing} ${side.way ?? ''}`;
	/** what can stand on one side of a comparison */
	const comparable = $derived.by(() => {
		if (part.kind !== 'compare') return [];
		const sides: { side: Side; label: string }[] = [
			...lesson.crossings.flatMap(({ id, name, crossing }) => [
				{ side: { crossing: id }, label: `${name}, as cloth` },
				...madeWays(crossing, lesson).map((way) => ({
					side: { crossing: id, way: way.id },
					label: `${name}: ${way.title.toLowerCase()}`
				}))
			]),
			...lesson.swatches.map(({ id, title }) => ({ side: { swatch: id }, label: title }))
		];
		return sides.map(({ side, label }) => ({ side, value: sideKey(side), label }));
	});
	/** what can be practised */
	const pieces = $derived([
		...crossings.map(({ value, label }) => ({ value: `cross ${value}`, label })),
		...swatches.map(({ value, label }) => ({ value: `rows ${value}`, label: `rows of ${label}` }))
	]);
</script>

{#snippet text(label: string, field: 'question' | 'answer', value: string)}
	<label class="grid gap-1">
		<span class="text-quiet">{label}</span>
		<textarea
			class="textarea field-sizing-content min-h-11"
			{value}
			maxlength="20000"
			oninput={(event) => set({ [field]: event.currentTarget.value })}></textarea>
	</label>
{/snippet}
{#snippet rows(label: string, field: 'from' | 'to' | 'row', value: number | undefined)}
	<CountField
		{label}
		{value}
		least={1}
		most={MOST_ROW}
		optional
		wide
		onset={(row) => set({ [field]: row })}
	/>
{/snippet}

{#if part.kind === 'show' && ways.length > 1}
	<Choices
		label="Shown"
		value={part.way}
		choices={ways.map(({ id, title, movements, cautions }) => ({
			value: id,
			label: `${title} · ${counted(movements, 'move')}${cautions.length > 0 ? ' · with a caution' : ''}`
		}))}
		onchoose={(way) => set({ way })}
	/>
{/if}
<div class="flex flex-wrap items-end gap-x-5 gap-y-3 empty:hidden">
	{#if part.kind === 'show'}
		{#if crossings.length > 1}
			<Choices label="About" value={part.crossing} choices={crossings} onchoose={show} />
		{/if}
		<Choices
			label="Pace"
			value={part.pace ?? 'steady'}
			choices={[
				{ value: 'slow', label: 'slow' },
				{ value: 'steady', label: 'steady' }
			]}
			onchoose={(pace) => set({ pace })}
		/>
		{#if !isBed(lesson.medium)}
			<Choices
				label="Yarn carried in"
				value={part.yarnHands ?? ''}
				choices={[
					...(part.yarnHands ? [] : [{ value: '' as const, label: 'your own hand' }]),
					{ value: 'both', label: 'either hand, both shown' },
					{ value: 'right', label: 'the right hand' },
					{ value: 'left', label: 'the left hand' }
				]}
				onchoose={(yarnHands) => yarnHands && set({ yarnHands })}
			/>
		{/if}
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
	{:else if part.kind === 'picture' || part.kind === 'mend' || part.kind === 'check'}
		{#if crossings.length > 1}
			<Choices
				label="About"
				value={part.crossing ?? ''}
				choices={crossings}
				onchoose={(crossing) => set({ crossing })}
			/>
		{/if}
	{:else if part.kind === 'practice' && pieces.length > 1 && !(part.swatch && part.crossing)}
		<Choices
			label="Of"
			value={part.swatch ? `rows ${part.swatch}` : `cross ${part.crossing ?? ''}`}
			choices={pieces}
			onchoose={(piece) => {
				const id = piece.slice(piece.indexOf(' ') + 1);
				set(piece.startsWith('rows ') ? { swatch: id } : { crossing: id });
			}}
		/>
	{:else if part.kind === 'measure'}
		{#if swatches.length > 0}
			<Choices
				label="What is measured"
				value={part.swatch ?? ''}
				choices={[...(part.swatch ? [] : [{ value: '', label: 'a piece of theirs' }]), ...swatches]}
				onchoose={(swatch) => swatch && set({ swatch })}
			/>
		{/if}
		<Choices
			label="It is"
			value={part.stage}
			choices={STAGES.map((value) => ({ value, label: STAGE_SAID[value] }))}
			onchoose={(stage) => set({ stage })}
		/>
	{:else if part.kind === 'swatch' || part.kind === 'count'}
		{#if swatches.length > 1}
			<Choices
				label="Rows of"
				value={part.swatch}
				choices={swatches}
				onchoose={(swatch) => set({ swatch })}
			/>
		{/if}
		{#if part.kind === 'swatch'}
			{@render rows('From row', 'from', part.from)}
			{@render rows('to row', 'to', part.to)}
			<Choices
				label="Read from"
				value={part.read ?? 'rows'}
				choices={[
					{ value: 'rows', label: 'the written rows' },
					{ value: 'chart', label: 'the chart' }
				]}
				onchoose={(read) => set({ read })}
			/>
			{#if part.read === 'chart'}
				<button type="button" class="btn" onclick={ask}>Ask a question from it</button>
				<p role="status" class="empty:hidden">{asked}</p>
			{/if}
		{:else}
			{@render rows('Found on row', 'row', part.row)}
		{/if}
	{:else if part.kind === 'compare'}
		{#each ['left', 'right'] as const as side (side)}
			<Choices
				label={side === 'left' ? 'This' : 'beside this'}
				value={sideKey(part[side])}
				choices={comparable}
				onchoose={(chosen) => set({ [side]: comparable.find(({ value }) => value === chosen)?.side })}
			/>
		{/each}
	{/if}
	{#if part.kind === 'practice' && part.swatch}
		{@render rows('From row', 'from', part.from)}
		{@render rows('to row', 'to', part.to)}
	{/if}
	{#if part.kind === 'mend'}
		<Choices
			label="The slip"
			value={part.slip}
			choices={[...new Set([...slipsIn(open.lesson.medium), part.slip])].map((value) => ({
				value,
				label: slipName(value, open.lesson.medium)
			}))}
			onchoose={(slip) => set({ slip })}
		/>
	{/if}
	{#if part.kind === 'show' || part.kind === 'practice'}
		<CountField label="times" value={part.times ?? 1} least={1} most={99} onset={(times) => set({ times })} />
	{/if}
</div>
{#if part.kind === 'check'}
	{@render text('The question', 'question', part.question)}
	{@render text('Its answer', 'answer', part.answer)}
{/if}
