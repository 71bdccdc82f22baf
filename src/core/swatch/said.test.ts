import { describe, expect, it } from 'vitest';
import { workingOf, type Working } from '../fabric/fabric';
import { readPattern } from '../pattern/pattern';
import type { Result } from '../result';
import { nowAt } from './counter';
import { besideSaid, nowSaid, spoken } from './said';

const valueOf = <T>(result: Result<T>): T => {
	if (!result.ok) throw new Error(result.error.message);
	return result.value;
};

const working = (text: string): Working => valueOf(workingOf(readPattern(text)));

const ROPE =
	'Cast on 8.\nRow 1 (RS): p2, k4, p2.\nRow 2 and all WS rows: as they face.\nRow 3 (RS): p2, 2/2 RC, p2.\nRow 5 (RS): p2, k4, p2.';

describe('what is said at a count', () => {
	it('names the row, the cross and the way to it', () => {
		const now = working(ROPE);
		const say = (done: number) => [nowSaid(nowAt(now, done), false), spoken(nowAt(now, done), false)];
		expect(say(1)).toEqual(['Now row 2, wrong side: plain.', '2. wrong side. Then cross.']);
		expect(say(2)).toEqual(['Now row 3, right side: one cross.', '3. Cross. 2 over 2 RC.']);
		expect(besideSaid(nowAt(now, 4), null)).toBe('One plain row stands above the last cross.');
		expect(nowSaid(nowAt(now, 9), false)).toBe('All rows are done.');
	});
});
