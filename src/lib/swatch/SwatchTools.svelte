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
		{ id: 'right', label: 'Right side' },
		{ id: 'wrong', label: 'Wrong side' },
		{ id: 'chart', label: 'Chart' }
	] as const;
	const shown = $derived(look.charted ? 'chart' : look.side);
</script>

<div class="relative flex items-center gap-2 overflow-x-auto px-3 py-1 pb-2 *:shrink-0 sm:px-7">
	<button type="button" class="btn" onclick={() => editor?.undo()}
		><Icon name="undo" size={18} /><span class="sr-only 2xl:not-sr-only">Undo</span></button
	>
	<button type="button" class="btn" onclick={() => editor?.redo()}
		><Icon name="redo" size={18} /><span class="sr-only 2xl:not-sr-only">Redo</span></button
	>
	<button type="button" class="btn shrink-0" onclick={onmake}>Make from a motif</button>
	<button type="button" class="btn" onclick={oncompare}>Compare</button>
	<span class="flex-1"></span>
	<div
		class="flex shrink-0 overflow-hidden rounded-xl border-[1.5px] border-base-content"
		role="group"
		aria-label="What to look at"
	>
		{#each FACES as { id, label } (id)}
			<button
				type="button"
				class="min-h-10 px-3.5 font-semibold {shown === id ? 'bg-primary text-primary-content' : ''}"
				aria-pressed={shown === id}
				onclick={() => look.lookAt(id)}>{label}</button
			>
		{/each}
	</div>
	<button
		type="button"
		class="btn"
		aria-pressed={look.whole}
		aria-label="All of it at once"
		onclick={() => (look.whole = !look.whole)}><Icon name="maximize" size={18} /></button
	>
	<button
		type="button"
		class="btn"
		onclick={() => look.zoom(-1)}
		disabled={look.isFarthest}
		aria-label="Smaller"><Icon name="zoom-out" size={18} /></button
	>
	<button type="button" class="btn" onclick={() => look.zoom(1)} disabled={look.isNearest} aria-label="Larger"
		><Icon name="zoom-in" size={18} /></button
	>
</div>
