<script lang="ts">
	import type { bedNotes } from '$core/swatch/bedNotes';

	/** What the rows ask of a machine’s bed or a loom’s pegs. */
	let { bed, medium }: { bed: ReturnType<typeof bedNotes>; medium: 'machine' | 'loom' } = $props();
</script>

<section class="grid gap-1.5">
	<h2 class="text-xl">{medium === 'machine' ? 'On the machine' : 'On the loom'}</h2>
	<p>
		{bed.used}
		{medium === 'machine' ? 'needles' : 'pegs'} in use{bed.between === null
			? ''
			: `, ${bed.between} ${medium === 'machine' ? 'passes' : 'rows'} between crosses at the closest`}.
	</p>
	<ul class="grid gap-1.5">
		{#each bed.notes as { wrong: bad, text } (text)}<li class={bad ? 'font-semibold text-warning' : ''}>
				{text}
			</li>{/each}
	</ul>
</section>
