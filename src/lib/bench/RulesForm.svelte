<script lang="ts">
	import { RULES, rulesWith, type RuleId } from '$core/rules';
	import { getSettings } from '$lib/client/settings.svelte';

	/** The trade rules that advice rests on, each the teacher's to change. */
	const settings = getSettings();
	const rules = $derived(rulesWith(settings.value.rules));
	let wrong = $state<RuleId | null>(null);

	function change(id: RuleId, value: number, least: number, most: number) {
		wrong = Number.isInteger(value) && value >= least && value <= most ? null : id;
		if (!wrong) settings.change({ rules: { ...settings.value.rules, [id]: value } });
	}
</script>

<p class="mb-4">Usual in the trade, not laws. Change what your classes taught you otherwise.</p>
<ul class="grid gap-3">
	{#each RULES as { id, says, least, most, usual } (id)}
		{@const [before, after] = says.split('%')}
		<li>
			<label class="flex flex-wrap items-center gap-x-2 gap-y-1">
				<span>{before}</span>
				<input
					type="number"
					class="min-h-10 w-20 rounded-xl border-[1.5px] border-hairline bg-base-100 px-2.5"
					min={least}
					max={most}
					value={rules[id]}
					aria-invalid={wrong === id}
					aria-describedby={wrong === id ? `${id}-wrong` : undefined}
					oninput={(event) => change(id, event.currentTarget.valueAsNumber, least, most)}
				/>
				<span>{after}</span>
				{#if rules[id] !== usual}<span class="text-sm text-quiet">usually {usual}</span>{/if}
			</label>
			{#if wrong === id}
				<p id="{id}-wrong" class="text-sm font-semibold text-error">
					A whole number from {least} to {most}; the rule stays at {rules[id]}.
				</p>
			{/if}
		</li>
	{/each}
</ul>
<button
	type="button"
	class="btn mt-5"
	disabled={Object.keys(settings.value.rules).length === 0}
	onclick={() => settings.change({ rules: {} })}
>
	Back to the usual ones
</button>
