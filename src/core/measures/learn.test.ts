import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { estimateFrom } from './estimateFrom';
import { piece } from '../../../tests/support/piece';
import { byKind, drawInOf, gramsPerStitchOf, hundredFrom, learnFrom, washedOf } from './learn';

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

	it('tells yarns apart, and learns how long a stitch takes where it was timed', () => {
		const slow = piece('slow', { minutes: 56, stitches: 20, rows: 28 });
		const quick = {
			...piece('quick', { minutes: 28, stitches: 20, rows: 28 }),
			yarn: { ...slow.yarn, name: 'Moss' }
		};
		expect(byKind([slow, quick], 'yarn').map(({ key }) => key)).toEqual(['Reed', 'Moss']);
		const { estimate } = hundredFrom([slow, quick], 'minutes', 2);
		expect(estimate.value).toBeCloseTo((10 + 5 + 2) / 3);
		expect(hundredFrom([slow], 'minutes', 2).estimate).toMatchObject({ value: 2, rule: true, pieces: 1 });
	});
});
