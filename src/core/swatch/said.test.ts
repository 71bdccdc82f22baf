import { describe, expect, it } from 'vitest';
import { nowAt } from './counter';
import { besideSaid, nowSaid, spoken } from './said';
import { ROPE, working } from '../../../tests/support/swatch';

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
