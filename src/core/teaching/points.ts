import type { Voice } from '../hands/voice';
import type { Lesson, Part } from '../lesson/lesson';
import { crossingOf } from '../lesson/lesson';
import { finishingOf } from './finishing';
import { measuringOf } from './measuring';
import type { Point } from './point';
import { tensionOf } from './tension';

/** What a part goes through point by point: slack and tension, measuring, or finishing; none in any other. */
export function pointsOf(lesson: Lesson, part: Part, voice: Voice): readonly Point[] {
	if (part.kind === 'finish') return finishingOf(lesson, voice);
	if (part.kind === 'measure') return measuringOf(lesson, part, voice);
	const taught = part.kind === 'tension' ? crossingOf(lesson, part) : undefined;
	return taught ? tensionOf(lesson, taught, voice) : [];
}
