import { describe, expect, it } from 'vitest';
import { inList, inOrder } from './english';

describe('places', () => {
	it.each([
		[1, 'first'],
		[12, 'twelfth'],
		[13, '13th'],
		[21, '21st'],
		[22, '22nd'],
		[33, '33rd'],
		[111, '111th'],
		[112, '112th']
	])('%i is said “%s”', (nth, said) => expect(inOrder(nth)).toBe(said));
});

describe('lists', () => {
	it.each([
		[[], ''],
		[[1], '1'],
		[[1, 2], '1 and 2'],
		[['1', '3', '5-7'], '1, 3 and 5-7']
	])('%j is said “%s”', (items, said) => expect(inList(items)).toBe(said));
});
