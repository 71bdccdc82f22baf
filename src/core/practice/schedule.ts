import { createEmptyCard, fsrs, Rating, type Card } from 'ts-fsrs';
import type * as z from 'zod/mini';
import type { practisedShape } from './schema';

/** An exercise that was answered: of which cross and kind, whether it was right, and when, in milliseconds. */
export type Practised = z.infer<typeof practisedShape>;

/** What is remembered or forgotten by itself: a cross, in a technique, asked in one way. */
export type Item = Pick<Practised, 'of' | 'kind' | 'medium'>;

/** How one thing stands in a learner's memory. */
export interface Standing extends Item {
	/** how often it was asked, and answered right */
	readonly times: number;
	readonly right: number;
	/** the chance that it is remembered now, from 0 to 1 */
	readonly remembered: number;
	/** it is remembered for a week, most likely */
	readonly sits: boolean;
	/** when it is to be asked again, in milliseconds */
	readonly due: number;
	/** slips that wrong answers came of, the latest first, each once */
	readonly slips: readonly string[];
}

/** Days after its last asking at which a thing that sits is still remembered nine times in ten, and how well it is now. */
const SITS_DAYS = 7;
const SITS_NOW = 0.8;

/** Whole days apart, since evenings are; the same answers always make the same plan. */
const scheduler = fsrs({ enable_fuzz: false, enable_short_term: false, request_retention: 0.9 });

/**
 * How everything that was practised stands, by the answers given so far: spaced repetition as FSRS reckons it (ts-fsrs), a
 * right answer as “good”, a wrong one as “again”. Nothing but the answers is kept, so those of two phones go together in
 * any order.
 */
export function standingOf(answers: readonly Practised[], now: number): Standing[] {
	const cards = new Map<
		string,
		{ item: Practised; card: Card; times: number; right: number; slips: string[] }
	>();
	for (const answer of [...answers].sort((a, b) => a.at - b.at)) {
		const key = itemKey(answer);
		const before = cards.get(key);
		const at = new Date(answer.at);
		const rating = answer.right ? Rating.Good : Rating.Again;
		const { card } = scheduler.next(before?.card ?? createEmptyCard(at), at, rating);
		const slips = before?.slips.filter((one) => one !== answer.slip) ?? [];
		cards.set(key, {
			item: answer,
			card,
			times: (before?.times ?? 0) + 1,
			right: (before?.right ?? 0) + Number(answer.right),
			slips: answer.slip ? [answer.slip, ...slips] : slips
		});
	}
	return [...cards.values()].map(({ item: { of, kind, medium }, card, times, right, slips }) => {
		const remembered = scheduler.get_retrievability(card, new Date(now), false);
		return {
			...{ of, kind, medium, times, right, slips, remembered },
			sits: card.stability >= SITS_DAYS && remembered >= SITS_NOW,
			due: card.due.getTime()
		};
	});
}

/** The same for what is the same thing to remember. */
export const itemKey = ({ of, kind, medium }: Item): string => `${medium} ${kind} ${of}`;
