import { createHash, randomUUID } from 'node:crypto';
import { promisify } from 'node:util';
import { unzip, zip, type AsyncUnzipOptions, type AsyncZippable, type Unzipped } from 'fflate';
import * as z from 'zod/mini';
import { crossingShape } from '$core/crossing/schema';
import { shaped } from '$core/formats/json';
import { classShape } from '$core/lesson/classRecord';
import { courseShape } from '$core/lesson/course';
import { changeShape, lessonShape } from '$core/lesson/schema';
import { MEDIA } from '$core/media/medium';
import { fault, good, type Result } from '$core/result';
import { counterEventShape, swatchShape } from '$core/swatch/schema';
import { madeSmaller } from './smaller';
import { holdingsOf, takeHoldings, type Holdings } from './store/archive';
import { settingsShape } from './store/teachers';

export const ARCHIVE_FORMAT = 'pond-loop/archive@1';
const MANIFEST = 'manifest.json';
/** Most that an archive may hold once it is unpacked, in bytes. */
const MOST_UNPACKED = 512 * 1024 * 1024;

const at = z.number().check(z.minimum(0), z.maximum(8.64e15));
const away = z.nullable(at);
const version = z.number().check(z.int(), z.minimum(0));
const text = z.string().check(z.maxLength(200_000));
const medium = z.enum(MEDIA);

