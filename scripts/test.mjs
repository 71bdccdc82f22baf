// Uses nothing but Node.js itself until the packages are there.
import { spawn } from 'node:child_process';
import { existsSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { availableParallelism, tmpdir } from 'node:os';
import { join } from 'node:path';
import { installChromium } from './lib/chromium.mjs';
import { checkNode, installPackages, postgresPrograms } from './lib/install.mjs';
import { installReaders } from './lib/readers.mjs';
import { refusing } from './lib/refusal.mjs';
import { root } from './lib/root.mjs';

/**
 * Everything that must hold, with one last line `N passed, N failed`: each check counts as one, and so does each
 * unit test and each end-to-end test.
 *
 * @typedef {{ passed: number, failed: number }} Count
 * @typedef {{ name: string, command: string[], report?: () => Count, env?: Record<string, string> }} Step
 */

const reports = mkdtempSync(join(tmpdir(), 'pond-reports-'));

/** @type {Step[]} */
const CHECKS = [
	{
		name: 'types of the app',
		command: ['svelte-check', '--threshold', 'warning', '--fail-on-warnings', '--tsgo']
	},
	{
		name: 'unit tests',
		command: [
			'vitest',
			'run',
			// One reads each module once, and leaves a core to the step beside it.
			'--maxWorkers=1',
			'--reporter=default',
			'--reporter=json',
			`--outputFile.json=${join(reports, 'unit.json')}`
		],
		report: () => unitCount(join(reports, 'unit.json'))
	},
	{ name: 'lint', command: ['oxlint'] },
	{ name: 'lint of components', command: ['eslint', '**/*.svelte', '**/*.svelte.ts'] },
	{ name: 'build', command: ['node', 'scripts/build.mjs'] },
	{ name: 'formatting', command: ['oxfmt', '--check'] },
	{ name: 'types of the scripts', command: ['tsc', '-p', 'tsconfig.scripts.json'] },
	{ name: 'import rules', command: ['depcruise', 'src', 'scripts', '--config', '.dependency-cruiser.cjs'] }
];

/** @type {Step} */
const END_TO_END = {
	name: 'end-to-end tests',
	command: ['playwright', 'test'],
	env: { POND_REPORT: join(reports, 'end-to-end.json') },
	report: () => endToEndCount(join(reports, 'end-to-end.json'))
};

await refusing(async () => {
	checkNode();
	await Promise.all([installPackages(), installPrograms()]);
	await run({ name: 'generated types', command: ['svelte-kit', 'sync'] });
	const counts = await inParallel(CHECKS);
	counts.push(await run(END_TO_END));
	rmSync(reports, { recursive: true });
	const passed = counts.reduce((sum, count) => sum + count.passed, 0);
	const failed = counts.reduce((sum, count) => sum + count.failed, 0);
	console.log(`\n${passed} passed, ${failed} failed`);
	process.exitCode = failed === 0 ? 0 : 1;
});

/** What tests need of the system. */
async function installPrograms() {
	postgresPrograms();
	installChromium();
	installReaders();
}

/**
 * Runs steps side by side, as many as there are cores.
 * @param {Step[]} steps
 * @returns {Promise<Count[]>}
 */
async function inParallel(steps) {
	/** @type {Count[]} */
	const counts = [];
	const waiting = [...steps];
	const worker = async () => {
		for (let step = waiting.shift(); step; step = waiting.shift()) counts.push(await run(step));
	};
	await Promise.all(Array.from({ length: availableParallelism() }, worker));
	return counts;
}

/**
 * Runs one step and says how it went; what it printed is shown when it failed.
 * @param {Step} step
 * @returns {Promise<Count>}
 */
async function run({ name, command, report, env }) {
	const began = Date.now();
	const program = command[0] === 'node' ? process.execPath : join(root, 'node_modules', '.bin', command[0]);
	const child = spawn(program, command.slice(1), {
		cwd: root,
		env: { ...process.env, ...env, FORCE_COLOR: '0' },
		stdio: ['ignore', 'pipe', 'pipe']
	});
	let said = '';
	child.stdout.on('data', (chunk) => (said += chunk));
	child.stderr.on('data', (chunk) => (said += chunk));
	const code = await new Promise((resolve) => child.on('close', resolve));
	/** @type {Count} */
	let count = code === 0 ? { passed: 1, failed: 0 } : { passed: 0, failed: 1 };
	if (report) {
		const counted = report();
		// A runner that broke off counts as a failure, whatever its tests say.
		count = code !== 0 && counted.failed === 0 ? { ...counted, failed: 1 } : counted;
	}
	if (count.failed > 0) console.log(`\n${said.trim()}\n`);
	const seconds = Math.round((Date.now() - began) / 1000);
	console.log(
		`${count.failed === 0 ? '✓' : '✗'} ${name}: ${count.passed} passed, ${count.failed} failed (${seconds} s)`
	);
	return count;
}

/**
 * @param {string} file
 * @returns {Count}
 */
function unitCount(file) {
	if (!existsSync(file)) return { passed: 0, failed: 1 };
	const { numPassedTests, numFailedTests, numFailedTestSuites } = JSON.parse(readFileSync(file, 'utf8'));
	// A file that could not be loaded has no tests that could fail.
	return { passed: numPassedTests, failed: numFailedTests || numFailedTestSuites };
}

/**
 * @param {string} file
 * @returns {Count}
 */
function endToEndCount(file) {
	if (!existsSync(file)) return { passed: 0, failed: 1 };
	const { stats } = JSON.parse(readFileSync(file, 'utf8'));
	return { passed: stats.expected, failed: stats.unexpected + stats.flaky };
}
