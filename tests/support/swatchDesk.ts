import type { Locator, Page } from '@playwright/test';
import { newSwatch } from '../../src/core/swatch/schema';
import { expect, test, type Pond } from './pond';

/** What a teacher does at the desk of a swatch. */
export class SwatchDesk {
	constructor(
		readonly pond: Pond,
		readonly page: Page
	) {}

	/** Opens one of the demo's swatches. */
	async demo(title: string): Promise<void> {
		await this.pond.open(await this.pond.addressOf('/swatches', title));
		await this.ready();
	}

	/** Makes a swatch of its own with these rows, and opens it. */
	async write(text: string): Promise<void> {
		const swatchId = crypto.randomUUID();
		const version = { id: crypto.randomUUID(), base: null, swatch: newSwatch('A new swatch', text) };
		const made = await this.page.request.post(`/api/swatches/${swatchId}/versions`, {
			data: { ...version, said: 'Rows written' }
		});
		expect(made.ok()).toBe(true);
		await this.pond.open(`/swatches/${swatchId}`);
		await this.ready();
	}

	async ready(): Promise<void> {
		await this.page.waitForURL(/\/swatches\/[0-9a-f-]{36}$/);
		await this.rows().waitFor();
	}

	rows(): Locator {
		return this.page.getByRole('textbox', { name: 'Written rows' });
	}

	/** The rows as they stand, findings left out. */
	async text(): Promise<string> {
		return (await this.rows().locator('.cm-line').allTextContents()).join('\n');
	}

	now(): Locator {
		return this.page.getByTestId('now');
	}

	async press(...keys: string[]): Promise<void> {
		for (const key of keys) await this.page.keyboard.press(key);
	}

	/** The size of the drawing, of a stitch and of a row, in pixels. */
	async cloth() {
		const drawing = this.page.getByTestId('cloth').getByRole('img');
		return (await drawing.boundingBox())!;
	}

	/** The words that those who cannot see the cloth hear. */
	chosen(): Locator {
		return this.page.getByLabel('What the rows make').locator('[aria-live]');
	}
}

/** Tests with a desk to open swatches at. */
export const deskTest = test.extend<{ desk: SwatchDesk }>({
	desk: ({ pond, page }, use) => use(new SwatchDesk(pond, page))
});
