import { spawn, type ChildProcess } from 'node:child_process';
import { chmodSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { freePort } from '../../scripts/lib/postgres.mjs';

/** A folder that the database's user can enter, and that goes away again. */
export function temporaryFolder(): { path: string; remove: () => void } {
	const path = mkdtempSync(join(tmpdir(), 'pond-test-'));
	chmodSync(path, 0o755);
	return { path, remove: () => rmSync(path, { recursive: true, force: true }) };
}

/** Runs the start script to its end: what it printed, and its exit code. */
export function startOnce(args: readonly string[]): Promise<{ said: string; code: number | null }> {
	const child = spawn(process.execPath, ['scripts/start.mjs', ...args]);
	let said = '';
	child.stdout.on('data', (chunk) => (said += chunk));
	child.stderr.on('data', (chunk) => (said += chunk));
	return new Promise((resolve) => child.on('exit', (code) => resolve({ said, code })));
}

/** The real thing, as `npm start` runs it, with a data folder of its own. */
export class PondServer {
	readonly data: string;
	#child: ChildProcess | undefined;
	#remove: () => void;

	private constructor(
		readonly port: number,
		folder: { path: string; remove: () => void }
	) {
		this.data = join(folder.path, 'data');
		this.#remove = folder.remove;
	}

	static async make(): Promise<PondServer> {
		const server = new PondServer(await freePort(), temporaryFolder());
		await server.start();
		return server;
	}

	get address(): string {
		return `http://127.0.0.1:${this.port}`;
	}

	get pid(): number {
		return this.#child!.pid!;
	}

	/** Starts, and waits until the server answers. */
	async start(): Promise<void> {
		const child = spawn(process.execPath, [
			'scripts/start.mjs',
			'--port',
			String(this.port),
			'--data',
			this.data
		]);
		this.#child = child;
		let said = '';
		child.stderr.on('data', (chunk) => (said += chunk));
		await new Promise<void>((resolve, reject) => {
			child.stdout.on('data', (chunk) => String(chunk).includes('is ready') && resolve());
			child.once('exit', (code) => reject(new Error(`start ended with ${code}: ${said}`)));
		});
	}

	/** Ends the server as Ctrl-C does (`SIGINT`), or as a power cut would (`SIGKILL`). */
	async end(signal: 'SIGINT' | 'SIGKILL'): Promise<void> {
		const child = this.#child!;
		const gone = new Promise((resolve) => child.once('exit', resolve));
		child.kill(signal);
		await gone;
	}

	async remove(): Promise<void> {
		if (this.#child?.exitCode === null && this.#child.signalCode === null) await this.end('SIGINT');
		this.#remove();
	}
}
