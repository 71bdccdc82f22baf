import { join } from 'node:path';
import { root } from '../lib/root.mjs';
import { median } from './median.mjs';

const STITCHES = 300;
const ROWS = 400;
const ROUNDS = 15;
/** Ropes of one panel of 24 stitches: six of them, one in four, lie in crossings. */
const PANEL = 'p3, 2/2 RC, p3, k6, p3, 1/1 LC, k3';
const PANEL_STITCHES = 24;

/**
 * Working 300 stitches by 400 rows against building the same rows from ready arrays; growth in rows; and an edit against
 * the whole.
 * @returns {Promise<import('../bench.mjs').Figure[]>}
 */
export async function fabric() {
	const { readPattern } = await import(join(root, 'src/core/pattern/pattern.ts'));
	const { workingOf } = await import(join(root, 'src/core/fabric/fabric.ts'));
	const text = textOf(ROWS);
	const pattern = readPattern(text);
	const work = (/** @type {unknown} */ read) => workingOf(read).value;
	const { rows } = work(pattern).fabric;
	const ready = rows.map((/** @type {{ faces: string, strands: number[] }} */ row) => ({
		...row,
		faces: [...row.faces]
	}));
	const build = () =>
		ready.map((/** @type {{ faces: string[], strands: number[] }} */ row) => ({
			...row,
			faces: row.faces.join(''),
			strands: row.strands.slice()
		}));
	const [worked, built] = timed([() => work(pattern), build]);

	const [short, long] = [ROWS * 2, ROWS * 4].map((count) => readPattern(textOf(count)));
	const [shorter, longer] = timed([() => work(short), () => work(long)]);

	let readings = 0;
	// Lines are known again: the whole is a text of which none was ever read.
	const whole = () => work(readPattern(text.replaceAll(': ', `:${' '.repeat(2 + readings++)}`)));
	const before = work(readPattern(text));
	let edits = 0;
	const edit = () => {
		// Every time another text, so that no edit finds its own answer.
		const edited = text.replace(
			/(Row 199 \(RS\): )p3/,
			`$1${['p2, p1', 'p1, p2', 'p1, p1, p1'][edits++ % 3]}`
		);
		return workingOf(readPattern(edited, before.pattern), {}, before).value;
	};
	if (edit().fabric.rows.length !== ROWS) throw new Error('The edited text has other rows.');
	const [all, touched] = timed([whole, edit]);
	return [
		{ name: 'fabric', value: worked / built, goal: 3, unit: '× building the rows' },
		{ name: 'fabric-growth', value: longer / shorter, goal: 2.3, unit: '× for twice the rows' },
		{ name: 'reparse', value: touched / all, goal: 0.05, unit: '× the whole' }
	];
}

/**
 * So many rows of 300 stitches.
 * @param {number} rows
 */
export function textOf(rows) {
	const panels = Math.floor(STITCHES / PANEL_STITCHES);
	const rest = STITCHES - panels * PANEL_STITCHES;
	const row = `${Array(panels).fill(PANEL).join(', ')}, k${rest}`;
	const lines = Array.from({ length: rows }, (_, i) =>
		i % 2 === 0 ? `Row ${i + 1} (RS): ${row}.` : `Row ${i + 1}: as they face.`
	);
	return [`Cast on ${STITCHES}.`, ...lines].join('\n');
}

/**
 * Medians of several works, taken in turn so that a busy moment of the machine falls on all of them.
 * @param {(() => unknown)[]} works
 */
function timed(works) {
	/** @type {number[][]} */
	const times = works.map(() => []);
	for (let round = -12; round < ROUNDS; round++)
		works.forEach((work, i) => {
			const began = performance.now();
			work();
			if (round >= 0) times[i].push(performance.now() - began);
		});
	return times.map(median);
}
