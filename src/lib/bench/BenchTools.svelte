<script lang="ts">
	import { turnOver } from '$core/crossing/transform';
	import { isBed, MEDIA, type Medium } from '$core/technique/medium';
	import { nameOf } from '$core/naming/name';
	import type { Subject } from './subject.svelte';
	import { wordsFor } from '$lib/ui/words';
	import Icon from '$lib/ui/Icon.svelte';
	import Choices from '$lib/ui/Choices.svelte';
	import { getSettings } from '$lib/client/settings.svelte';
	import { ui } from '$lib/words/ui';

	/** In what a crossing is made and on which row, and what else can be done with it. */
	let {
		subject,
		onretype,
		onmedium,
		oncompare,
		onmake,
		onput
	}: {
		subject: Subject;
		onretype: (text: string) => void;
		onmedium: (medium: Medium) => void;
		oncompare: () => void;
		onmake: () => void;
		onput: () => void;
	} = $props();

	const words = wordsFor(ui(getSettings()));

	const readable = $derived(subject.answer.ok && !subject.undecided);
	const bed = $derived(isBed(subject.read.medium));
	const turned = $derived(nameOf(turnOver(subject.crossing)));

	const ROWS = [
		{ value: 'right', label: 'a right side row' },
		{ value: 'wrong', label: 'a wrong side row' }
	] as const;
</script>

<div class="grid grid-cols-1 gap-2 px-4 py-3 sm:px-7 lg:pt-0">
	<div class="flex flex-wrap items-center gap-x-4 gap-y-2">
		<Choices
			label="Made"
			value={subject.medium}
			choices={MEDIA.map((value) => ({ value, label: words.medium(value) }))}
			onchoose={onmedium}
		/>
		{#if !bed}
			<Choices label="on" value={subject.row} choices={ROWS} onchoose={(row) => (subject.row = row)} />
		{/if}
		<div class="ml-auto flex flex-wrap gap-2">
			<button type="button" class="btn btn-sm" onclick={oncompare}>
				<Icon name="columns" size={18} />
				Compare
				<kbd class="kbd hidden 2xl:inline-block">C</kbd>
			</button>
			<button type="button" class="btn btn-sm" onclick={onmake}>
				<Icon name="hand" size={18} /> Make by hand
				<kbd class="kbd hidden 2xl:inline-block">M</kbd>
			</button>
			<button type="button" class="btn btn-sm" disabled={!readable} onclick={onput}>
				<Icon name="plus" size={18} /> Put into a lesson
				<kbd class="kbd hidden 2xl:inline-block">A</kbd>
			</button>
		</div>
	</div>
	{#if subject.row === 'wrong' && !bed && readable}
		<p class="text-sm">
			Positions, front and behind are as the wrong side shows them. The right side then shows
			<strong>{nameOf(subject.cloth)}</strong>: the same lean, the other strand in front. To show
			<button
				type="button"
				class="min-h-8 font-semibold underline"
				onclick={() => onretype(turned)}
				disabled={turned.startsWith('order')}
			>
				{subject.name} on the right side, work {turned}
			</button> here.
		</p>
	{/if}
</div>
