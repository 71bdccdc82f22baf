import PDFDocument from 'pdfkit';
import type { Page } from '@playwright/test';
import { expect, test } from './support/pond';
import { SwatchDesk } from './support/swatchDesk';

/** A leaflet of two pages: rows in two columns under a title, then a page that is only a picture. */
function leaflet(): Promise<Buffer> {
	const doc = new PDFDocument({ size: 'A4', margin: 40 });
	const parts: Buffer[] = [];
	doc.on('data', (part: Buffer) => parts.push(part));
	doc.fontSize(18).text('Otter Cosy, knitted flat in one piece, with a rope in the middle', 40, 40);
	const rows = [
		'CO 8 sts.',
		'Row 1 (RS): p2, k4, p2.',
		'Row 2: k2, p4, k2.',
		'Row 3: p2, 2/2 RC, p2.',
		'Row 4: k2, p4, k2.',
		'Row 5: p2, k4, p2.',
		'Row 6: k2, p4, k2.',
		'Row 7: p2, 2/2 RC, p2.',
		'Row 8: k2, p4, k2.',
		'BO all sts in patt.'
	];
	doc.fontSize(11);
	rows.forEach((row, i) => doc.text(row, i < 5 ? 40 : 320, 100 + (i % 5) * 18, { lineBreak: false }));
	doc.addPage().rect(100, 100, 300, 300).fill('#888');
	doc.end();
	return new Promise((resolve) => doc.on('end', () => resolve(Buffer.concat(parts))));
}

/** Drops a file somewhere on the page. */
const drop = (page: Page, name: string, type: string, content: Buffer) =>
	page.evaluate(
		([name, type, content]) => {
			const bytes = Uint8Array.from(atob(content), (letter) => letter.charCodeAt(0));
			const dataTransfer = new DataTransfer();
			dataTransfer.items.add(new File([bytes], name, { type }));
			document.body.dispatchEvent(
				new DragEvent('drop', { dataTransfer, bubbles: true, cancelable: true, composed: true })
			);
		},
		[name, type, content.toString('base64')] as const
	);

test.describe('what is brought in from elsewhere', () => {
	test('is a PDF that is dropped: its pages chosen, columns kept apart, its rows a swatch', async ({
		pond,
		page
	}) => {
		await pond.open('/lessons');
		await drop(page, 'otter cosy.pdf', 'application/pdf', await leaflet());
		const dialog = page.getByRole('dialog', { name: 'Brought in' });
		const text = dialog.getByRole('textbox');
		await expect(text).toHaveValue(/Otter Cosy.*\n[\s\S]*Row 4: k2, p4, k2\.\nRow 5: p2, k4, p2\./);
		await expect(dialog).toContainText('Page 2 is only a picture');
		await expect(dialog).toContainText('Rows: 8 lines of them.');
		await dialog.getByRole('checkbox', { name: '1' }).uncheck();
		await expect(text).toHaveValue('');
		await expect(dialog.getByRole('button', { name: 'Make a swatch of it' })).toBeDisabled();
		await dialog.getByRole('checkbox', { name: '1' }).check();
		await dialog.getByRole('button', { name: 'Make a swatch of it' }).press('Enter');
		await new SwatchDesk(pond, page).ready();
		await expect(page.getByRole('textbox', { name: 'Name of the swatch' })).toHaveValue('otter cosy');
		await expect(page.getByText('8 stitches · 8 rows · flat')).toBeVisible();
	});

	test('is a text that is pasted beside every field, to mend before it goes anywhere', async ({
		pond,
		page
	}) => {
		await pond.open('/swatches');
		await page.evaluate(() => {
			const clipboardData = new DataTransfer();
			clipboardData.setData(
				'text/plain',
				'Otter: sl next 2 sts to cn, hold in front, k2, k2 from cn\nHeron: sl 1 to cn, hold in back, k2, p1 from cn'
			);
			document.body.dispatchEvent(
				new ClipboardEvent('paste', { clipboardData, bubbles: true, cancelable: true })
			);
		});
		const dialog = page.getByRole('dialog', { name: 'Brought in' });
		await expect(dialog).toContainText('A key: 2 names.');
		await dialog.getByRole('button', { name: 'Check the abbreviations' }).press('Enter');
		await page.waitForURL(/\/abbreviations\?open=/);
		await expect(page.getByRole('textbox', { name: /Abbreviations, one per line/ })).toHaveValue(
			/^Otter: sl next 2/
		);
	});

	test('is known as a key where it is pasted among rows', async ({ pond, page }) => {
		const desk = new SwatchDesk(pond, page);
		await desk.write('Cast on 8.\nRow 1 (RS): k8.');
		await desk.rows().click();
		await desk.rows().evaluate((editor) => {
			const clipboardData = new DataTransfer();
			clipboardData.setData(
				'text/plain',
				'Otter: sl next 2 sts to cn, hold in front, k2, k2 from cn\nHeron: sl 1 to cn, hold in back, k2, p1 from cn'
			);
			editor.dispatchEvent(
				new ClipboardEvent('paste', { clipboardData, bubbles: true, cancelable: true, composed: true })
			);
		});
		await expect(page.getByText('This looks like a pattern’s abbreviations, with 2 names.')).toBeVisible();
		await page.getByRole('button', { name: 'Check the abbreviations' }).press('Enter');
		await page.waitForURL(/\/abbreviations\?open=/);
	});

	test('that cannot be read says what it is and what to do instead', async ({ pond, page }) => {
		await pond.open('/swatches');
		const dialog = page.getByRole('dialog', { name: 'Brought in' });
		await drop(page, 'broken.pdf', 'application/pdf', Buffer.from('%PDF-1.4 and nothing more'));
		await expect(dialog.getByRole('alert')).toContainText('cannot be opened');
		await page.keyboard.press('Escape');
		await drop(page, 'reeds.png', 'image/png', Buffer.from([0x89, 0x50, 0x4e, 0x47, 13, 10, 26, 10]));
		await expect(dialog.getByRole('alert')).toContainText('is a picture, not plain text');
	});
});
