<script lang="ts">
	import type { Working } from '$core/fabric/fabric';
	import { turnRows } from '$core/swatch/rounds';
	import { inTerms } from '$core/swatch/write';
	import type { OpenSwatch } from './openSwatch.svelte';

	/** The same rows turned flat or into rounds, and in other words. */
	let { open, working }: { open: OpenSwatch; working: Working } = $props();

	let wrong = $state<string | null>(null);
	const rounds = $derived(working.pattern.rounds);
	const write = (insert: string, said: string) =>
		open.edit([{ from: 0, to: open.text.length, insert }], said);

	function turn() {
		const turned = turnRows(working);
		wrong = turned.ok ? null : turned.error.message;
		if (turned.ok) write(turned.value, rounds ? 'turned flat' : 'turned into rounds');
	}

	const terms = (to: 'us' | 'uk') => write(inTerms(open.text, to), `${to.toUpperCase()} words`);
</script>

<section class="grid gap-2">
	<h2 class="text-xl">The same, said otherwise</h2>
	<div class="flex flex-wrap gap-2">
		<button type="button" class="btn" onclick={turn}
			>{rounds ? 'Turn into flat rows' : 'Turn into rounds'}</button
		>
		<button type="button" class="btn" onclick={() => terms('us')}>In US words</button>
		<button type="button" class="btn" onclick={() => terms('uk')}>In UK words</button>
	</div>
	<p role="alert" class="font-semibold text-error empty:hidden">{wrong ?? ''}</p>
</section>
