import { readdirSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { root } from '../../scripts/lib/root.mjs';

const ROUTES = join(root, 'src', 'routes');

/** Every route that a server answers, as SvelteKit names it. */
export function routes(): string[] {
	return (readdirSync(ROUTES, { recursive: true }) as string[])
		.filter((file) => /\+(?:server|page\.server)\.ts$/.test(file))
		.map((file) => `/${dirname(file).replaceAll('\\', '/')}`.replace(/^\/\.$/, '/'))
		.sort();
}
