import { randomInt } from 'node:crypto';
import { createServer } from 'node:net';
import { Refusal } from './refusal.mjs';

/** Systems give the ports above to connections that go out: one that is let go of for a moment could be gone. */
const [FIRST, BEHIND_LAST] = [20_000, 32_000];

/** @returns {Promise<number>} a port on loopback that nobody has, and that is still there after a restart */
export async function freePort() {
	for (let tries = 0; tries < 100; tries++) {
		const port = randomInt(FIRST, BEHIND_LAST);
		if (!(await whyNot(port, '127.0.0.1'))) return port;
	}
	throw new Refusal(
		`No port of 127.0.0.1 from ${FIRST} to ${BEHIND_LAST} is free. End programs that hold them.`
	);
}

/**
 * What stands against listening on a port, if anything does.
 * @param {number} port
 * @param {string} host
 * @returns {Promise<NodeJS.ErrnoException | null>}
 */
export function whyNot(port, host) {
	return new Promise((resolve) => {
		const server = createServer();
		server.once('error', resolve);
		server.listen(port, host, () => server.close(() => resolve(null)));
	});
}
