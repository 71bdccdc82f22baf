<script lang="ts">
	import GripVertical from '@lucide/svelte/icons/grip-vertical';
	import { dragHandle, dragHandleZone, type DndEvent } from 'svelte-dnd-action';
	import { prefersReducedMotion } from 'svelte/motion';
	import { clockAt, timed, type Part } from '$core/lesson/lesson';
	import type { OpenLesson } from '$lib/lesson.svelte';
	import { KIND_WORDS } from '$lib/parts';

	/** The parts in their order: choose one, or drag it by its handle (with keys: Enter, arrows, Enter). */
	let {
		open,
		chosen,
		onchoose
	}: { open: OpenLesson; chosen: string | null; onchoose: (id: string) => void } = $props();

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
		items: shown,
		flipDurationMs: prefersReducedMotion.current ? 0 : 160,
		dropTargetStyle: {},
		delayTouchStart: true
	}}
	onconsider={consider}
	onfinalize={finalize}
	aria-label="Parts of the lesson, in order"
>
	{#each shown as { id, part, from } (id)}
		<li
			class="flex items-center border-b border-hairline {id === chosen ? 'chosen bg-base-100' : ''}"
			aria-label={part.title}
		>
			<button
				type="button"
				class="grid min-w-0 flex-1 grid-cols-[3.2rem_1fr] gap-x-2 px-2.5 py-2.5 text-left hover:bg-base-100"
				aria-current={id === chosen ? 'true' : undefined}
				onclick={() => onchoose(id)}
			>
				<span class="text-right text-quiet">{clockAt(open.lesson, from)}</span>
				<span class="min-w-0">
					<span class="block text-[1.06rem] leading-snug font-semibold break-words"
						>{part.title || 'Without a title'}</span
					>
					<span class="block text-sm text-quiet"
						>{part.minutes} min · {KIND_WORDS[part.kind].toLowerCase()}</span
					>
				</span>
			</button>
			<span
				use:dragHandle
				class="grid min-h-12 min-w-11 cursor-grab place-items-center text-quiet hover:text-base-content"
				aria-label="Drag “{part.title}”"
				role="button"
			>
				<GripVertical size={20} aria-hidden="true" />
			</span>
		</li>
	{/each}
</ol>

<style>
	.chosen {
		border-radius: 0.9rem;
		box-shadow: inset 4px 0 0 var(--color-base-content);
	}
</style>
