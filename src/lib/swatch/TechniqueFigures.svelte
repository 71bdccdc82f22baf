<script lang="ts">
	import type { TechniqueNotes } from '$core/swatch/techniqueNotes';
	import type { Medium } from '$core/technique/medium';

	/** What a technique asks of the rows: a machine’s bed, a loom’s pegs, pairs, units, slipped stitches. */
	let { told, medium }: { told: TechniqueNotes; medium: Medium } = $props();

	const HEADINGS: Partial<Readonly<Record<Medium, string>>> = {
		machine: 'On the machine',
		loom: 'On the loom',
		slipped: 'Slipped stitches',
		brioche: 'In brioche',
		double: 'In double knitting',
		'double-front': 'In double knitting'
	};
</script>

<section class="grid gap-1.5">
	<h2 class="text-xl">{HEADINGS[medium]}</h2>
	{#if told.figures}<p>{told.figures}</p>{/if}
	<ul class="grid gap-1.5">
		{#each told.notes as { wrong: bad, text } (text)}<li class={bad ? 'font-semibold text-warning' : ''}>
				{text}
			</li>{/each}
	</ul>
</section>
