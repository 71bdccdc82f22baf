import type { Crossing } from '../crossing/crossing';
import { inBehind, inFront } from '../crossing/depth';
import type { Voice } from '../hands/voice';
import { handed, handsAt, readsFromTheEnd } from '../ways/handed';
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

/**
 * The answer of a question as the hands that read it count: a left-handed knitter who keeps the fabric counts from the
 * other end. Numbers that name the stitches in front are told in hers; where others stand, it is said how to count.
 */
export function answerFor(
	lesson: Lesson,
	part: Extract<Part, { kind: 'check' }>,
	voice: Pick<Voice, 'hand' | 'keep'>
): string {
	const { answer } = part;
	const taught = crossingOf(lesson, part);
	if (!taught || !readsFromTheEnd(handsAt(voice, lesson.medium)))
		return answer;
	const numbers = [...answer.matchAll(POSITIONS)].map(([number]) => Number(number));
	if (numbers.length === 0) return answer;
	const front = inFront(taught.crossing.over);
	const hers = inFront(handed(taught.crossing, voice, lesson.medium).played.over);
	const named = [...new Set(numbers)].sort((a, b) => a - b);
	if (named.join() !== front.join())
		return `${answer} (Counted from the right; left hands count from the left.)`;
	const told = new Map(front.map((position, i) => [position, hers[i]]));
	return answer.replace(POSITIONS, (number) => String(told.get(Number(number))));
}

/** A number by itself: not one of a name, as in `2/2 RC` or `C4F`, nor of a length. */
const POSITIONS = /(?<![\w/.])\d{1,2}(?![\w/]| ?(?:mm|cm|in|rows?|times|sts?|stitches)\b)(?!\.\d)/g;
