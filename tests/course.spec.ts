import { readFileSync } from 'node:fs';
import sharp from 'sharp';
import { expect, test } from './support/pond';

test.describe('a course', () => {
	test('is drafted from more than one evening holds, ordered, dated and put into a calendar', async ({
		pond,
		page
	}) => {
		await pond.open('/lessons');
		await page.keyboard.press('d');
		const dialog = page.getByRole('dialog');
		await dialog.getByLabel('Crosses to teach').fill('2/2 RC, 2/2 LC, 3/3 RC, 3/3 LC');
		await dialog.getByRole('button', { name: 'Keep it, and the rest as a course' }).press('Enter');
		await page.waitForURL(/\/courses\/[0-9a-f-]{36}$/);
		const course = new URL(page.url()).pathname;
		const lessons = page.getByRole('list', { name: 'Lessons of the course, in order' }).getByRole('listitem');
		const count = await lessons.count();
		expect(count).toBeGreaterThan(1);
		await expect(lessons.first()).toContainText('Teaches 2/2');
		await expect(lessons.last()).toContainText('Takes as known');
		await expect(page.getByText('A gap:')).toHaveCount(0);

		// The other way round, the wide ones come before what they rest on.
		await lessons
			.last()
			.getByRole('button', { name: /^Earlier/ })
			.click();
		for (let i = count - 2; i > 0; i--)
			await lessons
				.nth(i)
				.getByRole('button', { name: /^Earlier/ })
				.click();
		await expect(page.getByText('A gap:').first()).toBeVisible();
		await page.getByLabel(/Crosses that learners bring along/).fill('2/2 RC, marmalade');
		await page.keyboard.press('Tab');
		await expect(page.getByRole('alert')).toContainText('“marmalade” is no cross');
		await expect(page.getByLabel(/Crosses that learners bring along/)).toHaveValue('2/2 RC, marmalade');
		await page.getByLabel('Days between lessons').fill('400');
		await page.keyboard.press('Tab');
		await expect(page.getByRole('alert')).toContainText('1 to 366 days');
		await expect(page.getByLabel('Days between lessons')).toHaveValue('400');
		await page.getByLabel('Days between lessons').fill('7');
		await page.keyboard.press('Tab');
		await page.getByLabel(/Crosses that learners bring along/).fill('2/2 RC, 2/2 LC');
		await page.keyboard.press('Tab');
		await expect(page.getByText('A gap:')).toHaveCount(0);

		await page.getByLabel('The first lesson begins').fill('2027-01-07T19:00');
		await page.getByRole('button', { name: 'Set the days' }).press('Enter');
		await expect(lessons.nth(1)).toContainText('Thursday 14 January at 19:00');
		const [file] = await Promise.all([
			page.waitForEvent('download'),
			page.getByRole('link', { name: 'Calendar file' }).click()
		]);
		const calendar = readFileSync((await file.path())!, 'utf8');
		expect(calendar.match(/BEGIN:VEVENT/g)).toHaveLength(count);
		expect(calendar).toMatch(/DTSTART:20270107T190000\r\n/);
		await page.getByRole('button', { name: 'Remove this course' }).click();
		await page.waitForURL(/\/courses$/);
		await expect(page.locator(`a[href$="${course}"]`)).toHaveCount(0);
	});
});

test.describe('a text', () => {
	test('is written as it looks, kept as CommonMark, and put into the teacher’s words', async ({
		pond,
		page
	}) => {
		const address = await pond.lessonWith('Words', 'Finishing');
		const words = page.getByRole('textbox', { name: 'What to say or mind' });
		await words.click();
		await page.getByRole('button', { name: 'Bold' }).click();
		await page.keyboard.type('Cast off');
		await page.getByRole('button', { name: 'Bold' }).click();
		await page.keyboard.type(' loosely');
		await page.keyboard.press('Enter');
		await page.keyboard.type('- wool');
		await page.keyboard.press('Enter');
		await page.keyboard.type('a needle');
		await expect(words).toContainText('Cast off loosely');
		await page.getByRole('button', { name: 'Write it in US words' }).click();
		await expect(words.locator('strong')).toHaveText('Bind off');
		await pond.saved();
		const lesson = await (await page.request.get(`/api${address}/news?version=-1`)).json();
		expect(lesson.lesson.parts[0].text).toBe('**Bind off** loosely\n\n- wool\n- a needle');
		await pond.open(`${address}/handout`);
		await expect(page.locator('li', { hasText: 'a needle' })).toBeVisible();
	});

	test('may have pictures: made smaller, without what the camera wrote, and described', async ({
		pond,
		page
	}) => {
		const address = await pond.lessonWith('Pictures', 'Look');
		const photo = await sharp({ create: { width: 2400, height: 1200, channels: 3, background: '#6a8' } })
			.withExif({ IFD3: { GPSLatitude: '51/1 30/1 0/1' }, IFD0: { Make: 'Otter', Artist: 'A heron' } })
			.jpeg()
			.toBuffer();
		expect(photo.includes('Otter')).toBe(true);
		await page.getByRole('textbox', { name: 'What to say or mind' }).click();
		await page.getByRole('button', { name: 'Picture' }).click();
		const dialog = page.getByRole('dialog');
		const file = dialog.getByLabel('A picture from this device');
		await file.setInputFiles({
			name: 'notes.txt',
			mimeType: 'text/plain',
			buffer: Buffer.from('no picture')
		});
		await dialog.getByRole('button', { name: 'Add it' }).click();
		await expect(dialog.getByRole('alert')).toContainText('Say what it shows');
		await dialog.getByLabel(/What it shows/).fill('A rope [in green] wool');
		await dialog.getByRole('button', { name: 'Add it' }).click();
		await expect(dialog.getByRole('alert')).toContainText('Choose a JPEG, PNG or WebP file');
		await file.setInputFiles({ name: 'rope.jpg', mimeType: 'image/jpeg', buffer: photo });
		await dialog.getByRole('button', { name: 'Add it' }).press('Enter');
		await expect(page.getByRole('img', { name: 'A rope in green wool' })).toBeVisible();
		await pond.saved();
		await pond.open(`${address}/handout`);
		const shown = page.getByRole('img', { name: 'A rope in green wool' });
		const kept = await (await page.request.get((await shown.getAttribute('src'))!)).body();
		const { width, exif } = await sharp(kept).metadata();
		expect([width, exif]).toEqual([1600, undefined]);
		expect(kept.includes('Otter')).toBe(false);
	});
});