/** What stands beside the open documents: what was done to them, and when. */
const SHAPES = {
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
function renumbering(next: () => string): (text: string) => string {
	const known = new Map<string, string>();
	return (said) =>
		said.replace(UUID, (id) => {
			const other = known.get(id) ?? next();
			known.set(id, other);
			return other;
		});
}

/** Ids as an archive has them: numbered as they come, so that the same things always make the same archive. */
function numbered(): () => string {
	let count = 0;
	return () => `00000000-0000-4000-8000-${(++count).toString(16).padStart(12, '0')}`;
}

const bytesOf = (said: string) => new TextEncoder().encode(said);
const sha256 = (bytes: Uint8Array) => createHash('sha256').update(bytes).digest('hex');
const file = (folder: string, i: number, end: string) => `${folder}/${String(i + 1).padStart(4, '0')}${end}`;

/** Everything of a teacher's as one zip of open formats, each file with its checksum. */
export async function archiveOf(owner: string): Promise<Uint8Array> {
	const held = await holdingsOf(owner);
	const renumbered = renumbering(numbered());
	const files: Record<string, Uint8Array> = {};
	const add = (path: string, value: unknown) =>
		(files[path] = bytesOf(renumbered(`${JSON.stringify(value, null, '\t')}\n`)));
	for (const folder of ['lessons', 'swatches', 'courses'] as const)
		held[folder].forEach(({ document, ...kept }, i) => {
			add(file(folder, i, '.json'), document);
			add(file(folder, i, '.history.json'), kept);
		});
	held.pictures.forEach(({ bytes, type, id, madeAt }, i) => {
		files[file('pictures', i, type === 'image/png' ? '.png' : '.jpg')] = new Uint8Array(bytes);
		add(file('pictures', i, '.json'), { id, madeAt });
	});
	add('bench.json', { crossings: held.crossings, keys: held.keys, readings: held.readings });
	const manifest = {
		format: ARCHIVE_FORMAT,
		name: held.name,
		settings: held.settings,
		files: Object.fromEntries(Object.entries(files).map(([path, bytes]) => [path, sha256(bytes)]))
	};
	// A fixed day: the same things make the same bytes.
	const mtime = '1980-01-01T00:00:00';
	const packed = { [MANIFEST]: bytesOf(`${JSON.stringify(manifest, null, '\t')}\n`), ...files };
	return promisify<AsyncZippable, { mtime: string }, Uint8Array>(zip)(packed, { mtime });
}

/** Brings an archive in beside what a teacher has; nothing of it where anything is damaged. Gives how much came. */
export async function bringIn(owner: string, bytes: Uint8Array): Promise<Result<Holdings>> {
	const files = await unpacked(bytes);
	if (!files.ok) return files;
	const held = await heldIn(files.value);
	if (!held.ok) return held;
	await takeHoldings(owner, held.value);
	return held;
}

/** The files of an archive, each proved by its checksum. */
async function unpacked(bytes: Uint8Array): Promise<Result<Unzipped>> {
	let size = 0;
	let files: Unzipped;
	try {
		files = await promisify<Uint8Array, AsyncUnzipOptions, Unzipped>(unzip)(bytes, {
			filter: ({ originalSize }) => (size += originalSize) <= MOST_UNPACKED
		});
	} catch {
		return fault(
			'unreadable',
			'This is no zip file that can be read. Choose an archive that Pond Loop made.'
		);
	}
	if (size > MOST_UNPACKED)
		return fault('size', 'This archive unpacks to more than 512 MB, and is refused whole.');
	const manifest = jsonIn(files, MANIFEST, SHAPES.manifest);
	if (!manifest.ok) return manifest;
	const named = Object.entries(manifest.value.files);
	for (const [path, sum] of named)
		if (!files[path] || sha256(files[path]) !== sum)
			return fault(
				'conflict',
				`${path} in this archive is damaged or missing. Nothing was brought in: take a sound copy.`
			);
	const extra = Object.keys(files).find((path) => path !== MANIFEST && !(path in manifest.value.files));
	if (extra) return fault('conflict', `${extra} is not in the archive's own list. Nothing was brought in.`);
	return good(files);
}

/** What an archive holds, in the shapes it must have, under ids that are new. */
async function heldIn(files: Unzipped): Promise<Result<Holdings>> {
	const manifest = jsonIn(files, MANIFEST, SHAPES.manifest);
	if (!manifest.ok) return manifest;
	const renumbered = renumbering(randomUUID);
	const fresh: Unzipped = Object.fromEntries(
		Object.entries(files).map(([path, bytes]) => [
			path,
			path.endsWith('.json') ? bytesOf(renumbered(new TextDecoder().decode(bytes))) : bytes
		])
	);
	const faults: Result<never>[] = [];
	const take = <Shape extends z.ZodMiniType>(path: string, shape: Shape): z.infer<Shape> => {
		const value = jsonIn(fresh, path, shape);
		if (!value.ok) faults.push(value);
		return value.ok ? value.value : (undefined as never);
	};
	const both = <Document extends z.ZodMiniType, Kept extends z.ZodMiniType>(
		folder: string,
		document: Document,
		kept: Kept
	) =>
		Object.keys(fresh)
			.filter((path) => path.startsWith(`${folder}/`) && /^\w+\/\d+\.json$/.test(path))
			.sort()
			.map((path) => ({
				...(take(path.replace(/json$/, 'history.json'), kept) as object),
				document: take(path, document)
			}));
	const held = {
		name: manifest.value.name,
		settings: manifest.value.settings,
		lessons: both('lessons', lessonShape, SHAPES.lesson),
		swatches: both('swatches', swatchShape, SHAPES.swatch),
		courses: both('courses', courseShape, SHAPES.course),
		...(take('bench.json', SHAPES.bench) as object),
		pictures: [] as Holdings['pictures'][number][]
	};
	for (const path of Object.keys(fresh).sort()) {
		if (!/^pictures\/\d+\.(?:jpg|png)$/.test(path)) continue;
		// Looked at only: what came out of here comes in again byte for byte.
		const bytes = Buffer.from(fresh[path]);
		const seen = await madeSmaller(bytes);
		const kept = take(path.replace(/\w+$/, 'json'), SHAPES.picture);
		if (!seen.ok) return seen;
		held.pictures.push({ ...seen.value, ...kept, bytes });
	}
	return faults[0] ?? good(held as unknown as Holdings);
}

function jsonIn<Shape extends z.ZodMiniType>(
	files: Unzipped,
	path: string,
	shape: Shape
): Result<z.infer<Shape>> {
	let value: unknown;
	try {
		value = JSON.parse(new TextDecoder().decode(files[path]));
	} catch {
		return fault(
			'unreadable',
			`${path} is missing from this archive, or is no JSON. Nothing was brought in.`
		);
	}
	return shaped(shape, value, `${path} of an archive`);
}
