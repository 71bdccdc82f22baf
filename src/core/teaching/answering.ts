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

/** An answer without what makes no difference: capitals, full stops, numbers in words. */
const saidPlainly = (said: string): string =>
	said
		.toLowerCase()
		.replace(/[.,;:!?"'“”‘’()]+/g, ' ')
		.trim()
		.split(/\s+/)
		.map((word) => String(numberOf(word) ?? word))
		.join(' ');
