import { readFileSync } from 'node:fs';
import { createServer } from 'node:http';
import { createServer as createTlsServer } from 'node:https';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { hostsOf, isLoopback } from './hosts.mjs';
import { refuse, refusedByHead } from './limits.mjs';
import { whyNot } from './ports.mjs';
import { Refusal } from './refusal.mjs';
import { root } from './root.mjs';

/** The largest request that is read: an archive with its pictures. `limits.mjs` has what each route takes. */
const LARGEST_BODY = '256M';
/** Answers that are noted with the address they went to. */
const DENIALS = new Set([400, 401, 403, 404, 411, 413, 421, 422, 429]);
/** How long open requests may take to end when the server is stopped. */
const GRACE_MS = 4_000;
/** How long a connection that rests is kept: longer than proxies keep theirs, or one would ask on it just as we close it. */
const KEPT_MS = 75_000;

/** How long one that was killed may take until its processes have let go of their port. */
const LETTING_GO_MS = 3_000;

/**
 * @typedef {{ port: number, host: string, cert?: string, key?: string, origin?: string }} Where
 *
 * Refuses a port that another program has, before anything else is done.
 * @param {Where} where
 */
export async function checkPort({ port, host }) {
	for (let waited = 0; ; waited += 100) {
		const error = await whyNot(port, host);
		if (!error) return;
		if (error.code !== 'EADDRINUSE' || waited >= LETTING_GO_MS) throw portRefusal(error, port, host);
		await new Promise((resolve) => setTimeout(resolve, 100));
	}
}

/**
 * The address that a server prints.
 * @param {Where} where
 */
export function addressOf({ port, host, cert, origin }) {
	if (origin) return origin;
	const named = host === '0.0.0.0' || host === '::' ? 'localhost' : host.includes(':') ? `[${host}]` : host;
	return `${cert ? 'https' : 'http'}://${named}:${port}`;
}

/**
 * Serves the built app. The app reads what it is to know from the environment.
 * @param {Where & { tell: (line: object) => void }} options `tell` takes what is to be logged
 * @returns {Promise<{ stop: () => Promise<void> }>}
 */
export async function serve({ port, host, cert, key, origin, tell }) {
	const tls = cert && key ? { cert: fileOf(cert), key: fileOf(key) } : null;
	process.env.BODY_SIZE_LIMIT = LARGEST_BODY;
	process.env.PROTOCOL_HEADER = 'x-pond-protocol';
	process.env.ADDRESS_HEADER = 'x-pond-address';
	if (origin) process.env.ORIGIN = origin;
	if (!isLoopback(host)) process.env.POND_OPEN = 'yes';
	process.env.POND_WORKERS = join(root, 'build', 'workers');
	const { handler } = await import(pathToFileURL(join(root, 'build', 'handler.js')).href);
	const isOurs = hostsOf({ host, origin });
	/** @type {import('node:http').RequestListener} */
	const answer = (request, response) => {
		const address = addressOfClient(request, Boolean(origin));
		const { method, url } = request;
		response.once('finish', () => {
			const { statusCode: status } = response;
			if (DENIALS.has(status)) tell({ level: 40, status, address, method, path: pathOf(url), msg: 'denied' });
		});
		const refused = refusedByHead(request, isOurs);
		if (refused) return refuse(response, refused);
		request.headers['x-pond-protocol'] = tls ? 'https' : 'http';
		request.headers['x-pond-address'] = address;
		handler(request, response);
	};
	const server = tls ? createTlsServer(tls, answer) : createServer(answer);
	server.keepAliveTimeout = KEPT_MS;
	await new Promise((resolve, reject) => {
		server.once('error', (error) => reject(portRefusal(error, port, host)));
		server.listen(port, host, () => resolve(undefined));
	});
	return {
		async stop() {
			const closed = new Promise((resolve) => server.close(resolve));
			// What never ends by itself is ended by the app, or it would hold us to the end of our grace.
			process.emit(/** @type {any} */ ('pond:stopping'), /** @type {any} */ ('stop'));
			server.closeIdleConnections();
			const late = setTimeout(() => server.closeAllConnections(), GRACE_MS);
			await closed;
			clearTimeout(late);
			process.emit(/** @type {any} */ ('sveltekit:shutdown'), /** @type {any} */ ('stop'));
		}
	};
}

/**
 * Who asks. Behind a proxy it is the last address that was noted, for that is the one the proxy itself saw.
 * @param {import('node:http').IncomingMessage} request
 * @param {boolean} behindProxy
 */
function addressOfClient({ headers, socket }, behindProxy) {
	const noted = behindProxy
		? String(headers['x-forwarded-for'] ?? '')
				.split(',')
				.at(-1)
				?.trim()
		: '';
	return noted || socket.remoteAddress || 'unknown';
}

/**
 * What is asked for, without what may be a secret: what stands behind it, and what opens something by itself.
 * @param {string | undefined} url
 */
const pathOf = (url = '') =>
	url
		.split('?')[0]
		.slice(0, 200)
		.replace(/^((?:\/api)?\/(?:follow|practice)\/).+/, '$1…');

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
