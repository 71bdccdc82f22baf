<script lang="ts">
	import { dragHandle, dragHandleZone, type DndEvent } from 'svelte-dnd-action';
	import { clockAt, timed, type Part } from '$core/lesson/lesson';
	import type { OpenLesson } from './openLesson.svelte';
	import { dragging } from '$lib/ui/dragging';
	import { getSettings } from '$lib/client/settings.svelte';
	import { lesson as lessonWords } from '$lib/words/lesson';

	/** The parts in their order: choose one, or drag it by its handle (with keys: Enter, arrows, Enter). */
	let {
		open,
		chosen,
		onchoose
	}: { open: OpenLesson; chosen: string | null; onchoose: (id: string) => void } = $props();
	const settings = getSettings();
	const say = lessonWords(settings);

	type Row = { id: string; part: Part; from: number };
	const rows = $derived(timed(open.lesson).map((row): Row => ({ ...row, id: row.part.id })));
	// While a row is in the hand, the list is the hand's.
	let dragged = $state.raw<Row[] | null>(null);
	const shown = $derived(dragged ?? rows);

	function consider({ detail }: CustomEvent<DndEvent<Row>>) {
		dragged = detail.items;
	}

	function finalize({ detail }: CustomEvent<DndEvent<Row>>) {
		const to = detail.items.findIndex(({ id }) => id === detail.info.id);
		const after = detail.items[to - 1]?.id ?? null;
		const from = rows.findIndex(({ id }) => id === detail.info.id);
		if (to >= 0 && to !== from)
			open.change(
				{ kind: 'move-part', part: detail.info.id, after },
				{ said: `“${detail.items[to].part.title}” moved.` }
			);
		dragged = null;
	}
</script>

<ol
	use:dragHandleZone={{
		...dragging(shown),
		delayTouchStart: true
	}}
	onconsider={consider}
	onfinalize={finalize}
	aria-label="Parts of the lesson, in order"
	class:long={clockAt(open.lesson, 0, settings.locale).length > 5}
>
	{#each shown as { id, part, from } (id)}
		<li class:chosen={id === chosen} aria-label={part.title}>
			<button type="button" aria-current={id === chosen ? 'true' : undefined} onclick={() => onchoose(id)}>
				<span class="time">{clockAt(open.lesson, from, settings.locale)}</span>
				<span class="title">{part.title || 'Without a title'}</span>
				<span class="kind">{part.minutes} min · {say(`lesson-kind-${part.kind}`).toLowerCase()}</span>
			</button>
			<span use:dragHandle class="handle" aria-label="Drag “{part.title}”" role="button"></span>
		</li>
	{/each}
</ol>

<style>
	li {
		display: flex;
		align-items: center;
		border-bottom: 1px solid var(--color-hairline);
	}
	.chosen {
		border-radius: 0.9rem;
		background: var(--color-base-100);
		box-shadow: inset 4px 0 0 var(--color-base-content);
	}
	button {
		display: grid;
		flex: 1;
		grid-template-columns: 3.2rem minmax(0, 1fr);
		column-gap: 0.5rem;
		min-width: 0;
		padding: 0.62rem;
		text-align: left;
		cursor: pointer;
	}
	li:hover {
		background: var(--color-base-100);
	}
	/* A clock of 12 hours says which half of the day it is. */
	.long button {
		grid-template-columns: 4.8rem minmax(0, 1fr);
	}
	.time {
		grid-row: span 2;
		color: var(--color-quiet);
		text-align: right;
	}
	.title {
		font-size: 1.06rem;
		font-weight: 600;
		line-height: 1.35;
		overflow-wrap: anywhere;
	}
	.kind {
		color: var(--color-quiet);
		font-size: 0.9375rem;
	}
	.handle {
		display: grid;
		flex: none;
		place-items: center;
		width: 2.75rem;
		min-height: 3rem;
		cursor: grab;
		color: var(--color-quiet);
	}
	/* Six dots, for fingers and for the mouse. */
	.handle::before {
		width: 16px;
		height: 24px;
		background: radial-gradient(circle, currentColor 2px, transparent 2.5px) 0 0 / 8px 8px;
		content: '';
	}
	.handle:hover,
	.handle:focus-visible {
		color: var(--color-base-content);
	}
</style>
