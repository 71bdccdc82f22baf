import * as z from 'zod/mini';
import { crossingShape } from '$core/crossing/schema';
import { classShape } from '$core/teaching/classRecord';
import { changeShape, lessonShape } from '$core/lesson/schema';
import { MEDIA } from '$core/technique/medium';
import { counterEventShape, swatchShape } from '$core/swatch/schema';
import { settingsShape } from '$lib/wire/settings';

export const ARCHIVE_FORMAT = 'pond-loop/archive@1';
export const MANIFEST = 'manifest.json';
/** Most files that an archive may hold. */
export const MOST_FILES = 20_000;

const at = z.number().check(z.minimum(0), z.maximum(8.64e15));
const away = z.nullable(at);
const version = z.number().check(z.int(), z.minimum(0));
const text = z.string().check(z.maxLength(200_000));
const medium = z.enum(MEDIA);

/** What stands beside the open documents: what was done to them, and when. Moments are milliseconds since 1970. */
export const SHAPES = {
	lesson: z.object({
		id: z.uuid(),
		version,
		original: lessonShape,
		originalVersion: version,
		changes: z.array(z.object({ version, at, change: changeShape })),
		tags: z.array(z.string().check(z.maxLength(40))).check(z.maxLength(20)),
		// Archives from before classes were kept have none.
		classes: z._default(z.array(z.object({ id: z.uuid(), record: classShape })), []),
		taught: z.nullable(lessonShape),
		taughtAt: away,
		madeAt: at,
		changedAt: at,
		/** since when it is put away */
		away
	}),
	swatch: z.object({
		id: z.uuid(),
		version,
		versions: z.array(z.object({ version: z.nullable(version), at, said: text, document: swatchShape })),
		events: z.array(counterEventShape),
		changedAt: at,
		away
	}),
	course: z.object({ id: z.uuid(), version, changedAt: at, away }),
	/** the ids of its measurements, in their order */
	piece: z.object({ id: z.uuid(), measuredIds: z.array(z.uuid()), madeAt: at, changedAt: at, away }),
	learners: z.object({ id: z.uuid(), madeAt: at }),
	bench: z.object({
		crossings: z.array(
			z.object({ name: text, medium, crossing: crossingShape, saying: text, changedAt: at, away })
		),
		keys: z.array(z.object({ title: text, text, inUse: z.boolean(), changedAt: at, away })),
		readings: z.array(z.object({ name: text, medium, crossing: crossingShape }))
	}),
	picture: z.object({ id: z.uuid(), madeAt: at }),
	manifest: z.object({
		format: z.literal(ARCHIVE_FORMAT),
		name: z.string(),
		settings: z.partial(settingsShape),
		/** SHA-256 of every other file, by its path */
		files: z.record(z.string(), z.string())
	})
};

const UUID = /[0-9a-f]{8}-(?:[0-9a-f]{4}-){3}[0-9a-f]{12}/g;

/** Gives every id another one, always the same for the same, wherever it stands in a text. */
export function renumbering(next: () => string): (text: string) => string {
	const known = new Map<string, string>();
	return (said) =>
		said.replace(UUID, (id) => {
			const other = known.get(id) ?? next();
			known.set(id, other);
			return other;
		});
}
