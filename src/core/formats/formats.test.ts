import { readFileSync, readdirSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import * as z from 'zod/mini';
import { anyCrossing } from '../../../tests/support/arbitrary';
import { sameCrossing } from '../crossing/crossing';
import { inMedium, MEDIA } from '../technique/medium';
import { crossingShape } from '../crossing/schema';
import { parseJson, parseShape } from './json';
import { readNameOrJson, textFor } from './name';
import { formatFiles } from './schemas';

const folder = new URL('../../../docs/formats/', import.meta.url);

describe('the published formats', () => {
	it('are those of the program: npm run formats writes them anew', () => {
		const files = formatFiles();
		expect(readdirSync(folder).sort()).toEqual(Object.keys(files).sort());
		for (const [file, text] of Object.entries(files))
			expect(readFileSync(new URL(file, folder), 'utf8')).toBe(text);
	});
});

describe('what is read from outside', () => {
	it('is refused with the place and what was expected there', () => {
		const answer = parseShape(
			crossingShape,
			{ stitches: 2, order: [2, 'one'], over: [], work: [] },
			'a crossing'
		);
		expect(answer).toEqual({
			ok: false,
			error: {
				code: 'unreadable',
				message: 'This is not a crossing. At “order.1”: Invalid input: expected number, received string.'
			}
		});
		expect(parseShape(z.string(), 'x', 'a word')).toEqual({ ok: true, value: 'x' });
	});

	it('is JSON, or says where it breaks off', () => {
		expect(parseJson('{"a":1}')).toEqual({ ok: true, value: { a: 1 } });
		expect(parseJson('{"a" 1}')).toMatchObject({ ok: false, error: { code: 'unreadable', at: 6 } });
	});
});

describe('the text for a crossing', () => {
	it('is read as exactly that crossing, in every medium', () => {
		fc.assert(
			fc.property(anyCrossing({ most: 8 }), fc.constantFrom(...MEDIA), (plain, medium) => {
				const there = inMedium(plain, medium);
				if (!there.ok) return;
				const back = readNameOrJson(textFor(there.value, medium), { medium });
				expect(
					back.ok && !back.value.ambiguous && sameCrossing(back.value.readings[0].crossing, there.value)
				).toBe(true);
			})
		);
	});

	it('is a name where there is one, and JSON only where words do not reach', () => {
		const rc = {
			stitches: 2,
			order: [2, 1],
			over: [[2, 1]] as [number, number][],
			work: ['k', 'k'] as const
		};
		expect(textFor(rc, 'machine')).toBe('1/1 RC');
		expect(textFor({ ...rc, work: ['sl', 'k'] }, 'hand')).toMatch(/^\{/);
	});
});
