import { describe, expect, it } from 'vitest';
import { movementsOf, type Move } from './moves';
import { slip, work, workCable } from '../../../tests/support/moves';

describe('movements', () => {
	it('count taking a cable needle up and laying it down, each time', () => {
		const put: Move = { do: 'return', count: 2, from: 'cable1' };
		expect(movementsOf([slip(2, 'back'), work('k', 'k'), workCable('k', 'k')])).toBe(8);
		expect(movementsOf([slip(2, 'back'), work('k', 'k'), put, work('k', 'k')])).toBe(10);
		// Stitch by stitch it is the same needle, taken up once.
		expect(movementsOf([slip(1, 'back'), slip(1, 'back'), workCable('k'), workCable('k')])).toBe(6);
		expect(movementsOf([slip(1, 'back'), workCable('k'), slip(1, 'back'), workCable('k')])).toBe(8);
	});
});
