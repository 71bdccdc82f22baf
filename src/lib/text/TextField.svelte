<script lang="ts">
	import { onMount, untrack } from 'svelte';
	import type { IconName } from '$lib/ui/icons';
	import type { Deed, TextEditor } from './textEditor';
	import type { Stretch } from './underlined';
	import Icon from '$lib/ui/Icon.svelte';
	import Dialog from '$lib/ui/Dialog.svelte';
	import PictureForm from './PictureForm.svelte';

	/** A text in CommonMark, written as it will look. Until the editor has come, it can be read and written as it is kept. */
	let {
		label,
		value,
		most,
		onchange,
		wrongIn
	}: {
		label: string;
		value: string;
		most: number;
		onchange: (text: string) => void;
		/** which of the words do not hold: they are underlined */
		wrongIn?: (text: string) => readonly Stretch[];
	} = $props();

	const TOOLS: readonly { deed: Deed; says: string; icon: IconName }[] = [
		{ deed: 'bold', says: 'Bold', icon: 'bold' },
		{ deed: 'italic', says: 'Italic', icon: 'italic' },
		{ deed: 'heading', says: 'Heading', icon: 'heading' },
		{ deed: 'bulletList', says: 'List', icon: 'list' },
		{ deed: 'orderedList', says: 'Numbered', icon: 'list-ordered' }
	];

	let host: HTMLElement;
	let editor = $state.raw<TextEditor>();
	let done = $state.raw<ReadonlySet<Deed>>(new Set());
	let adding = $state(false);
	let long = $state(false);

	function typed(text: string) {
		// What is too long stays on the page, and is kept once it is shorter.
		long = text.length > most;
		if (!long) onchange(text);
	}

	onMount(() => {
		let gone = false;
		void import('./textEditor').then(({ makeTextEditor }) => {
			if (gone) return;
			editor = makeTextEditor({
				element: host,
				text: untrack(() => value),
				label,
				onText: typed,
				onCursor: () => (done = editor?.done() ?? done),
				wrongIn: (text) => wrongIn?.(text) ?? []
			});
		});
		return () => {
			gone = true;
			editor?.destroy();
		};
	});
	$effect(() => {
		const text = value;
		untrack(() => !long && editor?.setText(text));
	});
	$effect(() => {
		// What is claimed is judged anew when a cross of the lesson changes.
		void wrongIn;
		editor?.look();
	});

	/** A tool that is pressed leaves the hands in the text: what is typed next goes there. */
	const stay = (event: MouseEvent) => event.preventDefault();
</script>

<div>
	<p class="mb-1 text-quiet" aria-hidden="true">{label}</p>
	<div
		class="overflow-hidden rounded-xl border border-base-content/60 bg-base-100 focus-within:border-base-content"
	>
		{#if editor}
			<div
				role="toolbar"
				aria-label="How the words look"
				class="relative flex min-h-12 flex-wrap gap-0.5 border-b border-hairline p-1"
			>
				{#each TOOLS as { deed, says, icon } (deed)}
					<button
						type="button"
						class="flex min-h-10 items-center gap-1.5 rounded-lg px-2 text-sm hover:bg-base-200 {done.has(
							deed
						)
							? 'bg-base-300 font-semibold'
							: ''}"
						aria-pressed={done.has(deed)}
						onmousedown={stay}
						onclick={() => editor?.toggle(deed)}><Icon name={icon} size={16} /> {says}</button
					>
				{/each}
				<button
					type="button"
					class="flex min-h-10 items-center gap-1.5 rounded-lg px-2 text-sm hover:bg-base-200"
					onclick={() => (adding = true)}><Icon name="image-plus" size={16} /> Picture</button
				>
			</div>
		{:else}
			<div class="min-h-12 border-b border-hairline"></div>
		{/if}
		<div bind:this={host} class="words"></div>
		{#if !editor}
			<textarea
				class="field-sizing-content min-h-28 w-full bg-transparent p-3 leading-relaxed"
				aria-label={label}
				maxlength={most}
				{value}
				oninput={(event) => typed(event.currentTarget.value)}></textarea>
		{/if}
	</div>
	<p role="alert" class="font-semibold text-error empty:hidden">
		{long ? `A text holds at most ${most} characters. What is over is not kept yet: shorten it.` : ''}
	</p>
</div>

<Dialog title="Add a picture" bind:open={adding}>
	<PictureForm
		onadd={(address, described) => {
			adding = false;
			editor?.addPicture(address, described);
		}}
	/>
</Dialog>

<style>
	.words :global(.ProseMirror) {
		min-height: 7rem;
		max-height: 26rem;
		overflow-y: auto;
		padding: 0.75rem;
		line-height: 1.6;
		white-space: pre-wrap;
		overflow-wrap: anywhere;
		outline: none;
	}
	.words :global(.ProseMirror > * + *) {
		margin-top: 0.7em;
	}
	.words :global(h3) {
		font-family: var(--font-serif);
		font-size: 1.25rem;
		font-weight: 600;
	}
	.words :global(ul) {
		padding-left: 1.4rem;
		list-style: disc;
	}
	.words :global(ol) {
		padding-left: 1.4rem;
		list-style: decimal;
	}
	.words :global(blockquote) {
		padding-left: 1rem;
		border-left: 4px solid var(--color-accent);
	}
	.words :global(a) {
		text-decoration: underline;
	}
	.words :global(img) {
		max-width: min(100%, 22rem);
		border-radius: 10px;
	}
	.words :global(img.ProseMirror-selectednode) {
		outline: 3px solid var(--color-base-content);
	}
</style>
