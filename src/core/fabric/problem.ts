import type { Place } from '../pattern/tree';

export type Severity = 'error' | 'warning' | 'info';

/** What can be wrong or worth knowing in written rows, the gravest first. */
export const PROBLEMS = {
	'too-few': 'error',
	'too-many': 'error',
	'unknown-word': 'error',
	conflict: 'error',
	'missing-row': 'error',
	'count-said': 'error',
	sizes: 'error',
	'two-readings': 'warning',
	'tight-rest': 'warning',
	'long-travel': 'warning',
	'rope-face': 'warning',
	'wrong-side-repeat': 'warning',
	'missed-cross': 'warning',
	'odd-spacing': 'warning',
	'flipped-lean': 'warning',
	'sunk-rope': 'warning',
	'face-change': 'warning',
	'marker-count': 'warning',
	'no-marker': 'warning',
	'yarn-edge': 'warning',
	section: 'info',
	'not-worked': 'info',
	'settled-by-count': 'info',
	'cast-on-from-row': 'info',
	/** said at the desk only: other than usual is no fault */
	'unusual-spacing': 'info'
} as const satisfies Record<string, Severity>;

export type ProblemCode = keyof typeof PROBLEMS;

/** A problem of a pattern, with the row's number, the stitch where its word begins, and its characters in the text. */
export interface Problem extends Place {
	readonly code: ProblemCode;
	readonly row: number;
	readonly at: number;
	readonly severity: Severity;
	readonly message: string;
	/** in a pattern of several sizes, those that have it */
	readonly sizes?: readonly number[];
}

/** A problem at a stretch of the text; rows count from 1, and 0 is the text before them, as are the stitches in a row. */
export const problem = (
	code: ProblemCode,
	row: number,
	at: number,
	{ from, to }: Place,
	message: string
): Problem => ({
	code,
	row,
	at,
	severity: PROBLEMS[code],
	message,
	from,
	to
});

const GRAVITY = Object.keys(PROBLEMS);

/** The gravest first, then in the order of rows and stitches; each once for each place. */
export function sortedProblems(problems: readonly Problem[]): Problem[] {
	const seen = new Set<string>();
	return problems
		.filter(({ code, from, row }) => {
			const key = `${code} ${from} ${code === 'missing-row' ? row : ''}`;
			return !seen.has(key) && seen.add(key);
		})
		.sort((a, b) => GRAVITY.indexOf(a.code) - GRAVITY.indexOf(b.code) || a.row - b.row || a.at - b.at);
}
