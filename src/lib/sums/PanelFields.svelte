<script lang="ts">
	import RecipeForm from '$lib/swatch/RecipeForm.svelte';
	import CountField from '$lib/ui/CountField.svelte';
	import Dialog from '$lib/ui/Dialog.svelte';
	import type { Planning } from './planning.svelte';

	/** The rows it is planned from: one panel, or several with ground between, typed or made of a motif. */
	let { planning }: { planning: Planning } = $props();

	/** more panels than these stand on no needle */
	const MOST = 12;
	/** a motif is chosen, to stand beside the panels there are or instead of them */
	let choosing = $state<'beside' | 'instead' | null>(null);
	const sheet = {
		get open() {
			return choosing !== null;
		},
		set open(to: boolean) {
			if (!to) choosing = null;
		}
	};
	const several = $derived(planning.panels.length > 1);

	function add(text: string) {
		planning.panels = choosing === 'instead' ? [text] : [...planning.panels, text];
		choosing = null;
	}
	const takeOut = (at: number) => (planning.panels = planning.panels.filter((_, i) => i !== at));
</script>

<details open={several}>
	<summary class="min-h-8 cursor-pointer"
		>{several
			? `${planning.panels.length} panels, the first worked first`
			: 'The rows it is planned from'}</summary
	>
	{#each planning.panels as text, i (i)}
		<div class="mt-2">
			<textarea
				class="textarea w-full font-mono text-sm {several ? 'min-h-24' : 'min-h-40'}"
				aria-label={several ? `Rows of panel ${i + 1}` : 'Rows of the repeat'}
				spellcheck="false"
				maxlength="200000"
				value={text}
				oninput={(event) => (planning.panels[i] = event.currentTarget.value)}></textarea>
			{#if several}
				<button type="button" class="btn btn-sm" onclick={() => takeOut(i)}>Take panel {i + 1} out</button>
			{/if}
		</div>
	{/each}
	<div class="mt-3 flex flex-wrap items-end gap-3">
		{#if planning.panels.length < MOST}
			<button type="button" class="btn" onclick={() => (choosing = 'instead')}>A motif instead</button>
			<button type="button" class="btn" onclick={() => (choosing = 'beside')}
				>Another panel, of a motif</button
			>
			<button type="button" class="btn" onclick={() => add(planning.panels[0])}>The same once more</button>
		{/if}
		{#if several}
			<CountField
				label="Ground between them"
				value={planning.between}
				least={0}
				most={200}
				wide
				onset={(between) => (planning.between = between)}
			/>
		{/if}
	</div>
</details>

<Dialog title="A panel of a motif" wide bind:open={sheet.open}>
	<RecipeForm press={choosing === 'instead' ? 'Plan it' : 'Set it beside'} bare onmake={add} />
</Dialog>
