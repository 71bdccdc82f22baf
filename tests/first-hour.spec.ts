import { devices, type Locator, type Page } from '@playwright/test';
import { expect, onPaper, PASSWORD, Pond, tabTo, test } from './support/pond';

const KEY = `C4F: sl next 2 sts to cn and hold in front, k2, k2 from cn
C4B: sl next 2 sts to cn and hold in back, k2, k2 from cn`;

/** How many things a newcomer may have to do from a pasted key to a checked lesson and its sheet. */
const MOST_ACTIONS = 12;

/** From a pasted key to a checked lesson and its sheet, as somebody does it who follows what the pages offer. */
async function fromKeyToSheet(
	page: Page,
	put: (field: Locator, text: string) => Promise<void>,
	press: (target: Locator) => Promise<void>
) {
	let actions = 0;
	const does = async (act: Promise<void>) => {
		await act;
		actions++;
	};
	await does(put(page.getByLabel('Abbreviations or rows'), KEY));
	await does(press(page.getByRole('button', { name: 'Check the pattern' })));
	await page.waitForURL(/\/abbreviations\?open=/);
	await expect(page.getByText('2 lines: 2 understood')).toBeVisible();
	await does(press(page.getByRole('link', { name: 'Draft a lesson from these' })));
	const keep = page.getByRole('button', { name: 'Keep this lesson' });
	await expect(keep).toBeEnabled();
	await does(press(keep));
	await page.waitForURL(/\/lessons\/[0-9a-f-]{36}$/);
	await expect(page.getByTestId('checks')).toContainText('All clear');
	await does(press(page.getByRole('link', { name: 'Take-home sheet' })));
	await page.waitForURL(/\/handout$/);
	await does(press(page.getByRole('button', { name: /Make the file/ })));
	await expect(
		page.getByRole('list', { name: 'Files just made' }).getByRole('link', { name: 'Save' })
	).toBeVisible({
		timeout: 60_000
	});
	expect(actions).toBeLessThanOrEqual(MOST_ACTIONS);
}

