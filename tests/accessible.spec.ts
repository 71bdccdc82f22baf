import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { Page } from '@playwright/test';
import { root } from '../scripts/lib/root.mjs';
import { MOMENT } from './support/documents';
import { awake, endClass, expect, Pond, test } from './support/pond';

// Views know nothing of each other, so some are looked at side by side.
test.describe.configure({ mode: 'parallel' });

/** As it is in the page. */
declare const axe: typeof import('axe-core');
/** The smaller one: every page that comes reads it anew. */
const AXE = readFileSync(join(root, 'node_modules', 'axe-core', 'axe.min.js'), 'utf8');
const TAGS = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'];

/** Every view there is, and how to come to it. */
const VIEWS: Record<string, (pond: Pond) => Promise<void>> = {
	Bench: (pond) => pond.go('/?name=2/1 LPC&way=cn-off&step=2'),
	'Bench, several readings': (pond) => pond.go('/?name=C4F'),
	'Bench, a definition': (pond) => pond.go('/?name=sl 2 to cn and hold in back, k2, p2 from cn'),
	'Bench, cloth': (pond) => bench(pond, '/?name=2/2 RC&row=wrong', 'Cloth'),
	'Bench, names': (pond) => bench(pond, '/?name=2/2 RC', 'Names'),
	'Bench, mend': async (pond) => {
		await bench(pond, '/?name=2/2 RC', 'Mend');
		await pond.page.getByRole('button', { name: 'leans left', exact: true }).click();
		await pond.page.getByRole('button', { name: /^Ladder down/ }).click();
		await pond.page.keyboard.press('ArrowRight');
	},
	'Bench, shown on the cloth': async (pond) => {
		await bench(pond, '/?name=2/2 RC', 'Mend');
		await pond.page.getByRole('button', { name: 'Show it on the cloth' }).click();
	},
	'Bench, keep': (pond) => bench(pond, '/?name=2/2 LC', 'Keep'),
	'Bench, files': (pond) => bench(pond, '/?name=2/2 RC', 'Files'),
	'Bench, machine': (pond) => pond.go('/?name=2/2 RC&medium=machine&step=2'),
	'Bench, gutter': (pond) => pond.go('/?name=2/2 RC&medium=machine&way=gutter&step=2'),
	'Bench, loom': (pond) => pond.go('/?name=2/2 RC&medium=loom&step=2'),
	'Bench, comparing': (pond) => pond.go('/?name=2/2 RC&with.name=2/2 LC&with.medium=brioche&step=2'),
	'Making by hand': async (pond) => {
		await pond.go('/');
		await pond.page.keyboard.press('m');
	},
	'Rules of thumb': async (pond) => {
		await pond.go('/');
		await pond.page.getByRole('button', { name: 'The rules this rests on' }).click();
	},
	'Key desk': (pond) => pond.go('/abbreviations'),
	'Key desk, at odds': async (pond) => {
		await pond.go('/abbreviations');
		await pond.page.getByRole('textbox', { name: /Abbreviations, one per line/ }).fill(AT_ODDS);
	},
	'Bench, unreadable': (pond) => pond.go('/?name=marmalade'),
	'First steps': (pond) => pond.go('/start'),
	Search: async (pond) => {
		await pond.go('/abbreviations');
		await pond.page.keyboard.press('/');
		await pond.page.getByRole('searchbox').fill('eel');
		await pond.page.getByRole('list', { name: 'Found' }).waitFor();
	},
	'Recovery codes': (pond) => pond.go('/account/codes'),
	'Forgotten password': (pond) => pond.go('/recover'),
	'Out of reach': async (pond) => {
		await pond.page.goto('/away.html');
		await pond.page.getByText('There are none yet').first().waitFor();
	},
	Sums: async (pond) => {
		await pond.go('/sizing');
		await pond.page.getByLabel('I know the yarn').check();
	},
	Log: (pond) => pond.go('/measurements'),
	'Log, what pieces teach': async (pond) => {
		await pond.go('/measurements?shelf=learned');
		await pond.page.getByRole('region', { name: 'All pieces' }).waitFor();
	},
	'a piece': (pond) => piece(pond),
	'a piece, measuring': async (pond) => {
		await piece(pond);
		await pond.page.keyboard.press('m');
		await pond.page.getByRole('button', { name: 'A tape here' }).click();
		await pond.page.getByRole('button', { name: 'Weight, time, day' }).click();
		await pond.page.getByLabel('Width, cm', { exact: true }).fill('900');
		await pond.page.getByRole('button', { name: 'Keep it' }).click();
	},
	'Sums, panels': async (pond) => {
		await pond.go('/sizing');
		await pond.page.getByText('The rows it is planned from').click();
		await pond.page.getByRole('button', { name: 'The same once more' }).click();
	},
	Swatches: (pond) => pond.go('/swatches'),
	'Making a swatch': async (pond) => {
		await pond.go('/swatches');
		await pond.page.keyboard.press('m');
	},
	'a swatch': (pond) => swatch(pond),
	'a swatch, here': async (pond) => {
		await swatch(pond);
		for (const key of ['ArrowUp', 'ArrowUp', 'ArrowRight', 'f']) await pond.page.keyboard.press(key);
	},
	'a swatch, figures': (pond) => swatch(pond),
	'a swatch, its chart': async (pond) => {
		await swatch(pond);
		await pond.page.keyboard.press('g');
		await pond.page.getByRole('list', { name: 'Signs of the chart' }).waitFor();
	},
	'What was pasted': async (pond) => {
		await pond.go('/swatches');
		await pond.page.evaluate(() => {
			const clipboardData = new DataTransfer();
			clipboardData.setData('text/plain', 'Cast on 8.\nRow 1 (RS): p2, k4, p2.');
			document.body.dispatchEvent(
				new ClipboardEvent('paste', { clipboardData, bubbles: true, cancelable: true })
			);
		});
		await pond.page.getByRole('button', { name: 'Make a swatch of it' }).waitFor();
	},
	'a swatch, history': async (pond) => {
		await swatch(pond);
		await pond.page.getByRole('tab', { name: 'History' }).click();
	},
	'a swatch, lost place': async (pond) => {
		await swatch(pond);
		await pond.page.keyboard.press('l');
	},
	'a swatch, compared': async (pond) => {
		await swatch(pond);
		await pond.page.keyboard.press('c');
	},
	'Rows as pictures': async (pond) => {
		await swatch(pond);
		await pond.go(`${pond.page.url()}/rows`);
	},
	Lessons: (pond) => pond.go('/lessons'),
	'Drafting a lesson': async (pond) => {
		await pond.go('/lessons');
		await pond.page.keyboard.press('d');
	},
	'a lesson': async (pond) => {
		await demo(pond);
		await pond.parts().getByText('Show 2/2 RC with a cable needle').click();
	},
	'a lesson, its rates': async (pond) => {
		await demo(pond);
		await pond.page.getByRole('button', { name: 'The rates this rests on' }).click();
	},
	'a lesson, its history': async (pond) => {
		await demo(pond);
		await pond.page.keyboard.press('h');
		await pond.page.getByRole('button', { name: /As it began/ }).click();
	},
	'a lesson, drafted again': async (pond) => {
		await demo(pond);
		await pond.page.keyboard.press('g');
		await pond.page.getByRole('button', { name: 'Take this draft' }).waitFor();
	},
	'a lesson, two compared': async (pond) => {
		await demo(pond, '', 'copy');
		await added(pond, 'a comparison');
	},
	'a lesson, a slip': async (pond) => {
		await demo(pond, '', 'copy');
		await added(pond, 'a mistake and how to fix it');
	},
	'a lesson, slack, finishing and who comes': async (pond) => {
		await slack(pond);
		const who = pond.page.getByRole('region', { name: 'Who comes' });
		await who.getByRole('button', { name: 'Add' }).press('Enter');
		await who.getByLabel('Name or nickname').fill('Uta');
		await pond.page.getByText('The saying for').click();
	},
	'Stage, slack and what folds away': async (pond) => {
		await slack(pond);
		await pond.go(`${new URL(pond.page.url()).pathname}/teach`);
		await pond.toPart(/^Slack and tension/);
		await pond.page.setViewportSize({ width: 390, height: 844 });
		await pond.page.getByRole('button', { name: 'more', exact: true }).click();
	},
	'a lesson, adding a picture': async (pond) => {
		await demo(pond);
		await pond.page.getByRole('button', { name: 'Picture', exact: true }).click();
	},
	'The library, found': async (pond) => {
		await pond.go('/lessons');
		await pond.page.getByRole('searchbox').fill('cushion');
		await pond.page.getByRole('list', { name: 'Found' }).waitFor();
	},
	'The library, put away': (pond) => pond.go('/lessons?shelf=away'),
	Courses: (pond) => pond.go('/courses'),
	'a course': course,
	'a course’s programme': async (pond) => {
		await course(pond);
		await pond.go(`${new URL(pond.page.url()).pathname}/programme`);
	},
	Account: (pond) => pond.go('/account'),
	'a lesson without parts': async (pond) => void (await pond.newLesson('Empty')),
	Stage: async (pond) => {
		await demo(pond, '/teach');
		await pond.page.keyboard.press('ArrowDown');
		await pond.page.keyboard.press('ArrowDown');
	},
	'Stage, a question': async (pond) => {
		await demo(pond, '/teach');
		await pond.page.getByRole('button', { name: 'Which way will it lean?' }).click();
	},
	'Stage, notes beside it': async (pond) => {
		await demo(pond, '/teach');
		await pond.page.keyboard.press('ArrowDown');
		await pond.page.keyboard.press('m');
		await pond.page.keyboard.press('c');
		await pond.page.keyboard.press('i');
	},
	'Stage, something is wrong': async (pond) => {
		await demo(pond, '/teach', 'copy');
		await pond.page.keyboard.press('f');
		await pond.page.getByRole('button', { name: /The rope leans left/ }).click();
		await pond.page.getByRole('button', { name: /^Ladder down/ }).click();
	},
	'Stage, for the class': (pond) => demo(pond, '/teach?as=class'),
	'Stage, for the teacher': async (pond) => {
		await demo(pond, '/teach?as=notes');
		// It comes a moment after the page.
		await pond.page.getByRole('heading', { level: 1 }).waitFor();
	},
	'Stage, for the class, asked in': async (pond) => {
		await windowOf(pond, 'class');
		await pond.page.getByRole('complementary', { name: 'Follow on your phone' }).waitFor();
	},
	'Stage, for the teacher, with phones': async (pond) => {
		await windowOf(pond, 'notes');
		await pond.page.getByRole('region', { name: 'On their phones' }).waitFor();
	},
	'After class': async (pond) => {
		// Not in the demo lesson itself: the class would be its latest.
		await demo(pond, '/teach', 'copy');
		await pond.page.keyboard.press('t');
		await endClass(pond.page);
		await pond.page.getByRole('button', { name: 'Write up another class' }).click();
		await pond.page
			.getByRole('button', { name: /^Write on/ })
			.first()
			.click();
		await pond.page
			.getByRole('button', { name: /^A slip in/ })
			.first()
			.click();
		await pond.page.getByRole('button', { name: 'Plan the next one' }).click();
		await pond.page.getByRole('button', { name: 'Keep this lesson' }).waitFor();
	},
	Sheet: async (pond) => {
		await demo(pond, '/handout');
		for (const more of ['Several in one go', 'A poster for the wall'])
			await pond.page.locator('summary', { hasText: more }).click();
		// It comes a moment after the page.
		await pond.page.getByRole('heading', { level: 1 }).waitFor();
	},
	Settings: async (pond) => {
		await pond.go('/');
		await pond.page.keyboard.press(',');
	},
	Keys: async (pond) => {
		await pond.go('/lessons');
		await pond.page.keyboard.press('Shift+?');
	},
	'Put into a lesson': async (pond) => {
		await pond.go('/');
		await pond.page.keyboard.press('a');
	},
	Class: (pond) => pond.go('/classes'),
	'Class, a new one': async (pond) => {
		await pond.go('/classes');
		await pond.page.getByRole('button', { name: 'Another class' }).click();
	},
	'Class, links': async (pond) => {
		await pond.go('/classes');
		await pond.page.getByRole('button', { name: 'All links on paper' }).click();
	},
	'Practice, whose hands': async (pond) => {
		await pond.page.evaluate(() => localStorage.clear());
		await pond.go(await practiceAddress(pond));
		await pond.page.getByRole('button', { name: 'Start practice' }).waitFor();
	},
	Practice: (pond) => practice(pond),
	'Practice, a question': async (pond) => {
		await practice(pond);
		await pond.page.getByRole('button', { name: 'Begin' }).click();
	},
	'Practice, an answer': async (pond) => {
		await practice(pond);
		await pond.page.getByRole('button', { name: 'Begin' }).click();
		await guess(pond);
	},
	'Stage, with phones': async (pond) => {
		await demo(pond, '/teach', 'copy');
		await pond.page.keyboard.press('j');
		await pond.page.getByTestId('following').waitFor();
	},
	'Following, whose hands': (pond) => follow(pond),
	Following: async (pond) => {
		await follow(pond);
		await pond.page.getByRole('button', { name: 'Join the class' }).click();
		await pond.page.getByText('With the class').waitFor();
	},
	'Following, the parts': async (pond) => {
		await follow(pond);
		await pond.page.getByText('Dark', { exact: true }).click();
		await pond.page.getByRole('button', { name: 'Join the class' }).click();
		await pond.page.getByRole('button', { name: 'Parts and handout' }).click();
	},
	'Following, by a code': (pond) => pond.go('/follow'),
	'nothing here': (pond) => pond.open('/nowhere'),
	// Whoever signs out comes last.
	'Signing in': async (pond) => {
		await pond.page.context().clearCookies();
		await pond.open('/sign-in');
	},
	'Making an account': async (pond) => {
		await pond.page.context().clearCookies();
		await pond.open('/join');
	}
};

