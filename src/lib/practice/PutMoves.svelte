<script lang="ts">
	import { untrack } from 'svelte';
	import { dragHandle, dragHandleZone, type DndEvent } from 'svelte-dnd-action';
	import { dragging } from '$lib/ui/dragging';
	import Icon from '$lib/ui/Icon.svelte';

	/** Movements to be put in order: dragged by their handles (with keys: Enter, arrows, Enter), or a place up or down. */
	let { words, onanswer }: { words: readonly string[]; onanswer: (answer: number[]) => void } = $props();

	interface Row {
		readonly id: number;
		readonly says: string;
	}
	let rows = $state.raw<Row[]>(untrack(() => words.map((says, id) => ({ id, says }))));
	const take = ({ detail }: CustomEvent<DndEvent<Row>>) => (rows = detail.items);

	function move(at: number, by: 1 | -1) {
		const next = [...rows];
		[next[at], next[at + by]] = [next[at + by], next[at]];
		rows = next;
	}
</script>

<ol
	class="grid gap-2"
	aria-label="Movements, the first at the top"
	use:dragHandleZone={{
		...dragging(rows),
		delayTouchStart: true
	}}
	onconsider={take}
	onfinalize={take}
>
	{#each rows as { id, says }, i (id)}
		<li class="move" aria-label={says}>
			<span use:dragHandle class="handle" aria-label="Drag “{says}”" role="button"
				><Icon name="list" size={20} /></span
			>
			<span class="flex-1">{says}</span>
			<button
				type="button"
				class="head-button"
				disabled={i === 0}
				onclick={() => move(i, -1)}
				aria-label="Up: {says}"><Icon name="arrow-up" size={20} /></button
			>
			<button
				type="button"
				class="head-button"
				disabled={i === rows.length - 1}
				onclick={() => move(i, 1)}
				aria-label="Down: {says}"><Icon name="arrow-down" size={20} /></button
			>
		</li>
	{/each}
</ol>
<button
	type="button"
	class="btn mt-4 min-h-13 w-full justify-center text-lg btn-primary"
	onclick={() => onanswer(rows.map(({ id }) => id))}>That is the order</button
>

<style>
	.move {
		display: flex;
		align-items: center;
		gap: 0.3rem;
		min-height: 3.2rem;
		padding: 0.3rem;
		border: 1.5px solid var(--color-hairline);
		border-radius: 0.8rem;
		background: var(--color-base-100);
		line-height: 1.3;
	}
	.handle {
		display: grid;
		place-items: center;
		min-width: 2.75rem;
		min-height: 2.75rem;
		cursor: grab;
		touch-action: none;
	}
	.head-button:disabled {
		opacity: 0.3;
	}
</style>
