<script lang="ts">
	import { counted } from '$core/naming/numbers';
	import { resolve } from '$app/paths';
	import { sameCrossing } from '$core/crossing/crossing';
	import { turnOver } from '$core/crossing/transform';
	import { crossUnit, unitAt, unitsOf } from '$core/fabric/units';
	import { scriptOf } from '$core/hands/steps';
	import { lean } from '$core/crossing/lean';
	import { readName } from '$core/naming/read';
	import { plain } from '$core/naming/key';
	import { nameIn } from '$core/naming/schools';
	import type { Result } from '$core/result';
	import {
		addCrossing,
		crossingAt,
		mirrorCrossing,
		mirrorRow,
		removeCrossing,
		renameCrossing,
		workedAt
	} from '$core/swatch/edit';
	import { addRepeat, addRows, removeRepeat, removeRows } from '$core/swatch/rows';
	import { strandSaid } from '$core/swatch/strand';
	import type { TextEdit } from '$core/swatch/text';
	import { rulesWith } from '$core/rules';
	import { waysOf } from '$core/ways/ways';
	import Choices from '$lib/ui/Choices.svelte';
	import StillRail from '$lib/drawing/StillRail.svelte';
	import { getSettings } from '$lib/client/settings.svelte';
	import type { OpenSwatch } from './openSwatch.svelte';

	/** What is chosen on the cloth: its crossing with rail, other readings and way; its row; its strand. */
	let {
		open,
		spot,
		onstrand,
		onwrong,
		strand
	}: {
		open: OpenSwatch;
		/** the row by its place in the plan, the column from the left edge of the right side */
		spot: { step: number; column: number };
		strand: number | null;
		onstrand: (strand: number | null) => void;
		/** the cross that is chosen looks wrong in the knitting */
		onwrong: () => void;
	} = $props();

	const settings = getSettings();
	let wrong = $state<string | null>(null);
	let name = $state('');
	let last = $state(3);
	let more = $state(1);

	const working = $derived(open.working!);
	const step = $derived(working.steps[spot.step]);
	const count = $derived(step.row.before);
	/** the stitch in working order, as it lies before the row */
	const at = $derived(workedAt(step, spot.column));
	const placed = $derived(crossingAt(step, at));
	const there = $derived(step.row.strands[spot.column] ?? 0);
	const face = $derived(step.row.faces[spot.column] === 'p' ? 'purl' : 'knit');
	const unit = $derived(unitAt(unitsOf(step), at)?.unit);
	/** what else the rows leave its name to mean */
	const others = $derived(
		placed
			? (working.settled.get(plain(placed.item.text))?.crossings ?? []).filter(
					(crossing) => !sameCrossing(crossing, placed.crossing)
				)
			: []
	);
	const ways = $derived(
		placed
			? waysOf(placed.crossing, {
					level: settings.value.level,
					yarn: settings.value.yarn,
					rules: rulesWith(settings.value.rules)
				})
			: []
	);
	/** the ways that are looked at, by their ids: the best, and another beside it where one is chosen */
	let chosenWays = $state.raw<readonly string[]>([]);
	const seenWays = $derived([
		...ways.filter(({ id }, i) => (chosenWays[0] ? id === chosenWays[0] : i === 0)).slice(0, 1),
		...ways.filter(({ id }) => id === chosenWays[1]).slice(0, 1)
	]);
	const toldOf = (moves: (typeof ways)[number]['moves']) =>
		placed
			? scriptOf(placed.crossing, moves, settings.value, { medium: open.card.medium }).told.slice(0, -1)
			: [];
	const wayChoices = $derived(
		ways.map(({ id, title, movements }) => ({
			value: id,
			label: `${title} · ${counted(movements, 'movement')}`
		}))
	);
	const shared = $derived(step.planned.written.numbers.length > 1 || step.planned.written.all !== null);
	const repeats = $derived(working.pattern.repeats.filter(({ more: times }) => times !== null));
	const word = $derived(working.pattern.rounds ? 'Round' : 'Row');

	const text = $derived(open.text);

	function make(edits: Result<TextEdit[]>, said: string) {
		wrong = edits.ok ? null : edits.error.message;
		if (edits.ok) open.edit(edits.value, said);
	}

	function put(event: SubmitEvent) {
		event.preventDefault();
		const answer = readName(name, { medium: open.card.medium });
		if (!answer.ok) return void (wrong = answer.error.message);
		if (answer.value.ambiguous)
			return void (wrong = `“${name}” has ${answer.value.readings.length} readings here. Write both numbers, as in 2/2 RC.`);
		const [{ crossing }] = answer.value.readings;
		make(
			addCrossing(text, working, { step: spot.step, at }, crossUnit(name.trim(), crossing)),
			`${name} put in`
		);
	}
