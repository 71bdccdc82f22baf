import type { Working } from '../fabric/fabric';
import { nowAt } from './counter';
import type { Medium } from '../technique/medium';

/** Rows above a cross that are worth counting. */
const WORTH_COUNTING = 2;

/** The last row of some rows with something to count above its cross: two rows at least, else as many as there ever are. */
export function rowToCount(working: Working): number {
	const { steps } = working;
	const since = steps.map((_, i) => nowAt(working, i + 1).sinceCross ?? -1);
	const wanted = Math.min(WORTH_COUNTING, Math.max(...since));
	const at = since.findLastIndex((rows) => rows === wanted);
	return steps[at < 0 ? steps.length - 1 : at].row.n;
}

/** How rows are counted on what a class makes, as its fabric shows them (craft: Rows seen). */
export function countingSaid(medium: Medium): string {
	if (medium === 'machine')
		return 'The purl side faces you. Find the last cross, and count the bumps straight above it up to the needles: one bump is one row.';
	const bar = 'Find the last cross: a bar lies sideways below its front strand.';
	if (medium === 'brioche')
		return `${bar} Above the bar, count the V’s of the top layer up to the needle: each V is two rows.`;
	const to = medium === 'loom' ? 'the pegs' : 'the needle';
	return `${bar} Above the bar, count the V’s in the front strand up to ${to}: each V is one row.`;
}

/** The side of the fabric that is looked at when rows are counted. */
export const sideCounted = (medium: Medium): 'right' | 'wrong' => (medium === 'machine' ? 'wrong' : 'right');
