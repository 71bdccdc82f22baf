import { describe, expect, it } from 'vitest';
import { run } from './run';

const asked = (verb: string, value: unknown): unknown => {
	const answer = run([verb], JSON.stringify(value));
	return answer.ok ? answer.value : answer.error;
};
const WISH = {
	swatch:
		'Cast on 8.\nRow 1 (RS): p2, k4, p2.\nRow 2: as they face.\nRow 3: p2, 2/2 RC, p2.\nRow 4: as they face.',
	gauge: { stitches: 20, rows: 28 },
	wish: { widthMm: 200, heightMm: 300, shape: 'flat' }
};

describe('sums on the command line', () => {
	it('plans a piece from a wish', () => {
		expect(asked('plan', { ...WISH, edge: 2 })).toMatchObject({
			...{ castOn: 44, repeatsAcross: 5, rows: 84, repeatsUp: 21, needle: null },
			dry: { widthMm: 195, heightMm: 300 }
		});
	});

	it('learns from pieces, and says a rule of thumb to be one', () => {
		expect(asked('learn', [])).toMatchObject({ drawIn: { pieces: 0, rule: true }, by: [], outliers: [] });
	});

	it('asks about what is zero, negative, absurd, missing or unknown, and says where', () => {
		for (const [wrong, place] of [
			[{ ...WISH, gauge: { stitches: 0, rows: 28 } }, 'gauge.stitches'],
			[{ ...WISH, wish: { ...WISH.wish, widthMm: -5 } }, 'wish.widthMm'],
			[{ ...WISH, wish: { ...WISH.wish, heightMm: 1e9 } }, 'wish.heightMm'],
			[{ ...WISH, gauge: { stitches: 20 } }, 'gauge.rows'],
			[{ ...WISH, colour: 'reed' }, 'colour']
		] as const)
			expect(asked('plan', wrong)).toMatchObject({
				code: 'unreadable',
				message: expect.stringContaining(place.split('.').pop()!) as string
			});
		expect(asked('plan', { ...WISH, wish: { ...WISH.wish, widthMm: 3 } })).toMatchObject({
			code: 'conflict'
		});
		expect(asked('plan', { ...WISH, swatch: 'marmalade' })).toMatchObject({ code: 'unreadable' });
		expect(asked('learn', {})).toMatchObject({ code: 'unreadable' });
		expect(asked('learn', [{ title: 'eel' }])).toMatchObject({ code: 'unreadable' });
	});
});
