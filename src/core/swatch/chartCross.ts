import { once } from '../once';
import type { Crossing } from '../crossing/crossing';
import { turnOver } from '../crossing/transform';
import { nameOf } from '../naming/name';
import { isBed, plainOf, type Medium } from '../technique/medium';
import { sayIn } from '../ways/sayIn';
import { play } from '../hands/play';
import { waysOf, type Way } from '../ways/ways';

/** A crossing of a chart, as the right side shows it: what it is called, how it is made, and what hands take up. */
export interface ChartCross {
	readonly name: string;
	readonly crossing: Crossing;
	readonly definition: string;
	/** as it is made where a wrong side row makes it */
	readonly definitionWrong?: string;
	/** positions on the needle: those a cable needle holds, and those a needle reaches for without one */
	readonly look: { readonly needle: readonly number[]; readonly reach: readonly number[] };
}

const ASKED = { hand: 'right', keep: 'fabric', terms: 'us' } as const;

/** What a chart tells of a crossing; it is worked out once, also while its row is being written. */
export const toldOf = (crossing: Crossing, wrong: boolean, medium: Medium): ChartCross =>
	medium === 'hand' ? (wrong ? toldBoth : toldRight)(crossing) : told(crossing, wrong, medium);
const toldRight = once((crossing: Crossing) => told(crossing, false, 'hand'));
const toldBoth = once((crossing: Crossing) => told(crossing, true, 'hand'));

function told(crossing: Crossing, wrong: boolean, medium: Medium): ChartCross {
	const said = (one: Crossing) => {
		const definition = sayIn(one, medium, ASKED);
		return definition.ok ? definition.value : '';
	};
	return {
		name: nameOf(plainOf(crossing, medium)),
		crossing,
		definition: said(crossing),
		...(wrong ? { definitionWrong: said(turnOver(crossing)) } : {}),
		look: isBed(medium) ? { needle: [], reach: [] } : lookOf(crossing)
	};
}

/** What hands take up of a crossing: positions that a cable needle holds, and those reached for without one. */
export const lookOf = once((crossing: Crossing): ChartCross['look'] => {
	const ways = waysOf(crossing).filter(({ agrees }) => agrees);
	const needle = ways
		.filter(({ moves }) => moves.some((move) => move.do === 'slip' && /^cable/.test(move.to)))
		.reduce<Way | null>((best, way) => (best && best.movements <= way.movements ? best : way), null);
	const reach = ways.find(({ id }) => id === 'free-reach');
	return { needle: needle ? heldIn(crossing, needle) : [], reach: reach ? reachedIn(crossing, reach) : [] };
});

/** The positions that a way ever puts on a cable needle. */
function heldIn({ stitches }: Crossing, { moves }: Way): number[] {
	const played = play(stitches, moves);
	if (!played.ok) return [];
	const held = new Set(
		played.value.states.flatMap(({ cables }) => Object.values(cables).flatMap((one) => one.stitches))
	);
	return [...held].sort((a, b) => a - b);
}

/** The positions that a way reaches past others for. */
function reachedIn({ stitches }: Crossing, { moves }: Way): number[] {
	const played = play(stitches, moves);
	if (!played.ok) return [];
	const taken = new Set<number>();
	played.value.moves.forEach((move, i) => {
		if (move.do !== 'reach') return;
		const other = played.value.states[i][move.needle === 'right' ? 'left' : 'right'];
		for (const stitch of other.slice(move.past, move.past + move.take)) taken.add(stitch);
	});
	return [...taken].sort((a, b) => a - b);
}
