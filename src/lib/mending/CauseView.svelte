<script lang="ts">
	import { MENDS } from '$core/faults/mend';
	import { slipFacts } from '$core/faults/slip';
	import { counted } from '$core/naming/numbers';
	import { mendMinutesSaid } from '$core/planning/mendMinutes';
	import CountField from '$lib/ui/CountField.svelte';
	import type { Finding } from './finding.svelte';

	/** A cause that is plain: what the hands did, where it is to be seen, and what each mend costs. */
	let { finding, placed = false }: { finding: Finding; placed?: boolean } = $props();

	const cause = $derived(finding.cause!);
	const { view, rows, width } = $derived(finding.trouble);
</script>

<div class="grid grid-cols-1 gap-4" aria-live="polite">
	<div>
		<h3 class="font-serif text-xl font-medium">{slipFacts(cause.slip).name}</h3>
		<p>{slipFacts(cause.slip).did}</p>
		<p class="mt-1">{finding.says}</p>
		{#each finding.alike as { cause: other, mended } (other.slip)}
			<p class="mt-1 flex flex-wrap items-center gap-x-2">
				<span class="text-quiet"
					>It looks the same, {mended ? 'and is mended the same' : 'but is not mended the same'}, where it
					was:</span
				>
				<button type="button" class="btn btn-sm" onclick={() => finding.choose(other)}
					>{slipFacts(other.slip).name}</button
				>
			</p>
		{/each}
		<p class="mt-1 text-sm text-quiet">with {cause.way.title.toLowerCase()}</p>
		<p class="mt-2 flex flex-wrap gap-2">
			<button type="button" class="btn" aria-pressed={view === 'cloth'} onclick={() => finding.show('cloth')}
				>The cloth</button
			>
			<button type="button" class="btn" aria-pressed={view === 'slip'} onclick={() => finding.show('slip')}
				>Where it happens</button
			>
		</p>
	</div>
	<div>
		<h3 class="text-lg">Mend it</h3>
		<p class="text-quiet">{finding.least}</p>
		<ul class="mt-2 grid gap-2" aria-label="Mends">
			{#each finding.mends as { id, movements, minutes, restores, because } (id)}
				<li>
					<button type="button" class="mend" aria-pressed={view === id} onclick={() => finding.show(id)}>
						<span class="font-semibold">{MENDS[id].name}</span>
						<span class="text-right tabular-nums">{mendMinutesSaid(minutes)}</span>
						<span class="col-span-2 text-sm text-quiet"
							>{counted(movements, 'movement')}{restores ? '' : '; the cross stays wrong'}. {because}</span
						>
					</button>
				</li>
			{/each}
		</ul>
	</div>
	{#if !placed}
		<div class="flex flex-wrap gap-4">
			<CountField
				label="Whole rows since"
				value={rows}
				least={0}
				most={9999}
				wide
				onset={(n) => finding.place({ rows: n })}
			/>
			<CountField
				label="Stitches in a row"
				value={width}
				least={1}
				most={999}
				wide
				onset={(n) => finding.place({ width: n })}
			/>
		</div>
	{/if}
</div>

<style>
	.mend {
		display: grid;
		grid-template-columns: 1fr auto;
		gap: 0.1rem 0.8rem;
		width: 100%;
		padding: 0.55rem 0.75rem;
		border: 1.5px solid var(--color-hairline);
		border-radius: 0.8rem;
		text-align: left;
		cursor: pointer;
	}
	.mend:hover {
		border-color: var(--color-base-content);
	}
	.mend[aria-pressed='true'] {
		border-color: var(--color-base-content);
		background: var(--color-base-200);
	}
</style>
