import { join } from 'node:path';
import { chromium } from '@playwright/test';
import { build } from 'vite';
import { installChromium, LAUNCH } from '../lib/chromium.mjs';
import { root } from '../lib/root.mjs';

const NAMES = ['1/1 LC', '2/2 RC', '3/1 LPC', '4/4 RC', '4/4 LPC', '2/1/2 RC', '3/2/3 LC', '4/4/4 RC'];
const ROUNDS = 7;

/**
 * The slowest of many crosses to find the causes of a wrong cloth for, with the next question and each cause's mend, in the
 * browser; each the median of a few rounds, in milliseconds.
 * @returns {Promise<import('../bench.mjs').Figure>}
 */
export async function diagnose() {
	installChromium();
	const browser = await chromium.launch(LAUNCH);
	try {
		const page = await browser.newPage();
		await page.addScriptTag({ content: await bundled() });
		const value = await page.evaluate(slowest, { names: NAMES, rounds: ROUNDS });
		return { name: 'diagnose-ms', value, goal: 100, unit: 'ms' };
	} finally {
		await browser.close();
	}
}

/** What is measured, as one script that leaves `pond` on the page. */
async function bundled() {
	const entry = join(root, 'bench-entry.js');
	const core = (/** @type {string} */ path) => JSON.stringify(join(root, 'src/core', path));
	const made = await build({
		root,
		configFile: false,
		logLevel: 'silent',
		plugins: [
			{
				name: 'bench-entry',
				resolveId: (id) => (id === entry ? id : undefined),
				load: (id) =>
					id === entry
						? `export { diagnose } from ${core('faults/diagnose.ts')};\nexport { readName } from ${core('naming/read.ts')};`
						: undefined
			}
		],
		build: { write: false, lib: { entry, formats: ['iife'], name: 'pond' } }
	});
	const [{ output }] = /** @type {{ output: { code: string }[] }[]} */ ([made].flat());
	return output[0].code;
}

/** Runs in the page. @param {{ names: string[], rounds: number }} asked */
function slowest({ names, rounds }) {
	// @ts-expect-error what the script left there
	const { diagnose, readName } = globalThis.pond;
	const crossings = names.map((name) => readName(name).value.readings[0].crossing);
	const timed = (/** @type {object} */ crossing) => {
		const times = [];
		for (let round = 0; round < rounds; round++) {
			const began = performance.now();
			diagnose(crossing, {}, { rowsSince: 8, width: 40 });
			times.push(performance.now() - began);
		}
		return times.sort((a, b) => a - b)[Math.floor(rounds / 2)];
	};
	return Math.max(...crossings.map(timed));
}
