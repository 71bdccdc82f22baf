<script lang="ts">
	/** The edge of the pond at the foot of a page: reeds, and loops of water. Only to look at. */
	const reeds = [70, 96, 118, 150, 1010, 1046, 1062, 1098, 1126];
	const wave = (y: number, length: number, rise: number) =>
		`M0 ${y}` + `q${length / 4} ${-rise} ${length / 2} 0t${length / 2} 0`.repeat(Math.ceil(1200 / length));
</script>

<svg
	viewBox="0 0 1200 170"
	class="pond pointer-events-none mt-10 block h-auto w-full print:hidden"
	aria-hidden="true"
	fill="none"
>
	{#each reeds as x, i (x)}
		<path d="M{x} 128q{i % 2 ? 7 : -6} -40 {i % 2 ? 3 : -2} {-74 - (i % 3) * 14}" stroke-width="2.2" />
		<path d="M{x + (i % 2 ? 3 : -2)} {54 - (i % 3) * 14}v-18" stroke-width="7" stroke-linecap="round" />
	{/each}
	<path d={wave(126, 120, 12)} stroke-width="2.4" />
	<path d={wave(144, 160, 10)} stroke-width="1.8" opacity="0.7" />
	<path d={wave(160, 220, 8)} stroke-width="1.4" opacity="0.45" />
</svg>

<style>
	.pond {
		stroke: color-mix(in oklab, var(--color-base-content) 30%, var(--color-base-200));
	}
</style>
