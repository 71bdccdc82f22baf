import type { Working } from '../fabric/fabric';
import type { Problem } from '../fabric/problem';
import { crossUnit } from '../fabric/units';
import type { Result } from '../result';
import { addCrossing, mirrorCrossing } from './edit';
import type { Mend, TextEdit } from './text';

/** The mends of what breaks a rhythm: the cross that its siblings have, or the lean that they have. */
export function rhythmMends(text: string, working: Working, found: Problem): Mend[] {
	const step = working.steps.findIndex(({ row }) => row.n === found.row);
	if (step < 0) return [];
	const spot = { step, at: found.at - 1 };
	const mend = (says: string, edits: Result<TextEdit[]>): Mend[] =>
		edits.ok ? [{ says, edits: edits.value }] : [];
	if (found.code === 'flipped-lean')
		return mend('Turn it the other way', mirrorCrossing(text, working, spot));
	if (found.code !== 'missed-cross') return [];
	const sibling = working.steps
		.filter(({ row }) => row.side === working.steps[step].row.side)
		.flatMap(({ worked }) => worked.crossings)
		.find(({ before }) => before === spot.at);
	if (!sibling) return [];
	const { item, crossing } = sibling;
	return mend(
		`Put ${item.text} into row ${found.row}`,
		addCrossing(text, working, spot, crossUnit(item.text, crossing))
	);
}
