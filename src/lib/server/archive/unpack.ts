import { createHash } from 'node:crypto';
import { createWriteStream } from 'node:fs';
import { join } from 'node:path';
import { Transform } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { promisify } from 'node:util';
import { open as openZip, type Entry, type Options, type ZipFile } from 'yauzl';
import { fault, good, type Result } from '$core/result';
import { MOST_FILES } from './shapes';

/** Most that an archive may hold once it is unpacked, and one of its files, in bytes. */
const MOST_UNPACKED = 512 * 1024 * 1024;
const MOST_IN_FILE = 128 * 1024 * 1024;

/** A file that was unpacked. */
export interface Unpacked {
	/** where it lies now */
	readonly at: string;
	readonly sha256: string;
}

/** An archive that holds more than it may; the message says so. */
class TooMuch extends Error {}

const inMb = (bytes: number) => `${Math.floor(bytes / 1024 / 1024)} MB`;

/**
 * Unpacks a zip into a folder, file by file. Bytes are counted as they come, whatever the zip says of its sizes; its names
 * are no names of ours.
 *
 * @param room most that it may hold, in bytes
 * @returns what was in it, by the path it has there
 */
export async function unpack(
	zip: string,
	folder: string,
	room: number
): Promise<Result<ReadonlyMap<string, Unpacked>>> {
	const most = Math.min(room, MOST_UNPACKED);
	const files = new Map<string, Unpacked>();
	let size = 0;
	try {
		const archive = await promisify<string, Options, ZipFile>(openZip)(zip, { lazyEntries: true });
		if (archive.entryCount > MOST_FILES) {
			archive.close();
			return fault('size', `An archive holds at most ${MOST_FILES} files, and this one says it holds more.`);
		}
		const openEntry = promisify<Entry, NodeJS.ReadableStream>(archive.openReadStream.bind(archive));
		for await (const entry of entriesOf(archive)) {
			if (entry.fileName.endsWith('/')) continue;
			if (files.has(entry.fileName))
				return fault('conflict', `${entry.fileName} is in this archive twice. Nothing was brought in.`);
			const at = join(folder, String(files.size));
			const sum = createHash('sha256');
			let own = 0;
			const counting = new Transform({
				transform(chunk: Buffer, _, done) {
					size += chunk.length;
					own += chunk.length;
					sum.update(chunk);
					if (size > most)
						done(new TooMuch(`This archive unpacks to more than the ${inMb(most)} that there is room for`));
					else if (own > MOST_IN_FILE)
						done(new TooMuch(`A file of this archive unpacks to more than ${inMb(MOST_IN_FILE)}`));
					else done(null, chunk);
				}
			});
			await pipeline(await openEntry(entry), counting, createWriteStream(at, { mode: 0o600 }));
			files.set(entry.fileName, { at, sha256: sum.digest('hex') });
		}
	} catch (error) {
		if (error instanceof TooMuch) return fault('size', `${error.message}, and is refused whole.`);
		if ((error as NodeJS.ErrnoException).code === 'ENOSPC') throw error;
		return fault(
			'unreadable',
			'This is no zip file that can be read. Choose an archive that Pond Loop made.'
		);
	}
	return good(files);
}

async function* entriesOf(archive: ZipFile): AsyncGenerator<Entry> {
	for (;;) {
		const entry = await new Promise<Entry | null>((resolve, reject) => {
			archive.once('entry', resolve);
			archive.once('end', () => resolve(null));
			archive.once('error', reject);
			archive.readEntry();
		});
		archive.removeAllListeners();
		if (!entry) return;
		yield entry;
	}
}
