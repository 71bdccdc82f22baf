import { expect, it } from 'vitest';
import { unwrap } from '../result';
import { readName } from './read';

const because = (name: string) =>
	unwrap(readName(name, { medium: 'hand' })).readings.map((reading) => reading.because);
const HINT = 'It may also mean three groups.';

it('says that a count may mean three groups from five stitches on, where three of them fit', () => {
	for (const name of ['C5F', 'C5B', 'C6B', 'C8F'])
		for (const told of because(name)) expect(told, name).toContain(HINT);
	for (const name of ['C3F', 'C4F', 'C4B', '2/2 RC'])
		for (const told of because(name)) expect(told, name).not.toContain(HINT);
});

it('says how it counted, and reads three groups where those are asked for', () => {
	expect(because('C6F').some((told) => told.includes('counting all six'))).toBe(true);
	const three = unwrap(readName('C5F', { medium: 'hand', groups: 3 })).readings;
	expect(three.length).toBeGreaterThan(0);
	for (const reading of three) {
		expect(reading.because).toContain('counting all five, in three groups');
		expect(reading.because).not.toContain(HINT);
		expect(reading.crossing.order).toEqual([4, 5, 3, 1, 2]);
	}
});
