<script lang="ts">
	/** Minutes to scale: the plan as an outline, what it took as a fill that may run past it. */
	let { planned, taken, longest }: { planned: number; taken: number; longest: number } = $props();

	const WIDTH = 400;
	const x = (minutes: number) => (minutes / longest) * (WIDTH - 4);
</script>

<svg viewBox="0 0 {WIDTH} 26" class="h-7 w-full" preserveAspectRatio="none" aria-hidden="true">
	<rect x="1" y="7" width={x(taken)} height="12" rx="4" class={taken > planned + 0.5 ? 'over' : 'took'} />
	<rect x="1" y="3" width={Math.max(2, x(planned))} height="20" rx="5" class="plan" />
</svg>

<style>
	.took {
		fill: var(--color-accent);
	}
	.over {
		fill: var(--color-warning);
	}
	.plan {
		fill: none;
		stroke: var(--color-base-content);
		stroke-width: 1.5;
		vector-effect: non-scaling-stroke;
	}
</style>
