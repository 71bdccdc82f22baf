<script lang="ts">
	import { lengthSaid } from '$core/hands/voice';
	import { numberSaid } from '$core/locale';
	import { spacingSaid, type spacingsFor } from '$core/swatch/measure';
	import type { multipleOf } from '$core/swatch/multiple';
	import type { summaryOf } from '$core/swatch/summary';
	import { getSettings } from '$lib/client/settings.svelte';

	/** What the rows come to: crosses, leans, the way home, width and length. */
	let {
		summary,
		spacings,
		multiple,
		measured,
		guessed
	}: {
		summary: ReturnType<typeof summaryOf>;
		spacings: ReturnType<typeof spacingsFor> | null;
		multiple: ReturnType<typeof multipleOf>;
		/** the width over plain ground, where somebody measured it */
		measured: number | undefined;
		/** some of the gauge was assumed */
		guessed: boolean;
	} = $props();

	const settings = getSettings();
	const said = (mm: number) => lengthSaid(mm, settings.value);
	const drawIn = $derived(measured ?? summary.drawIn);
	const guess = $derived(guessed ? ', gauge assumed' : '');
</script>

{#snippet figure(what: string, value: string)}
	<div class="flex items-baseline justify-between gap-3 border-b border-hairline py-2">
		<dt>{what}</dt>
		<dd class="text-right font-semibold">{value}</dd>
	</div>
{/snippet}

<dl>
	{@render figure('Crosses', String(summary.crosses))}
	{#if summary.between}
		{@render figure(
			'Plain rows between crosses',
			`${
				summary.between.least === summary.between.most
					? summary.between.least
					: `${summary.between.least} to ${summary.between.most}`
			}${spacings ? `, ${spacingSaid(summary.between.least + 1, spacings.usual.rows)}` : ''}`
		)}
	{/if}
	{#if summary.crosses > 0}
		{@render figure('Leans', `${summary.leans.right} right, ${summary.leans.left} left`)}
		{@render figure('Hand movements, all crosses', String(summary.movements))}
	{/if}
	{@render figure(
		'Stitches are back in their places',
		summary.home === null ? 'never' : `after ${summary.home} ${summary.home === 1 ? 'repeat' : 'repeats'}`
	)}
	{@render figure(
		measured ? 'Width over plain ground, measured' : 'Width over plain ground, estimated',
		`×\u00a0${numberSaid(drawIn, settings.locale, 2)}`
	)}
	{@render figure(`Width${guess}`, said((summary.widthMm / summary.drawIn) * drawIn))}
	{@render figure(`Length of all rows${guess}`, said(summary.heightMm))}
	{#if multiple}
		{@render figure(
			'Multiple',
			`${multiple.of}${multiple.plus ? ` + ${multiple.plus}` : ''}, ${multiple.times} times`
		)}
	{/if}
</dl>