const AT_ODDS = 'C4B: sl next 2 sts to cn and hold in front, k2, k2 from cn\nT3F\nmarmalade: stir';

async function bench(pond: Pond, address: string, panel: string) {
	await pond.go(address);
	await pond.page.getByRole('tab', { name: panel, exact: true }).click();
}

/** Where a learner of the demo practises. */
async function practiceAddress({ page }: Pond): Promise<string> {
	const [, link] = /link:"([\w-]{22})"/.exec(await (await page.request.get('/classes')).text())!;
	return `/practice/${link}`;
}

/** The exercises of that learner, whose hands are known. */
async function practice(pond: Pond): Promise<void> {
	await pond.go(await practiceAddress(pond));
	const [hands, begin] = ['Start practice', 'Begin'].map((name) => pond.page.getByRole('button', { name }));
	await hands.or(begin).waitFor();
	if (await hands.isVisible()) await hands.click();
	await begin.waitFor();
}

/** Answers whatever is asked first, somehow. */
async function guess({ page }: Pond): Promise<void> {
	const stitches = page.getByRole('button', { name: /^Stitch \d/ });
	for (const stitch of await stitches.all()) await stitch.click();
	const field = page.getByRole('main').getByRole('textbox');
	if ((await field.count()) > 0) await field.fill('2');
	const say = page.getByRole('button', { name: /^That is/ });
	await ((await say.count()) > 0 ? say : page.locator('.choice').first()).click();
	await page.getByRole('heading', { name: /^(?:Right|Not yet)$/ }).waitFor();
}

