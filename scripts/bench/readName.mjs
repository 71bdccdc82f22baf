import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { root } from '../lib/root.mjs';
import { median } from './median.mjs';

const ROUNDS = 400;
const REPEATS = 20;

/**
 * Reading every good name of the vectors that is within reach, against `JSON.parse` on the same answers.
 * @returns {Promise<import('../bench.mjs').Figure>}
 */
export async function readName() {
	const { run } = await import(join(root, 'src/cli/run.ts'));
	const { readName: read } = await import(join(root, 'src/core/naming/read.ts'));
	const { good } = JSON.parse(readFileSync(join(root, 'vectors', 'read.json'), 'utf8'));
	const readable = good
		.map((/** @type {{ args: string[] }} */ { args }) => args)
		.filter((/** @type {string[]} */ args) => args.length === 2 && run(args).ok);
	const names = readable.map((/** @type {string[]} */ args) => args[1]);
	const answers = readable.map((/** @type {string[]} */ args) => JSON.stringify(run(args).value));
	const reading = timed(() => names.forEach((/** @type {string} */ name) => read(name)));
	const parsed = timed(() => answers.forEach((/** @type {string} */ answer) => JSON.parse(answer)));
	return { name: 'read-name', value: reading / parsed, goal: 5, unit: '× JSON.parse' };
}

/** @param {() => void} work */
function timed(work) {
	const times = [];
	for (let round = 0; round < ROUNDS; round++) {
		const began = performance.now();
		for (let i = 0; i < REPEATS; i++) work();
		times.push(performance.now() - began);
	}
	return median(times);
}
