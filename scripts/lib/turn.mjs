import { createHash } from 'node:crypto';
import { existsSync, realpathSync } from 'node:fs';
import { connect, createServer } from 'node:net';

/**
 * What only one process may do at a time with a folder. The sign is a socket of a name that Linux keeps and no file
 * system: it goes when its process goes, however that ends.
 *
 * @param {string} what
 * @param {string} folder
 * @returns {Promise<(() => void) | null>} what gives the turn up; null while another has it
 */
export function turn(what, folder) {
	/** those who wait */
	const waiting = /** @type {Set<import('node:net').Socket>} */ (new Set());
	const server = createServer((socket) => {
		waiting.add(socket);
		socket.on('error', () => {});
		socket.on('close', () => waiting.delete(socket));
		socket.unref();
	});
	return new Promise((resolve, reject) => {
		server.once('error', (error) =>
			/** @type {NodeJS.ErrnoException} */ (error).code === 'EADDRINUSE' ? resolve(null) : reject(error)
		);
		server.listen(nameOf(what, folder), () => {
			server.unref();
			resolve(() => {
				server.close();
				for (const socket of waiting) socket.destroy();
			});
		});
	});
}

/**
 * Waits for one's turn.
 * @param {string} what
 * @param {string} folder
 * @returns {Promise<() => void>} what gives the turn up
 */
export async function nextTurn(what, folder) {
	for (;;) {
		const mine = await turn(what, folder);
		if (mine) return mine;
		await goneFrom(what, folder);
	}
}

/** Ends when whoever has the turn is gone.
 * @param {string} what
 * @param {string} folder
 * @returns {Promise<void>}
 */
function goneFrom(what, folder) {
	return new Promise((resolve) => {
		const socket = connect(nameOf(what, folder));
		socket.on('error', () => {});
		socket.on('close', () => setTimeout(resolve, 50));
	});
}

/**
 * @param {string} what
 * @param {string} folder
 */
function nameOf(what, folder) {
	const path = existsSync(folder) ? realpathSync(folder) : folder;
	return `\0pond-loop-${what}-${createHash('sha256').update(path).digest('hex').slice(0, 32)}`;
}
