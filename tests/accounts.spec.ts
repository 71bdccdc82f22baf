import type { APIRequestContext, Browser } from '@playwright/test';
import { awake, expect, PASSWORD, Pond, test } from './support/pond';

/** Makes an account through the page; the browser is signed in then. */
async function joined(browser: Browser, baseURL: string, signIn: string) {
	const context = await browser.newContext({ baseURL, storageState: undefined });
	const page = await context.newPage();
	await new Pond(page).join(signIn, `Teacher ${signIn}`);
	return { context, page };
}

const signIn = async (request: APIRequestContext, origin: string, name: string, password: string) =>
	request.post('/sign-in?/signin', {
		form: { 'sign-in': name, password, to: '/account' },
		headers: { origin, accept: 'text/html' },
		maxRedirects: 0
	});

test.describe('accounts', () => {
	test('nobody sees anything; the demo opens by one press and goes on where one wanted to go', async ({
		browser,
		server
	}) => {
		const context = await browser.newContext({ baseURL: server.address, storageState: undefined });
		await context.clearCookies();
		const page = await context.newPage();
		await page.goto('/swatches');
		await expect(page).toHaveURL(/\/sign-in\?to=%2Fswatches$/);
		await page.getByRole('button', { name: 'Try the demo' }).press('Enter');
		await expect(page).toHaveURL(/\/swatches$/);
		await expect(page.getByRole('link', { name: /Draught-stopper eel/ })).toBeVisible();
		const cookie = (await context.cookies()).find(({ name }) => name === 'pond_session');
		expect(cookie).toMatchObject({ httpOnly: true, sameSite: 'Lax' });
		await page.goto('/account');
		await page.getByRole('button', { name: 'Sign out on this device' }).click();
		await expect(page).toHaveURL(/\/sign-in$/);
		await page.goto('/lessons');
		await expect(page).toHaveURL(/\/sign-in\?to/);
		// Nowhere else, whoever wrote the link.
		await page.goto('/sign-in?to=//elsewhere.example/');
		await page.getByRole('button', { name: 'Try the demo' }).click();
		await expect(page).toHaveURL((url) => url.origin === server.address && url.pathname === '/');
		await context.close();
	});

	test('what is typed before the page has woken stays', async ({ browser, server }) => {
		const context = await browser.newContext({ baseURL: server.address, storageState: undefined });
		await context.clearCookies();
		const page = await context.newPage();
		let wake = () => {};
		const asleep = new Promise<void>((resolve) => (wake = resolve));
		await page.route('**/_app/**/*.js', async (route) => {
			await asleep;
			await route.continue();
		});
		await page.goto('/join', { waitUntil: 'commit' });
		const name = page.getByLabel('Sign-in name');
		await name.fill('bittern');
		wake();
		await awake(page);
		await expect(name).toHaveValue('bittern');
		await context.close();
	});

	test('are made, changed and deleted with all they hold', async ({ browser, server }) => {
		const { context, page } = await joined(browser, server.address, 'sedge');
		await page.goto('/lessons');
		await expect(page.getByText('Nothing planned yet')).toBeVisible();
		await page.goto('/account');
		await page.getByLabel('Your name (learners see this)').fill('Sedge of the marsh');
		await page.getByRole('button', { name: 'Save name' }).click();
		await expect(page.getByRole('heading', { name: 'Sedge of the marsh' })).toBeVisible();

		const other = await browser.newContext({ baseURL: server.address, storageState: undefined });
		const wrong = await signIn(other.request, server.address, 'sedge', 'something else');
		expect(await wrong.text()).toContain('Wrong name or password');
		expect((await signIn(other.request, server.address, 'SEDGE ', PASSWORD)).status()).toBe(303);
		expect(await (await other.request.get('/account')).text()).toContain('Sedge of the marsh');

		// A new password signs every other browser out.
		await page.getByLabel('Current password').fill(PASSWORD);
		await page.getByLabel('New password').fill('short');
		await page.getByRole('button', { name: 'Change password' }).click();
		await expect(page.getByRole('alert')).toContainText('10 to 200 characters');
		await page.getByLabel('Current password').fill(PASSWORD);
		await page.getByLabel('New password').fill('two herons stand in the reeds');
		await page.getByRole('button', { name: 'Change password' }).click();
		await expect(page.getByRole('alert')).toContainText('Every other browser is signed out');
		expect((await other.request.get('/account', { maxRedirects: 0 })).status()).toBe(303);

		await page.getByLabel('Confirm your password').fill('two herons stand in the reeds');
		await page.getByRole('button', { name: 'Delete my account' }).click();
		await expect(page).toHaveURL(/\/sign-in$/);
		const gone = await signIn(other.request, server.address, 'sedge', 'two herons stand in the reeds');
		expect(await gone.text()).toContain('Wrong name or password');
		await Promise.all([context.close(), other.close()]);
	});

	test('say what is wrong with a name or a password, and keep what was typed', async ({
		browser,
		server
	}) => {
		const { context } = await joined(browser, server.address, 'taken');
		const page = await context.newPage();
		await page.goto('/join');
		await page.getByLabel('Your name (learners see this)').fill('Reed');
		await page.getByLabel('Sign-in name').fill('taken');
		await page.getByLabel('Password', { exact: true }).fill(PASSWORD);
		await page.keyboard.press('Enter');
		await expect(page.getByRole('alert')).toContainText('“taken” is taken');
		await expect(page.getByLabel('Your name (learners see this)')).toHaveValue('Reed');
		await page.getByLabel('Sign-in name').fill('a b');
		await page.getByLabel('Password', { exact: true }).fill(PASSWORD);
		await page.keyboard.press('Enter');
		await expect(page.getByRole('alert')).toContainText('3 to 80 letters');
		await context.close();
	});

	test('let nobody guess for long', async ({ browser, server }) => {
		const { context } = await joined(browser, server.address, 'guessed');
		await context.close();
		const stranger = await browser.newContext({ baseURL: server.address, storageState: undefined });
		for (let tries = 0; tries < 8; tries++)
			await signIn(stranger.request, server.address, 'guessed', `guess number ${tries}`);
		const late = await signIn(stranger.request, server.address, 'guessed', PASSWORD);
		expect(late.status()).toBe(429);
		expect(await late.text()).toContain('Wait 15 minutes');
		await stranger.close();
	});

	test('that are signed out elsewhere lose nothing that is typed', async ({ pond, page, context }) => {
		const address = await pond.lessonWith('Signed out', 'Rushes');
		await pond.saved();
		await context.clearCookies();
		await page.locator('input[name="title"]').fill('Rushes and reeds');
		await expect(
			page.getByText(/You’ve been signed out\. 1 change saved on this device/).first()
		).toBeVisible();
		await page.getByRole('link', { name: 'Sign in' }).first().click();
		await page.getByRole('button', { name: 'Try the demo' }).click();
		await expect(page).toHaveURL(new RegExp(`${address}$`));
		await expect(page.locator('input[name="title"]')).toHaveValue('Rushes and reeds');
		await pond.saved();
	});
});
