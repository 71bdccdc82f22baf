import { appendFile, copyFile, rename, rm, stat, truncate } from 'node:fs/promises';

/** Lines wait this long to be written together; what waits may be this much; a file may grow to this, in bytes. */
const REST_MS = 200;
const MOST_WAITING = 1024 * 1024;
const MOST_IN_FILE = 10 * 1024 * 1024;
/** Files of before that are kept beside the one that is written. */
const KEPT = 3;

/**
 * A log that never holds anybody up: lines are written later, and where the disk is full they are dropped and counted. A
 * file that has grown large is put aside.
 */
export class LogFile {
	#waiting = '';
	#dropped = 0;
	/** @type {Promise<void> | undefined} */
	#writing;

	/** @param {string} path */
	constructor(path) {
		this.path = path;
	}

	/** @param {string} lines each with its line end */
	write(lines) {
		if (this.#waiting.length + lines.length > MOST_WAITING) this.#dropped += linesIn(lines);
		else this.#waiting += lines;
		this.#writing ??= this.#later();
	}

	/** Ends when all that came so far is written or dropped. */
	async end() {
		while (this.#writing) await this.#writing;
	}

	async #later() {
		await new Promise((resolve) => setTimeout(resolve, REST_MS));
		const batch = this.#waiting;
		const dropped = this.#dropped;
		this.#waiting = '';
		try {
			await putAside(this.path);
			await appendFile(this.path, dropped > 0 ? batch + droppedLine(dropped) : batch, { mode: 0o600 });
			this.#dropped -= dropped;
		} catch {
			this.#dropped += linesIn(batch);
		}
		this.#writing = this.#waiting ? this.#later() : undefined;
	}
}

/**
 * Puts a log that has grown large aside, and lets go of the oldest. The file itself stays and is emptied, so that whoever
 * has it open goes on writing in it.
 * @param {string} path
 * @param {number} [most] how large it may be, in bytes
 */
export async function putAside(path, most = MOST_IN_FILE) {
	const { size } = await stat(path).catch(() => ({ size: 0 }));
	if (size <= most) return;
	await rm(`${path}.${KEPT}`, { force: true });
	for (let n = KEPT - 1; n > 0; n--) await rename(`${path}.${n}`, `${path}.${n + 1}`).catch(() => {});
	await copyFile(path, `${path}.1`).catch(() => {});
	await truncate(path);
}

/** @param {number} count */
const droppedLine = (count) =>
	`${JSON.stringify({ level: 40, time: Date.now(), msg: `${count} lines of the log were dropped` })}\n`;

/** @param {string} lines */
const linesIn = (lines) => lines.split('\n').length - 1;
