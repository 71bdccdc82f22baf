import { inList } from '../english';
import type { Crossing } from '../crossing/crossing';
import { playBed, type BedFrame, type BedMove } from './bed';
import type { Told } from './sentence';
import { tellCrossed } from './steps';
import { unwrap } from '../result';

/** A script at a machine's bed or a loom's pegs, as a screen goes through it. */
export interface BedScript {
	readonly steps: readonly BedMove[];
	readonly states: readonly BedFrame[];
	/** the words of each step, and of the moment after the last */
	readonly told: readonly Told[];
}

/** The steps of a script that has been played before, with their words. */
export function bedScriptOf(
	crossing: Crossing,
	moves: readonly BedMove[],
	medium: 'machine' | 'loom'
): BedScript {
	const frames = unwrap(playBed(crossing.stitches, moves, medium));
	return {
		steps: moves,
		states: frames,
		told: [...moves.map((move, i) => tellBed(move, frames[i], medium)), tellCrossed(crossing)]
	};
}

/** The words for a move about to be made from a moment at the bed. */
export function tellBed(move: BedMove, frame: BedFrame, medium: 'machine' | 'loom'): Told {
	const place = medium === 'machine' ? 'needle' : 'peg';
	const places = (list: readonly number[]) => `${place}${list.length === 1 ? '' : 's'} ${inList(list)}`;
	const held = (tool: 'a' | 'b' | 'c') => frame.tools[tool]?.stitches ?? [];
	switch (move.do) {
		case 'lift': {
			const stitches = move.from.map((at) => frame.bed[at - 1]).filter((stitch) => stitch !== null);
			return {
				short: `Lift ${stitches.join(' ')}`,
				sentence: `Lift stitch${stitches.length === 1 ? '' : 'es'} ${inList(stitches)} off ${places(move.from)} with ${medium === 'machine' ? `tool ${move.tool}` : `spare pin ${move.tool}`}.`,
				detail:
					medium === 'machine'
						? 'Draw the needles out until the stitches slip behind the latches, hook the tool on, push back.'
						: 'One after another, in their order, without pulling them long.'
			};
		}
		case 'park': {
			const outside = move.at === 'outside';
			return {
				short: `Park ${held(move.tool).join(' ')} ${move.at}`,
				sentence: `Let ${inList(held(move.tool))} wait ${move.at}, ${outside ? 'in front of' : 'behind'} the pegs.`,
				detail: outside
					? 'Carried outside, they end in front of what is re-seated meanwhile.'
					: 'Carried inside, they end behind what is re-seated meanwhile.'
			};
		}
		case 'hang': {
			const stitches = held(move.tool);
			const first = frame.over.length === 0 && Object.keys(frame.tools).length > 1;
			return {
				short: `${medium === 'machine' ? 'Hang' : 'Re-seat'} ${stitches.join(' ')}`,
				sentence: `${medium === 'machine' ? 'Hang' : 'Re-seat'} ${inList(stitches)} on ${places(move.on)}.`,
				detail:
					medium === 'loom'
						? 'In their order, each down on its peg.'
						: first
							? 'Hung first, they lie nearest the bed: in front on the right side.'
							: 'Hung after the others, they lie behind them on the right side.'
			};
		}
		case 'forward':
			return {
				short: 'Needles forward',
				sentence: `Push ${places(move.needles)} fully forward.`,
				detail:
					'The carriage is set so that it knits them back; crossed stitches are too tight to trust it otherwise.'
			};
		case 'pass':
			return {
				short: 'Knit the row',
				sentence: 'Knit the row, slowly.',
				detail: 'Fingers clear of the carriage and of hung weights.'
			};
	}
}
