import type { Crossing } from '../crossing/crossing';
import type { Working } from '../fabric/fabric';
import { rowsWorked } from '../lesson/rows';
import { LESSON_MEDIA } from '../lesson/schema';
import { readKnown } from '../naming/known';
import { draftLesson } from '../planning/draft';
import { mapResult, type Result } from '../result';
import type { Medium } from '../technique/medium';
import type { Level } from '../ways/cautions';

/** Who practises, and in what. */
export interface Learner {
	readonly level: Level;
	readonly medium: Medium;
	readonly hand: 'right' | 'left';
	readonly terms: 'us' | 'uk';
	/** movements are asked for without a cable needle, or only with one; both where nothing is said */
	readonly free?: boolean;
}

/** A crossing that is practised, by the name it was given. */
export interface Subject extends Learner {
	readonly of: string;
	readonly crossing: Crossing;
}

/** What a name is practised as: its likeliest reading. */
export const subjectOf = (of: string, learner: Learner): Result<Subject> =>
	mapResult(readKnown(of, { medium: learner.medium }), ({ readings }) => ({
		...learner,
		of,
		crossing: readings[0].crossing
	}));

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
