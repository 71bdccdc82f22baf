import { spawnSync } from 'node:child_process';
import { readFileSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { afterAll, describe, expect, it } from 'vitest';
import { root } from '../../scripts/lib/root.mjs';
import { productionInstall } from '../../tests/support/productionInstall';

const { path: there, remove } = productionInstall();
afterAll(remove);

/** What the command line answers to a batch, one answer a line. */
const batch = (lines: readonly unknown[]) => {
	const scripts = JSON.parse(readFileSync(join(there, 'package.json'), 'utf8')).scripts as { pond: string };
	const [, ...run] = scripts.pond.split(' ');
	const tsx = join(root, 'node_modules/tsx/dist/cli.mjs');
	const input = lines.map((line) => JSON.stringify(line)).join('\n');
	const done = spawnSync('node', [tsx, ...run, 'batch'], { cwd: there, input, encoding: 'utf8' });
	expect(done.stderr).toBe('');
	return done.stdout
		.trimEnd()
		.split('\n')
		.map((line) => JSON.parse(line) as unknown);
};

describe('a production install', () => {
	it('writes a sheet as every kind of file', () => {
		const lesson = readFileSync(join(root, 'db/demo/first-two-leans.json'), 'utf8');
		const kinds = ['html', 'pdf', 'epub', 'md', 'json'];
		const outOf = (as: string) => join(there, `sheet.${as}`);
		const answers = batch(
			kinds.map((as) => ({ args: ['handout', '--as', as, '--out', outOf(as)], input: lesson }))
		);
		expect(answers).toEqual(
			kinds.map((as) => expect.objectContaining({ file: outOf(as), bytes: statSync(outOf(as)).size }))
		);
	});
});
