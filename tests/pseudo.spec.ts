import type { Page } from '@playwright/test';
import { expect, type Pond, test } from './support/pond';

/**
 * The views whose words all come from the catalogue, in a language that is English with accents, longer, each message between
 * brackets: what stands without comes from nowhere. The list only gets longer.
 */
const VIEWS: Readonly<Record<string, (pond: Pond) => Promise<void>>> = {
	'the first page': (pond) => pond.open('/start'),
	settings: async (pond) => {
		await pond.open('/start');
		await pond.page.keyboard.press(',');
		await expect(pond.page.getByRole('dialog')).toBeVisible();
	},
	'shortcuts and names': async (pond) => {
		await pond.open('/start');
		await pond.page.keyboard.press('Shift+?');
		await expect(pond.page.getByRole('dialog')).toBeVisible();
	},
	account: (pond) => pond.open('/account'),
	'recovery codes': (pond) => pond.open('/account/codes'),
	'signing in': (pond) => pond.open('/sign-in'),
	'making an account': (pond) => pond.open('/join'),
	'a forgotten password': (pond) => pond.open('/recover'),
	'joining a class': (pond) => pond.open('/follow')
};

/** What is nobody's message, or of a piece that has its words elsewhere still. */
const OTHERS = ['code', 'kbd', 'svg', 'textarea', 'option', '[translate=no]'].join(', ');

/** Words that are seen or heard on the page and stand between no brackets; a message may hold another. */
const unsaid = (page: Page, others: string) =>
	page.evaluate((not) => {
		const left = (text: string): string => {
			const without = text.replace(/\[[^[\]]*\]/g, '');
			return without === text ? text.replace(/Pond Loop|\d\/\d [A-Z]{2,3}/g, '').trim() : left(without);
		};
		const found: string[] = [];
		const look = (text: string | null, where = '') => {
			if (/\p{L}{2}/u.test(left(text ?? ''))) found.push(where + left(text ?? ''));
		};
		const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
		for (let node = walker.nextNode(); node; node = walker.nextNode()) {
			const parent = node.parentElement!;
			if (!parent.closest(`script, style, noscript, ${not}`) && parent.checkVisibility())
				look(node.textContent);
		}
		for (const one of document.body.querySelectorAll('[aria-label], [placeholder], [title], img[alt]'))
			if (!one.closest(not) && one.checkVisibility())
				for (const name of ['aria-label', 'placeholder', 'title', 'alt'])
					look(one.getAttribute(name), `${name}: `);
		return found;
	}, others);

/** What is cut off: words that are wider than what holds them, or a page that is wider than its window. */
const cutOff = (page: Page) =>
	page.evaluate(() => {
		const found: string[] = [];
		const root = document.documentElement;
		if (root.scrollWidth > root.clientWidth)
			found.push(`the page, by ${root.scrollWidth - root.clientWidth} px`);
		for (const one of document.body.querySelectorAll<HTMLElement>(
			'a, button, label, h1, h2, h3, p, legend, dt, dd'
		)) {
			if (!one.checkVisibility() || one.closest('.sr-only, .skip-link')) continue;
			if (one.scrollWidth > one.clientWidth + 1 && getComputedStyle(one).display !== 'inline')
				found.push(`${one.tagName} “${one.textContent?.trim().slice(0, 40)}”`);
		}
		return found;
	});

for (const viewport of [
	{ width: 1280, height: 800 },
	{ width: 390, height: 844 }
])
	test.describe(`in a language that needs room, ${viewport.width} × ${viewport.height}`, () => {
		test.use({ viewport, ownWindow: true });

		for (const [view, come] of Object.entries(VIEWS))
			test(view, async ({ pond, context, server }) => {
				await context.addCookies([{ name: 'pond_language', value: 'pseudo', url: server.address }]);
				await come(pond);
				expect(await unsaid(pond.page, OTHERS)).toEqual([]);
				expect(await cutOff(pond.page)).toEqual([]);
			});
	});
