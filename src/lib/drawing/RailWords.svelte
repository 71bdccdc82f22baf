<script lang="ts">
	import type { HandState } from '$core/hands/state';
	import type { RailGround, RailLayout } from './rail';

	/** The words beside things on the rail: the two depths, the cable needles, the working yarn. */
	let {
		state,
		layout,
		ground,
		width,
		textSize,
		height,
		mirrored,
		facing,
		yarnHand,
		short
	}: {
		state: HandState;
		layout: RailLayout;
		ground: RailGround;
		width: number;
		textSize: number;
		height: number;
		mirrored: boolean;
		/** turned for those who sit opposite: only the two depths are named, where they lie then */
		facing: boolean;
		yarnHand: 'right' | 'left';
		/** there is room for a word or two only */
		short: boolean;
	} = $props();

	const yarnPlace = $derived(state.yarn === 'back' ? 'at the back' : 'in front');
	const onRight = $derived(yarnHand === 'right');
	/** One word a side, beside the cable needle furthest to the right in the picture. */
	const cables = $derived(
		(['back', 'front'] as const).flatMap((at) => {
			const held = Object.values(state.cables).filter((cable) => cable.at === at);
			const stitches = held.flatMap((cable) => cable.stitches);
			return stitches.length > 0 ? [{ at, stitches, many: held.length > 1 }] : [];
		})
	);

	// In front, and beside two cable needles, there is room for a word or two.
	const crowded = $derived(short || state.yarn === 'front' || cables.some(({ many }) => many));
	const yarnWords = $derived(
		crowded ? `yarn ${yarnPlace}` : `working yarn, ${yarnPlace}, to the ${yarnHand} hand`
	);

	/** Below the yarn where a cable needle waits beside it, else above. */
	const yarnDrop = $derived(state.yarn === 'front' ? -8 : cables.some(({ at }) => at === 'back') ? 28 : -14);

	/** Beside the end of a cable needle that lies to the right in the picture. */
	function besideCable(stitches: readonly number[]) {
		const xs = stitches.map((stitch) => layout.loops[stitch].x);
		const room = 70 * Math.max(0.6, ground.scale);
		return mirrored ? width - (Math.min(...xs) - room) : Math.max(...xs) + room;
	}
</script>

<g font-size={textSize} font-weight="600">
	<text x="28" y={facing ? height - textSize : textSize * 1.9} class="fill-behind">Behind</text>
	<text
		x="28"
		y={facing ? height - ground.frontStart - textSize : ground.frontStart + textSize * 1.9}
		class="fill-front">In front</text
	>
</g>
{#if !facing}<g font-size={textSize}>
		<text
			x={onRight ? width - 24 : 24}
			y={layout.hand.y + yarnDrop}
			text-anchor={onRight ? 'end' : 'start'}
			class="label fill-ink">{yarnWords}</text
		>
		{#each cables as { at, stitches, many } (at)}
			<text
				x={besideCable(stitches)}
				y={layout.loops[stitches[0]].y + 5}
				class="label {at === 'back' ? 'fill-behind' : 'fill-front'}"
				>{short ? 'held' : many ? 'cable needles, held' : 'cable needle, held'}
				{at === 'back' ? 'behind' : 'in front'}</text
			>
		{/each}
	</g>{/if}

<style>
	text {
		font-weight: 500;
	}
	.label {
		paint-order: stroke;
		stroke: var(--band-mid);
		stroke-width: 4px;
		stroke-linejoin: round;
	}
</style>
