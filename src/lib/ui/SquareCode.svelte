<script lang="ts">
	import { encode } from 'uqr';

	/** An address as a square code to photograph (ISO/IEC 18004): dark on white in every light, or phones do not read it. */
	let { text, alt }: { text: string; alt: string } = $props();

	/** light around it, in modules, as the standard wants it */
	const QUIET = 4;
	const code = $derived(encode(text, { ecc: 'M', border: 0 }));
	const side = $derived(code.size + 2 * QUIET);
	const path = $derived(
		code.data
			.flatMap((row, y) => row.map((dark, x) => (dark ? `M${x + QUIET} ${y + QUIET}h1v1h-1z` : '')))
			.join('')
	);
</script>

<svg viewBox="0 0 {side} {side}" role="img" aria-label={alt} shape-rendering="crispEdges">
	<rect width={side} height={side} rx="2" fill="#fff" />
	<path d={path} fill="#000" />
</svg>

<style>
	svg {
		display: block;
		width: 100%;
	}
</style>
