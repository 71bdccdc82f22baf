<script lang="ts">
	import { ratesWith } from '$core/planning/rates';
	import type { LikelyMistake } from '$core/swatch/mistake';
	import { getSettings } from '$lib/client/settings.svelte';
	import { priceSaid } from './wrong';

	/** What a finding comes to where the knitting is past it, and the way to its mend. */
	let { mistake, now, onmend }: { mistake: LikelyMistake; now: number; onmend: () => void } = $props();

	const settings = getSettings();
	const said = $derived(priceSaid(mistake, now, settings.value.level, ratesWith(settings.value.rates)));
</script>

{#if said}
	<p class="flex flex-wrap items-center gap-x-4 gap-y-1" role="status">
		<span>Row {mistake.row}, {mistake.name}. {said}</span>
		<button type="button" class="btn btn-sm" onclick={onmend}>Mend it</button>
	</p>
{/if}
