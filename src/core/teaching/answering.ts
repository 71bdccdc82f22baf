import { numberOf } from '../naming/numbers';

/** Longest answer to a question, in characters. */
export const MOST_ANSWER = 80;

/** How often something was answered. */
export interface Tally {
	readonly answer: string;
	readonly count: number;
}

/** Answers of a class, each with how often it was given, the most frequent first; what says the same is counted together. */
export function tallied(answers: readonly string[]): Tally[] {
	const counts = new Map<string, Tally>();
	for (const answer of answers) {
		const said = answer.trim().replace(/\s+/g, ' ');
		const same = saidPlainly(said);
		if (same === '') continue;
		const before = counts.get(same);
		counts.set(same, { answer: before?.answer ?? said, count: (before?.count ?? 0) + 1 });
	}
	return [...counts.values()].sort((a, b) => b.count - a.count || a.answer.localeCompare(b.answer, 'en'));
}

/** Words that say nothing beside numbers: `stitches 3 and 4` is `3, 4`. */
const FILLERS = /^(?:and|the|sts?|stitch(?:es)?|rows?|numbers?|nos?|they|are|is|it|its)$/;

/** An answer without what makes no difference: capitals, full stops, numbers in words, and words beside numbers. */
function saidPlainly(said: string): string {
	const words = said
		.toLowerCase()
		.replace(/[.,;:!?"'“”‘’()&+]+/g, ' ')
		.trim()
		.split(/\s+/)
		.map((word) => String(numberOf(word) ?? word));
	const telling = words.filter((word) => !FILLERS.test(word));
	return (telling.some((word) => /^\d+$/.test(word)) ? telling : words).join(' ');
}

/**
 * Whether an answer is right; `null` where nobody but a teacher can tell. What is right may go on with its reason: `3, 4: they
 * pass over the others`.
 */
export function isRight(answer: string, right: string): boolean | null {
	const said = saidPlainly(answer);
	const [head] = right.split(/[:.;(]/);
	const heads = [right, head].map(saidPlainly);
	if (heads.includes(said)) return true;
	const [numbers, asked] = [said, heads[1]].map((words) =>
		/^[\d ]+$/.test(words) ? words.split(' ').sort().join(' ') : null
	);
	return numbers === null || asked === null ? null : numbers === asked;
}
