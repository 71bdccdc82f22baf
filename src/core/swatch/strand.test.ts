import { describe, expect, it } from 'vitest';
import { workingOf, type Working } from '../fabric/fabric';
import { readPattern } from '../pattern/pattern';
import type { Result } from '../result';
import { strandOf, strandSaid } from './strand';

const valueOf = <T>(result: Result<T>): T => {
	if (!result.ok) throw new Error(result.error.message);
	return result.value;
};

const working = (text: string): Working => valueOf(workingOf(readPattern(text)));

const ROPE =
	'Cast on 8.\nRow 1 (RS): p2, k4, p2.\nRow 2 and all WS rows: as they face.\nRow 3 (RS): p2, 2/2 RC, p2.\nRow 5 (RS): p2, k4, p2.';

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
