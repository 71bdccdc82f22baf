import { checkMedium, isBed, MEDIUM_WORDS } from '../technique/medium';
import { readName } from '../naming/read';
import type { Change, Lesson } from '../lesson/lesson';
import { rowsWorked } from '../lesson/rows';
import { withoutCrossing } from './stale';
import { textsOf } from './texts';

/** Something of a lesson that its medium has not, and what takes it out. */
export interface OtherMedium {
	readonly part: string | null;
	readonly says: string;
	readonly mend: { readonly says: string; readonly changes: readonly Change[] } | null;
}

const NEEDLE_WORDS =
	/\b(?:cable[- ]needles?|cn|held stitches|hold (?:in|at|to) (?:the )?(?:front|back)|rumpled)\b/i;
const MACHINE_WORDS = /\b(?:transfer tools?|carriage|latch tool|needle bed|prongs?|hung weights)\b/i;
const PEG_WORDS = /\b(?:pegs?|re-?seat(?:ed|s)?)\b/i;

/** Words that a medium has nothing of. */
const FOREIGN: Readonly<Record<'hand' | 'machine' | 'loom', readonly RegExp[]>> = {
	hand: [MACHINE_WORDS, PEG_WORDS],
	machine: [NEEDLE_WORDS, PEG_WORDS],
	loom: [NEEDLE_WORDS, MACHINE_WORDS]
};

/** Words of another medium in the texts of a lesson, and crossings that its medium refuses. */
export function otherMediumIn(lesson: Lesson): OtherMedium[] {
	const { medium } = lesson;
	const kind = isBed(medium) ? medium : 'hand';
	const called = MEDIUM_WORDS[medium];
	const words = textsOf(lesson).flatMap(({ part, text, put }): OtherMedium[] => {
		const found = FOREIGN[kind].map((pattern) => pattern.exec(text)).find((one) => one !== null);
		if (!found) return [];
		const left = withoutSentence(text, found.index);
		return [
			{
				part,
				says: `${called} has no “${found[0]}”. Say it in its own words, or take the sentence out.`,
				mend: left ? { says: `Take out what it says of “${found[0]}”`, changes: [put(left)] } : null
			}
		];
	});
	const crossings = lesson.crossings.flatMap((taught): OtherMedium[] => {
		const made = checkMedium(taught.crossing, medium);
		if (made.ok) return [];
		const part = lesson.parts.find((one) => 'crossing' in one && one.crossing === taught.id)?.id ?? null;
		const mend = {
			says: `Take ${taught.name} out of the lesson`,
			changes: [{ kind: 'restore' as const, lesson: withoutCrossing(lesson, taught.id) }]
		};
		return [{ part, says: `${taught.name}: ${made.error.message}`, mend }];
	});
	return [...words, ...crossings];
}

/** Whether rows cannot be worked because of a name that their medium refuses, and hand knitting has. */
export function refusedName(lesson: Lesson, text: string): string | null {
	const rows = rowsWorked(text, lesson.medium);
	if (!rows.ok) return null;
	for (const { name, crossings } of rows.value.names.values()) {
		if (crossings.length > 0) continue;
		const answer = readName(name, { medium: lesson.medium });
		if (!answer.ok && answer.error.code !== 'unreadable' && readName(name).ok) return name;
	}
	return null;
}

/** A text without the sentence around a place. */
function withoutSentence(text: string, at: number): string {
	const sentences = text.split(/(?<=[.!?])\s+|\n/);
	let begin = 0;
	const kept = sentences.filter((sentence) => {
		const from = text.indexOf(sentence, begin);
		begin = from + sentence.length;
		return at < from || at >= begin;
	});
	return kept.join(' ');
}
