import { execFileSync, spawn } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { freePort } from './ports.mjs';
import { root } from './root.mjs';
import { temporaryFolder } from './temporaryFolder.mjs';

/** The real thing, as `npm start` runs it, with the demo data in a data folder of its own that goes away with it. */
export class PondServer {
	/** @type {import('node:child_process').ChildProcess | undefined} */
	#child;
	/** @type {() => void} */
	#remove;

	/**
	 * @param {number} port
	 * @param {{ path: string, remove: () => void }} folder
	 * @param {string[]} [options]
	 * @param {string} [program] the folder of the program
	 */
	constructor(port, folder, options = [], program = root) {
		this.options = options;
		this.program = program;
		this.port = port;
		this.data = join(folder.path, 'data');
		this.address = `http://127.0.0.1:${port}`;
		this.#remove = folder.remove;
	}

	/**
	 * @param {string[]} [options] what else `npm start` is told
	 * @param {string} [program] the folder of the program, where it is not ours
	 */
	static async make(options, program) {
		const server = new PondServer(await freePort(), temporaryFolder(), options, program);
		await server.start();
		return server;
	}

	/** Starts, and waits until the server answers. */
	async start() {
		const child = spawn(process.execPath, [
			join(this.program, 'scripts', 'start.mjs'),
			'--port',
			String(this.port),
			'--data',
			this.data,
			...this.options
		]);
		this.#child = child;
		let said = '';
		child.stderr.on('data', (chunk) => (said += chunk));
		await new Promise((resolve, reject) => {
			child.stdout.on('data', (chunk) => String(chunk).includes('is ready') && resolve(undefined));
			child.once('exit', (code) => reject(new Error(`start ended with ${code}: ${said}`)));
		});
	}

	/** The processes that serve, each by its number. */
	processes() {
		const pid = this.#child?.pid;
		return pid ? childrenOf(pid).filter((one) => commandOf(one).includes('serverProcess.mjs')) : [];
	}

	/** Waits until it answers, its database too. */
	async answers() {
		for (let tries = 0; tries < 100; tries++) {
			const health = await fetch(`${this.address}/health`).catch(() => null);
			await health?.text();
			if (health?.ok) return;
			await new Promise((resolve) => setTimeout(resolve, 100));
		}
		throw new Error(`${this.address} does not answer`);
	}

	/**
	 * Opens the demo as its button does.
	 * @returns {Promise<string>} the cookie that requests then carry, `name=value`
	 */
	async demoCookie() {
		const response = await fetch(`${this.address}/sign-in?/demo`, {
			method: 'POST',
			redirect: 'manual',
			headers: { origin: this.address, 'content-type': 'application/x-www-form-urlencoded' },
			body: 'to=/'
		});
		const [cookie] = response.headers.getSetCookie();
		if (!cookie) throw new Error(`the demo was not opened: ${response.status}`);
		return cookie.split(';')[0];
	}

	/**
	 * The same for a browser of Playwright's.
	 */
	async demoState() {
		const [name, value] = (await this.demoCookie()).split('=');
		const cookie = { name, value, domain: '127.0.0.1', path: '/', expires: -1 };
		return {
			cookies: [{ ...cookie, httpOnly: true, secure: false, sameSite: /** @type {'Lax'} */ ('Lax') }],
			origins: []
		};
	}

	/**
	 * Ends the server as Ctrl-C does (`SIGINT`), or as a power cut would (`SIGKILL`).
	 * @param {'SIGINT' | 'SIGTERM' | 'SIGKILL'} signal
	 */
	async end(signal) {
		const child = this.#child;
		if (!child || child.exitCode !== null || child.signalCode !== null) return;
		const gone = new Promise((resolve) => child.once('exit', resolve));
		child.kill(signal);
		await gone;
	}

	async remove() {
		await this.end('SIGINT');
		this.#remove();
	}
}

/**
 * Runs one of our scripts to its end: what it printed, and its exit code.
 * @param {'start' | 'backup' | 'restore'} name
 * @param {readonly string[]} args
 * @returns {Promise<{ said: string, code: number | null }>}
 */
export function runScript(name, args) {
	const child = spawn(process.execPath, [join(root, 'scripts', `${name}.mjs`), ...args]);
	let said = '';
	child.stdout.on('data', (chunk) => (said += chunk));
	child.stderr.on('data', (chunk) => (said += chunk));
	return new Promise((resolve) => child.on('exit', (code) => resolve({ said, code })));
}

/**
 * Starts what is to be refused.
 * @param {readonly string[]} args
 */
export const startOnce = (args) => runScript('start', args);

/**
 * The children of a process.
 * @param {number} pid
 * @returns {number[]}
 */
function childrenOf(pid) {
	try {
		return execFileSync('pgrep', ['-P', String(pid)], { encoding: 'utf8' })
			.trim()
			.split('\n')
			.map(Number);
	} catch {
		return [];
	}
}

/** @param {number} pid */
function commandOf(pid) {
	try {
		return readFileSync(`/proc/${pid}/cmdline`, 'utf8');
	} catch {
		return '';
	}
}
