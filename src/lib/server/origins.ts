import { networkInterfaces } from 'node:os';
import { env } from '$env/dynamic/private';

/** Where phones reach this server, the likeliest first; `onlyHere` where none can, since it listens to its own machine alone. */
export interface Origins {
	readonly origins: readonly string[];
	readonly onlyHere: boolean;
}

/** The origins at which phones reach what a teacher opened at an address of her own. */
export function originsFor(url: URL): Origins {
	const isOpen = env.POND_OPEN === 'yes';
	const local = /^(?:localhost|127\.|\[::1\])/.test(url.hostname);
	const own = local && isOpen ? ownAddresses().map((ip) => `${url.protocol}//${ip}:${url.port}`) : [];
	return { origins: [...own, url.origin], onlyHere: local && !isOpen };
}

/** The addresses of this machine on its local networks. */
const ownAddresses = (): string[] =>
	Object.values(networkInterfaces()).flatMap((all) =>
		(all ?? []).flatMap(({ address, family, internal }) => (family === 'IPv4' && !internal ? [address] : []))
	);
