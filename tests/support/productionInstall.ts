import { cpSync, existsSync, mkdirSync, readFileSync, symlinkSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { root } from '../../scripts/lib/root.mjs';
import { temporaryFolder } from '../../scripts/lib/temporaryFolder.mjs';

type Packages = Readonly<Record<string, { readonly dev?: boolean }>>;

const NOT_OURS = new Set(['node_modules', '.git', '.svelte-kit', 'test-results', 'docs', 'tests']);

/**
 * The program as `npm ci --omit=dev` leaves it once it is built: without the packages that only building and testing
 * need, in a folder of its own that goes away with `remove`.
 */
export function productionInstall(): { path: string; remove: () => void } {
	const folder = temporaryFolder();
	cpSync(root, folder.path, {
		recursive: true,
		filter: (from) =>
			dirname(from) !== root.replace(/\/$/, '') || !NOT_OURS.has(from.slice(dirname(from).length + 1))
	});
	const lock = JSON.parse(readFileSync(join(root, 'package-lock.json'), 'utf8')) as { packages: Packages };
	const kept = Object.entries(lock.packages).filter(([, { dev }]) => !dev);
	for (const [path] of kept) {
		if (!/^node_modules\/(?:@[^/]+\/)?[^/]+$/.test(path) || !existsSync(join(root, path))) continue;
		mkdirSync(dirname(join(folder.path, path)), { recursive: true });
		symlinkSync(join(root, path), join(folder.path, path));
	}
	const there = { ...lock, packages: Object.fromEntries(kept) };
	writeFileSync(join(folder.path, 'node_modules', '.package-lock.json'), JSON.stringify(there));
	return folder;
}
