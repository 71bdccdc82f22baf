import { awake, byKeyboard, endClass, expect, onPaper, tabTo, test } from './support/pond';

const KEY = `C4B: sl next 2 sts to cn and hold in back, k2, k2 from cn
C4F: sl next 2 sts to cn and hold in front, k2, k2 from cn`;

test('a lesson from a pasted key to the one after it, by keyboard alone', async ({ pond, page, context }) => {
	// Every press goes through Tab, which takes its time on a slow machine.
	test.setTimeout(240_000);
	const { press, write } = byKeyboard(page);
	await context.clearCookies();
	await pond.join('whole', 'A Teacher by Keyboard');

	// Drafted from a pasted key.
	await pond.open('/lessons');
	await page.keyboard.press('d');
	const dialog = page.getByRole('dialog', { name: 'Draft a lesson' });
	await write(dialog.getByLabel('Crosses to teach'), KEY);
	await write(dialog.getByLabel('minutes'), '170');
	const draft = dialog.getByTestId('draft');
	await expect(draft).toContainText('Show C4F with a cable needle');
	await press(draft.getByRole('button', { name: 'Keep this lesson' }));
	await page.waitForURL(/\/lessons\/[0-9a-f-]{36}$/);
	const lesson = page.url();
	const checks = page.getByTestId('checks');
	await expect(checks).toContainText('All clear');

	// A left-hander comes; a tip stands where a cross is shown.
	const who = page.getByRole('region', { name: 'Who comes' });
	await press(who.getByRole('button', { name: 'Add' }));
	await write(who.getByLabel('Name or nickname'), 'Uta');
	await tabTo(who.getByLabel('Hands'));
	await page.keyboard.type('left-handed, fabric');
	await expect(who).toContainText('1 learner, 1 left-handed');
	await expect(checks).toContainText('A left-hander comes');
	await press(who.getByRole('button', { name: /what changes for left hands/ }));
	await expect(checks).toContainText('All clear');

	// A cross is dropped, and the class shortened: the first mend drafts it again for an hour.
	await page.keyboard.press('Escape');
	await press(page.getByRole('button', { name: /^More/ }));
	await press(page.getByRole('button', { name: /Draft again around my changes/ }));
	const again = page.getByRole('dialog', { name: 'Draft again around my changes' });
	await press(again.getByRole('checkbox', { name: 'C4F' }), 'Space');
	await expect(again).toContainText('C4F is taught nowhere any more');
	await press(again.getByRole('button', { name: 'Take this draft' }));
	await expect(pond.parts().filter({ hasText: 'C4F' })).toHaveCount(0);
	await write(page.getByRole('textbox', { name: 'minutes', exact: true }).first(), '60');
	const first = checks.getByRole('button').first();
	await expect(first).toHaveText('Draft again for 60 minutes');
	await press(first);
	await press(page.getByRole('dialog').getByRole('button', { name: 'Take this draft' }));
	await expect(checks).toContainText('All clear');

	// A saying that does not hold is underlined where words are written, and mended with a press.
	await press(pond.parts().filter({ hasText: 'Show C4B' }).first().getByRole('button').first());
	await press(page.locator('summary', { hasText: 'The saying for C4B' }));
	await write(page.getByRole('textbox', { name: /Memory aid/ }), 'Hold it in front.');
	const saying = page.getByTestId('claims').first();
	await expect(saying).toContainText('Does not hold.');
	await press(saying.getByRole('button', { name: /^Write/ }));
	await expect(page.getByRole('textbox', { name: /Memory aid/ })).toHaveValue('Hold it at the back.');
	const words = page.getByRole('textbox', { name: 'What to say or mind' });
	await tabTo(words);
	await page.keyboard.press('Control+Home');
	await page.keyboard.type('It leans left. ');
	await expect(words.locator('.claim-wrong')).toHaveText(/It leans left\./);
	await press(page.getByRole('button', { name: 'Write “It leans right.”' }));
	await expect(words.locator('.claim-wrong')).toHaveCount(0);
	await pond.saved();

	// Printed for a left-hander.
	await pond.open(`${new URL(lesson).pathname}/handout`);
	await expect(page.getByTestId('before-going')).toHaveCount(0);
	await tabTo(page.getByLabel('Hands', { exact: true }));
	await page.keyboard.type('left-handed, fabric');
	await expect(page.getByRole('article')).toContainText('For left-handed knitters, keeping the fabric');
	const paper = await onPaper(page);
	expect(paper).toContain('hold them in front');
	expect(paper).toContain('(said to right hands)');
	expect(paper).toContain('Answers');

	// Given: the stage thinks of her as well.
	await pond.open(`${new URL(lesson).pathname}/teach`);
	const show = page.getByRole('heading', { level: 1, name: /^Show C4B/ });
	await pond.toPart(/^Show C4B/);
	await expect(page.getByText('left hands: 1', { exact: true })).toBeVisible();
	await expect(page.getByTestId('detail')).not.toBeEmpty();
	await page.keyboard.press('t');
	await page.keyboard.press('h');
	await expect(show).toHaveCount(0);
	await endClass(page);
	await page.waitForURL(/\/after$/);
	await awake(page);

	// Written up: who struggled, from the list.
	await press(page.getByRole('button', { name: /^Write on Show C4B with a/ }));
	await write(page.getByLabel('Minutes it took'), '20');
	await press(page.getByRole('button', { name: 'Uta', exact: true }), 'Space');
	await expect(page.getByLabel(/Who struggled here/)).toHaveValue('Uta');
	await pond.saved();

	// The next one, with its reasons.
	await press(page.getByRole('button', { name: 'Plan the next one' }));
	await expect(page.getByRole('list', { name: 'Why these crosses' })).toContainText('Uta struggled with C4B');
	await expect(page.getByTestId('draft')).toContainText('Show C4B');
	await press(page.getByRole('button', { name: 'Keep this lesson' }));
	await expect.poll(() => page.url()).not.toContain('/after');
	await page.waitForURL(/\/lessons\/[0-9a-f-]{36}$/);
	expect(page.url()).not.toBe(lesson);
	await expect(page.getByRole('region', { name: 'Who comes' })).toContainText('Uta');
});
