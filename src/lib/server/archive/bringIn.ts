import { randomUUID } from 'node:crypto';
import { readFileSync } from 'node:fs';
import * as z from 'zod/mini';
import { parseShape } from '$core/formats/json';
import { courseShape } from '$core/planning/course';
import type { Lesson } from '$core/lesson/lesson';
import { lessonShape } from '$core/lesson/schema';
import { soundLesson } from '$core/lesson/sound';
import { pieceShape } from '$core/measures/schema';
import { fault, good, type Result } from '$core/result';
import { learnersShape } from '$core/practice/schema';
import { swatchShape } from '$core/swatch/schema';
import { keepableText } from '../keepable';
import { madeSmaller } from '../smaller';
import { takeHoldings, type Holding } from '../store/archive';
import { MANIFEST, renumbering, SHAPES } from './shapes';
import { unpack, type Unpacked } from './unpack';

/** How much of each kind came. */
export type Came = Readonly<
	Record<'lessons' | 'swatches' | 'courses' | 'pieces' | 'learners' | 'pictures', number>
>;

type Files = ReadonlyMap<string, Unpacked>;

/**
 * Brings an archive in beside what a teacher has; nothing of it where anything is damaged. Everything is looked at before
 * the first is kept, one after another, so that the whole is never in memory.
 *
 * @param zip where the archive lies
 * @param folder where it may be unpacked
 * @param room most that it may hold, in bytes
 */
export async function bringIn({
	owner,
	zip,
	folder,
	room
}: Readonly<Record<'owner' | 'zip' | 'folder', string>> & { readonly room: number }): Promise<Result<Came>> {
	const files = await unpack(zip, folder, room);
	if (!files.ok) return files;
	const manifest = soundManifest(files.value);
	if (!manifest.ok) return manifest;
	const holdings = holdingsIn(files.value, manifest.value);
	const came = { lessons: 0, swatches: 0, courses: 0, pieces: 0, learners: 0, pictures: 0 };
	for await (const held of holdings.each()) {
		if (!held.ok) return held;
		if (held.value.kind !== 'bench') came[held.value.kind]++;
	}
	await takeHoldings(owner, holdings.settings, soundOnly(holdings.each()));
	return good(came);
}

/** What was looked at before and found sound. */
async function* soundOnly(each: AsyncIterable<Result<Holding>>): AsyncGenerator<Holding> {
	for await (const held of each) if (held.ok) yield held.value;
}

type Manifest = z.infer<typeof SHAPES.manifest>;

/** The archive's own list, each file on it proved by its checksum, and none beside it. */
function soundManifest(files: Files): Result<Manifest> {
	const manifest = jsonIn(files, MANIFEST, SHAPES.manifest);
	if (!manifest.ok) return manifest;
	const named = manifest.value.files;
	for (const [path, sum] of Object.entries(named))
		if (files.get(path)?.sha256 !== sum)
			return fault(
				'conflict',
				`${path} in this archive is damaged or missing. Nothing was brought in: take a sound copy.`
			);
	const extra = [...files.keys()].find((path) => path !== MANIFEST && !Object.hasOwn(named, path));
	return extra
		? fault('conflict', `${extra} is not in the archive's own list. Nothing was brought in.`)
		: manifest;
}

const DOCUMENTS = [
	{ kind: 'lessons', document: lessonShape, kept: SHAPES.lesson },
	{ kind: 'swatches', document: swatchShape, kept: SHAPES.swatch },
	{ kind: 'courses', document: courseShape, kept: SHAPES.course },
	{ kind: 'pieces', document: pieceShape, kept: SHAPES.piece },
	{ kind: 'learners', document: learnersShape, kept: SHAPES.learners }
] as const;

/** What an archive holds, in the shapes it must have, under ids that are new. */
function holdingsIn(
	files: Files,
	{ settings }: Manifest
): { settings: Manifest['settings']; each: () => AsyncGenerator<Result<Holding>> } {
	const renumbered = renumbering(randomUUID);
	const read = <Shape extends z.ZodMiniType>(path: string, shape: Shape) =>
		jsonIn(files, path, shape, renumbered);
	const paths = [...files.keys()].sort();
	async function* each(): AsyncGenerator<Result<Holding>> {
		for (const { kind, document, kept } of DOCUMENTS)
			for (const path of paths.filter((one) => new RegExp(`^${kind}/\\d+\\.json$`).test(one))) {
				const beside = read(path.replace(/json$/, 'history.json'), kept);
				const shapely = read<z.ZodMiniType>(path, document);
				const itself = shapely.ok && kind === 'lessons' ? soundLesson(shapely.value as Lesson) : shapely;
				if (!beside.ok || !itself.ok) yield (beside.ok ? itself : beside) as Result<never>;
				else yield good({ kind, ...beside.value, document: itself.value } as Holding);
			}
		const bench = read('bench.json', SHAPES.bench);
		yield bench.ok ? good({ kind: 'bench', ...bench.value } as Holding) : bench;
		for (const path of paths.filter((one) => /^pictures\/\d+\.(?:jpg|png)$/.test(one))) {
			const kept = read(path.replace(/\w+$/, 'json'), SHAPES.picture);
			// What came out of here comes in again byte for byte; what says more than a picture is made anew.
			const seen = await madeSmaller(readFileSync(files.get(path)!.at), { asItIs: true });
			if (!kept.ok || !seen.ok) yield (kept.ok ? seen : kept) as Result<never>;
			else yield good({ kind: 'pictures', ...seen.value, ...kept.value } as Holding);
		}
	}
	return { settings, each };
}

function jsonIn<Shape extends z.ZodMiniType>(
	files: Files,
	path: string,
	shape: Shape,
	changed = (said: string) => said
): Result<z.infer<Shape>> {
	let value: unknown;
	try {
		value = JSON.parse(changed(readFileSync(files.get(path)!.at, 'utf8')), keepableText);
	} catch {
		return fault(
			'unreadable',
			`${path} is missing from this archive, or is no JSON. Nothing was brought in.`
		);
	}
	return parseShape(shape, value, `${path} of an archive`);
}
