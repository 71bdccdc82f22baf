import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { measured } from '../../../tests/support/piece';
import { oddIn } from './odd';
import { STAGES } from './lives';

const SAID = { length: (mm: number) => `${mm / 10} cm`, weight: (grams: number) => `${grams} g` };
const TODAY = '2026-11-28';
const BEFORE = [measured({ stage: 'off', widthMm: 200, heightMm: 300, stitches: 40, rows: 84 })];
const odd = (fields: Parameters<typeof measured>[0], before = BEFORE) =>
	oddIn(
		measured({ stage: 'dry', widthMm: 205, heightMm: 296, stitches: 40, rows: 84, ...fields }),
		before,
		TODAY,
		SAID
	);

describe('an odd value', () => {
	it('is asked about, and what was likely meant is offered', () => {
		expect(odd({})).toEqual([]);
		expect(odd({ widthMm: 2050 })).toMatchObject([
			{
				field: 'widthMm',
				asks: '205 cm wide for 40 stitches, after 20 cm for 40 bound off?',
				meant: 205
			}
		]);
		const inInches = odd({ widthMm: 205 * 2.54 * 1.6 });
		expect(inInches).toMatchObject([{ field: 'widthMm' }]);
		expect(odd({ heightMm: 29.6 })).toMatchObject([{ field: 'heightMm', meant: 296 }]);
	});

	it('asks of a first measurement only whether a stitch can be so large', () => {
		expect(odd({ widthMm: 205, heightMm: 296 }, [])).toEqual([]);
		expect(odd({ widthMm: 8_000 }, [])).toMatchObject([
			{ asks: '800 cm wide for 40 stitches: is a stitch 20 cm?', meant: 800 }
		]);
	});

	it('asks where counts, weights and days run away', () => {
		expect(odd({ stitches: 48 })).toMatchObject([
			{ field: 'stitches', asks: '48 stitches of all of it, after 40 bound off?', meant: 40 }
		]);
		const weighed = [{ ...BEFORE[0], grams: 30 }];
		expect(odd({ grams: 31 }, weighed)).toEqual([]);
		expect(odd({ grams: 300 }, weighed)).toMatchObject([{ field: 'grams', asks: '300 g, after 30 g?' }]);
		expect(odd({ on: '2026-12-24' })).toMatchObject([{ field: 'on', asks: /still to come/ }]);
		expect(odd({ on: '2026-11-01' })).toMatchObject([
			{ field: 'on', asks: /though it was bound off on 2026-11-20/ }
		]);
	});

	it('takes on the needle as it comes: rows grow there', () => {
		const begun = [measured({ stage: 'needle', stitches: 40, rows: 20, widthMm: 200, heightMm: 71 })];
		expect(odd({ stage: 'needle', widthMm: 200, heightMm: 142, rows: 40 }, begun)).toEqual([]);
	});

	it('never asks of a piece that changes little, and always of one read ten times too large', () =>
		fc.assert(
			fc.property(
				fc.constantFrom(...STAGES),
				fc.integer({ min: 10, max: 300 }),
				fc.double({ min: 2, max: 9, noNaN: true }),
				fc.double({ min: 0.85, max: 1.15, noNaN: true }),
				(stage, stitches, stitchMm, share) => {
					const first = measured({ stitches, widthMm: stitches * stitchMm, heightMm: 28 * stitchMm });
					const then = { ...first, stage, widthMm: first.widthMm * share, heightMm: first.heightMm * share };
					expect(oddIn(then, [first], TODAY, SAID)).toEqual([]);
					const slipped = oddIn({ ...then, widthMm: then.widthMm * 10 }, [first], TODAY, SAID);
					expect(slipped).toMatchObject([{ field: 'widthMm' }]);
					expect(slipped[0].meant! / then.widthMm).toBeCloseTo(1, 6);
				}
			)
		));
});
