<script lang="ts">
	import Icon from '$lib/ui/Icon.svelte';
	import type { ClothView } from './clothView.svelte';
	import type { RowsEditor } from './rowsEditor';

	/** What is done with the whole swatch, and how its cloth is looked at. */
	let {
		editor,
		look,
		onmake,
		oncompare
	}: {
		editor: RowsEditor | undefined;
		look: ClothView;
		onmake: () => void;
		oncompare: () => void;
	} = $props();

	const FACES = [
		{ id: 'right', label: 'Right', rest: ' side' },
		{ id: 'wrong', label: 'Wrong', rest: ' side' },
		{ id: 'chart', label: 'Chart', rest: '' }
	] as const;
	const shown = $derived(look.charted ? 'chart' : look.side);
</script>

<div class="relative flex flex-wrap items-center gap-1.5 px-3 py-1 pb-2 *:shrink-0 sm:gap-2 sm:px-7">
	<button type="button" class="btn" onclick={() => editor?.undo()}
		><Icon name="undo" size={18} /><span class="sr-only 2xl:not-sr-only">Undo</span></button
	>
	<button type="button" class="btn" onclick={() => editor?.redo()}
		><Icon name="redo" size={18} /><span class="sr-only 2xl:not-sr-only">Redo</span></button
	>
	<button type="button" class="btn" onclick={onmake}
		><span class="sr-only sm:not-sr-only">Make from a</span>
		<span class="capitalize sm:normal-case">motif</span></button
	>
	<button type="button" class="btn" onclick={oncompare}>Compare</button>
	<span class="hidden flex-1 lg:block"></span>
	<div
		class="flex shrink-0 overflow-hidden rounded-xl border-[1.5px] border-base-content"
		role="group"
		aria-label="What to look at"
	>
		{#each FACES as { id, label, rest } (id)}
			<button
				type="button"
				class="min-h-10 px-2.5 font-semibold sm:px-3.5 {shown === id
					? 'bg-primary text-primary-content'
					: ''}"
				aria-pressed={shown === id}
				onclick={() => look.lookAt(id)}>{label}<span class="sr-only sm:not-sr-only">{rest}</span></button
			>
		{/each}
	</div>
	<button
		type="button"
		class="btn px-2.5 sm:px-4"
		aria-pressed={look.whole}
		aria-label="All of it at once"
		onclick={() => (look.whole = !look.whole)}><Icon name="maximize" size={18} /></button
	>
	<button
		type="button"
		class="btn px-2.5 sm:px-4"
		onclick={() => look.zoom(-1)}
		disabled={look.isFarthest}
		aria-label="Smaller"><Icon name="zoom-out" size={18} /></button
	>
	<button
		type="button"
		class="btn px-2.5 sm:px-4"
		onclick={() => look.zoom(1)}
		disabled={look.isNearest}
		aria-label="Larger"><Icon name="zoom-in" size={18} /></button
	>
</div>
