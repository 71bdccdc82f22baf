import type { Voice } from '../hands/voice';
import type { Lesson, Part } from '../lesson/lesson';
import { crossingOf } from '../lesson/lesson';
import { finishingOf } from './finishing';
import type { Point } from './point';
import { tensionOf } from './tension';

/** What a part goes through point by point: slack and tension, or finishing; none in any other. */
export function pointsOf(lesson: Lesson, part: Part, voice: Voice): readonly Point[] {
	if (part.kind === 'finish') return finishingOf(lesson, voice);
	const taught = part.kind === 'tension' ? crossingOf(lesson, part) : undefined;
	return taught ? tensionOf(lesson, taught, voice) : [];
}
