import { inList } from '../english';
import type { Working } from '../fabric/fabric';
import type { Problem } from '../fabric/problem';
import { problemsOf, type Step } from '../fabric/steps';
import type { Mend } from './text';

/** Most words in which a row differs from one that was meant to be the same. */
const MOST_WORDS = 2;
/** Most rows that a mend names. */
const MOST_NAMED = 3;

/** Where one row says something else than another: its own words, and the other's. */
interface Difference {
	readonly ours: readonly string[];
	readonly theirs: readonly string[];
}

/**
 * What rows like this one say where it went wrong: the same side and as many stitches, all but a word or two the same. Only
 * what most of them say is offered, and before that what those say that stand on the same row.
 */
export function siblingMends(text: string, { steps }: Working, found: Problem): Mend[] {
	const at = steps.findIndex(({ row }) => row.n === found.row);
	const step = steps[at];
	if (!step || !isWrittenOut(step)) return [];
	const own = wordsOf(text, step);
	/** what the row below says: of rows like this one, those that stand on the same are nearest */
	const below = (i: number) => (i > 0 ? wordsOf(text, steps[i - 1]).join() : '');
	const like = new Map<string, { difference: Difference; body: string; steps: Step[]; near: boolean }>();
	for (const [i, other] of steps.entries()) {
		if (!isSibling(other, step)) continue;
		const theirs = wordsOf(text, other);
		const difference = differenceOf(own, theirs);
		if (!difference) continue;
		const known = like.get(theirs.join()) ?? {
			difference,
			body: bodyOf(text, other),
			steps: [],
			near: false
		};
		const near = known.near || below(i) === below(at);
		like.set(theirs.join(), { ...known, near, steps: [...known.steps, other] });
	}
	const [most] = [...like.values()].sort(
		(a, b) => Number(b.near) - Number(a.near) || b.steps.length - a.steps.length
	);
	if (!most) return [];
	const { from, to, bodyFrom } = step.planned.written;
	return [
		{ says: told(most.difference, most.steps), edits: [{ from: from + bodyFrom, to, insert: most.body }] }
	];
}

const bodyOf = (text: string, { planned: { written } }: Step): string =>
	text.slice(written.from + written.bodyFrom, written.to);

/** The words of a row as they are written, between its commas. */
const wordsOf = (text: string, step: Step): string[] =>
	bodyOf(text, step)
		.toLowerCase()
		.split(/[,;]/)
		.map((word) => word.trim().replace(/\.$/, ''));

/** A row that says itself what it does. */
const isWrittenOut = ({ planned: { written, again } }: Step): boolean =>
	!again && !written.even && written.like === null;

/** A row that could have been the model: it has no fault of its own. */
const isSibling = (other: Step, { row, planned }: Step): boolean =>
	isWrittenOut(other) &&
	other.planned.written.from !== planned.written.from &&
	other.row.side === row.side &&
	other.row.before === row.before &&
	!problemsOf(other).some(({ severity }) => severity === 'error');

/** Where two rows differ; `null` where they are the same, or differ in more than a few words. */
function differenceOf(ours: readonly string[], theirs: readonly string[]): Difference | null {
	let from = 0;
	while (from < Math.min(ours.length, theirs.length) && ours[from] === theirs[from]) from++;
	let end = 0;
	while (end < Math.min(ours.length, theirs.length) - from && ours.at(-1 - end) === theirs.at(-1 - end))
		end++;
	const [a, b] = [ours.slice(from, ours.length - end), theirs.slice(from, theirs.length - end)];
	const most = Math.max(a.length, b.length);
	const other = a.length === b.length ? a.filter((word, i) => word !== b[i]).length : most;
	return other === 0 || other > MOST_WORDS || other >= theirs.length ? null : { ours: a, theirs: b };
}

function told({ ours, theirs }: Difference, steps: readonly Step[]): string {
	const numbers = [...new Set(steps.map(({ planned }) => planned.as))];
	const shown = numbers.length > MOST_NAMED ? MOST_NAMED - 1 : numbers.length;
	const more = numbers.length - shown;
	const named = [...numbers.slice(0, shown), ...(more > 0 ? [`${more} more`] : [])];
	const rows = `${numbers.length === 1 ? 'Row' : 'Rows'} ${inList(named)} ${numbers.length === 1 ? 'has' : 'have'}`;
	return theirs.length === 0
		? `${rows} no “${ours.join(', ')}” here: take it out`
		: `${rows} “${theirs.join(', ')}” here: write that`;
}
