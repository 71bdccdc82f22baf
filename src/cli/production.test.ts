import { spawnSync } from 'node:child_process';
import { readFileSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { afterAll, describe, expect, it } from 'vitest';
import { root } from '../../scripts/lib/root.mjs';
import { productionInstall } from '../../tests/support/productionInstall';

const { path: there, remove } = productionInstall();
afterAll(remove);

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
