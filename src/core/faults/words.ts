import { inOrder } from '../english';
import type { Told } from '../hands/sentence';
import { counted } from '../naming/numbers';
import { MENDS, type MendId } from './mend';
import type { LeastMend } from './mends';
import type { MendMove } from './mending';

/** The words for a movement on the cloth; the hands that cross again have their own. */
export function tellMend(move: Exclude<MendMove, { do: 'cross' }>, purl: (stitch: number) => boolean): Told {
	switch (move.do) {
		case 'let-down':
			return {
				short: `Let ${move.stitch} down`,
				sentence: `Let stitch ${move.stitch} down ${counted(move.rows, 'row')}, to the row of the cross.`,
				detail: 'Off its needle, and drawn gently sideways. Its neighbours stay on.'
			};
		case 'hook-up':
			return {
				short: `Hook ${move.stitch} up`,
				sentence: `Hook stitch ${move.stitch} up again, ${counted(move.rows, 'rung')}.`,
				detail: purl(move.stitch)
					? 'With a crochet hook from the side where it is smooth: rung after rung, lowest first.'
					: 'With a crochet hook: rung after rung, the lowest first, each drawn through from behind.'
			};
		case 'unpick':
			return {
				short: `Unpick ${counted(move.rows, 'row')}`,
				sentence: `Unpick ${counted(move.rows, 'whole row')}, stitch by stitch.`,
				detail: 'Each stitch back onto the needle as it was, before the yarn is drawn out.'
			};
		case 'unpick-row':
			return {
				short: 'Unpick the cross',
				sentence: `Unpick the row of the cross to its first stitch: ${counted(move.stitches, 'stitch', 'stitches')}.`,
				detail: 'Now the cross is to be made once more.'
			};
		case 'knit-on':
			return {
				short: `Knit ${counted(move.rows, 'row')}`,
				sentence: `Knit the ${counted(move.rows, 'row')} again.`,
				detail: 'Each stitch as it faces, to where you were.'
			};
		case 'drop-loop':
			return {
				short: 'Drop the loop',
				sentence: 'Let the extra loop fall off the needle, on the next row.',
				detail: 'It was never a stitch: nothing runs. Tug its neighbours even.'
			};
		case 'let-run':
			return {
				short: 'Let the loop run',
				sentence: `Drop the stitch that was worked on the extra loop, and let its column run down ${counted(move.rows, 'row')}.`,
				detail: 'It stops at the row of the cross, where it began. Tug the slack into the stitches beside it.'
			};
		case 'turn':
			return {
				short: `Turn ${move.stitch}`,
				sentence: `Turn stitch ${move.stitch} on the needle.`,
				detail: 'Or work its other leg: nothing is worked on it yet.'
			};
		case 'sew':
			return {
				short: `Sew over ${move.stitches}`,
				sentence: `Sew over the next ${counted(move.stitches, 'stitch', 'stitches')}, along the strand that should lie in front.`,
				detail: 'With the same yarn, stitch over stitch, not drawn tight.'
			};
		case 'leave':
			return {
				short: 'Leave it',
				sentence: 'Leave it, and go on.',
				detail: 'It shows for as long as the piece does.'
			};
	}
}

/** The words for the moment when a mend is done. */
export const tellMended = (restored: boolean, id: MendId): Told => ({
	short: restored ? 'Mended' : 'Done',
	sentence: restored
		? 'Mended: the cloth is the cross that was meant.'
		: id === 'fake'
			? 'Covered: it looks crossed from in front.'
			: 'Done. The cross itself stays as it was made.',
	detail: restored
		? 'Tug the columns even.'
		: id === 'fake'
			? 'From behind it shows; weave both ends in.'
			: 'Whoever does not know hardly sees it.'
});

/** Where mends cross over, in a sentence: `Up to the third row unpicking is least; from the fourth row on, laddering.` */
export function leastSaid(least: readonly LeastMend[]): string {
	const [first, ...others] = least;
	if (!first) return 'Nothing restores it but beginning again.';
	if (others.length === 0) return `${MENDS[first.id].name}: least, however many rows ago it was.`;
	return [
		`At first ${MENDS[first.id].doing} is least`,
		...others.map(({ from, id }) => `from the ${inOrder(from)} row on, ${MENDS[id].doing} wins`)
	]
		.join('; ')
		.concat('.');
}
