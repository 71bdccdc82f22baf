import { spawnSync } from 'node:child_process';
import { cpSync, mkdirSync, mkdtempSync, readFileSync, rmSync, statSync, symlinkSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { afterAll, describe, expect, it } from 'vitest';

const root = fileURLToPath(new URL('../../', import.meta.url));

/** The program as `npm ci --omit=dev` leaves it: without the packages that only building and testing need. */
const there = mkdtempSync(join(tmpdir(), 'pond-production-'));
const { packages } = JSON.parse(readFileSync(join(root, 'package-lock.json'), 'utf8')) as {
	packages: Record<string, { dev?: boolean }>;
};
for (const file of ['package.json', 'tsconfig.json', 'tsconfig.paths.json', 'src'])
	cpSync(join(root, file), join(there, file), { recursive: true });
for (const [path, { dev }] of Object.entries(packages)) {
	if (dev || !/^node_modules\/(?:@[^/]+\/)?[^/]+$/.test(path)) continue;
	mkdirSync(dirname(join(there, path)), { recursive: true });
	symlinkSync(join(root, path), join(there, path));
}
afterAll(() => rmSync(there, { recursive: true }));

const pond = (args: string[], input: string) => {
	const scripts = JSON.parse(readFileSync(join(there, 'package.json'), 'utf8')).scripts as { pond: string };
	const [, ...run] = scripts.pond.split(' ');
	const tsx = join(root, 'node_modules/tsx/dist/cli.mjs');
	return spawnSync('node', [tsx, ...run, ...args], { cwd: there, input, encoding: 'utf8' });
};

describe('a production install', () => {
	const lesson = readFileSync(join(root, 'db/demo/first-two-leans.json'), 'utf8');

	it.each(['html', 'pdf', 'epub', 'md', 'json'])('writes a sheet as %s', (as) => {
		const out = join(there, `sheet.${as}`);
		const done = pond(['handout', '--as', as, '--out', out], lesson);
		expect(done.stderr).toBe('');
		expect(JSON.parse(done.stdout)).toMatchObject({ file: out, bytes: statSync(out).size });
	});
});
