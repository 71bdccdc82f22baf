import type { Lesson } from '../lesson/lesson';
import { groundsOf } from '../planning/estimate';
import { CLASS_FORMAT, MOST_REMARK, type ClassRecord, type SlipSeen, type Taken } from './classRecord';

/** A record of a class that was not given on the stage: as it was planned, to be mended from memory. */
export function writtenUp(lesson: Lesson, began: string): ClassRecord {
	const parts = lesson.parts.map((part): Taken => ({
		part: part.id,
		title: part.title,
		planned: part.minutes,
		seconds: part.minutes * 60,
		...groundsOf(lesson, part)
	}));
	return { format: CLASS_FORMAT, level: lesson.level, began, ended: began, parts };
}

/** A record with other fields of one part. */
export const withTaken = (record: ClassRecord, part: string, fields: Partial<Taken>): ClassRecord => ({
	...record,
	parts: record.parts.map((one) => (one.part === part ? { ...one, ...fields } : one))
});

/** A record with other slips; none leaves nothing. */
export const withSlips = (
	{ format, level, began, ended, parts }: ClassRecord,
	slips: readonly SlipSeen[]
): ClassRecord => ({ format, level, began, ended, parts, ...(slips.length > 0 ? { slips } : {}) });

/** Names with one more among them, or one fewer: who struggled is written with commas between. */
export function toggledName(names: string, name: string): string {
	const list = namesIn(names);
	const next = list.includes(name) ? list.filter((one) => one !== name) : [...list, name];
	return next.join(', ').slice(0, MOST_REMARK);
}

/** Names that are written with commas between. */
export const namesIn = (names: string | undefined): string[] =>
	(names ?? '')
		.split(',')
		.map((name) => name.trim())
		.filter(Boolean);
