import { randomUUID } from 'node:crypto';
import type { ClassRecord } from '$core/lesson/classRecord';
import type { Course } from '$core/lesson/course';
import type { Change, Lesson } from '$core/lesson/lesson';
import type { CounterEvent } from '$core/swatch/counter';
import type { Swatch } from '$core/swatch/schema';
import type pg from 'pg';
import { inTransaction } from '../pool';
import type { Picture } from './pictures';

/** Moments are told in milliseconds since 1970; `away` since when something is put away. */
export interface ArchivedLesson {
	readonly id: string;
	readonly document: Lesson;
	readonly version: number;
	readonly original: Lesson;
	readonly originalVersion: number;
	readonly changes: readonly { readonly version: number; readonly at: number; readonly change: Change }[];
	readonly tags: readonly string[];
	readonly classes: readonly { readonly id: string; readonly record: ClassRecord }[];
	readonly taught: Lesson | null;
	readonly taughtAt: number | null;
	readonly madeAt: number;
	readonly changedAt: number;
	readonly away: number | null;
}

export interface ArchivedSwatch {
	readonly id: string;
	readonly document: Swatch;
	readonly version: number;
	readonly versions: readonly {
		readonly version: number | null;
		readonly at: number;
		readonly said: string;
		readonly document: Swatch;
	}[];
	readonly events: readonly CounterEvent[];
	readonly changedAt: number;
	readonly away: number | null;
}

/** Everything that is one teacher's. */
export interface Holdings {
	readonly name: string;
	readonly settings: object;
	readonly lessons: readonly ArchivedLesson[];
	readonly swatches: readonly ArchivedSwatch[];
	readonly courses: readonly {
		readonly id: string;
		readonly document: Course;
		readonly version: number;
		readonly changedAt: number;
		readonly away: number | null;
	}[];
	readonly crossings: readonly {
		readonly name: string;
		readonly medium: string;
		readonly crossing: object;
		readonly saying: string;
		readonly changedAt: number;
		readonly away: number | null;
	}[];
	readonly keys: readonly {
		readonly title: string;
		readonly text: string;
		readonly inUse: boolean;
		readonly changedAt: number;
		readonly away: number | null;
	}[];
	readonly readings: readonly { readonly name: string; readonly medium: string; readonly crossing: object }[];
	readonly pictures: readonly (Picture & { readonly id: string; readonly madeAt: number })[];
}

const ms = (column: string) => `floor(extract(epoch from ${column}) * 1000)::float8`;
const moment = (place: number) => `to_timestamp($${place}::float8 / 1000)`;

/** Reads everything that is a teacher's, as it is at one moment, in an order that does not hang on ids. */
export async function holdingsOf(owner: string): Promise<Holdings> {
	return inTransaction(async (client) => {
		await client.query('set transaction isolation level repeatable read read only');
		const all = async <T extends pg.QueryResultRow>(text: string) =>
			(await client.query<T>(text, [owner])).rows;
		const [{ name, settings }] = await all<{ name: string; settings: object }>(
			'select name, settings from teachers where id = $1'
		);
		return {
			name,
			settings,
			lessons: await all<ArchivedLesson>(
				`select id, document, version, original, original_version as "originalVersion", tags, taught,
					${ms('taught_at')} as "taughtAt", ${ms('created_at')} as "madeAt", ${ms('changed_at')} as "changedAt",
					${ms('removed_at')} as away,
					(select coalesce(jsonb_agg(jsonb_build_object('version', version, 'at', ${ms('made_at')}, 'change', change)
						order by version), '[]') from lesson_changes where lesson = lessons.id) as changes,
					(select coalesce(jsonb_agg(jsonb_build_object('id', id, 'record', record) order by record->>'began', record::text), '[]')
						from classes where lesson = lessons.id) as classes
				from lessons where owner = $1 order by ${ms('created_at')}, document->>'title'`
			),
			swatches: await all<ArchivedSwatch>(
				`select id, document, version, ${ms('changed_at')} as "changedAt", ${ms('removed_at')} as away,
					(select coalesce(jsonb_agg(jsonb_build_object('version', version, 'at', ${ms('made_at')}, 'said', said,
						'document', document) order by ${ms('made_at')}, version nulls last, said), '[]')
						from swatch_versions where swatch = swatches.id) as versions,
					(select coalesce(jsonb_agg(event order by taken), '[]') from counter_events
						where swatch = swatches.id) as events
				from swatches where owner = $1 order by ${ms('changed_at')}, document->>'title'`
			),
			courses: await all<Holdings['courses'][number]>(
				`select id, document, version, ${ms('changed_at')} as "changedAt", ${ms('removed_at')} as away
				from courses where owner = $1 order by ${ms('changed_at')}, document->>'title'`
			),
			crossings: await all<Holdings['crossings'][number]>(
				`select name, medium, crossing, saying, ${ms('changed_at')} as "changedAt", ${ms('removed_at')} as away
				from kept_crossings where owner = $1 order by ${ms('changed_at')}, name`
			),
			keys: await all<Holdings['keys'][number]>(
				`select title, text, in_use as "inUse", ${ms('changed_at')} as "changedAt", ${ms('removed_at')} as away
				from keys where owner = $1 order by ${ms('changed_at')}, title`
			),
			readings: await all<Holdings['readings'][number]>(
				'select name, medium, crossing from chosen_readings where owner = $1 order by medium, name'
			),
			pictures: await all<Holdings['pictures'][number]>(
				`select id, bytes, type, width, height, ${ms('made_at')} as "madeAt"
				from pictures where owner = $1 order by ${ms('made_at')}, md5(bytes)`
			)
		};
	});
}

