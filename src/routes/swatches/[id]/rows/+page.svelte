<script lang="ts">
	import { resolve } from '$app/paths';
	import Printer from '@lucide/svelte/icons/printer';
	import { lookSaid } from '$core/swatch/look';
	import { numbersText } from '$core/swatch/rows';
	import { inTerms } from '$core/swatch/write';
	import PictureRow from '$lib/components/swatch/PictureRow.svelte';
	import { getSettings } from '$lib/settings.svelte';
	import { workingFor } from '$lib/swatch/open.svelte';

	/** Rows for those who read pictures: each in working order, from the arrow at its edge. */
	let { data } = $props();

	const settings = getSettings();
	const working = $derived(workingFor(data.swatch.text));
	const word = $derived(working?.pattern.rounds ? 'Round' : 'Row');
	/** every sentence once, at the first row it is worked for, with all the rows that it serves */
	const shown = $derived.by(() => {
		const first = new Map<unknown, { step: number; numbers: number[] }>();
		working?.steps.forEach(({ planned: { written, as, again } }, step) => {
			const known = first.get(written);
			if (!known) first.set(written, { step, numbers: [as] });
			else if (!again) known.numbers.push(as);
		});
		return [...first.values()];
	});
	const begins = (side: 'RS' | 'WS') =>
		(side === 'RS') === (settings.value.hand === 'right') ? ('right' as const) : ('left' as const);
	const sideWords = (side: 'RS' | 'WS') => (side === 'RS' ? 'right side' : 'wrong side');
</script>

<svelte:head><title>{data.swatch.title}, rows as pictures · Pond Loop</title></svelte:head>

<div class="min-h-dvh bg-base-100 text-base-content" data-theme="day">
	<div class="mx-auto max-w-4xl px-4 py-6 sm:px-7">
		<nav class="mb-6 flex flex-wrap gap-3 print:hidden" aria-label="These rows">
			<a class="press press-quiet" href={resolve('/swatches/[id]', { id: data.id })}>Back to the swatch</a>
			<button type="button" class="press press-main" onclick={() => print()}
				><Printer size={18} aria-hidden="true" /> Print</button
			>
		</nav>
		<h1 class="text-3xl">{data.swatch.title}</h1>
		{#if working}
			<p class="mt-1 text-lg">
				Cast on {working.fabric.castOn}. Each row is drawn as the right side shows it; begin at the arrow.
			</p>
			<ol class="mt-5">
				{#each shown as { step, numbers } (step)}
					{@const { row, planned } = working.steps[step]}
					{@const said = lookSaid(working.steps[step], settings.value.terms)}
					<li class="break-inside-avoid border-t border-hairline py-4">
						<p class="font-semibold">
							{word}{numbers.length > 1 ? 's' : ''}
							{numbersText(numbers)}{working.pattern.rounds ? '' : `, ${sideWords(row.side)}`}
						</p>
						{#if working.steps[step].worked.crossings.length > 0}
							<div class="mt-1 overflow-x-auto print:overflow-visible">
								<PictureRow {working} {step} from={begins(row.side)} alt={said} />
							</div>
							<p class="mt-1">{said}</p>
						{/if}
						<p class="font-mono text-quiet">
							{inTerms(
								data.swatch.text.slice(planned.written.from + planned.written.bodyFrom, planned.written.to),
								settings.value.terms
							).trim()}
						</p>
					</li>
				{/each}
			</ol>
			{#if working.fabric.open}
				<p class="border-t border-hairline py-4">
					Go on with {word.toLowerCase()}s {numbersText(working.fabric.open.rows)}{working.fabric.open.until
						? ` until ${working.fabric.open.until}`
						: ' for the pattern'}.
				</p>
			{/if}
		{:else}
			<p class="mt-3 text-lg">These rows cannot be worked yet. Go back, and see what is marked.</p>
		{/if}
	</div>
</div>