/** A lesson like the demo’s, opened to a phone: a stage of the demo’s own would go to where the class is. */
async function follow(pond: Pond): Promise<void> {
	const lessonId = crypto.randomUUID();
	await pond.page.request.post(`/api${await pond.demoLesson()}/copies`, {
		data: { lessonId, title: 'Followed' }
	});
	const opened = await pond.page.request.post(`/api/lessons/${lessonId}/following`, {
		data: { followingId: crypto.randomUUID(), leader: crypto.randomUUID(), moment: MOMENT }
	});
	await pond.go(`/follow/${((await opened.json()) as { code: string }).code}`);
	// As on somebody's first time.
	await pond.page.evaluate(() => localStorage.clear());
	await pond.reload();
	await pond.page.getByRole('button', { name: 'Join the class' }).waitFor();
}

/** A window of a stage that another window leads, open to phones. */
async function windowOf(pond: Pond, as: 'class' | 'notes') {
	const leading = new Pond(await pond.page.context().newPage());
	await demo(leading, '/teach', 'copy');
	await leading.page.keyboard.press('j');
	await leading.page.getByTestId('following').waitFor();
	await pond.go(`${new URL(leading.page.url()).pathname}?as=${as}`);
}

async function piece(pond: Pond): Promise<void> {
	await pond.go('/measurements');
	await pond.page.getByRole('link', { name: /^Strip for the strap/ }).click();
	await pond.page.waitForURL(/\/measurements\/[0-9a-f-]{36}$/);
	await awake(pond.page);
	await pond.page.getByRole('table').waitFor({ state: 'attached' });
}