test.describe('the first hour', () => {
	test.describe.configure({ timeout: 180_000 });

	test('goes from a pasted key to a lesson and its sheet by keyboard alone', async ({
		pond,
		page,
		context
	}) => {
		await context.clearCookies();
		await pond.join('newcomer', 'A Newcomer');
		await expect(page.getByRole('heading', { name: 'Three ways to start' })).toBeVisible();
		await fromKeyToSheet(
			page,
			async (field, text) => {
				await tabTo(field);
				// As pasted: a line break does not send the form.
				await page.keyboard.insertText(text);
			},
			async (target) => {
				await tabTo(target);
				await page.keyboard.press('Enter');
			}
		);
		// There is work now, so the Bench keeps its place.
		await pond.open('/');
		await expect(page.getByRole('textbox', { name: 'Name of the crossing' })).toBeVisible();
		// The first steps stay one press away until they are no longer wanted.
		await page.getByRole('link', { name: 'Start here' }).press('Enter');
		await page.waitForURL(/\/start$/);
		await page.getByRole('button', { name: 'Hide this page' }).press('Enter');
		await page.waitForURL((url) => url.pathname === '/');
		await expect(page.getByRole('link', { name: 'Start here' })).toHaveCount(0);
		await pond.saved();
		await pond.reload();
		await expect(page.getByRole('link', { name: 'Start here' })).toHaveCount(0);
		await page.keyboard.press('Shift+?');
		await expect(page.getByRole('dialog').getByRole('link', { name: 'Start here' })).toBeVisible();
	});

	test('goes the same way on a phone', async ({ browser, server }) => {
		const { viewport, userAgent, deviceScaleFactor } = devices['Pixel 5'];
		const phone = await browser.newContext({
			viewport,
			userAgent,
			deviceScaleFactor,
			isMobile: true,
			hasTouch: true,
			baseURL: server.address,
			storageState: undefined
		});
		await phone.clearCookies();
		const page = await phone.newPage();
		await new Pond(page).join('pocket', 'A Pocket');
		await fromKeyToSheet(
			page,
			(field, text) => field.fill(text),
			(target) => target.tap()
		);
		// The parts of a lesson begin above the fold.
		await page.goBack();
		await page.waitForURL(/\/lessons\/[0-9a-f-]{36}$/);
		const first = page.getByRole('list', { name: 'Parts of the lesson' }).getByRole('listitem').first();
		const box = (await first.boundingBox())!;
		expect(box.y + box.height).toBeLessThan(viewport.height);
		await phone.close();
	});

	test('has a sample in every account, and the other two ways', async ({ pond, page, context }) => {
		await context.clearCookies();
		await pond.join('sampler', 'A Sampler');
		await page.getByRole('button', { name: 'Open the sample lesson' }).click();
		await page.waitForURL(/\/lessons\/[0-9a-f-]{36}$/);
		await expect(page.getByRole('textbox', { name: 'Name of the lesson' })).toHaveValue(
			'Your first two leans (a sample)'
		);
		await pond.open('/start');
		await page.getByLabel('As written in your pattern').fill('2/1 LPC');
		await page.keyboard.press('Enter');
		await page.waitForURL(/name=2%2F1\+LPC|name=2%2F1%20LPC/);
		await expect(page.getByRole('textbox', { name: 'Name of the crossing' })).toHaveValue('2/1 LPC');
		await pond.open('/start');
		await page.getByRole('button', { name: 'Honeycomb' }).click();
		await expect(page.getByRole('dialog').getByLabel('Motif')).toHaveValue('honeycomb');
		await page.getByRole('button', { name: 'Create swatch' }).click();
		await page.waitForURL(/\/swatches\/[0-9a-f-]{36}$/);
		await pond.open('/start');
		await page.getByLabel('Abbreviations or rows').fill('Cast on 8.\nRow 1 (RS): p2, 2/2 RC, p2.');
		await page.getByRole('button', { name: 'Check the pattern' }).click();
		await page.waitForURL(/\/swatches\/[0-9a-f-]{36}$/);
		await expect(page.getByText('8 stitches · 1 row · flat')).toBeVisible();
		// Nothing at all is asked for, in words.
		await pond.open('/start');
		await page.getByRole('button', { name: 'Check the pattern' }).click();
		await expect(page.getByRole('alert')).toContainText('Paste a pattern’s abbreviations');
	});

	test('knows a key or rows where they are pasted in place of a name', async ({ pond, page, context }) => {
		await context.grantPermissions(['clipboard-read', 'clipboard-write']);
		const paste = async (text: string) => {
			await page.evaluate((copied) => navigator.clipboard.writeText(copied), text);
			await page.getByRole('textbox', { name: 'Name of the crossing' }).press('Control+V');
		};
		await pond.open('/?name=2/2 RC');
		await paste(KEY);
		await expect(page.getByText('That is a key: 2 names, C4F, C4B.')).toBeVisible();
		await expect(page.getByRole('textbox', { name: 'Name of the crossing' })).toHaveValue('2/2 RC');
		await page.getByRole('button', { name: 'Check the abbreviations' }).click();
		await page.waitForURL(/\/abbreviations\?open=/);
		await expect(page.getByRole('textbox', { name: /Abbreviations, one per line/ })).toHaveValue(KEY);
		await page.getByRole('button', { name: 'Delete' }).click();
		await pond.saved();
		await pond.open('/?name=2/2 RC');
		await paste('Cast on 8.\nRow 1 (RS): p2, k4, p2.\nRow 2: as they face.');
		await expect(page.getByText('Those are rows: 2 lines of them.')).toBeVisible();
		await page.getByRole('button', { name: 'Not now' }).click();

		// In a draft each name is taught as the key has it.
		await pond.open('/lessons');
		await page.keyboard.press('d');
		const dialog = page.getByRole('dialog');
		await dialog.getByLabel('Crosses to teach').fill(`Abbreviations\n${KEY}\nRS: right side`);
		await expect(dialog.getByText('Read as a key of 2 names')).toBeVisible();
		await expect(dialog.getByTestId('draft')).toContainText('C4F in numbers');
	});

	test('finds the next step on every empty shelf', async ({ pond, page, context }) => {
		await context.clearCookies();
		await pond.join('empty', 'An Empty Shelf');
		await pond.open('/swatches');
		await expect(page.getByText('npm run')).toHaveCount(0);
		await page.getByRole('button', { name: 'Open a sample rope' }).click();
		await page.waitForURL(/\/swatches\/[0-9a-f-]{36}$/);
		await expect(page.getByText('12 stitches')).toBeVisible();
		await pond.open('/courses');
		await page.getByRole('link', { name: 'Draft lessons for it' }).click();
		await expect(page.getByRole('dialog').getByRole('button', { name: 'Keep this lesson' })).toBeEnabled();
		await pond.open('/lessons');
		await page.getByRole('button', { name: 'Open the sample lesson' }).click();
		await page.waitForURL(/\/lessons\/[0-9a-f-]{36}$/);
		await pond.open('/abbreviations');
		await page.getByRole('button', { name: 'Try an example' }).click();
		await expect(page.getByRole('region', { name: 'Results' })).toContainText('2 understood, 1 to check');
	});
});

