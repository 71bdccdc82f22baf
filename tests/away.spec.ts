import { expect, test } from './support/pond';

test.describe('as an app', () => {
	test.use({ serviceWorkers: 'allow' });

	test('it can be installed: what a browser asks for is there', async ({ pond, page, request }) => {
		await pond.open('/account');
		const address = await page.locator('link[rel=manifest]').getAttribute('href');
		const manifest = await (await request.get(address!)).json();
		expect(manifest).toMatchObject({ name: 'Pond Loop', display: 'standalone', start_url: '/' });
		for (const { src, type } of manifest.icons as { src: string; type: string }[]) {
			const icon = await request.get(src);
			expect([icon.status(), icon.headers()['content-type']]).toEqual([200, type]);
		}
		await expect(page.getByRole('heading', { name: 'On this device' })).toBeVisible();
		// The browser's own offer waits for the press.
		await page.evaluate(() => {
			const offer = Object.assign(new Event('beforeinstallprompt'), {
				prompt: async () => ({ outcome: 'accepted' })
			});
			dispatchEvent(offer);
		});
		await page.getByRole('button', { name: 'Install' }).click();
		await expect(page.getByText('Pond Loop is installed here.')).toBeVisible();
	});

	test('without the server, a page says what still works and leads there', async ({ pond, page, server }) => {
		await pond.open(await pond.demoLesson());
		await page.getByRole('link', { name: 'Teach it' }).click();
		await page.waitForURL(/\/teach$/);
		const stage = new URL(page.url()).pathname;
		// All that the stage is made of is kept, not only the page.
		await expect
			.poll(
				() =>
					page.evaluate(async (path) => {
						const kept = await caches.match(path);
						const names = await caches.keys();
						const counts = await Promise.all(
							names.map(async (name) => (await (await caches.open(name)).keys()).length)
						);
						return kept !== undefined && Math.max(...counts) > 20;
					}, stage),
				{ timeout: 30_000 }
			)
			.toBe(true);
		await server.end('SIGKILL');
		await page.goto('/swatches');
		await expect(page.getByRole('heading', { name: 'You’re offline' })).toBeVisible();
		await expect(page.getByText('Everything you typed is safe')).toBeVisible();
		await page
			.getByRole('list', { name: 'Lessons for the teaching screen' })
			.getByRole('link')
			.first()
			.click();
		await page.waitForURL(/\/teach$/);
		await expect(page.getByRole('heading', { name: 'Welcome to the hide' }).first()).toBeVisible();
		await page.goto('/swatches');
		await server.start();
		await page.getByRole('button', { name: 'Try this page again' }).click();
		await expect(page.getByRole('heading', { name: 'Swatches' })).toBeVisible();
	});
});
