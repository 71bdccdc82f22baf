<script lang="ts">
	import Columns from '@lucide/svelte/icons/columns-2';
	import Hand from '@lucide/svelte/icons/hand';
	import Plus from '@lucide/svelte/icons/plus';
	import { inWords } from '$core/naming/numbers';
	import { nameOf } from '$core/naming/name';
	import { nearNames } from '$core/naming/near';
	import { isBed, MEDIA, type Medium } from '$core/media/medium';
	import { turnOver } from '$core/crossing/transform';
	import type { Subject } from '$lib/subject.svelte';
	import { MEDIUM_NAMES, SCHOOL_WORDS } from '$lib/words';
	import Choices from './Choices.svelte';

	/** The name that is typed, what it means, and in what and on which row it is worked. */
	let {
		subject,
		input = $bindable(),
		comparing,
		onretype,
		onmedium,
		oncompare,
		onmake,
		onput
	}: {
		subject: Subject;
		input?: HTMLInputElement;
		comparing: boolean;
		onretype: (text: string) => void;
		onmedium: (medium: Medium) => void;
		oncompare: () => void;
		onmake: () => void;
		onput: () => void;
	} = $props();

	/** a written definition wants a line of its own */
	const long = $derived(subject.text.length > 18);
	const answer = $derived(subject.answer);
	const near = $derived(answer.ok ? [] : nearNames(subject.text));
	const settled = $derived(subject.read.settled);
	const bed = $derived(isBed(subject.read.medium));

	const ROWS = [
		{ value: 'right', label: 'a right side row' },
		{ value: 'wrong', label: 'a wrong side row' }
	] as const;
</script>

<div class="grid gap-3 px-4 pt-5 pb-4 sm:px-7">
	<div class="flex flex-wrap items-end gap-x-6 gap-y-2">
		<label class={long ? 'w-full' : 'shrink-0'}>
			<span class="sr-only">Name of the crossing</span>
			<input
				bind:this={input}
				value={subject.text}
				oninput={(event) => onretype(event.currentTarget.value)}
				class="name border-b-2 border-base-content bg-transparent font-serif font-medium {long
					? 'text-[1.4rem] leading-[1.4]'
					: 'text-[2.6rem] leading-[1.1] sm:text-[3.2rem]'}"
				aria-invalid={!answer.ok}
				aria-describedby="reading"
				spellcheck="false"
				autocomplete="off"
				autocapitalize="off"
			/>
		</label>
		<div id="reading" class="min-w-60 flex-1" aria-live="polite">
			{#if !answer.ok}
				<p class="font-semibold text-error">{answer.error.message}</p>
				<p class="mt-1.5 flex flex-wrap items-center gap-2">
					<span class="text-quiet">{subject.name} stays below. Did you mean</span>
					{#each near as offer (offer)}
						<button
							type="button"
							class="press min-h-9! press-quiet px-3! py-0!"
							onclick={() => onretype(offer)}
						>
							{offer}
						</button>
					{/each}
				</p>
			{:else if subject.undecided}
				<p class="text-[1.2rem] leading-snug">More than one crossing goes by this name.</p>
				<p class="text-quiet">Nothing is picked for you: choose below.</p>
			{:else}
				<p class="text-[1.2rem] leading-snug">{subject.reading.because}</p>
				<p class="text-quiet">
					{inWords(subject.crossing.stitches)} stitches · worked {subject.played.order.join(' ')} · {SCHOOL_WORDS[
						subject.reading.school
					]}
				</p>
			{/if}
		</div>
	</div>
	{#if answer.ok && subject.read.ambiguous && !subject.undecided}
		<p class="flex flex-wrap items-center gap-x-3 gap-y-1 text-sm">
			<span>
				{subject.read.readings.length} readings; this is {subject.name},
				{settled?.by === 'key' && subject.picked === null
					? `settled by your key “${settled.title}”.`
					: 'as you chose.'}
			</span>
			<button
				type="button"
				class="min-h-9 px-1 font-semibold underline"
				onclick={() => (subject.asking = true)}
			>
				Show all
			</button>
			{#if settled?.by === 'choice'}
				<button type="button" class="min-h-9 px-1 font-semibold underline" onclick={() => subject.forget()}>
					Forget my choice
				</button>
			{/if}
		</p>
	{/if}
	<div class="flex flex-wrap items-center gap-x-5 gap-y-2">
		<Choices
			label="Made"
			value={subject.medium}
			choices={MEDIA.map((value) => ({ value, label: MEDIUM_NAMES[value] }))}
			onchoose={onmedium}
		/>
		{#if !bed}
			<Choices label="on" value={subject.row} choices={ROWS} onchoose={(row) => (subject.row = row)} />
		{/if}
		<div class="ml-auto flex flex-wrap gap-2">
			<button type="button" class="press press-quiet" aria-pressed={comparing} onclick={oncompare}>
				<Columns size={18} aria-hidden="true" />
				{comparing ? 'End comparing' : 'Compare'}
				<kbd class="key-cap hidden xl:inline-block">C</kbd>
			</button>
			<button type="button" class="press press-quiet" onclick={onmake}>
				<Hand size={18} aria-hidden="true" /> Make by hand
				<kbd class="key-cap hidden xl:inline-block">M</kbd>
			</button>
			<button
				type="button"
				class="press press-quiet"
				disabled={!answer.ok || subject.undecided || bed}
				onclick={onput}
			>
				<Plus size={18} aria-hidden="true" /> Put into a lesson
				<kbd class="key-cap hidden xl:inline-block">A</kbd>
			</button>
		</div>
	</div>
	{#if subject.row === 'wrong' && !bed && answer.ok && !subject.undecided}
		<p class="text-sm">
			Positions, front and behind are as the wrong side shows them. The right side then shows
			<strong>{nameOf(subject.cloth)}</strong>: the same lean, the other strand in front. To show
			<button
				type="button"
				class="min-h-8 font-semibold underline"
				onclick={() => onretype(nameOf(turnOver(subject.crossing)))}
				disabled={nameOf(turnOver(subject.crossing)).startsWith('order')}
			>
				{subject.name} on the right side, work {nameOf(turnOver(subject.crossing))}
			</button> here.
		</p>
	{/if}
</div>

<style>
	.name {
		field-sizing: content;
		min-width: 5.5rem;
		max-width: 100%;
		padding-inline-end: 0.4rem;
	}
</style>
