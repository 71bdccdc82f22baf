import { randomUUID } from 'node:crypto';
import { join } from 'node:path';
import { chromium } from '@playwright/test';
import { LAUNCH, installChromium } from './lib/chromium.mjs';
import { PondServer } from './lib/pondServer.mjs';
import { refusing } from './lib/refusal.mjs';
import { root } from './lib/root.mjs';

/**
 * Takes one picture of each main view, from the demo data, into `docs/screenshots/`; or of those that are named.
 *
 * @typedef {import('@playwright/test').Page} Page
 * @typedef {{ size?: [number, number], theme?: 'evening', come: (page: Page, lesson: string) => Promise<unknown> }} View
 */

/** @type {Record<string, View>} */
const VIEWS = {
	'first-steps': { come: (page) => open(page, '/start') },
	bench: { come: (page) => open(page, '/?name=2/2 RC&way=cn-off&step=2') },
	'bench-evening': { theme: 'evening', come: (page) => open(page, '/?name=2/1 LPC&way=cn-off&step=2') },
	'bench-machine': { come: (page) => open(page, '/?name=2/2 RC&medium=machine&step=3') },
	'bench-mend': {
		async come(page) {
			await open(page, '/?name=2/2 RC');
			await page.getByRole('tab', { name: 'Mend', exact: true }).click();
			await page.getByRole('button', { name: 'leans left', exact: true }).click();
			await page.getByRole('button', { name: /^Ladder down/ }).click();
			for (let presses = 0; presses < 2; presses++) await page.keyboard.press('ArrowRight');
		}
	},
	key: {
		async come(page) {
			await open(page, '/abbreviations');
			await page
				.getByRole('textbox', { name: /Abbreviations, one per line/ })
				.fill(
					'C6B: sl next 3 sts to cn and hold in front, k3, k3 from cn\nT3F\nEel bend: sl next 2 sts to cn and hold in front, k1, k2 from cn'
				);
		}
	},
	swatch: {
		async come(page) {
			await swatch(page, /Draught-stopper eel/);
			for (let rows = 0; rows < 4; rows++) await page.keyboard.press('+');
			for (let rows = 0; rows < 4; rows++) await page.keyboard.press('ArrowUp');
			for (let stitches = 0; stitches < 5; stitches++) await page.keyboard.press('ArrowRight');
			await page.keyboard.press('f');
			await page.getByRole('button', { name: 'It looks wrong' }).waitFor();
			await page.locator('[data-save=saved]').first().waitFor();
		}
	},
	'swatch-chart': {
		async come(page) {
			await swatch(page, /Draught-stopper eel/);
			await page.keyboard.press('g');
			await page.getByRole('list', { name: 'Signs of the chart' }).getByRole('button').first().click();
		}
	},
	sums: { come: (page) => open(page, '/sizing') },
	log: {
		async come(page) {
			await open(page, '/measurements');
			await page.getByRole('link', { name: 'Strip for the strap', exact: true }).click();
			await page.waitForURL(/\/measurements\/[0-9a-f-]{36}$/);
			await page.getByRole('table').waitFor({ state: 'attached' });
		}
	},
	class: { come: (page) => open(page, '/classes') },
	follow: {
		size: [390, 844],
		async come(page, lesson) {
			const moment = {
				...{ part: 'show-lc', step: 2, told: false, blank: false, look: 'work', school: null, wrong: null },
				voice: { hand: 'right', keep: 'fabric', yarnHand: 'right' }
			};
			const data = { followingId: randomUUID(), leader: randomUUID(), moment };
			const opened = await page.request.post(`/api${lesson}/following`, { data });
			await open(page, `/follow/${(await opened.json()).code}`);
			for (const choice of ['Left-handed', 'Dark']) await page.getByText(choice, { exact: true }).click();
			await page.getByRole('button', { name: 'Join the class' }).click();
			await page.getByText('With the class').waitFor();
		}
	},
	practice: {
		size: [390, 844],
		async come(page) {
			const [, link] = /link:"([\w-]{22})"/.exec(await (await page.request.get('/classes')).text()) ?? [];
			await open(page, `/practice/${link}`);
			await page.getByRole('button', { name: 'Start practice' }).click();
			await page.getByRole('button', { name: 'Begin' }).click();
		}
	},
	draft: {
		async come(page) {
			await open(page, '/lessons');
			await page.keyboard.press('d');
		}
	},
	lesson: {
		async come(page, lesson) {
			await open(page, lesson);
			await page.getByRole('listitem').getByText('Show 2/2 RC with a cable needle').click();
			await page.getByRole('button', { name: 'Knit 4' }).click();
		}
	},
	course: {
		async come(page) {
			await open(page, '/lessons');
			await page.keyboard.press('d');
			const dialog = page.getByRole('dialog');
			await dialog.getByLabel('Crosses to teach').fill('2/2 RC, 2/2 LC, 3/3 RC, 2/1 LPC');
			await dialog.getByRole('button', { name: 'Keep it, and the rest as a course' }).click();
			await page.waitForURL(/\/courses\/[0-9a-f-]{36}$/);
		}
	},
	'after-class': { come: (page, lesson) => open(page, `${lesson}/after`) },
	stage: {
		async come(page, lesson) {
			await open(page, `${lesson}/teach`);
			await page.clock.install({ time: new Date('2026-11-26T19:00:00') });
			await page.reload();
			await page.locator('html[data-ready]').waitFor({ state: 'attached' });
			await page.keyboard.press('t');
			await page.clock.fastForward('10:40');
			for (let presses = 0; presses < 10; presses++) await page.keyboard.press('Space');
		}
	},
	sheet: { come: (page, lesson) => open(page, `${lesson}/handout`) }
};

await refusing(async () => {
	installChromium();
	const server = await PondServer.make();
	try {
		const browser = await chromium.launch(LAUNCH);
		const named = process.argv.slice(2);
		const views = Object.entries(VIEWS).filter(([name]) => named.length === 0 || named.includes(name));
		for (const [name, { size: [width, height] = [1280, 800], theme = 'day', come }] of views) {
			const context = await browser.newContext({
				baseURL: server.address,
				viewport: { width, height },
				reducedMotion: 'reduce',
				storageState: await server.demoState()
			});
			const page = await context.newPage();
			await open(page, '/lessons');
			const lesson = await page.getByRole('link', { name: /Your first two leans/ }).getAttribute('href');
			await come(page, /** @type {string} */ (lesson));
			await page.evaluate((chosen) => (document.documentElement.dataset.theme = chosen), theme);
			await page.evaluate(() => document.fonts.ready);
			await page.evaluate(() => scrollTo(0, 0));
			await page.waitForTimeout(400);
			await page.screenshot({ path: join(root, 'docs', 'screenshots', `${name}.png`) });
			await context.close();
			console.log(`docs/screenshots/${name}.png`);
		}
		await browser.close();
	} finally {
		await server.remove();
	}
});

/**
 * Opens a swatch of the demo.
 * @param {Page} page
 * @param {RegExp} name
 */
async function swatch(page, name) {
	await open(page, '/swatches');
	await page.getByRole('link', { name }).click();
	await page.getByRole('textbox', { name: 'Written rows' }).waitFor();
}

/**
 * Opens an address and waits until the page has woken up, so that no key is pressed in vain.
 * @param {Page} page
 * @param {string} address
 */
async function open(page, address) {
	await page.goto(address);
	await page.locator('html[data-ready]').waitFor({ state: 'attached' });
}
