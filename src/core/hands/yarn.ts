import type { WorkWord } from '../crossing/crossing';
import { yarnFor, type Move } from './moves';

/**
 * The same script with every `yarn` move a good hand makes, and never a needless one.
 *
 * If the first stitch worked needs the yarn forward, it is brought there while the hands are free: with a cable
 * needle once the group is held, without one before anything else. Later changes come just before the stitch that
 * wants them. A script that has a `yarn` move already is left as it is.
 */
export function withYarn(moves: readonly Move[]): readonly Move[] {
	if (moves.some((move) => move.do === 'yarn')) return moves;
	const placed: Move[] = [];
	let yarn: 'front' | 'back' = 'back';
	const bring = (to: 'front' | 'back') => {
		placed.push({ do: 'yarn', to });
		yarn = to;
	};
	const early = firstNeed(moves) === 'front' ? handsFree(moves) : -1;
	moves.forEach((move, i) => {
		if (i === early) bring('front');
		if (move.do !== 'work') {
			placed.push(move);
			return;
		}
		let run: WorkWord[] = [];
		for (const word of move.stitches) {
			const side = yarnFor(word);
			// Stitches that stay on are counted from the tip, so their move is never cut in two.
			if (side && side !== yarn && (run.length === 0 || !('stay' in move))) {
				if (run.length > 0) placed.push({ ...move, stitches: run });
				bring(side);
				run = [];
			}
			run.push(word);
		}
		placed.push({ ...move, stitches: run });
	});
	return placed;
}

const firstNeed = (moves: readonly Move[]) =>
	moves
		.flatMap((move) => (move.do === 'work' ? move.stitches : []))
		.map(yarnFor)
		.find((side) => side !== null);

/** The index before which the hands are free to move the yarn. */
function handsFree(moves: readonly Move[]): number {
	const worked = moves.findIndex((move) => move.do === 'work');
	const held = moves
		.slice(0, worked)
		.findLastIndex((move) => move.do === 'slip' && move.to !== 'left' && move.to !== 'right');
	return held + 1;
}