</script>

<div class="grid grid-cols-[minmax(0,1fr)] gap-6">
	{#if placed}
		<section class="grid grid-cols-[minmax(0,1fr)] gap-2">
			<h2 class="text-2xl">{placed.item.text}</h2>
			<p class="text-quiet">
				{word}
				{step.row.n}, stitches {placed.before + 1} to {placed.before + placed.crossing.stitches} of {count}{step
					.row.side === 'WS'
					? ', made on the wrong side'
					: ''}; leans {lean(placed.crossing)}.
			</p>
			<StillRail
				crossing={placed.crossing}
				voice={settings.value}
				alt="{placed.item.text}: worked {placed.crossing.order.join(' ')}"
			/>
			{#if step.row.side === 'WS' && nameIn(turnOver(placed.crossing), 'over', open.card.medium).name}
				<p>The right side shows {nameIn(turnOver(placed.crossing), 'over', open.card.medium).name}.</p>
			{/if}
			{#if seenWays.length > 0}
				<details class="rounded-xl border border-hairline px-4 py-2.5">
					<summary class="cursor-pointer font-semibold"
						>{seenWays[0].title}: {counted(seenWays[0].movements, 'movement')}</summary
					>
					{#if ways.length > 1}
						<div class="mt-3 grid grid-cols-[minmax(0,1fr)] gap-2">
							<Choices
								label="Made"
								value={seenWays[0].id}
								choices={wayChoices}
								onchoose={(id) => (chosenWays = [id, chosenWays[1] ?? ''])}
							/>
							<Choices
								label="Beside it"
								value={seenWays[1]?.id ?? ''}
								choices={[{ value: '', label: 'no other' }, ...wayChoices]}
								onchoose={(id) => (chosenWays = [seenWays[0].id, id])}
							/>
						</div>
					{/if}
					<div class="mt-3 grid gap-4 {seenWays.length > 1 ? 'grid-cols-2' : ''}">
						{#each seenWays as { id, title, moves } (id)}
							<div>
								{#if seenWays.length > 1}<h3 class="font-semibold">{title}</h3>{/if}
								<ol class="ml-5 list-decimal space-y-1">
									{#each toldOf(moves) as { sentence }, i (i)}<li>{sentence}</li>{/each}
								</ol>
							</div>
						{/each}
					</div>
				</details>
			{/if}
			{#if others.length > 0}
				<div>
					<p class="font-semibold">It may also be read as</p>
					{#each others as crossing, i (i)}
						{@const other = nameIn(crossing, 'over', open.card.medium).name}
						{#if other}<div class="mt-2 grid gap-1">
								<StillRail
									{crossing}
									voice={settings.value}
									alt="{other}: worked {crossing.order.join(' ')}"
								/>
								{counted(crossing.stitches, 'stitch', 'stitches')}, worked {crossing.order.join(' ')}
								<button
									type="button"
									class="btn btn-outline"
									onclick={() =>
										open.edit(renameCrossing(working, plain(placed.item.text), other), `read as ${other}`)}
									>Write it as {other}</button
								>
							</div>{/if}
					{/each}
				</div>
			{/if}
			<div class="flex flex-wrap gap-2">
				<button
					type="button"
					class="btn"
					onclick={() => make(mirrorCrossing(text, working, { step: spot.step, at }), 'crossing mirrored')}
					>Mirror it</button
				>
				<button
					type="button"
					class="btn"
					onclick={() => make(removeCrossing(text, working, { step: spot.step, at }), 'crossing taken out')}
					>Take it out</button
				>
				<button type="button" class="btn" onclick={onwrong}>It looks wrong</button>
				<a class="btn" href={resolve(`/?name=${encodeURIComponent(placed.item.text)}`)}>See in Crosses</a>
			</div>
			<p class="text-sm text-quiet">
				Drag it on the cloth, or move it with <kbd class="kbd">Alt</kbd> and the arrows.
			</p>
		</section>
	{:else}
		<section class="grid grid-cols-[minmax(0,1fr)] gap-2">
			<h2 class="text-2xl">{word} {step.row.n}, stitch {at + 1}</h2>
			<p>
				{unit?.text ? `Worked “${unit.text}”; shows` : 'Shows'} a {face} on the right side.
				{there > 0 ? `It grows from stitch ${there} of the cast-on.` : 'The pattern added it.'}
			</p>
			<form class="flex flex-wrap items-end gap-2" onsubmit={put}>
				<label class="min-w-32 flex-1">
					<span class="mb-1 block text-quiet">A cross from this stitch on</span>
					<input
						class="input font-mono"
						bind:value={name}
						placeholder="2/2 RC"
						autocomplete="off"
						spellcheck="false"
					/>
				</label>
				<button class="btn btn-outline" disabled={name.trim() === ''}>Put it in</button>
			</form>
		</section>
	{/if}

	{#if there > 0}
		<section>
			<button
				type="button"
				class="btn w-full btn-outline"
				aria-pressed={strand === there}
				onclick={() => onstrand(strand === there ? null : there)}
				>{strand === there ? `Let strand ${there} go` : `Follow strand ${there}`}</button
			>
			{#if strand === there}<p class="mt-2" data-testid="strand">{strandSaid(working, there)}</p>{/if}
		</section>
	{/if}

	<section class="grid grid-cols-[minmax(0,1fr)] gap-2">
		<h2 class="text-xl">{word} {step.row.n}</h2>
		{#if shared}
			<p class="text-quiet">Written together with other rows; a change here gives it a line of its own.</p>
		{/if}
		<div class="flex flex-wrap gap-2">
			<button
				type="button"
				class="btn"
				onclick={() => open.edit(addRows(text, working, step.planned.as), 'rows added')}
				>{working.pattern.rounds ? 'Add a round above' : 'Add two rows above'}</button
			>
			<button
				type="button"
				class="btn"
				onclick={() => make(removeRows(text, working, step.planned.as), 'rows taken out')}
				>{working.pattern.rounds ? 'Take this round out' : 'Take this row and its pair out'}</button
			>
			<button
				type="button"
				class="btn"
				onclick={() => make(mirrorRow(text, working, spot.step), 'row mirrored')}>Mirror the row</button
			>
		</div>
		<form
			class="flex flex-wrap items-end gap-2"
			onsubmit={(event) => {
				event.preventDefault();
				const numbers = Array.from(
					{ length: Math.max(1, last - step.planned.as + 1) },
					(_, i) => step.planned.as + i
				);
				open.edit([addRepeat(text, working, numbers, more)], 'repeat added');
			}}
		>
			<label class="grid gap-1"
				><span class="text-quiet">Repeat from {word.toLowerCase()} {step.planned.as} to</span>
				<input class="input w-24!" type="number" min={step.planned.as} max="2000" bind:value={last} /></label
			>
			<label class="grid gap-1"
				><span class="text-quiet">times more</span>
				<input class="input w-20!" type="number" min="1" max="500" bind:value={more} /></label
			>
			<button class="btn">Add the repeat</button>
		</form>
		{#each repeats as repeat (repeat.from)}
			<p class="flex items-center justify-between gap-2">
				<span class="font-mono">{text.slice(repeat.from, repeat.to)}</span>
				<button
					type="button"
					class="btn"
					onclick={() => open.edit([removeRepeat(text, repeat)], 'repeat taken out')}>Take it out</button
				>
			</p>
		{/each}
	</section>
	<p role="alert" class="font-semibold text-error empty:hidden">{wrong ?? ''}</p>
</div>
