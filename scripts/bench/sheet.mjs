import { spawnSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { root } from '../lib/root.mjs';

/** Pages that the sheet is to have at least. */
const PAGES = 20;

/**
 * A sheet of twenty pages and more as PDF, made by the command line in a process of its own, its start included: seconds,
 * and the most memory it took, in megabytes.
 * @returns {import('../bench.mjs').Figure[]}
 */
export function sheet() {
	const folder = mkdtempSync(join(tmpdir(), 'pond-bench-'));
	try {
		const lesson = JSON.parse(readFileSync(join(root, 'db', 'demo', 'first-two-leans.json'), 'utf8'));
		const again = { ...lesson, parts: [0, 1, 2].flatMap((i) => renamed(lesson.parts, i)) };
		const report = 'process.on("exit", () => process.stderr.write(String(process.resourceUsage().maxRSS)))';
		const began = performance.now();
		const { stdout, stderr } = spawnSync(
			process.execPath,
			[
				...['--import', 'tsx', '--import', `data:text/javascript,${encodeURIComponent(report)}`],
				...['src/cli/pond.ts', 'handout', '--as', 'pdf', '--out', join(folder, 'sheet.pdf')]
			],
			{ cwd: root, input: JSON.stringify(again), encoding: 'utf8' }
		);
		const seconds = (performance.now() - began) / 1000;
		const { pages } = JSON.parse(stdout);
		if (!(pages >= PAGES)) throw new Error(`the sheet has ${pages} pages, ${PAGES} are wanted`);
		return [
			{ name: 'sheet-pdf', value: seconds, goal: 5, unit: `s for ${pages} pages` },
			{ name: 'sheet-memory', value: Number(/\d+$/.exec(stderr)?.[0]) / 1024, goal: 300, unit: 'MB at most' }
		];
	} finally {
		rmSync(folder, { recursive: true });
	}
}

/**
 * @param {{ id: string }[]} parts
 * @param {number} i
 */
const renamed = (parts, i) => parts.map((part) => ({ ...part, id: `${part.id}-${i}` }));
