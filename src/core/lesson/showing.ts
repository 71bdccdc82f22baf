import type { Crossing } from '../crossing/crossing';
import { scriptOf, type Script } from '../hands/steps';
import type { Voice } from '../hands/voice';
import { handed, type Handed } from '../ways/handed';
import { wayOf, type Way } from '../ways/ways';
import { crossingOf, type Lesson, type LessonCrossing, type Part } from './lesson';

/** What a part lets learners see: a crossing for one pair of hands, and, in a part to show, each of its steps. */
export interface Showing {
	readonly taught: LessonCrossing;
	readonly hands: Handed;
	readonly shown: { readonly way: Way; readonly script: Script } | null;
}

/** The showing of a part, or `null` when it speaks of no crossing that the lesson has. */
export function showing(lesson: Lesson, part: Part, voice: Voice): Showing | null {
	const taught = crossingOf(lesson, part);
	if (!taught) return null;
	const hands = handed(taught.crossing, voice);
	const way = part.kind === 'show' && shownWay(hands.played, part.way);
	const shown = way ? { way, script: scriptOf(hands.played, way.moves, voice) } : null;
	return { taught, hands, shown };
}

/** A way that was found with more patience than there is here goes by the best that is found now. */
const shownWay = (crossing: Crossing, id: string): Way | undefined =>
	wayOf(crossing, id) ?? (id.startsWith('found-') ? wayOf(crossing, 'found-1') : undefined);
