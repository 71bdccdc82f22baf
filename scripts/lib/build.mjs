import { spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, readFileSync, readdirSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { Refusal } from './refusal.mjs';
import { root } from './root.mjs';

const CONFIGS = ['svelte.config.js', 'vite.config.ts', 'vite.workers.config.ts', 'tsconfig.json'];
const SOURCES = ['src', 'static', 'db/demo', 'db/keep.mjs', 'package-lock.json', ...CONFIGS];

/** Builds the app when its sources are not those of the last build. */
export function build() {
	const mark = join(root, 'build', '.sources');
	const sources = hashOf(SOURCES.map((name) => join(root, name)));
	if (existsSync(mark) && readFileSync(mark, 'utf8') === sources) return;
	console.log('Building …');
	vite();
	vite('--config', 'vite.workers.config.ts');
	writeFileSync(mark, sources);
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

/** @param {string[]} paths */
function hashOf(paths) {
	const hash = createHash('sha256');
	const add = (/** @type {string} */ path) => {
		if (!existsSync(path)) return;
		if (statSync(path).isDirectory()) {
			for (const name of readdirSync(path).sort()) add(join(path, name));
		} else if (!/\.test\.ts$/.test(path)) hash.update(path).update(readFileSync(path));
	};
	paths.forEach(add);
	return hash.digest('hex');
}
