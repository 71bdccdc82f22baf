import { describe, expect, it } from 'vitest';
import { workingOf, type Working } from '../fabric/fabric';
import { readPattern } from '../pattern/pattern';
import type { Result } from '../result';
import { lookSaid, writtenSentences } from './look';

const valueOf = <T>(result: Result<T>): T => {
	if (!result.ok) throw new Error(result.error.message);
	return result.value;
};

const working = (text: string): Working => valueOf(workingOf(readPattern(text)));

const ROPE =
	'Cast on 8.\nRow 1 (RS): p2, k4, p2.\nRow 2 and all WS rows: as they face.\nRow 3 (RS): p2, 2/2 RC, p2.\nRow 5 (RS): p2, k4, p2.';

describe('rows for those who read pictures', () => {
	it('say what to skip and what to look at, each sentence once', () => {
		const now = working(ROPE);
		expect(lookSaid(now.steps[2], 'us')).toBe('Skip 2, look at these 4 (2/2 RC), skip 2.');
		expect(lookSaid(now.steps[0], 'uk')).toBe('Miss 8.');
		expect(writtenSentences(now)).toEqual([
			{ step: 0, numbers: [1] },
			{ step: 1, numbers: [2, 4] },
			{ step: 2, numbers: [3] },
			{ step: 4, numbers: [5] }
		]);
	});
});
