import { describe, expect, it } from 'vitest';
import { measured, piece } from '../../../tests/support/piece';
import { changesIn, changeSaid, gaugeIn, livedThrough, nextStage } from './stages';

describe('a piece as it lives', () => {
	it('is at the stage after its last, and stays worn', () => {
		expect(nextStage([], 'whole')).toBe('needle');
		expect(nextStage([measured({ stage: 'off' })], 'whole')).toBe('wet');
		expect(nextStage([measured({ stage: 'off' })], 'panel')).toBe('needle');
		expect(nextStage([measured({ stage: 'worn' })], 'whole')).toBe('worn');
	});

	it('goes by what was measured last at each stage, whatever the order it was written down in', () => {
		const all = [
			measured({ stage: 'dry', widthMm: 90, on: '2026-11-24' }),
			measured({ stage: 'off', widthMm: 100, on: '2026-11-20' }),
			measured({ stage: 'dry', widthMm: 96, on: '2026-11-25' })
		];
		expect(livedThrough(all, 'whole').map(({ widthMm }) => widthMm)).toEqual([100, 96]);
	});

	it('says what washing did, stitch for stitch: other counts do not matter', () => {
		const strip = piece(
			'strip',
			{ stage: 'off', widthMm: 100, heightMm: 100, stitches: 20, rows: 28 },
			{ stage: 'pinned', widthMm: 120, heightMm: 100, stitches: 20, rows: 28 },
			{ stage: 'dry', widthMm: 53, heightMm: 98, stitches: 10, rows: 28 }
		);
		expect(changesIn(strip).map(changeSaid)).toEqual([
			'Washed and dried, all of it came out 6 in a hundred wider and 2 in a hundred shorter.',
			'Unpinned, all of it came out 12 in a hundred narrower and 2 in a hundred shorter.'
		]);
		expect(changeSaid({ of: 'ground', from: 'dry', to: 'worn', width: 1.03, height: 1 })).toBe(
			'Worn, plain ground came out 3 in a hundred wider, and as long as before.'
		);
		expect(changeSaid({ of: 'whole', from: 'off', to: 'dry', width: 1.001, height: 0.999 })).toContain(
			'as it was'
		);
	});

	it('gives its gauge with the stage and stretch it was measured at, of unwashed ground first', () => {
		const of = (...all: Parameters<typeof measured>[0][]) => gaugeIn(piece('x', ...all.map((one) => one!)));
		expect(of({ of: 'panel', widthMm: 80 }, { of: 'ground', widthMm: 100 })).toEqual({
			stitches: 20,
			rows: 28,
			stage: 'off',
			of: 'ground'
		});
		expect(of({ of: 'panel', widthMm: 80 })).toMatchObject({ stitches: 25 });
		expect(of({ stage: 'dry' })).toMatchObject({ stage: 'dry' });
		// Off the needle goes before on it, dry before worn, and what is stretched comes last; ground before all of it.
		const first = (...stages: ('off' | 'needle' | 'dry' | 'worn' | 'pinned' | 'wet')[]) =>
			of(...stages.map((stage) => ({ stage })))?.stage;
		expect(first('wet', 'pinned', 'worn', 'dry', 'needle', 'off')).toBe('off');
		expect(first('wet', 'pinned', 'worn', 'dry', 'needle')).toBe('needle');
		expect(first('wet', 'pinned', 'worn', 'dry')).toBe('dry');
		expect(first('wet', 'pinned', 'worn')).toBe('worn');
		expect(first('wet', 'pinned')).toBe('pinned');
		expect(first('wet')).toBe('wet');
		expect(of({ of: 'whole', widthMm: 50 }, { of: 'panel', widthMm: 80 })).toMatchObject({ of: 'panel' });
		expect(of({ of: 'whole', widthMm: 50 })).toMatchObject({ of: 'whole', stitches: 40 });
		expect(of({ stage: 'off', of: 'panel' }, { stage: 'wet', of: 'ground' })).toMatchObject({ of: 'ground' });
		expect(of()).toBeNull();
	});
});
