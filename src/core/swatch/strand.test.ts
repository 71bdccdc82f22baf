import { describe, expect, it } from 'vitest';
import { strandOf, strandSaid } from './strand';
import { ROPE, working } from '../../../tests/support/swatch';

describe('a strand', () => {
	it('is told from edge to edge, as the right side shows it', () => {
		expect(strandSaid(working(ROPE), 3)).toBe(
			'Starts third from the right edge. Passes behind on row 3. It ends fifth; all stitches are back in their places after two repeats.'
		);
		expect(strandSaid(working(ROPE), 1)).toBe(
			'Starts first from the right edge. Goes straight up. It is home at the upper edge.'
		);
		expect(strandOf(working('Cast on 2.\nRow 1: k2tog.'), 1)).toEqual({ passings: [], ends: null });
		expect(strandOf(working('Cast on 4.\nRow 1: k4.\nRow 2: 2/2 LC.'), 1).passings).toEqual([
			{ n: 2, passes: 'front' }
		]);
	});
});
