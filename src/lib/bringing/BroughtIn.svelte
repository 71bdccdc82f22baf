<script lang="ts">
	import { untrack } from 'svelte';
	import { inList } from '$core/english';
	import { pastedAs } from '$core/formats/pasted';
	import { counted } from '$core/naming/numbers';
	import { keepKeyAndGo, makeSwatchAndGo } from '$lib/client/pasted';
	import { textOf } from '$lib/ui/fileText';
	import type { Brought } from './brought';
	import type { PdfPage } from './pdfText';
	import { getSettings } from '$lib/client/settings.svelte';
	import { ui } from '$lib/words/ui';

	/** What was brought in: the pages of a PDF to choose from, its text to read and mend, and where it goes. */
	let { taken, ondone }: { taken: Brought; ondone: () => void } = $props();

	const say = ui(getSettings());

	let pages = $state.raw<readonly PdfPage[]>([]);
	let chosen = $state.raw<readonly number[]>([]);
	let text = $state('');
	let trouble = $state<string | null>(null);
	let reading = $state(false);
	const name = $derived('file' in taken ? taken.file.name.replace(/\.\w+$/, '') : 'Pasted rows');
	const as = $derived(pastedAs(text));
	const pictures = $derived(pages.filter((page) => page.text === '').map(({ number }) => number));

	async function read() {
		if ('text' in taken) return void (text = taken.text);
		reading = true;
		const { file } = taken;
		const isPdf = file.type === 'application/pdf' || /\.pdf$/i.test(file.name);
		if (isPdf) {
			const { pdfPages } = await import('./pdfText');
			const answer = await pdfPages(file);
			if (answer.ok) {
				pages = answer.value;
				choose(pages.filter((page) => page.text !== '').map(({ number }) => number));
			} else trouble = answer.error.message;
		} else {
			const answer = await textOf(file, say);
			if (answer.ok) text = answer.value;
			else trouble = answer.error.message;
		}
		reading = false;
	}
	untrack(() => void read());

	/** The text of some pages; what was mended in the text is theirs anew. */
	function choose(next: readonly number[]) {
		chosen = next;
		text = pages
			.filter(({ number }) => next.includes(number))
			.map((page) => page.text)
			.join('\n\n');
	}

	async function take(to: 'swatch' | 'key') {
		if (to === 'key') await keepKeyAndGo(text);
		else trouble = await makeSwatchAndGo(text, name.slice(0, 200) || 'Pasted rows', 'brought in');
		if (!trouble) ondone();
	}
</script>

<div class="grid gap-4">
	{#if reading}<p role="status">Reading “{name}” …</p>{/if}
	{#if pages.length > 0}
		<fieldset class="flex flex-wrap gap-2">
			<legend class="mb-1 font-semibold">Pages</legend>
			{#each pages as page (page.number)}
				<label class="btn {chosen.includes(page.number) ? 'btn-outline' : ''}">
					<input
						type="checkbox"
						class="size-5 accent-current"
						checked={chosen.includes(page.number)}
						disabled={page.text === ''}
						onchange={({ currentTarget }) => {
							const others = chosen.filter((number) => number !== page.number);
							choose(currentTarget.checked ? [...others, page.number] : others);
						}}
					/>
					{page.number}
				</label>
			{/each}
		</fieldset>
		{#if pictures.length > 0}
			<p>
				{pictures.length === 1 ? 'Page' : 'Pages'}
				{inList(pictures)}
				{pictures.length === 1 ? 'is only a picture' : 'are only pictures'}: there is no text to take. Type
				its rows, or let a program that reads pictures make text of it.
			</p>
		{/if}
	{/if}
	{#if !reading && !(trouble && text === '')}
		<label class="grid gap-1">
			<span class="text-quiet"
				>{as.kind === 'rows'
					? `Rows: ${counted(as.rows, 'line')} of them. Mend here what came in wrong.`
					: as.kind === 'key'
						? `A key: ${counted(as.names.length, 'name')}.`
						: 'No rows and no key were found in it. Rows begin with “Row 1:”.'}</span
			>
			<textarea class="textarea min-h-64 font-mono leading-relaxed" bind:value={text} spellcheck="false"
			></textarea>
		</label>
		<p class="flex flex-wrap gap-3">
			<button
				type="button"
				class="btn {as.kind === 'key' ? 'btn-outline' : 'btn-primary'}"
				disabled={text.trim() === ''}
				onclick={() => take('swatch')}>Make a swatch of it</button
			>
			<button
				type="button"
				class="btn {as.kind === 'key' ? 'btn-primary' : 'btn-outline'}"
				disabled={text.trim() === ''}
				onclick={() => take('key')}>Check the abbreviations</button
			>
		</p>
	{/if}
	<p role="alert" class="font-semibold text-error empty:hidden">{trouble ?? ''}</p>
</div>
