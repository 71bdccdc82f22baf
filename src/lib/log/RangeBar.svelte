<script lang="ts">
	import type { Estimate } from '$core/measures/estimate';

	/** What pieces say as a mark, where the next piece will likely be as a bar, and the rule of thumb as a dashed line. */
	let { estimate, rule }: { estimate: Estimate; rule: number } = $props();

	const WIDTH = 200;
	const MARGIN = 12;
	const ends = $derived.by(() => {
		const [low, high] = [Math.min(estimate.low, rule), Math.max(estimate.high, rule)];
		return { low, span: high - low || 1 };
	});
	const at = (value: number) => MARGIN + ((value - ends.low) / ends.span) * (WIDTH - 2 * MARGIN);
</script>

<svg viewBox="0 0 {WIDTH} 28" class="h-7 w-50 max-w-full" aria-hidden="true">
	<path d="M{at(ends.low)} 14H{at(ends.low + ends.span)}" stroke="var(--color-hairline)" stroke-width="2" />
	{#if !estimate.rule}
		<path
			d="M{at(estimate.low)} 14H{at(estimate.high)}"
			stroke="var(--color-base-content)"
			stroke-width="8"
			stroke-linecap="round"
			opacity="0.32"
		/>
		<circle cx={at(estimate.value)} cy="14" r="6" fill="var(--color-base-content)" />
	{/if}
	<path d="M{at(rule)} 2v24" stroke="var(--color-base-content)" stroke-width="2" stroke-dasharray="4 3" />
</svg>
