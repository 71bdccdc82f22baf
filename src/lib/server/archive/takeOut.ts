import { createHash } from 'node:crypto';
import { closeSync, openSync, writeSync } from 'node:fs';
import { Zip, ZipDeflate } from 'fflate';
import { readHoldings } from '../store/archive';
import { ARCHIVE_FORMAT, MANIFEST, renumbering } from './shapes';

/** A fixed day: the same things make the same bytes. */
const DAY = '1980-01-01T00:00:00';

/** Ids as an archive has them: numbered as they come, so that the same things always make the same archive. */
function numbered(): () => string {
	let count = 0;
	return () => `00000000-0000-4000-8000-${(++count).toString(16).padStart(12, '0')}`;
}

const place = (n: number) => String(n + 1).padStart(4, '0');

/**
 * Writes everything of a teacher's into one zip of open formats, each file with its checksum. Things are read and written
 * one after another, and long histories piece by piece, so that the whole is never in memory.
 *
 * @param path where the zip is written
 * @param learners whether they go along
 */
export async function takeOut(owner: string, path: string, learners: boolean): Promise<void> {
	const out = new ZipFile(path);
	const renumbered = renumbering(numbered());
	const json = (value: unknown) => renumbered(JSON.stringify(value));
	try {
		const { name, settings, bench } = await readHoldings(
			owner,
			{
				async document(folder, n, { document, ...kept }, long) {
					out.add(`${folder}/${place(n)}.json`, `${json(document)}\n`);
					const file = out.open(`${folder}/${place(n)}.history.json`);
					file.write(json(kept).slice(0, -1));
					for (const [field, pieces] of Object.entries(long)) {
						file.write(`,"${field}":[`);
						let first = true;
						for await (const piece of pieces) {
							file.write(`${first ? '' : ','}\n${json(piece)}`);
							first = false;
						}
						file.write(']');
					}
					file.write('}\n');
					file.end();
				},
				async picture(n, { bytes, type, id, madeAt }) {
					out.add(`pictures/${place(n)}${type === 'image/png' ? '.png' : '.jpg'}`, bytes);
					out.add(`pictures/${place(n)}.json`, `${json({ id, madeAt })}\n`);
				}
			},
			{ learners }
		);
		out.add('bench.json', `${json(bench)}\n`);
		const manifest = { format: ARCHIVE_FORMAT, name, settings, files: Object.fromEntries(out.sums) };
		out.add(MANIFEST, `${JSON.stringify(manifest, null, '\t')}\n`);
	} finally {
		out.end();
	}
}

/** A zip that is written to a file as it comes. */
class ZipFile {
	/** SHA-256 of each file so far, by its path */
	readonly sums = new Map<string, string>();
	readonly #fd: number;
	readonly #zip: Zip;

	constructor(path: string) {
		this.#fd = openSync(path, 'wx', 0o600);
		this.#zip = new Zip((error, chunk) => {
			if (error) throw error;
			writeSync(this.#fd, chunk);
		});
	}

	open(path: string): { write(said: string | Uint8Array): void; end(): void } {
		const file = new ZipDeflate(path, { level: 6 });
		file.mtime = DAY;
		const sum = createHash('sha256');
		this.#zip.add(file);
		return {
			write: (said) => {
				const bytes = typeof said === 'string' ? new TextEncoder().encode(said) : said;
				sum.update(bytes);
				file.push(bytes);
			},
			end: () => {
				this.sums.set(path, sum.digest('hex'));
				file.push(new Uint8Array(), true);
			}
		};
	}

	add(path: string, said: string | Uint8Array): void {
		const file = this.open(path);
		file.write(said);
		file.end();
	}

	end(): void {
		this.#zip.end();
		closeSync(this.#fd);
	}
}
