import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { EXTENTS, STAGES } from '$core/measures/lives';
import { measured, piece } from '../../../tests/support/piece';
import { piecesCsv, piecesFrom } from './csv';

const HEAD = 'piece,stage,of,width mm,height mm,stitches,rows,day';

describe('the log as a table', () => {
	it('comes in again as it went out', () =>
		fc.assert(
			fc.property(
				fc.array(
					fc.record({
						title: fc.string({ minLength: 1, maxLength: 40 }).map((said) => said.trim() || 'x'),
						colour: fc.option(fc.constantFrom('reed', '=1+1', 'a "grey", wet one'), { nil: undefined }),
						all: fc.array(
							fc.record({
								stage: fc.constantFrom(...STAGES),
								of: fc.constantFrom(...EXTENTS),
								widthMm: fc.integer({ min: 10, max: 9_999 }).map((n) => n / 10 + 1),
								grams: fc.option(fc.integer({ min: 1, max: 900 }), { nil: undefined })
							}),
							{ maxLength: 4 }
						)
					}),
					{ minLength: 1, maxLength: 5 }
				),
				(made) => {
					const pieces = made.map(({ title, colour, all }, n) => {
						const one = piece(`${title} ${n}`);
						const records = all.map(({ grams, ...rest }) => measured(grams ? { ...rest, grams } : rest));
						return { ...one, yarn: { ...one.yarn, ...(colour ? { colour } : {}) }, measured: records };
					});
					const back = piecesFrom(piecesCsv(pieces));
					expect(back.ok && back.value).toEqual(pieces);
				}
			),
			{ numRuns: 60 }
		));

	it('says which row and what it wants', () => {
		const error = (text: string) => {
			const read = piecesFrom(text);
			return read.ok ? '' : read.error.message;
		};
		expect(error('a,b\n1,2')).toContain('no column “piece”');
		expect(error(`${HEAD}\nEel,dry,whole,zero,10,4,4,2026-11-20`)).toMatch(/^Row 2 of this table: .*widthMm/);
		expect(error(`${HEAD}\nEel,soggy,whole,10,10,4,4,2026-11-20`)).toMatch(/^Row 2 /);
		expect(error(`${HEAD}\nEel,dry,whole,-5,10,4,4,2026-11-20`)).toMatch(/^Row 2 /);
		expect(error(HEAD)).toContain('no row');
		expect(error('{ "format"')).toContain('JSON');
		expect(error('{ "format": "pond-loop/lesson@1" }')).toContain('a piece');
	});

	it('takes a decimal comma, and leaves out what is not there', () => {
		const read = piecesFrom(
			`${HEAD}\nEel,dry,whole,"10,5",10,4,4,2026-11-20\nEel,off,whole,11,10,4,4,2026-11-19`
		);
		expect(read.ok && read.value).toMatchObject([
			{ title: 'Eel', needleMm: 4, measured: [{ widthMm: 10.5 }, { stage: 'off' }] }
		]);
	});
});
