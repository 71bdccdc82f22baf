import { describe, expect, it } from 'vitest';
import { ui } from '$lib/words/ui';
import { textOf } from './fileText';

const say = ui({ value: { terms: 'us' } });

const file = (name: string, bytes: readonly number[] | string) =>
	new File([typeof bytes === 'string' ? bytes : new Uint8Array(bytes)], name);
const ascii = (text: string) => [...text].map((letter) => letter.charCodeAt(0));

describe('a file brought in', () => {
	it('is text in whichever encoding', async () => {
		const rows = 'Row 1 (RS): p2 – k4';
		const utf16 = [0xff, 0xfe, ...[...rows].flatMap((c) => [c.charCodeAt(0) & 255, c.charCodeAt(0) >> 8])];
		expect(await textOf(file('a.txt', rows), say)).toEqual({ ok: true, value: rows });
		expect(await textOf(file('a.txt', utf16), say)).toEqual({ ok: true, value: rows });
		// As an old editor writes it.
		expect(await textOf(file('a.txt', [...ascii('caf'), 0xe9]), say)).toEqual({
			ok: true,
			value: 'café'
		});
	});

	it.each([
		['sheet.pdf', '%PDF-1.7\nCast on 8.', 'is a PDF'],
		['rows.docx', 'PK\u0003\u0004…', 'a ZIP or Word file'],
		['photo.png', [0x89, ...ascii('PNG')], 'a picture'],
		['old.bin', [1, 0, 2, 0, 0], 'isn’t a text file'],
		['none.txt', ' \n', 'is empty'],
		['long.txt', 'k'.repeat(2_000_001), 'larger than 2 MB']
	])('%s is refused with what it is', async (name, bytes, says) => {
		const answer = await textOf(file(name, bytes), say);
		expect(answer).toMatchObject({ ok: false, error: { message: expect.stringContaining(says) } });
		expect(!answer.ok && answer.error.message).toContain(name);
	});
});