async function swatch(pond: Pond) {
	await pond.go(await pond.addressOf('/swatches', 'Draught-stopper eel'));
	await pond.page.getByTestId('now').waitFor();
}

/** On a narrow page, what stands beside the cloth is one step away; on a wide one it is there. */
async function beside({ page }: Pond) {
	const button = page.getByRole('tab', { name: 'Beside', exact: true });
	if (await button.isVisible()) await button.click();
}

/** Opens the demo lesson, or a copy where something is written into it: other tests look at the demo lesson as well. */
async function demo(pond: Pond, view = '', which: 'itself' | 'copy' = 'itself') {
	const address = await pond.demoLesson();
	if (which === 'itself') return pond.go(address + view);
	const lesson = crypto.randomUUID();
	await pond.page.request.post(`/api${address}/copies`, {
		data: { lessonId: lesson, title: 'A copy to write in' }
	});
	await pond.go(`/lessons/${lesson}${view}`);
}

/** A lesson with slack and finishing in it. */
async function slack(pond: Pond) {
	await demo(pond, '', 'copy');
	await added(pond, 'finishing');
	await added(pond, 'loose stitches and tension');
	await pond.page.getByText('Tight: every').waitFor();
	await pond.saved();
}

async function course(pond: Pond) {
	await pond.go('/lessons');
	await pond.page.keyboard.press('d');
	const dialog = pond.page.getByRole('dialog');
	await dialog.getByLabel('Crosses to teach').fill('2/2 RC, 2/2 LC, 3/3 RC, 2/1 LPC');
	await dialog.getByRole('button', { name: 'Keep it, and the rest as a course' }).click();
	await pond.page.waitForURL(/\/courses\/[0-9a-f-]{36}$/);
}

