import { expect, it } from 'vitest';
import { readName } from '$core/naming/read';
import { unwrap } from '$core/result';
import { cross } from './cross';
import { spoken } from './spoken';

const say = cross({ value: { terms: 'us' } });
const said = (name: string) => spoken(say, unwrap(readName(name)).readings[0].crossing);

it('says a cross in one sentence', () => {
	expect(said('2/2 RC')).toBe('stitches 3 and 4 cross in front of 1 and 2, leaning right');
	expect(said('2/1 LPC')).toBe('stitches 1 and 2 cross in front of 3, leaning left');
	expect(said('1/2 RC')).toBe('stitch 3 crosses in front of 1 and 2, leaning right');
	expect(said('2/1/2 RC')).toBe('stitches in the order 4 5 3 1 2, leaning right');
});
