<script lang="ts">
	import { RATE_RANGE, RATES, ratesWith, USUAL_RATES, type RateId } from '$core/planning/rates';
	import type { Level } from '$core/ways/cautions';
	import { getSettings } from '$lib/client/settings.svelte';
	import { wordsFor } from '$lib/ui/words';
	import { ui } from '$lib/words/ui';

	/** How long things take, by level: the table that estimates and drafts rest on, the teacher's to change. */
	const settings = getSettings();
	const words = wordsFor(ui(settings));
	const rates = $derived(ratesWith(settings.value.rates));
	let wrong = $state<string | null>(null);

	function change(id: RateId, level: Level, value: number) {
		const fits = value >= RATE_RANGE.least && value <= RATE_RANGE.most;
		wrong = fits
			? null
			: `Takes a number from ${RATE_RANGE.least} to ${RATE_RANGE.most}; the rate stays at ${rates[id][level]}.`;
		if (fits) settings.change({ rates: { ...settings.value.rates, [id]: { ...rates[id], [level]: value } } });
	}
</script>

<p class="mb-4">
	Usual in classes, not laws. Change what yours taught you otherwise; estimates and drafts follow.
</p>
<div class="overflow-x-auto">
	<table class="w-full text-left">
		<thead>
			<tr
				><th class="pr-3 pb-2">What</th>{#each words.levels() as { value: level, label } (level)}<th
						class="pb-2 first-letter:uppercase">{label}</th
					>{/each}</tr
			>
		</thead>
		<tbody>
			{#each RATES as { id, says } (id)}
				<tr>
					<th scope="row" class="py-1.5 pr-3 font-normal"
						>{says.replace(' %', '').replace('seconds', '(seconds)').replace('minutes', '(minutes)')}</th
					>
					{#each words.levels() as { value: level, label } (level)}
						<td class="py-1.5 pr-2">
							<input
								type="number"
								class="input w-20!"
								step="0.1"
								min={RATE_RANGE.least}
								max={RATE_RANGE.most}
								value={rates[id][level]}
								aria-label="{says.replace(' %', '')}: {label}, usually {USUAL_RATES[id][level]}"
								onchange={(event) => change(id, level, event.currentTarget.valueAsNumber)}
							/>
						</td>
					{/each}
				</tr>
			{/each}
		</tbody>
	</table>
</div>
<p role="alert" class="mt-2 font-semibold text-error empty:hidden">{wrong ?? ''}</p>
<button
	type="button"
	class="btn mt-5"
	disabled={Object.keys(settings.value.rates).length === 0}
	onclick={() => settings.change({ rates: {} })}>Back to the usual ones</button
>
