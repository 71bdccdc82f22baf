import { nowAt } from '../swatch/counter';
import { slipName, slipsIn } from '../lesson/slipName';
import type { Lesson, Part } from '../lesson/lesson';
import { rowsShown } from './rowsShown';

/** What a part asks a class, and how it is answered: with a number, one of several, or a few words. */
export type Question = { readonly asks: string } & (
	| { readonly by: 'number'; readonly right: string | null }
	| { readonly by: 'choice'; readonly choices: readonly string[]; readonly right: string }
	| { readonly by: 'words' }
);

/** Slips to choose from, the right one among them. */
const CHOICES = 4;

/** The question of a part; `null` for a part that asks nothing. */
export function questionOf(lesson: Lesson, part: Part): Question | null {
	if (part.kind === 'check')
		return { asks: part.question, by: isOfNumbers(part) ? 'number' : 'words', right: null };
	if (part.kind === 'count') {
		const rows = rowsShown(lesson, part);
		if (!rows) return null;
		const { sinceCross } = nowAt(rows.working, Math.min(part.row ?? Infinity, rows.working.steps.length));
		const right = sinceCross === null ? null : String(sinceCross);
		return { asks: 'How many rows since the last cross?', by: 'number', right };
	}
	if (part.kind === 'mend')
		return { asks: 'What did the hands do?', by: 'choice', ...slipsBeside(lesson, part.slip) };
	return null;
}

/** How many … : a question that a number answers, where nothing else is asked with it. */
const isOfNumbers = ({ question }: { readonly question: string }): boolean =>
	/^how many\b[^?]*\?\s*$/i.test(question.trim()) && !/,? and (?:what|which|where|why|how)\b/i.test(question);

/** A slip among others, in an order that gives nothing away. */
function slipsBeside({ medium }: Pick<Lesson, 'medium'>, slip: Extract<Part, { kind: 'mend' }>['slip']) {
	const right = slipName(slip, medium);
	const names = [...new Set([...slipsIn(medium), slip].map((one) => slipName(one, medium)))];
	const others = names.filter((name) => name !== right);
	const from = names.indexOf(right) % others.length;
	const beside = [...others.slice(from), ...others.slice(0, from)].slice(0, CHOICES - 1);
	return { choices: [right, ...beside].sort(), right };
}
