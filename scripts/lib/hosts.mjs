import { isIP } from 'node:net';
import { hostname } from 'node:os';

/**
 * Which names in a request's Host header are ours. A page of somebody else's can point a name of its own at this machine
 * and read what we answer to it, unless we answer to our own names only (DNS rebinding). An address is no name, and goes
 * through where we are open to the network.
 *
 * @param {{ host: string, origin?: string }} where
 * @returns {(header: string | undefined) => boolean}
 */
export function hostsOf({ host, origin }) {
	const own = origin ? new URL(origin).host : null;
	const names = new Set(
		['localhost', host, hostname(), `${hostname()}.local`].map((name) => name.toLowerCase())
	);
	const open = !isLoopback(host);
	return (header) => {
		if (!header) return false;
		if (header.toLowerCase() === own) return true;
		let name;
		try {
			name = new URL(`http://${header}`).hostname.replace(/^\[|\]$/g, '');
		} catch {
			return false;
		}
		return names.has(name) || isLoopback(name) || (open && isIP(name) > 0);
	};
}

/** @param {string} host */
export function isLoopback(host) {
	return host === 'localhost' || host === '::1' || (isIP(host) === 4 && host.startsWith('127.'));
}
