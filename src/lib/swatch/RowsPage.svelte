<script lang="ts">
	import { resolve } from '$app/paths';
	import { untrack } from 'svelte';
	import Icon from '$lib/ui/Icon.svelte';
	import MakeButton from '$lib/ui/MakeButton.svelte';
	import type { Working } from '$core/fabric/fabric';
	import { lookSaid, writtenSentences } from '$core/swatch/look';
	import { numbersText } from '$core/swatch/rows';
	import { rowTold } from '$core/swatch/told';
	import { handsAt } from '$core/ways/handed';
	import PictureRow from '$lib/drawing/PictureRow.svelte';
	import { fileName, save } from '$lib/ui/save';
	import { OpenMemory } from '$lib/client/memory.svelte';
	import type { SwatchRowsPage } from '$lib/wire/swatch';
	import { getSettings } from '$lib/client/settings.svelte';
	import { workedHere, workingFor } from './rows';

	/** Rows for those who read pictures: each in working order, from the arrow at its edge. */
	let { data }: { data: SwatchRowsPage } = $props();

	const settings = getSettings();
	const memory = untrack(() => new OpenMemory(data.memory));
	const question = $derived({ ...data.swatch, memory: memory.names });
	const here = $derived(workedHere(question));
	/** what was worked away from the page, where it is too much for it; `null` where it cannot be worked */
	let away = $state.raw<Working | null>();
	$effect(() => {
		if (!here) void workingFor(question).then((worked) => (away = worked));
	});
	const working = $derived(here ? (here.ok ? here.value : null) : away);
	const word = $derived(working?.pattern.rounds ? 'Round' : 'Row');
	const shown = $derived(working ? writtenSentences(working) : []);
	const hands = $derived(handsAt(settings.value, data.swatch.medium ?? 'hand'));
	let list = $state<HTMLElement>();

	/** All the pictures one below the other, each under its words. */
	async function pictures(kind: 'svg' | 'png') {
		const { png, standalone, strip } = await import('$lib/drawing/standalone');
		const drawings = [...(list?.querySelectorAll<SVGSVGElement>('svg[role=img]') ?? [])];
		const drawn = drawings.map(async (drawing) => ({
			svg: await standalone(drawing),
			words: drawing.closest('li')?.querySelector('p')?.textContent?.trim() ?? ''
		}));
		const svg = strip(await Promise.all(drawn), false);
		save(
			kind === 'svg' ? svg : await png(svg),
			`${fileName(data.swatch.title)}-rows.${kind}`,
			'image/svg+xml'
		);
	}
	const sideWords = (side: 'RS' | 'WS') => (side === 'RS' ? 'right side' : 'wrong side');
</script>

<svelte:head><title>{data.swatch.title}, rows as pictures · Pond Loop</title></svelte:head>

<div class="min-h-dvh bg-base-100 text-base-content" data-theme="day">
	<div class="mx-auto max-w-4xl px-4 py-6 sm:px-7">
		<nav class="mb-6 flex flex-wrap gap-3 print:hidden" aria-label="These rows">
			<a class="btn" href={resolve('/swatches/[id]', { id: data.id })}>Back to the swatch</a>
			<button type="button" class="btn btn-primary" onclick={() => print()}
				><Icon name="printer" size={18} /> Print</button
			>
			<MakeButton make={() => pictures('svg')}>Pictures, SVG</MakeButton>
			<MakeButton make={() => pictures('png')}>Pictures, PNG</MakeButton>
		</nav>
		<h1 class="text-3xl">{data.swatch.title}</h1>
		{#if working}
			<p class="mt-1 text-lg">
				Cast on {working.fabric.castOn}. Each row is drawn as the right side shows it; begin at the arrow.
			</p>
			<ol class="mt-5" bind:this={list}>
				{#each shown as { step, numbers } (step)}
					{@const { row } = working.steps[step]}
					{@const said = lookSaid(working.steps[step], hands)}
					<li class="break-inside-avoid border-t border-hairline py-4">
						<p class="font-semibold">
							{word}{numbers.length > 1 ? 's' : ''}
							{numbersText(numbers)}{working.pattern.rounds ? '' : `, ${sideWords(row.side)}`}
						</p>
						{#if working.steps[step].worked.crossings.length > 0}
							<div class="mt-1 overflow-x-auto print:overflow-visible">
								<PictureRow {working} {step} {hands} alt={said} />
							</div>
							<p class="mt-1">{said}</p>
						{/if}
						<p class="font-mono opacity-80">
							{rowTold(data.swatch.text, working.steps[step], hands)}
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
		{:else if working === undefined}
			<p class="mt-3 text-lg" role="status">Working many rows …</p>
		{:else}
			<p class="mt-3 text-lg">These rows cannot be worked yet. Go back, and see what is marked.</p>
		{/if}
	</div>
</div>
