import { claimsIn, RIGHT } from '../claims/claims';
import type { About, Claim, ReadingHands } from '../claims/claim';
import { isBed, isDoubled, plainOf } from '../technique/medium';
import type { Lesson, Part } from '../lesson/lesson';
import { textsOf, type LessonText } from './texts';

/** A claim in a text of a lesson; its places count from where the text begins. */
export interface LessonClaim extends Claim {
	readonly where: LessonText;
}

const LEFT: ReadingHands = { hand: 'left', keep: 'fabric' };
/** A sentence from which on a paragraph speaks to left hands. */
const FOR_LEFT = /(?:^|(?<=[.!?\n]\s*))[^.!?\n]*\bleft[- ]hand(?:ed|ers?|s)\b/i;
/** What tools and pegs have nothing of, and pairs count otherwise: who holds how many, where. */
const BY_HAND = ['hold', 'count', 'first'];

/**
 * What the texts, sayings, questions, answers and homework of a lesson claim of its crossings: judged for right hands,
 * except where a paragraph speaks to left-handers. What goes wrong is told in parts of its own, which are left alone.
 */
export function claimsOf(lesson: Lesson): LessonClaim[] {
	const { medium } = lesson;
	const mending = new Set(lesson.parts.filter(({ kind }) => kind === 'mend').map(({ id }) => id));
	return textsOf(lesson)
		.filter(({ part, what }) => what !== 'title' && what !== 'more' && !(part !== null && mending.has(part)))
		.flatMap((where) => {
			const about = where.about.map(({ name, crossing }): About => ({
				name,
				crossing: isDoubled(medium) ? crossing : plainOf(crossing, medium)
			}));
			return claimsFor(where.text, about)
				.filter(({ kind }) => !(isBed(medium) || isDoubled(medium)) || !BY_HAND.includes(kind))
				.map((claim) => ({ ...claim, where }));
		});
}

/** The claims of one of its texts outside of parts. */
export const claimsOfOwn = (lesson: Lesson, what: 'homework' | 'saying'): LessonClaim[] =>
	claimsOf({ ...lesson, parts: [] }).filter(({ where }) => where.what === what);

/** Where a text that is being written for a part says what does not hold. */
export const wrongIn = (lesson: Lesson, part: Part, text: string): LessonClaim[] =>
	claimsOfPart(lesson, { ...part, text }).filter(
		({ where, holds }) => where.what === 'text' && holds === false
	);

/** The same for one part alone. */
export const claimsOfPart = (lesson: Lesson, part: Part): LessonClaim[] =>
	claimsOf({
		...lesson,
		homework: '',
		crossings: lesson.crossings.map((taught) => ({ ...taught, saying: '' })),
		parts: [part]
	});

/** The claims of a text, each paragraph for the hands it speaks to. */
export function claimsFor(text: string, about: readonly About[]): Claim[] {
	const claims: Claim[] = [];
	let from = 0;
	for (const paragraph of text.split('\n')) {
		const left = FOR_LEFT.exec(paragraph)?.index ?? paragraph.length;
		const stretches: [number, number, ReadingHands][] = [
			[0, left, RIGHT],
			[left, paragraph.length, LEFT]
		];
		for (const [begin, end, hands] of stretches) {
			const moved = (place: number) => place + from + begin;
			for (const claim of claimsIn(paragraph.slice(begin, end), about, hands))
				claims.push({
					...claim,
					from: moved(claim.from),
					to: moved(claim.to),
					mend: claim.mend && { ...claim.mend, from: moved(claim.mend.from), to: moved(claim.mend.to) }
				});
		}
		from += paragraph.length + 1;
	}
	return claims;
}
