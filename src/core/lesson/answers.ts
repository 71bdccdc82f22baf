import type { Crossing } from '../crossing/crossing';
import { inBehind, inFront } from '../crossing/depth';
import { handsAt, readsFromTheEnd, type Hands } from '../ways/handed';
import { crossingOf, type Lesson, type Part } from './lesson';

/** Which stitches of a crossing lie in front of at least one other, in words, as right hands count. */
export function frontsSaid({ over }: Pick<Crossing, 'over'>): string {
	const front = inFront(over);
	const behind = inBehind(over);
	const [each, passes] = front.length === 1 ? ['it', 'passes'] : ['they', 'pass'];
	// In a cross of three groups one may pass over another, and under a third.
	const others = front.some((stitch) => behind.includes(stitch)) ? 'at least one other' : 'the others';
	return `${front.join(', ')}: ${each} ${passes} over ${others}, counted from the tip of the needle.`;
}

type Check = Extract<Part, { kind: 'check' }>;

/**
 * The answer of a question as the hands that read it count: a left-handed knitter who keeps the fabric counts from the
 * other end. Numbers that name the stitches in front are told in hers; where others stand, it is said how to count.
 */
export function answerFor(lesson: Lesson, part: Check, voice: Hands): string {
	const { answer } = part;
	if (positionsIn(answer).length === 0 || !countsOtherwise(lesson, part, voice)) return answer;
	return asksPositions(lesson, part)
		? acrossIn(lesson, part, answer)
		: `${answer} (Counted from the right; left hands count from the left.)`;
}

/**
 * What somebody answered as the others count, and what others answered as she does: so that a class may be counted together.
 * Only where a question asks for positions do hands count otherwise.
 */
export const answeredAcross = (lesson: Lesson, part: Part, answer: string, hands: Hands): string =>
	part.kind === 'check' && countsOtherwise(lesson, part, hands) && asksPositions(lesson, part)
		? acrossIn(lesson, part, answer)
		: answer;

const countsOtherwise = (lesson: Lesson, part: Check, hands: Hands): boolean =>
	crossingOf(lesson, part) !== undefined && readsFromTheEnd(handsAt(hands, lesson.medium));

/** Whether a question asks which stitches lie in front: what its answer names. */
function asksPositions(lesson: Lesson, part: Check): boolean {
	const named = [...new Set(positionsIn(part.answer))].sort((a, b) => a - b);
	const taught = crossingOf(lesson, part);
	return taught !== undefined && named.join() === inFront(taught.crossing.over).join();
}

/** The same with every position counted from the other end, the lowest first again. */
function acrossIn(lesson: Lesson, part: Check, text: string): string {
	const { stitches } = crossingOf(lesson, part)!.crossing;
	const across = positionsIn(text)
		.map((position) => stitches + 1 - position)
		.sort((a, b) => a - b);
	let next = 0;
	return text.replace(POSITIONS, () => String(across[next++]));
}

const positionsIn = (text: string): number[] =>
	[...text.matchAll(POSITIONS)].map(([number]) => Number(number));

/** A number by itself: not one of a name, as in `2/2 RC` or `C4F`, nor of a length. */
const POSITIONS = /(?<![\w/.])\d{1,2}(?![\w/]| ?(?:mm|cm|in|rows?|times|sts?|stitches)\b)(?!\.\d)/g;
