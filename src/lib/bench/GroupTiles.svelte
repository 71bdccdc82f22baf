<script lang="ts">
	import { dndzone, type DndEvent } from 'svelte-dnd-action';
	import { dragging } from '$lib/ui/dragging';
	import Icon from '$lib/ui/Icon.svelte';

	/** Groups of stitches in a row, to be dragged or moved one place at a time. */
	let {
		label,
		groups,
		ends,
		onmove
	}: {
		label: string;
		groups: readonly (readonly number[])[];
		/** what the first and the last place mean */
		ends: readonly [string, string];
		onmove: (groups: readonly (readonly number[])[]) => void;
	} = $props();

	type Tile = { id: string; group: readonly number[] };
	const tiles = $derived(groups.map((group): Tile => ({ id: group.join(' '), group })));
	let dragged = $state.raw<Tile[] | null>(null);
	const shown = $derived(dragged ?? tiles);

	function move(from: number, to: number) {
		const next = [...groups];
		next.splice(to, 0, ...next.splice(from, 1));
		onmove(next);
	}

	function finalize({ detail }: CustomEvent<DndEvent<Tile>>) {
		dragged = null;
		onmove(detail.items.map(({ group }) => group));
	}
</script>

<div class="grid gap-1">
	<p class="flex justify-between text-sm text-quiet"><span>{ends[0]}</span><span>{ends[1]}</span></p>
	<ol
		class="needle flex min-h-20 flex-wrap gap-2"
		aria-label={label}
		use:dndzone={{
			...dragging(shown),
			type: label,
			zoneTabIndex: -1,
			zoneItemTabIndex: -1
		}}
		onconsider={({ detail }: CustomEvent<DndEvent<Tile>>) => (dragged = detail.items)}
		onfinalize={finalize}
	>
		{#each shown as { id, group }, i (id)}
			<li
				class="grid cursor-grab place-items-center gap-1 rounded-xl border-[1.5px] border-base-content bg-base-100 px-3 py-2"
			>
				<span class="font-serif text-xl font-semibold">{group.join(' ')}</span>
				<span class="flex gap-1">
					<button
						type="button"
						class="grid size-8 place-items-center rounded-lg hover:bg-base-200 disabled:opacity-35"
						disabled={i === 0}
						onclick={() => move(i, i - 1)}
						aria-label="Move {group.join(' ')} one place towards {ends[0]}"
					>
						<Icon name="arrow-left" size={18} />
					</button>
					<button
						type="button"
						class="grid size-8 place-items-center rounded-lg hover:bg-base-200 disabled:opacity-35"
						disabled={i === shown.length - 1}
						onclick={() => move(i, i + 1)}
						aria-label="Move {group.join(' ')} one place towards {ends[1]}"
					>
						<Icon name="arrow-right" size={18} />
					</button>
				</span>
			</li>
		{/each}
	</ol>
</div>