test.describe('passwords', () => {
	test('say their rule, stay while something is mended, and are shown on asking', async ({
		page,
		pond,
		context
	}) => {
		await context.clearCookies();
		await pond.open('/join');
		await page.getByLabel('Your name (learners see this)').fill('A Forgetter');
		await page.getByLabel('Sign-in name').fill('!');
		const password = page.getByLabel('Password', { exact: true });
		await password.fill('short');
		await expect(page.getByText('5 more characters needed.')).toBeVisible();
		await password.fill(PASSWORD);
		await expect(page.getByText('Long enough.')).toBeVisible();
		await page.getByRole('button', { name: 'Create account' }).click();
		await expect(page.getByRole('alert')).toContainText('A sign-in name has 3 to 80');
		await expect(password).toHaveValue(PASSWORD);
		await page.getByRole('button', { name: 'Show password' }).click();
		await expect(password).toHaveAttribute('type', 'text');
		await page.getByLabel('Sign-in name').fill('forgetter');
		await page.getByRole('button', { name: 'Create account' }).click();
		await page.waitForURL(/\/start$/);

		// Codes on paper open the account when the password is forgotten, each once.
		await pond.open('/account/codes');
		await page.getByLabel('Confirm your password').fill('something else');
		await page.getByRole('button', { name: 'Create eight codes' }).click();
		await expect(page.getByRole('alert')).toContainText('not your password');
		await page.getByLabel('Confirm your password').fill(PASSWORD);
		await page.getByRole('button', { name: 'Create eight codes' }).click();
		const codes = page.getByRole('list', { name: 'Your codes' }).getByRole('listitem');
		await expect(codes).toHaveCount(8);
		const code = (await codes.first().innerText()).trim();
		const paper = await onPaper(page);
		expect(paper).toContain(code);
		expect(paper).not.toContain('Back to the account');
		await context.clearCookies();
		await pond.open('/sign-in');
		await page.getByRole('link', { name: 'Forgot your password?' }).click();
		await page.waitForURL(/\/recover$/);
		const recover = async (typed: string) => {
			await page.getByLabel('Sign-in name').fill('forgetter');
			await page.getByLabel(/^Recovery code/).fill(typed);
			await page.getByLabel('New password').fill('the reed bends and stands');
			await page.getByRole('button', { name: 'Change password and sign in' }).click();
		};
		await recover('0000-0000-0000');
		await expect(page.getByRole('alert')).toContainText('not one of yours');
		await expect(page.getByLabel('New password')).toHaveValue('the reed bends and stands');
		await recover(code.toLowerCase().replaceAll('-', ' '));
		await page.waitForURL(/\/start$/);
		await page.goto('/account');
		await expect(page.getByText('7 codes left')).toBeVisible();
		await context.clearCookies();
		await pond.open('/recover');
		await recover(code);
		await expect(page.getByRole('alert')).toContainText('was used before');
	});
});
