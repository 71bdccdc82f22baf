<script lang="ts">
	import type { HandState } from '$core/hands/state';
	import { apart, type Label } from './labels';
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

	interface Shown extends Label {
		readonly tone: string;
		readonly weight: number;
	}
	const words = $derived.by((): Shown[] => {
		const size = textSize;
		const depth = (text: string, y: number, tone: string): Shown => ({
			...{ text, y, tone, size, weight: 600 },
			...{ x: 28, anchor: 'start' }
		});
		return [
			depth('Behind', facing ? height - size : size * 1.9, 'fill-behind'),
			depth(
				'In front',
				facing ? height - ground.frontStart - size : ground.frontStart + size * 1.9,
				'fill-front'
			),
			...(facing ? [] : [yarnLabel(), ...cables.map(cableLabel)])
		];
	});
	const yarnLabel = (): Shown => ({
		...{ text: yarnWords, tone: 'fill-ink', size: textSize, weight: 500 },
		x: onRight ? width - 24 : 24,
		y: layout.hand.y + yarnDrop,
		anchor: onRight ? 'end' : 'start'
	});
	const cableLabel = ({ at, stitches, many }: (typeof cables)[number]): Shown => ({
		...{ size: textSize, weight: 500, anchor: 'start' },
		text: `${short ? 'held' : many ? 'cable needles, held' : 'cable needle, held'} ${at === 'back' ? 'behind' : 'in front'}`,
		tone: at === 'back' ? 'fill-behind' : 'fill-front',
		x: besideCable(stitches),
		y: layout.loops[stitches[0]].y + 5
	});
</script>

{#each apart(words, width, height) as { text, x, y, anchor, size, tone, weight } (text)}
	<text {x} {y} font-size={size} font-weight={weight} text-anchor={anchor} class={tone}>{text}</text>
{/each}

<style>
	text {
		paint-order: stroke;
		stroke: var(--band-mid);
		stroke-width: 4px;
		stroke-linejoin: round;
	}
</style>
