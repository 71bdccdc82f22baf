<script lang="ts">
	import { minutesTaken, type ClassRecord } from '$core/teaching/classRecord';
	import { settlingRates } from '$core/teaching/settling';
	import { RATES } from '$core/planning/rates';
	import { getSettings } from '$lib/client/settings.svelte';
	import { daySaid } from '$lib/ui/locale';
	import LineChart from '$lib/ui/LineChart.svelte';

	/** What classes took, one after the other, and the rates as they settle. */
	let { oldestFirst }: { oldestFirst: readonly ClassRecord[] } = $props();

	const settings = getSettings();
	const days = $derived(oldestFirst.map(({ began }) => daySaid(began, settings.locale)));
	const minutes = $derived([
		{ says: 'taken', values: oldestFirst.map(minutesTaken) },
		{
			says: 'planned',
			dashed: true,
			values: oldestFirst.map(({ parts }) => parts.reduce((sum, { planned }) => sum + planned, 0))
		}
	]);
	const settling = $derived(settlingRates(oldestFirst));
	const says = (rate: string) => RATES.find(({ id }) => id === rate)!.says.replace(' %', ' … ');
</script>

<div class="mt-3 grid grid-cols-1 gap-8 md:grid-cols-2">
	<LineChart title="Minutes, against the plan" points={days} lines={minutes} />
	{#each settling as { rate, level, usual, after } (rate + level)}
		<LineChart
			title="{says(rate)} ({level})"
			points={days}
			lines={[
				{ says: 'as learned', values: after },
				{ says: 'rule of thumb', values: after.map(() => usual), dashed: true }
			]}
		/>
	{/each}
</div>
