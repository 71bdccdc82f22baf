import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { estimateFrom } from './estimate';
import { drawInOf, gramsPerStitchOf, learnFrom, washedOf } from './learn';
import type { Measured, Piece } from './schema';

const ROPE =
	'Cast on 8.\nRow 1 (RS): p2, k4, p2.\nRow 2: as they face.\nRow 3: p2, 2/2 RC, p2.\nRow 4: as they face.';
const measured = (fields: Partial<Measured>): Measured => ({
	...{ stage: 'off', of: 'whole', widthMm: 100, heightMm: 100, stitches: 20, rows: 28, on: '2026-11-20' },
	...fields
});
const piece = (title: string, ...all: Partial<Measured>[]): Piece => ({
	...{ format: 'pond-loop/piece@1', title, swatch: ROPE, needleMm: 4 },
	yarn: { name: 'Reed', fibre: 'Wool', gramsPerBall: 50, metresPerBall: 100 },
	measured: all.map(measured)
});
const samples = (...values: number[]) => values.map((value, i) => ({ piece: `p${i}`, value }));

describe('what pieces say of a figure', () => {
	it('is the rule of thumb until two say it, and says that it is', () => {
		for (const few of [samples(), samples(0.7)])
			expect(estimateFrom(few, 0.9).estimate).toMatchObject({
				...{ value: 0.9, low: 0.8, high: 1, pieces: few.length, rule: true }
			});
	});

	it('is drawn to the rule as by one piece more; the range is where the next piece will be', () => {
		const { estimate } = estimateFrom(samples(0.8, 0.82), 0.9);
		expect(estimate.value).toBeCloseTo((2 * 0.81 + 0.9) / 3, 12);
		// Student's t at 0.90 with one degree of freedom is 3.0777, the spread 0.01414.
		expect(estimate.low).toBeCloseTo(0.81 - 3.077683537 * Math.SQRT2 * 0.01 * Math.sqrt(1.5), 6);
		expect(estimate.high).toBeGreaterThanOrEqual(estimate.value);
	});

	it('leaves out what lies too far from all others, and names it', () => {
		const { estimate, outliers } = estimateFrom(samples(0.8, 0.81, 0.82, 1.6), 0.9);
		expect(outliers).toEqual([{ piece: 'p3', value: 1.6 }]);
		expect(estimate.pieces).toBe(3);
		expect(estimateFrom(samples(0.8, 1.6), 0.9).outliers).toEqual([]);
	});

	it('holds the true ratio of a made-up knitter nine times in ten', () => {
		const RUNS = 400;
		let held = 0;
		fc.assert(
			fc.property(
				fc.double({ min: 0.7, max: 1.1, noNaN: true }),
				fc.array(fc.double({ min: -1, max: 1, noNaN: true }), { minLength: 3, maxLength: 12 }),
				(truth, noise) => {
					const { low, high } = estimateFrom(samples(...noise.map((by) => truth + 0.03 * by)), 0.9).estimate;
					held += Number(low <= truth && truth <= high);
				}
			),
			{ numRuns: RUNS, seed: 20_261_128 }
		);
		expect(held / RUNS).toBeGreaterThanOrEqual(0.9);
	});
});

describe('a piece', () => {
	it('says its draw-in at the latest stage at which panel and ground were both measured', () => {
		const both = piece(
			'eel',
			{ stage: 'off', of: 'panel', widthMm: 90 },
			{ stage: 'off', of: 'ground', widthMm: 100 },
			{ stage: 'dry', of: 'panel', widthMm: 84 },
			{ stage: 'dry', of: 'ground', widthMm: 105 },
			{ stage: 'worn', of: 'panel', widthMm: 50 }
		);
		expect(drawInOf(both)).toBeCloseTo(0.8);
		expect(drawInOf(piece('plain', { of: 'whole' }))).toBeNull();
	});

	it('says what washing did, of whatever was measured bound off and dry', () => {
		const washed = piece(
			'band',
			{ stage: 'off', of: 'whole', widthMm: 100, heightMm: 200 },
			{ stage: 'pinned', of: 'whole', widthMm: 130 },
			{ stage: 'dry', of: 'whole', widthMm: 110, heightMm: 190 }
		);
		expect(washedOf(washed, 'widthMm')).toBeCloseTo(1.1);
		expect(washedOf(washed, 'heightMm')).toBeCloseTo(0.95);
		expect(washedOf(piece('wet', { stage: 'wet' }), 'widthMm')).toBeNull();
	});

	it('says what a stitch weighs, where it was weighed', () => {
		expect(gramsPerStitchOf(piece('eel', { grams: 5.6, stitches: 20, rows: 28 }))).toBeCloseTo(0.01);
		expect(gramsPerStitchOf(piece('eel', {}))).toBeNull();
	});
});

describe('learning', () => {
	it('goes by fibre, needle and motif as well, and names who was left out', () => {
		const knit = (title: string, dry: number) =>
			piece(title, { stage: 'off' }, { stage: 'dry', widthMm: dry * 100 });
		const learned = learnFrom([knit('a', 1.05), knit('b', 1.06), knit('c', 1.04), knit('felted', 0.5)]);
		expect(learned.outliers).toEqual(['felted']);
		expect(learned.washed.width).toMatchObject({ pieces: 3 });
		expect(learned.washed.width.value).toBeCloseTo((3 * 1.05 + 1) / 4);
		expect(learned.by).toMatchObject([{ fibre: 'wool' }, { needleMm: 4 }, { motif: '2/2 RC' }]);
		expect(learnFrom([])).toMatchObject({ by: [], outliers: [], drawIn: { rule: true } });
	});
});
