import { randomUUID } from 'node:crypto';
import { chromium } from '@playwright/test';
import { LAUNCH, installChromium } from '../lib/chromium.mjs';
import { textOf } from './fabric.mjs';

const FRAMES = 240;
const KEYS = 120;
const GOAL_MS = 34;

/**
 * A cloth of 300 stitches by 400 rows in the browser, with software drawing: how long the slowest twentieth of the gaps
 * between frames last, in milliseconds, while it is scrolled and while its first row is typed in.
 * @param {import('./lessonOf.mjs').Site} site
 * @returns {Promise<import('../bench.mjs').Figure[]>}
 */
export async function clothFrame({ address, cookie }) {
	installChromium();
	const swatch = randomUUID();
	await fetch(`${address}/api/swatches/${swatch}/versions`, {
		method: 'POST',
		headers: { 'content-type': 'application/json', origin: address, cookie },
		body: JSON.stringify({
			id: randomUUID(),
			base: null,
			said: 'for the bench',
			swatch: {
				format: 'pond-loop/swatch@1',
				title: 'Blanket',
				medium: 'hand',
				text: textOf(400),
				gauge: { stitches: 20, rows: 28 },
				counters: [{ id: 'rows', name: 'Rows' }]
			}
		})
	});
	const browser = await chromium.launch(LAUNCH);
	try {
		const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
		const [name, value] = cookie.split('=');
		await page.context().addCookies([{ name, value, url: address }]);
		await page.goto(`${address}/swatches/${swatch}`);
		await page.getByRole('textbox', { name: 'Written rows' }).waitFor();
		return [
			{ name: 'cloth-frame', value: slow(await scrolled(page)), goal: GOAL_MS, unit: 'ms, 95 in 100' },
			{ name: 'rows-frame', value: slow(await typed(page)), goal: GOAL_MS, unit: 'ms, 95 in 100' }
		];
	} finally {
		await browser.close();
	}
}

/** @param {import('@playwright/test').Page} page */
function scrolled(page) {
	return page.getByTestId('cloth').evaluate(async (cloth, frames) => {
		/** @type {number[]} */
		const gaps = [];
		let last = performance.now();
		for (let frame = 0; frame < frames; frame++) {
			cloth.scrollTop -= 14;
			cloth.scrollLeft += 6;
			const now = await new Promise((resolve) => requestAnimationFrame(resolve));
			gaps.push(now - last);
			last = now;
		}
		return gaps.slice(10);
	}, FRAMES);
}

/**
 * Types into the first row, which changes every row above it.
 * @param {import('@playwright/test').Page} page
 */
async function typed(page) {
	await page.getByRole('textbox', { name: 'Written rows' }).click();
	for (const key of ['Control+Home', 'ArrowDown', 'End', 'ArrowLeft']) await page.keyboard.press(key);
	const measured = page.evaluate(async () => {
		/** @type {number[]} */
		const gaps = [];
		const done = new Promise((resolve) => addEventListener('bench-typed', resolve, { once: true }));
		let typing = true;
		void done.then(() => (typing = false));
		let last = performance.now();
		while (typing) {
			const now = await new Promise((resolve) => requestAnimationFrame(resolve));
			gaps.push(now - last);
			last = now;
		}
		return gaps.slice(10);
	});
	for (let key = 0; key < KEYS; key++) await page.keyboard.press(', k1'[key % 4], { delay: 40 });
	await page.evaluate(() => dispatchEvent(new Event('bench-typed')));
	return measured;
}

/**
 * What 95 in 100 stay under.
 * @param {number[]} gaps
 */
const slow = (gaps) => gaps.sort((a, b) => a - b)[Math.floor(gaps.length * 0.95)];
