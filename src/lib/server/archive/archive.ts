import { createReadStream, createWriteStream } from 'node:fs';
import { mkdtemp, rm, stat } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import type { ReadableStream as WebStream } from 'node:stream/web';
import { fault, good, type Result } from '$core/result';
import { inThread } from '../thread';
import { Turns } from '../turns';
import type { ArchiveWork } from './archiveWorker';
import type { Came } from './bringIn';

/** One archive at a time in each process, and so many that wait for it. */
const turns = new Turns(1, 8, 60_000);
const LIMITS = { mostMb: 1_024, mostMs: 120_000 };

const BUSY = fault('size', 'Other archives are being made just now. Try again in a minute.');
const TOO_MUCH = fault(
	'size',
	'This archive is more than can be worked through here in two minutes. Nothing was changed.'
);

/**
 * Everything of a teacher's as one zip, to be read once.
 * @param learners whether hers go along
 */
export async function archiveOf(
	owner: string,
	learners: boolean
): Promise<Result<{ bytes: number; stream: ReadableStream }>> {
	return inFolder(async (folder, done) => {
		const zip = join(folder, 'archive.zip');
		const made = await ended<null>({ task: 'take out', owner, zip, learners });
		if (!made.ok) return made;
		const { size } = await stat(zip);
		const file = createReadStream(zip);
		file.once('close', done);
		return good({ bytes: size, stream: Readable.toWeb(file) as ReadableStream });
	});
}

/**
 * Brings an archive in beside what a teacher has, as it comes; nothing of it where anything is damaged.
 * @param room how much more she may keep, in bytes
 */
export async function archiveIn(owner: string, body: ReadableStream, room: number): Promise<Result<Came>> {
	return inFolder(async (folder, done) => {
		try {
			const zip = join(folder, 'archive.zip');
			await pipeline(Readable.fromWeb(body as WebStream), createWriteStream(zip, { mode: 0o600 }));
			const came = await ended<Result<Came>>({ task: 'bring in', owner, zip, folder, room });
			return came.ok ? came.value : came;
		} finally {
			done();
		}
	});
}

/** What a thread came to. */
async function ended<Done>(work: ArchiveWork): Promise<Result<Done>> {
	const end = await inThread<ArchiveWork, never, Done>('archiveWorker', work, LIMITS).ended;
	return end.how === 'done' ? good(end.done) : TOO_MUCH;
}

/** Gives a turn and a folder to what is done with an archive, and takes both back when it is done with them. */
async function inFolder<T>(
	body: (folder: string, done: () => void) => Promise<Result<T>>
): Promise<Result<T>> {
	const back = await turns.take('archives');
	if (!back) return BUSY;
	const folder = await mkdtemp(join(tmpdir(), 'pond-archive-'));
	let over = false;
	const done = () => {
		if (over) return;
		over = true;
		back();
		void rm(folder, { recursive: true, force: true });
	};
	try {
		const result = await body(folder, done);
		if (!result.ok) done();
		return result;
	} catch (error) {
		done();
		throw error;
	}
}
