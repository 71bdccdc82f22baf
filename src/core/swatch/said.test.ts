import { describe, expect, it } from 'vitest';
import { nowAt } from './counter';
import { besideSaid, nowSaid, rowSaid, spoken } from './said';
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

it('a row is said in words as it is worked', () => {
	const said = (words: string) => rowSaid(working(`Cast on 8.\nRow 1 (RS): ${words}.`).steps[0]);
	expect(said('p2, C4F, p2')).toBe('Purl 2, C4F, purl 2.');
	expect(said('*k1, p1; rep from * to end')).toBe(
		'Knit 1, purl 1, knit 1, purl 1, knit 1, purl 1, knit 1, purl 1.'
	);
	expect(said('as they face')).toBe('Every stitch as it faces.');
	expect(said('k4, as they face 4')).toBe('Knit 4, 4 stitches as they face.');
	expect(said('k2tog, yo, k1tbl, k5')).toBe('K2tog, yo, knit through the back loop 1, knit 5.');
});
