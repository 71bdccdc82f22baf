<script lang="ts">
	import { resolve } from '$app/paths';
	import type { Pasted } from '$core/formats/pasted';
	import { counted, inWords } from '$core/naming/numbers';
	import { keepKeyAndGo, makeSwatchAndGo } from '$lib/client/pasted';
	import { nearNames } from '$core/naming/near';
	import type { Subject } from './subject.svelte';
	import { wordsFor } from '$lib/ui/words';
	import { getSettings } from '$lib/client/settings.svelte';
	import { ui } from '$lib/words/ui';

	/** The name that is typed, and what it means. */
	let {
		subject,
		input = $bindable(),
		onretype
	}: {
		subject: Subject;
		input?: HTMLInputElement;
		onretype: (text: string) => void;
	} = $props();

	const words = wordsFor(ui(getSettings()));

	/** a written definition wants a line of its own */
	const long = $derived(subject.text.length > 18);
	const answer = $derived(subject.answer);
	const near = $derived(answer.ok ? [] : nearNames(subject.text));
	const settled = $derived(subject.read.settled);

	/** a key or rows that were pasted where a name goes */
	let pasted = $state.raw<{ text: string; as: Exclude<Pasted, { kind: 'name' }> } | null>(null);
	let trouble = $state<string | null>(null);
	async function paste(event: ClipboardEvent) {
		const text = event.clipboardData?.getData('text/plain') ?? '';
		pasted = null;
		// One line is a name; of several, somebody who reads patterns says what they are.
		if (!text.includes('\n')) return;
		event.preventDefault();
		const { pastedAs } = await import('$core/formats/pasted');
		const as = pastedAs(text);
		if (as.kind === 'name') onretype(text.replace(/\s+/g, ' ').trim());
		else pasted = { text, as };
	}
	async function takePasted() {
		if (!pasted) return;
		if (pasted.as.kind === 'key') await keepKeyAndGo(pasted.text);
		else trouble = await makeSwatchAndGo(pasted.text, 'Pasted rows', 'pasted');
	}
</script>

<div class="grid grid-cols-1 gap-3 px-4 pt-5 pb-4 sm:px-7 lg:pb-3">
	<div class="flex flex-wrap items-end gap-x-6 gap-y-2">
		<label class={long ? 'w-full' : 'shrink-0'}>
			<span class="sr-only">Name of the crossing</span>
			<input
				bind:this={input}
				value={subject.text}
				oninput={(event) => onretype(event.currentTarget.value)}
				onpaste={paste}
				onkeydown={(event) => event.key === 'Enter' && event.currentTarget.blur()}
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
		<div id="reading" class="min-w-60 flex-1 basis-full sm:basis-0" aria-live="polite">
			{#if !answer.ok}
				<p class="font-semibold text-error">{answer.error.message}</p>
				<p class="mt-1.5 flex flex-wrap items-center gap-2">
					<span class="text-quiet">{subject.name} stays below. Did you mean</span>
					{#each near as offer (offer)}
						<button type="button" class="btn btn-sm" onclick={() => onretype(offer)}>
							{offer}
						</button>
					{/each}
				</p>
			{:else if subject.undecided}
				<p class="text-[1.2rem] leading-snug">This name can mean more than one cross.</p>
				<p class="text-quiet">
					Choose below, or paste the pattern’s list into
					<a class="font-semibold underline" href={resolve('/abbreviations')}>Abbreviations</a>.
				</p>
			{:else}
				<p class="text-[1.2rem] leading-snug">{subject.reading.because}</p>
				<p class="text-quiet">
					{inWords(subject.crossing.stitches)} stitches · worked {subject.played.order.join(' ')} · {words.school(
						subject.reading.school
					)}
				</p>
			{/if}
		</div>
	</div>
	{#if pasted}
		<p class="flex flex-wrap items-center gap-3 rounded-xl border border-accent px-4 py-2" role="status">
			<span>
				{pasted.as.kind === 'key'
					? `That is a key: ${counted(pasted.as.names.length, 'name')}, ${pasted.as.names.slice(0, 4).join(', ')}${pasted.as.names.length > 4 ? ' …' : ''}.`
					: `Those are rows: ${counted(pasted.as.rows, 'line')} of them.`}
			</span>
			<button type="button" class="btn btn-outline" onclick={takePasted}
				>{pasted.as.kind === 'key' ? 'Check the abbreviations' : 'Make a swatch of them'}</button
			>
			<button type="button" class="btn" onclick={() => (pasted = null)}>Not now</button>
			{#if trouble}<span class="font-semibold text-error" role="alert">{trouble}</span>{/if}
		</p>
	{/if}
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
</div>

<style>
	.name {
		field-sizing: content;
		min-width: 5.5rem;
		max-width: 100%;
		padding-inline-end: 0.4rem;
	}
</style>
