<script lang="ts">
	import { onMount } from 'svelte';
	import type { Mend } from '$core/swatch/text';
	import PastedKey from '$lib/ui/PastedKey.svelte';
	import type { Findings } from './findings.svelte';
	import type { OpenSwatch } from './openSwatch.svelte';
	import type { RowsEditor } from './rowsEditor';

	/** The written rows, to type in: words in their colours, findings under their line with what mends them. */
	let {
		open,
		findings,
		names,
		place,
		onrow,
		editor = $bindable()
	}: {
		open: OpenSwatch;
		findings: Findings;
		/** names of the teacher's keys and of this pattern's own */
		names: readonly string[];
		/** the sentence of the chosen row */
		place: { from: number; to: number; show: boolean } | null;
		/** the cursor came to a character of the text */
		onrow: (at: number) => void;
		editor?: RowsEditor;
	} = $props();

	let host: HTMLElement;
	/** what was pasted last: a key is known as one */
	let pasted = $state('');
	function mend({ edits, says }: Mend) {
		// Typed since: its places are those of an older text, and it is offered anew in a moment.
		if (open.text === open.worked) open.edit(edits, says.toLowerCase());
	}

	onMount(() => {
		let gone = false;
		void import('./rowsEditor').then(({ makeEditor }) => {
			if (gone) return;
			// In a tree of its own, the editor's styles are no inline styles of the page.
			const root = host.shadowRoot ?? host.attachShadow({ mode: 'open' });
			root.replaceChildren();
			const parent = document.createElement('div');
			parent.className = 'editor';
			const sheet = new CSSStyleSheet();
			sheet.replaceSync(':host{display:block;height:100%}.editor{height:100%}');
			root.adoptedStyleSheets = [sheet];
			root.append(parent);
			editor = makeEditor({
				parent,
				root,
				text: open.text,
				onText: (text) => open.typed(text),
				onCursor: onrow,
				onMend: mend,
				onPaste: (text) => (pasted = text)
			});
			open.write = (edits) => editor?.edit(edits);
		});
		return () => {
			gone = true;
			open.write = null;
			editor?.destroy();
		};
	});

	$effect(() => editor?.setText(open.text));
	$effect(() => editor?.setFindings(findings.shown));
	$effect(() => editor?.setNames(names));
	$effect(() => editor?.mark(place, place?.show ?? false));
</script>

{#if pasted}
	<div class="px-4 pb-2"><PastedKey text={pasted} onleave={() => (pasted = '')} /></div>
{/if}
<div bind:this={host} class="h-full min-h-60" data-testid="rows">
	<!-- Until the editor has come, and for those without it, the rows can be read. -->
	{#if !editor}<pre
			class="px-6 py-3 font-mono text-[1.0625rem] leading-7 whitespace-pre-wrap">{open.text}</pre>{/if}
</div>
