<script lang="ts">
	import { swatchDifferences } from '$core/swatch/differences';
	import type { Swatch } from '$core/swatch/schema';

	/** What is other between two versions of a swatch, place by place, with the rows of both. */
	let { of, and, said }: { of: Swatch; and: Swatch; said: readonly [of: string, and: string] } = $props();

	const differences = $derived(swatchDifferences(of, and));
</script>

{#snippet lines(who: string, rows: readonly string[])}
	<div>
		<p class="text-sm text-quiet">{who}</p>
		{#if rows.length > 0}<pre class="font-mono whitespace-pre-wrap">{rows.join('\n')}</pre>{:else}<p>
				(nothing)
			</p>{/if}
	</div>
{/snippet}

{#if differences.fields.length > 0}
	<p>Not the same in both: {differences.fields.join(', ')}.</p>
{:else if differences.rows.length === 0}
	<p>Both say the same.</p>
{/if}
{#each differences.rows as { then, now }, i (i)}
	<div class="grid gap-2 border-t border-hairline pt-2 first:border-0 first:pt-0">
		{@render lines(said[0], then)}
		{@render lines(said[1], now)}
	</div>
{/each}
