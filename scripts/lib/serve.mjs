import { readFileSync } from 'node:fs';
import { createServer } from 'node:http';
import { createServer as createTlsServer } from 'node:https';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { limited } from './limits.mjs';
import { Refusal } from './refusal.mjs';
import { root } from './root.mjs';

/** The largest request that is read: an archive with its pictures. `limits.mjs` has what each route takes. */
const LARGEST_BODY = '256M';
/** How long open requests may take to end when the server is stopped. */
const GRACE_MS = 4_000;

/**
 * Refuses a port that another program has, before anything else is done.
 * @param {{ port: number, host: string }} where
 * @returns {Promise<void>}
 */
export function checkPort({ port, host }) {
	return new Promise((resolve, reject) => {
		const server = createServer();
		server.once('error', (error) => reject(portRefusal(error, port, host)));
		server.listen(port, host, () => server.close(() => resolve()));
	});
}

/**
 * Serves the built app.
 * @param {{ port: number, host: string, cert?: string, key?: string, databaseUrl: string, log: string, demo: boolean }} options
 * @returns {Promise<{ address: string, stop: () => Promise<void> }>}
 */
export async function serve({ port, host, cert, key, databaseUrl, log, demo }) {
	const tls = cert && key ? { cert: fileOf(cert), key: fileOf(key) } : null;
	process.env.DATABASE_URL = databaseUrl;
	process.env.POND_LOG = log;
	process.env.POND_DEMO = demo ? 'on' : 'off';
	process.env.POND_SHEET_WORKER = join(root, 'build', 'workers', 'sheetWorker.js');
	process.env.BODY_SIZE_LIMIT = LARGEST_BODY;
	process.env.PROTOCOL_HEADER = 'x-pond-protocol';
	const { handler } = await import(pathToFileURL(join(root, 'build', 'handler.js')).href);
	const answer = limited((request, response) => {
		request.headers['x-pond-protocol'] = tls ? 'https' : 'http';
		handler(request, response);
	});
	const server = tls ? createTlsServer(tls, answer) : createServer(answer);
	await new Promise((resolve, reject) => {
		server.once('error', (error) => reject(portRefusal(error, port, host)));
		server.listen(port, host, () => resolve(undefined));
	});
	return {
		address: `${tls ? 'https' : 'http'}://${host === '0.0.0.0' || host === '::' ? 'localhost' : host.includes(':') ? `[${host}]` : host}:${port}`,
		async stop() {
			const closed = new Promise((resolve) => server.close(resolve));
			server.closeIdleConnections();
			const late = setTimeout(() => server.closeAllConnections(), GRACE_MS);
			await closed;
			clearTimeout(late);
			process.emit(/** @type {any} */ ('sveltekit:shutdown'), /** @type {any} */ ('stop'));
		}
	};
}

/** @param {string} path */
function fileOf(path) {
	try {
		return readFileSync(path);
	} catch (error) {
		throw new Refusal(
			`${path} cannot be read (${/** @type {Error} */ (error).message}). Give the certificate with --cert and its key with --key.`
		);
	}
}

/**
 * @param {NodeJS.ErrnoException} error
 * @param {number} port
 * @param {string} host
 */
function portRefusal(error, port, host) {
	if (error.code === 'EADDRINUSE')
		return new Refusal(
			`Port ${port} is taken by another program. Give another: npm start -- --port ${port + 1}`
		);
	if (error.code === 'EACCES')
		return new Refusal(
			`Port ${port} needs rights we do not have. Give one above 1024: npm start -- --port 4600`
		);
	if (error.code === 'EADDRNOTAVAIL')
		return new Refusal(
			`${host} is no address of this machine. Give one of its own with --host, or leave it out.`
		);
	return error;
}
