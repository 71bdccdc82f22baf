import type { Unit } from '../fabric/units';
import { readPattern } from '../pattern/pattern';
import { fault, good, type Result } from '../result';
import { textOfRows, type PlainRow } from '../swatch/write';
import { cycleOf, groundOf, partsOf, said as wordsOf, turned, type Cycle } from './cycle';

/** Most rows after which panels of several heights come together again. */
const MOST_ROWS = 480;

const common = (a: number, b: number): number => (b === 0 ? a : common(b, a % b));
const together = (a: number, b: number): number => (a / common(a, b)) * b;

/**
 * Several panels set side by side, with plain ground between and half as much at either end, as rows of their own: so
 * high that each panel comes out in whole repeats, each turned so that its first cross stands half a spacing up.
 *
 * @param texts rows of the panels, in the order a right side row works them
 * @param between stitches of ground between two panels
 */
export function sideBySide(texts: readonly string[], between: number, round: boolean): Result<string> {
	const panels: Cycle[] = [];
	for (const [i, text] of texts.entries()) {
		const cycle = cycleOf(text, round);
		if (!cycle.ok) return fault(cycle.error.code, `Panel ${i + 1}: ${cycle.error.message}`);
		panels.push(turned(cycle.value, round));
	}
	const key = keyOf(texts);
	if (!key.ok) return key;
	const height = panels.reduce((rows, panel) => together(rows, panel.rows.length), round ? 1 : 2);
	if (height > MOST_ROWS)
		return fault(
			'conflict',
			`These panels of ${panels.map(({ rows }) => rows.length).join(', ')} rows come together again only after ${height}: choose heights that divide each other, up to ${MOST_ROWS}.`
		);
	const ends = { right: Math.floor(between / 2), left: Math.ceil(between / 2) };
	const rows = Array.from({ length: height }, (_, n) => {
		const side = round ? ('RS' as const) : n % 2 === 0 ? ('RS' as const) : ('WS' as const);
		const units = panels.flatMap((panel, i) => [
			...(i > 0 ? groundOf(between, side, round) : []),
			...onceIn(panel, n, round)
		]);
		return {
			side,
			units: [...groundOf(ends.right, side, round), ...units, ...groundOf(ends.left, side, round)]
		};
	});
	const castOn = rows[0].units.reduce((sum, { takes }) => sum + takes, 0);
	const plain = rows.map(({ side, units }, i): PlainRow => ({
		n: i + 1,
		side: round ? null : side,
		text: wordsOf(units, side).join()
	}));
	return good(`${textOfRows(castOn, plain, key.value)}Rep rows 1-${height} for pattern.\n`);
}

/** One repeat of a panel in a row, with what stands once beside it. */
function onceIn(panel: Cycle, n: number, round: boolean): readonly Unit[] {
	const { right, repeat, left } = partsOf(panel.rows[n % panel.rows.length], panel);
	return round ? repeat : [...right, ...repeat, ...left];
}

/** The keys of all panels in one; a name that two of them mean otherwise cannot stand in one row. */
function keyOf(texts: readonly string[]): Result<string[]> {
	const lines = new Map<string, string>();
	for (const text of texts)
		for (const {
			line: { label: name },
			from,
			to
		} of readPattern(text).key) {
			const said = text.slice(from, to);
			const other = lines.get(name) ?? said;
			if (other.replace(/\s+/g, ' ') !== said.replace(/\s+/g, ' '))
				return fault(
					'conflict',
					`“${name}” means one thing in one panel and another in the next. Call one of them otherwise.`
				);
			lines.set(name, said);
		}
	return good([...lines.values()]);
}
