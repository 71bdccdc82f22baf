import { sameCrossing } from '../crossing/crossing';
import { FIELDS_OF } from './schema';
import type { Change, Lesson, LessonCrossing, Part } from './lesson';

/** No part has this id, so what is put behind it goes to the end. */
export const AT_THE_END = 'end';

/**
 * The lesson after a change. Made to be sent twice and late without harm: what speaks of a part that is gone does
 * nothing, a part that is there already is not added again, and one whose neighbour is gone goes to the end.
 */
export function applyChange(lesson: Lesson, change: Change): Lesson {
	switch (change.kind) {
		case 'set':
			return { ...lesson, ...change.fields };
		case 'add-part':
			return addPart(lesson, change);
		case 'set-part':
			return {
				...lesson,
				parts: lesson.parts.map((part) => (part.id === change.part ? withFields(part, change.fields) : part))
			};
		case 'move-part': {
			const part = lesson.parts.find(({ id }) => id === change.part);
			if (!part || change.after === change.part) return lesson;
			const rest = lesson.parts.filter(({ id }) => id !== change.part);
			return { ...lesson, parts: inserted(rest, part, change.after) };
		}
		case 'put-swatch': {
			const has = lesson.swatches.some(({ id }) => id === change.swatch.id);
			const put = lesson.swatches.map((swatch) => (swatch.id === change.swatch.id ? change.swatch : swatch));
			return { ...lesson, swatches: has ? put : [...lesson.swatches, change.swatch] };
		}
		case 'keep-swatch':
			return keepSwatch(lesson, change.swatch, change.as);
		case 'set-crossing':
			return {
				...lesson,
				crossings: lesson.crossings.map((taught) =>
					taught.id === change.crossing ? { ...taught, ...change.fields } : taught
				)
			};
		case 'restore':
			return change.lesson;
		case 'remove-part':
			return { ...lesson, parts: lesson.parts.filter(({ id }) => id !== change.part) };
	}
}

/** A swatch of the lesson, and every part that speaks of it, under another id. */
function keepSwatch(lesson: Lesson, from: string, as: string): Lesson {
	const renamed = <T extends { readonly swatch?: string | undefined }>(one: T): T =>
		one.swatch === from ? { ...one, swatch: as } : one;
	return {
		...lesson,
		swatches: lesson.swatches.map((swatch) => (swatch.id === from ? { ...swatch, id: as } : swatch)),
		parts: lesson.parts.map((part): Part => {
			if (part.kind === 'compare')
				return { ...part, left: renamed(part.left as never), right: renamed(part.right as never) };
			return 'swatch' in part ? (renamed(part) as Part) : part;
		})
	};
}

/** A part with other fields; those that only some kinds have are left out where they mean nothing. */
function withFields(part: Part, fields: Extract<Change, { kind: 'set-part' }>['fields']): Part {
	const has = FIELDS_OF[part.kind];
	const set = {
		...part,
		...Object.fromEntries(Object.entries(fields).filter(([field]) => has.includes(field)))
	};
	// A practice of another crossing, or of another swatch, is not of what was there before; of both, it is of that
	// crossing on those rows.
	const other = part.kind === 'practice' && !(fields.swatch && fields.crossing);
	const gone = !other
		? []
		: fields.swatch
			? ['crossing', 'from', 'to']
			: fields.crossing
				? ['swatch', 'from', 'to']
				: [];
	return Object.fromEntries(
		Object.entries(set).filter(([field, value]) => value !== null && !gone.includes(field))
	) as Part;
}

/** The change that takes another one back, told from the lesson before it; `null` when there is nothing to undo. */
export function invertChange(lesson: Lesson, change: Change): Change | null {
	if (change.kind === 'add-part') return { kind: 'remove-part', part: change.part.id };
	if (change.kind === 'restore') return { kind: 'restore', lesson };
	if (change.kind !== 'remove-part' && change.kind !== 'move-part') return null;
	const i = lesson.parts.findIndex(({ id }) => id === change.part);
	if (i < 0) return null;
	const after = i === 0 ? null : lesson.parts[i - 1].id;
	return change.kind === 'remove-part'
		? { kind: 'add-part', part: lesson.parts[i], after }
		: { kind: 'move-part', part: change.part, after };
}

function addPart(lesson: Lesson, { part, after, teaches }: Extract<Change, { kind: 'add-part' }>): Lesson {
	if (lesson.parts.some(({ id }) => id === part.id)) return lesson;
	if (!teaches) return { ...lesson, parts: inserted(lesson.parts, part, after) };
	const known = lesson.crossings.find((crossing) => sameTaught(crossing, teaches));
	const id = known?.id ?? teaches.id;
	const pointed = 'crossing' in part ? { ...part, crossing: id } : part;
	return {
		...lesson,
		crossings: known ? lesson.crossings : [...lesson.crossings, teaches],
		parts: inserted(lesson.parts, pointed, after)
	};
}

const sameTaught = (a: LessonCrossing, b: LessonCrossing) =>
	a.name === b.name && sameCrossing(a.crossing, b.crossing);

function inserted(parts: readonly Part[], part: Part, after: string | null): Part[] {
	if (after === null) return [part, ...parts];
	const i = parts.findIndex(({ id }) => id === after);
	const place = i < 0 ? parts.length : i + 1;
	return [...parts.slice(0, place), part, ...parts.slice(place)];
}
