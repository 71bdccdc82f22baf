<script lang="ts">
	import type { Part } from '$core/lesson/lesson';
	import { namesOf } from '$core/lesson/learners';
	import { swatchOf } from '$core/lesson/rows';
	import { lengthSaid } from '$core/hands/voice';
	import type { Measured } from '$core/measures/schema';
	import { STAGE_SAID } from '$core/measures/stages';
	import { newId } from '$lib/client/id';
	import { localMinute } from '$lib/client/localMinute';
	import { outbox } from '$lib/client/outbox.svelte';
	import { getSettings } from '$lib/client/settings.svelte';
	import { newPiece } from '$lib/log/begin';
	import MeasureForm from '$lib/log/MeasureForm.svelte';
	import Choices from '$lib/ui/Choices.svelte';
	import { PIECES, measuredAt } from '$lib/wire/log';
	import StageDrawer from './StageDrawer.svelte';
	import type { Stage } from './stage.svelte';

	/** What the class measures, written into the log: a piece for each learner, or one for all. */
	let {
		stage,
		part,
		onclose
	}: { stage: Stage; part: Extract<Part, { kind: 'measure' }>; onclose: () => void } = $props();

	const settings = getSettings();
	const EVERYONE = 'the class';
	const names = $derived([EVERYONE, ...namesOf(stage.lesson)]);
	let who = $state(EVERYONE);
	const logged = $derived(stage.logged[who]);
	const swatch = $derived(stage.lesson.swatches.find(({ id }) => id === part.swatch));
	const counts = $derived.by(() => {
		const working = swatch ? swatchOf(stage.lesson, swatch.id) : null;
		return { stitches: working?.fabric.castOn || null, rows: null };
	});

	/** The first measurement of somebody's begins a piece; what comes after goes to it. */
	function keep(record: Measured) {
		const one = { id: newId(), record };
		const there = logged ?? {
			id: newId(),
			about: newPiece(
				[stage.lesson.title, who === EVERYONE ? '' : who].filter(Boolean).join(', ').slice(0, 200),
				swatch?.text ?? ''
			),
			measured: []
		};
		if (logged) outbox.post(measuredAt(there.id), { measuredId: one.id, record });
		else outbox.post(PIECES, { pieceId: there.id, about: there.about, measured: [one] });
		stage.logged = { ...stage.logged, [who]: { ...there, measured: [...there.measured, one] } };
	}
	const said = (mm: number) => lengthSaid(mm, settings.value);
</script>

<StageDrawer title="Into the log" sheet {onclose}>
	{#snippet leave()}Done{/snippet}
	<div class="mt-3 grid gap-4">
		{#if names.length > 1}
			<Choices
				label="Whose"
				value={who}
				choices={names.map((value) => ({ value, label: value }))}
				onchoose={(name) => (who = name)}
			/>
		{/if}
		{#if logged}
			<ul aria-label="Written down" aria-live="polite">
				{#each logged.measured as { id, record } (id)}
					<li class="font-semibold tabular-nums">
						{STAGE_SAID[record.stage]}: {said(record.widthMm)} × {said(record.heightMm)}
					</li>
				{/each}
			</ul>
		{/if}
		{#key `${who} ${logged?.measured.length}`}
			<MeasureForm
				piece="class, {stage.lesson.title}, {who}"
				before={logged?.measured.map(({ record }) => record) ?? []}
				begin={part.stage}
				{counts}
				today={localMinute(Date.now()).slice(0, 10)}
				onkeep={keep}
			/>
		{/key}
	</div>
</StageDrawer>
