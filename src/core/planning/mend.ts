import { SPARED } from './pace';
import { mendsOf } from '../swatch/mend';
import { applyEdits } from '../swatch/text';
import { swatchesOf } from './about';
import type { Checked, LessonProblem } from './check';
import type { Lesson, Part } from '../lesson/lesson';
import type { LessonMend } from './lessonMend';
import { madeWays } from './made';
import { missingIn } from './materials';
import type { PartKind } from '../lesson/kinds';
import {
	claimMends,
	fillingMends,
	leftHandedMends,
	mediumMends,
	stripMends,
	unsettledMends
} from './mendTexts';
import { newPart } from './palette';
import { rowsWorked } from '../lesson/rows';
import { staleNames, withoutName } from './stale';
import { renamings, schoolsOf } from '../telling/renamings';

/**
 * The mends of a problem, the likeliest first; none where only the teacher can know.
 *
 * @param id a fresh id for a part that a mend adds
 */
export function lessonMends(
	lesson: Lesson,
	checked: Checked,
	{ code, part }: LessonProblem,
	id: string
): LessonMend[] {
	const at = lesson.parts.findIndex((one) => one.id === part);
	const here = lesson.parts[at];
	const before = at > 0 ? lesson.parts[at - 1].id : null;
	const crossing = here && 'crossing' in here ? here.crossing : undefined;
	const adding = (kind: PartKind, after: string | null, says: string): LessonMend[] => {
		const fresh = newPart(lesson, kind, id, crossing);
		return fresh ? [{ says, changes: [{ kind: 'add-part', part: fresh, after }] }] : [];
	};
	switch (code) {
		case 'over-time':
			return shorter(lesson, checked);
		case 'no-rest':
			return adding('care', before, 'Put a rest before it');
		case 'not-shown': {
			const shown = lesson.parts.findLast((one) => one.kind === 'show' && one.crossing === crossing);
			if (shown)
				return [
					{
						says: `Move it behind “${shown.title}”`,
						changes: [{ kind: 'move-part', part: here.id, after: shown.id }]
					}
				];
			return adding('show', before, 'Show it first');
		}
		case 'never-practised':
			return adding('practice', lastAbout(lesson, 'show', crossing) ?? here?.id ?? null, 'Add a practice');
		case 'no-check':
			return adding(
				'check',
				lastAbout(lesson, 'practice', crossing) ?? lastAbout(lesson, 'show', crossing) ?? here?.id ?? null,
				'Add a question'
			);
		case 'beyond-level':
			return gentler(lesson, at);
		case 'material': {
			const missing = missingIn(lesson).map(({ material }) => material);
			return [
				{
					says: missing.length > 1 ? 'Put all that is missing on the list' : 'Put it on the list',
					changes: [{ kind: 'set', fields: { materials: [...lesson.materials, ...missing] } }]
				}
			];
		}
		case 'dangling':
			return here ? [{ says: 'Take the part out', changes: [{ kind: 'remove-part', part: here.id }] }] : [];
		case 'two-schools':
			return schoolsOf(lesson)
				.slice(0, 2)
				.map(({ school, example }) => ({
					says: `Write every name like ${example}`,
					changes: renamings(lesson, school)
				}));
		case 'stale': {
			const name = staleNames(lesson).find((one) => one.part === part)?.name;
			if (name === undefined) return [];
			return [
				{
					says: `Take ${name} out of the lesson`,
					changes: [{ kind: 'restore', lesson: withoutName(lesson, name) }]
				}
			];
		}
		case 'swatch':
			return rowMends(lesson, here);
		case 'rests':
			return here ? [{ says: 'Take this rest out', changes: [{ kind: 'remove-part', part: here.id }] }] : [];
		case 'under-filled':
			return fillingMends(lesson);
		case 'claim':
			return claimMends(lesson, part);
		case 'left-handed':
			return leftHandedMends(lesson);
		case 'unsettled':
			return unsettledMends(lesson, part);
		case 'no-strip':
			return stripMends(lesson, here);
		case 'medium':
			return mediumMends(lesson, part);
	}
}

/** What mends the first fault in the rows of a part, or, without one, in the first rows that have a fault. */
function rowMends(lesson: Lesson, here: Part | undefined): LessonMend[] {
	const ids = here ? swatchesOf(here) : lesson.swatches.map(({ id }) => id);
	for (const swatch of lesson.swatches.filter(({ id }) => ids.includes(id))) {
		const working = rowsWorked(swatch.text, lesson.medium);
		if (!working.ok) continue;
		const error = working.value.fabric.problems.find(({ severity }) => severity === 'error');
		if (error)
			return mendsOf(swatch.text, working.value, error).map(({ says, edits }) => ({
				says,
				changes: [{ kind: 'put-swatch', swatch: { ...swatch, text: applyEdits(swatch.text, edits) } }]
			}));
	}
	return [];
}

/** The last part of a kind that is about a crossing. */
const lastAbout = (
	lesson: Lesson,
	kind: 'show' | 'practice',
	crossing: string | undefined
): string | undefined =>
	lesson.parts.findLast((part) => part.kind === kind && part.crossing === crossing)?.id;

/** What to shorten first: parts that are given more than they take, the most generous first; else what can best be spared. */
function shorter(lesson: Lesson, { parts, minutes }: Checked): LessonMend[] {
	const spare = parts
		.filter((one) => one.minutes > one.estimate)
		.sort((a, b) => b.minutes - b.estimate - (a.minutes - a.estimate));
	const titled = (id: string) => lesson.parts.find((part) => part.id === id)!.title;
	const cuts = spare.slice(0, 2).map(({ id, estimate }): LessonMend => ({
		says: `Give “${titled(id)}” ${estimate} minutes`,
		changes: [{ kind: 'set-part', part: id, fields: { minutes: estimate } }]
	}));
	const over = minutes - lesson.minutes;
	const spared = SPARED.map((kind) => lesson.parts.findLast((part) => part.kind === kind)).find(
		(part) => part !== undefined
	);
	const away: LessonMend[] = spared
		? [{ says: `Leave “${spared.title}” out`, changes: [{ kind: 'remove-part', part: spared.id }] }]
		: [];
	return [
		...cuts,
		...away,
		{ says: `Make the class ${over} minutes longer`, changes: [{ kind: 'set', fields: { minutes } }] }
	];
}

/** A way that suits the learners better. */
function gentler(lesson: Lesson, at: number): LessonMend[] {
	const part = lesson.parts[at];
	if (part?.kind !== 'show') return [];
	const taught = lesson.crossings.find(({ id }) => id === part.crossing);
	const way =
		taught &&
		madeWays(taught.crossing, lesson).find(
			({ needles, cautions, id }) =>
				id !== part.way && needles <= (lesson.needles ?? 2) && cautions.length === 0
		);
	return way
		? [
				{
					says: `Show it so: ${way.title.toLowerCase()}`,
					changes: [{ kind: 'set-part', part: part.id, fields: { way: way.id } }]
				}
			]
		: [];
}