async function added({ page }: Pond, kind: string) {
	await page.getByRole('combobox', { name: /Add a part/ }).selectOption({ label: kind });
	await expect(page.locator('input[name="title"]')).toBeFocused();
}

/** Each width in another theme: what is wrong with a colour or a place is wrong at both. */
const LOOKS = [
	{ width: 1280, height: 800, theme: 'day' },
	{ width: 390, height: 844, theme: 'evening' }
];

/** Views of what stands beside the cloth, which has to be gone to once the page has become narrow. */
const BESIDE = /^a swatch, (here|figures|history)$/;

/** What is not accessible in a page as it stands. */
async function faults(page: Page): Promise<string[]> {
	if (!(await page.evaluate(() => 'axe' in window))) await page.evaluate(AXE);
	const { violations } = await page.evaluate(
		(tags) =>
			axe.run(
				{ exclude: ['svg[role=img] > *'] },
				{ resultTypes: ['violations'], runOnly: { type: 'tag', values: tags } }
			),
		TAGS
	);
	return violations.map(
		({ id, nodes }) =>
			`${id}: ${nodes.map(({ html, failureSummary }) => `${html.slice(0, 160)} ${failureSummary}`).join(' | ')}`
	);
}

/** Tests, each of which looks at views of different pages in one window, which is quicker than to open a page anew. */
const TESTS = 15;
const views = Object.entries(VIEWS);

for (let nth = 0; nth < TESTS; nth++) {
	const some = views.filter((_, i) => i % TESTS === nth);
	const names = some.map(([name]) => name).join('; ');
	test(`accessible by day and evening, wide and on a phone: ${names}`, async ({ pond, page }) => {
		for (const [name, come] of some) {
			await page.setViewportSize(LOOKS[0]);
			await come(pond);
			for (const { width, height, theme } of LOOKS) {
				await page.setViewportSize({ width, height });
				await page.evaluate((chosen) => (document.documentElement.dataset.theme = chosen), theme);
				if (BESIDE.test(name)) await beside(pond);
				expect.soft(await faults(page), `${name} at ${width} by ${theme}`).toEqual([]);
				expect
					.soft(await page.evaluate(() => document.documentElement.scrollWidth), `${name} at ${width}`)
					.toBeLessThanOrEqual(width);
			}
		}
	});
}
