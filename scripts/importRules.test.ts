import { spawnSync } from 'node:child_process';
import { cpSync, mkdirSync, symlinkSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { expect, test } from 'vitest';
import { root } from './lib/root.mjs';
import { temporaryFolder } from './lib/temporaryFolder.mjs';

/** A small house: each file, what it imports, and the rule that forbids it; `null` where it may. */
const HOUSE: readonly (readonly [file: string, imported: string, rule: string | null])[] = [
	['core/crossing/a.ts', '../ways/a', 'core-crossing-leans-on-earlier'],
	['core/ways/a.ts', '../hands/a', null],
	['core/hands/a.ts', 'node:fs', 'core-is-free'],
	['core/teaching/a.ts', '$lib/wire/a', 'core-is-free'],
	['lib/wire/a.ts', '$core/hands/a', null],
	['lib/ui/A.svelte', '$lib/sheet/A.svelte', 'lib-ui-leans-on-earlier'],
	['lib/sheet/A.svelte', '$lib/wire/a', null],
	['lib/stage/A.svelte', '$lib/server/a', 'lib-stage-leans-on-earlier'],
	['routes/+page.svelte', '$lib/server/a', 'server-stays-there'],
	['routes/+page.server.ts', '$lib/server/a', null],
	['lib/server/a.ts', '$lib/nowhere', 'nothing-missing'],
	['lib/lesson/a.ts', '$lib/loose/a', 'rooms-have-a-place'],
	['lib/loose/a.ts', 'zod', null],
	['lib/text/b.ts', './c', 'no-circles'],
	['lib/text/c.ts', './d', null],
	['lib/text/d.ts', './b', null],
	['lib/text/a.ts', '../../cli/a', 'lib-is-no-page'],
	['cli/a.ts', '../lib/wire/a', null]
];

test('the import rules forbid what leans the wrong way, in components and by alias too', () => {
	const { path, remove } = temporaryFolder();
	try {
		for (const config of ['.dependency-cruiser.cjs', 'tsconfig.paths.json', 'package.json'])
			cpSync(join(root, config), join(path, config));
		symlinkSync(join(root, 'node_modules'), join(path, 'node_modules'));
		for (const [file, imported] of HOUSE) {
			const place = join(path, 'src', file);
			mkdirSync(dirname(place), { recursive: true });
			const line = `import * as it from '${imported}';\nconsole.log(it);\n`;
			writeFileSync(place, file.endsWith('.svelte') ? `<script lang="ts">\n${line}</script>\n` : line);
		}
		const { stdout, stderr } = spawnSync(
			join(root, 'node_modules', '.bin', 'depcruise'),
			['src', '--config', '.dependency-cruiser.cjs', '--output-type', 'json'],
			{ cwd: path, encoding: 'utf8' }
		);
		expect(stderr).toBe('');
		const { violations } = JSON.parse(stdout).summary as {
			violations: { from: string; rule: { name: string } }[];
		};
		const found = violations.map(({ from, rule }) => [from.replace('src/', ''), rule.name]);
		for (const [file, , rule] of HOUSE)
			if (rule) expect(found).toContainEqual([file, rule]);
			else expect(found.filter(([from]) => from === file)).toEqual([]);
	} finally {
		remove();
	}
});
