import { randomUUID } from 'node:crypto';
import { chromium } from '@playwright/test';
import { LAUNCH, installChromium } from '../lib/chromium.mjs';
import { textOf } from './fabric.mjs';

const FRAMES = 240;

/**
 * Scrolling a cloth of 300 stitches by 400 rows in the browser: how long the slowest twentieth of the gaps between frames
 * last, in milliseconds, with software drawing.
 * @param {string} address
 * @returns {Promise<import('../bench.mjs').Figure>}
 */
export async function clothFrame(address) {
	installChromium();
	const swatch = randomUUID();
	await fetch(`${address}/api/swatches/${swatch}/versions`, {
		method: 'POST',
		headers: { 'content-type': 'application/json', origin: address },
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
		await page.goto(`${address}/swatches/${swatch}`);
		await page.getByRole('textbox', { name: 'Written rows' }).waitFor();
		const gaps = await page.getByTestId('cloth').evaluate(async (cloth, frames) => {
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
		gaps.sort((a, b) => a - b);
		return {
			name: 'cloth-frame',
			value: gaps[Math.floor(gaps.length * 0.95)],
			goal: 34,
			unit: 'ms, 95 in 100'
		};
	} finally {
		await browser.close();
	}
}
