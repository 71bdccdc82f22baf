import type { Working } from '../fabric/fabric';
import type { Problem } from '../fabric/problem';
import { crossUnit } from '../fabric/units';
import type { Result } from '../result';
import { addCrossing, mirrorCrossing, moveCrossing } from './edit';
import type { Mend, TextEdit } from './text';

/** The mends of what breaks a rhythm: the cross, the lean or the row that its siblings have. */
export function rhythmMends(text: string, working: Working, found: Problem): Mend[] {
	const step = working.steps.findIndex(({ row }) => row.n === found.row);
	if (step < 0) return [];
	const spot = { step, at: found.at - 1 };
	const mend = (says: string, edits: Result<TextEdit[]>): Mend[] =>
		edits.ok ? [{ says, edits: edits.value }] : [];
	if (found.code === 'flipped-lean')
		return mend('Turn it the other way', mirrorCrossing(text, working, spot));
	if (found.code === 'odd-spacing') {
		const to = dueRow(working, step, spot.at);
		return to === null
			? []
			: mend(
					`Move it to row ${working.steps[to].row.n}`,
					moveCrossing(text, working, spot, { step: to, at: spot.at })
				);
	}
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

/** The row in which a cross would keep the distance that most of its siblings keep, from the one before it. */
function dueRow({ steps }: Working, step: number, at: number): number | null {
	const rows = steps.flatMap(({ worked }, i) =>
		worked.crossings.some(({ before }) => before === at) ? [i] : []
	);
	const distances = rows.slice(1).map((row, i) => row - rows[i]);
	const often = (distance: number) => distances.filter((one) => one === distance).length;
	const usual = Math.min(
		...distances.filter((one) => distances.every((other) => often(other) <= often(one)))
	);
	const before = rows[rows.indexOf(step) - 1];
	const due = before + usual;
	return steps[due] && due !== step ? due : null;
}