/** Puts everything of an archive beside what a teacher has: all of it, or, if anything goes wrong, nothing. */
export async function takeHoldings(owner: string, held: Holdings): Promise<void> {
	await inTransaction(async (client) => {
		const put = (text: string, ...values: unknown[]) => client.query(text, [owner, ...values]);
		await put('update teachers set settings = $2 where id = $1', held.settings);
		for (const lesson of held.lessons) {
			await put(
				`insert into lessons (id, owner, document, version, original, original_version, tags, taught, taught_at,
					created_at, changed_at, removed_at)
				values ($2, $1, $3, $4, $5, $6, $7, $8, ${moment(9)}, ${moment(10)}, ${moment(11)}, ${moment(12)})`,
				...[lesson.id, lesson.document, lesson.version, lesson.original, lesson.originalVersion],
				...[lesson.tags, lesson.taught, lesson.taughtAt, lesson.madeAt, lesson.changedAt, lesson.away]
			);
			for (const { version, at, change } of lesson.changes)
				await client.query(
					`insert into lesson_changes (id, lesson, version, change, made_at) values ($1, $2, $3, $4, ${moment(5)})`,
					[randomUUID(), lesson.id, version, change, at]
				);
			for (const { id, record } of lesson.classes)
				await put(
					'insert into classes (id, owner, lesson, record) values ($2, $1, $3, $4)',
					id,
					lesson.id,
					record
				);
		}
		for (const swatch of held.swatches) {
			await put(
				`insert into swatches (id, owner, document, version, changed_at, removed_at)
				values ($2, $1, $3, $4, ${moment(5)}, ${moment(6)})`,
				...[swatch.id, swatch.document, swatch.version, swatch.changedAt, swatch.away]
			);
			for (const { version, at, said, document } of swatch.versions)
				await put(
					`insert into swatch_versions (id, swatch, version, document, said, made_by, made_at)
					values ($2, $3, $4, $5, $6, $1, ${moment(7)})`,
					...[randomUUID(), swatch.id, version, document, said, at]
				);
			for (const event of swatch.events)
				await client.query('insert into counter_events (id, swatch, event) values ($1, $2, $3)', [
					event.id,
					swatch.id,
					event
				]);
		}
		for (const { id, document, version, changedAt, away } of held.courses)
			await put(
				`insert into courses (id, owner, document, version, changed_at, removed_at)
				values ($2, $1, $3, $4, ${moment(5)}, ${moment(6)})`,
				...[id, document, version, changedAt, away]
			);
		for (const { name, medium, crossing, saying, changedAt, away } of held.crossings)
			await put(
				`insert into kept_crossings (id, owner, name, medium, crossing, saying, changed_at, removed_at)
				values ($2, $1, $3, $4, $5, $6, ${moment(7)}, ${moment(8)})`,
				...[randomUUID(), name, medium, crossing, saying, changedAt, away]
			);
		for (const { title, text, inUse, changedAt, away } of held.keys)
			await put(
				`insert into keys (id, owner, title, text, in_use, changed_at, removed_at)
				values ($2, $1, $3, $4, $5, ${moment(6)}, ${moment(7)})`,
				...[randomUUID(), title, text, inUse, changedAt, away]
			);
		for (const { name, medium, crossing } of held.readings)
			await put(
				`insert into chosen_readings (owner, name, medium, crossing) values ($1, $2, $3, $4)
				on conflict (owner, name, medium) do nothing`,
				...[name, medium, crossing]
			);
		for (const { id, bytes, type, width, height, madeAt } of held.pictures)
			await put(
				`insert into pictures (id, owner, bytes, type, width, height, made_at)
				values ($2, $1, $3, $4, $5, $6, ${moment(7)})`,
				...[id, bytes, type, width, height, madeAt]
			);
	});
}
