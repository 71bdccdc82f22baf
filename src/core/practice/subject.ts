import type { Crossing } from '../crossing/crossing';
import type { Working } from '../fabric/fabric';
import { rowsWorked } from '../lesson/rows';
import { LESSON_MEDIA } from '../lesson/schema';
import { readKnown } from '../naming/known';
import { draftLesson } from '../planning/draft';
import { mapResult, type Result } from '../result';
import type { Medium } from '../technique/medium';
import type { Level } from '../ways/cautions';
import { handed, handsAt, type Handed, type Hands } from '../ways/handed';

/** Who practises, and in what. */
export interface Learner {
	readonly level: Level;
	readonly medium: Medium;
	readonly hands: Hands;
	readonly terms: 'us' | 'uk';
	/** movements are asked for without a cable needle; else with one, where the cross can be made so */
	readonly free?: boolean;
}

/** A crossing by the name it was given, in the hands of a learner. */
export interface InHands extends Handed {
	readonly of: string;
	/** as its name says it */
	readonly crossing: Crossing;
	readonly medium: Medium;
	readonly hands: Hands;
}

/** A crossing that is practised. */
export type Subject = Learner & InHands;

/** What a name is practised as: its likeliest reading. */
export function subjectOf(of: string, learner: Learner): Result<Subject> {
	const { medium } = learner;
	const hands = handsAt(learner.hands, medium);
	return mapResult(readKnown(of, { medium }), ({ readings: [{ crossing }] }) => ({
		...learner,
		...{ of, crossing, hands },
		...handed(crossing, hands, medium)
	}));
}

/** Minutes of a class that leave room for one cross, and for one that takes long. */
const CLASSES = [90, 300];

/** A strip to practise on, worked. */
export interface PracticeStrip {
	readonly text: string;
	readonly working: Working;
}

/** Drafting takes longer than all that is asked of a strip, so as many are kept as somebody practises at a time. */
const MOST_KNOWN = 24;
const known = new Map<string, PracticeStrip | null>();

/** The strip that a draft writes for a crossing; `null` where none can be written. */
export function stripFor({ of, level, medium }: Subject): PracticeStrip | null {
	const asked = `${level} ${medium} ${of}`;
	let strip = known.get(asked);
	if (strip === undefined) {
		if (known.size >= MOST_KNOWN) known.delete(known.keys().next().value!);
		known.set(asked, (strip = draftedStrip(of, level, medium)));
	}
	return strip;
}

function draftedStrip(of: string, level: Level, medium: Medium): PracticeStrip | null {
	const made = LESSON_MEDIA.find((one) => one === medium);
	if (!made) return null;
	for (const minutes of CLASSES) {
		const draft = draftLesson({ crossings: [of], level, minutes, medium: made });
		const text = draft.ok ? draft.value.lesson.swatches.at(0)?.text : undefined;
		const working = text === undefined ? null : rowsWorked(text, medium);
		if (text !== undefined && working?.ok) return { text, working: working.value };
	}
	return null;
}
