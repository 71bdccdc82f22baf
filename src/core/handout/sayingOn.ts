import { claimsIn } from '../claims/claims';
import type { Voice } from '../hands/voice';
import type { LessonCrossing } from '../lesson/lesson';
import { sayingFor } from '../lesson/saying';

/**
 * The saying of a crossing as one reader is told it. What left hands do otherwise, and nobody has said for them, is marked as
 * said to right hands, so that a sheet does not contradict its own steps.
 */
export function sayingOn(
	{ name, crossing, saying }: LessonCrossing,
	{ hand, keep }: Pick<Voice, 'hand' | 'keep'>
): string {
	const said = sayingFor(saying, hand);
	if (hand === 'right' || said === '' || said !== sayingFor(saying, 'right')) return said;
	const otherwise = claimsIn(said, [{ name, crossing }], { hand, keep }).some(({ holds }) => holds === false);
	return otherwise ? `${said} (said to right hands)` : said;
}
