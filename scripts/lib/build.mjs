import { spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, readFileSync, readdirSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { Refusal } from './refusal.mjs';
import { root } from './root.mjs';

const CONFIGS = ['svelte.config.js', 'vite.config.ts', 'vite.workers.config.ts', 'tsconfig.json'];
const SOURCES = ['src', 'static', 'db/demo', 'db/keep.mjs', 'package-lock.json', ...CONFIGS];

const MARK = join(root, 'build', '.sources');

/** Whether the app was built of the sources there are. */
export const isBuilt = () => existsSync(MARK) && readFileSync(MARK, 'utf8') === hashOf(SOURCES);

/** Builds the app when its sources are not those of the last build. */
export function build() {
	if (isBuilt()) return;
	console.log('Building …');
	vite();
	vite('--config', 'vite.workers.config.ts');
	writeFileSync(MARK, hashOf(SOURCES));
}

/** @param {string[]} options */
function vite(...options) {
	const program = join(root, 'node_modules', 'vite', 'bin', 'vite.js');
	const built = spawnSync(process.execPath, [program, 'build', ...options], {
		cwd: root,
		encoding: 'utf8',
		env: { ...process.env, NODE_ENV: 'production' }
	});
	if (built.status !== 0) {
		console.error(`${built.stdout}${built.stderr}`.split('\n').slice(-30).join('\n'));
		throw new Refusal('The app could not be built; what went wrong stands above.');
	}
}

/** @param {string[]} names files and folders of the project, wherever that stands */
function hashOf(names) {
	const hash = createHash('sha256');
	const add = (/** @type {string} */ name) => {
		const path = join(root, name);
		if (!existsSync(path)) return;
		if (statSync(path).isDirectory()) {
			for (const below of readdirSync(path).sort()) add(join(name, below));
		} else if (!/\.test\.ts$/.test(name)) hash.update(name).update(readFileSync(path));
	};
	names.forEach(add);
	return hash.digest('hex');
}
