import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { USUAL_RULES } from '../rules';
import { generate, USUAL_RECIPE } from './generate';
import { summaryOf } from './summary';
import { fabric, recipe, working } from '../../../tests/support/swatch';
import { unwrap } from '../result';

describe('a recipe', () => {
	it('is written from cast-on to the last row without a problem, whatever is asked', () => {
		fc.assert(
			fc.property(recipe, (asked) => {
				const text = unwrap(generate(asked));
				expect({ text, problems: fabric(text).problems.filter(({ code }) => code !== 'tight-rest') }).toEqual(
					{ text, problems: [] }
				);
			})
		);
	});

	it('makes a plait that comes home, with its crosses as far apart as asked', () => {
		const text = unwrap(
			generate({ ...USUAL_RECIPE, motif: 'plait', repeats: 3, spacing: 4, border: 0, edge: 0 })
		);
		const { between, crosses, home } = summaryOf(working(text), { stitches: 20, rows: 28 }, USUAL_RULES);
		expect({ between, crosses, home }).toEqual({ between: { least: 3, most: 3 }, crosses: 6, home: 1 });
	});

	it('lets two ropes meet, cross and part, and a ring open and close', () => {
		const asked = { ...USUAL_RECIPE, times: 2, spacing: 2, repeats: 1, border: 0, edge: 0, beside: 0 };
		const names = (motif: 'meeting' | 'ring') =>
			working(unwrap(generate({ ...asked, motif }))).steps.flatMap(({ worked }) =>
				worked.crossings.map(({ item }) => item.text)
			);
		expect(names('meeting')).toEqual([
			'2/1 LPC',
			'2/1 RPC',
			'2/1 LPC',
			'2/1 RPC',
			'2/2 RC',
			'2/1 RPC',
			'2/1 LPC',
			'2/1 RPC',
			'2/1 LPC'
		]);
		expect(names('ring').at(-1)).toBe('2/2 RC');
	});

	it('adds stitches above the edge and takes as many away below the other', () => {
		const rows = fabric(unwrap(generate({ ...USUAL_RECIPE, flare: true }))).rows;
		const [least, most] = [
			Math.min(...rows.map(({ after }) => after)),
			Math.max(...rows.map(({ after }) => after))
		];
		expect(most - least).toBe(1);
		expect(rows[0].before).toBe(rows.at(-1)!.after);
	});

	it('is refused with what to do where it cannot be worked', () => {
		expect(generate({ ...USUAL_RECIPE, spacing: 5 })).toMatchObject({ error: { code: 'parity' } });
		expect(generate({ ...USUAL_RECIPE, name: 'C4F' })).toMatchObject({ error: { code: 'conflict' } });
		expect(unwrap(generate({ ...USUAL_RECIPE, name: '2/1/2 LC' }))).toContain('Key:\n2/1/2 LC: sl');
		expect(generate({ ...USUAL_RECIPE, name: '2/1 RPC' })).toMatchObject({ error: { code: 'conflict' } });
		expect(generate({ ...USUAL_RECIPE, name: 'bramble' })).toMatchObject({ error: { code: 'unreadable' } });
	});
});
