<script lang="ts">
	import { lengthSaid } from '$core/hands/voice';
	import { heightMm, type Gauge, type spacingsFor } from '$core/swatch/measure';
	import { getSettings } from '$lib/client/settings.svelte';

	/** How far apart crosses of a width usually stand. */
	let {
		spacings,
		widest,
		gauge
	}: { spacings: ReturnType<typeof spacingsFor>; widest: number; gauge: Gauge } = $props();

	const settings = getSettings();
	const said = (mm: number) => lengthSaid(mm, settings.value);
</script>

<section class="grid gap-1.5">
	<h2 class="text-xl">Spacing for {widest} stitches</h2>
	<p>
		Usual: a cross every <strong>{spacings.usual.rows}</strong> rows, {spacings.usual.says};
		{said(heightMm(spacings.usual.rows, gauge))} a turn.
	</p>
	<ul class="grid gap-1 text-quiet">
		{#each spacings.others as { rows, says } (rows)}
			<li>Every {rows} rows, {said(heightMm(rows, gauge))}: {says}.</li>
		{/each}
	</ul>
</section>
