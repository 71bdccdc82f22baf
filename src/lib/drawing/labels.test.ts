import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { apart, boxOf, type Label } from './labels';

const label = fc.record({
	text: fc.string({ minLength: 1, maxLength: 30 }),
	x: fc.integer({ min: -50, max: 700 }),
	y: fc.integer({ min: -20, max: 320 }),
	anchor: fc.constantFrom('start' as const, 'end' as const),
	size: fc.integer({ min: 10, max: 18 })
});

describe('labels in a picture', () => {
	it('never lie on one another, and stay inside', () => {
		fc.assert(
			fc.property(fc.array(label, { maxLength: 5 }), (wanted) => {
				const boxes = apart(wanted, 640, 300).map(boxOf);
				for (const [i, one] of boxes.entries()) {
					expect(one.left).toBeGreaterThanOrEqual(0);
					expect(one.bottom).toBeLessThanOrEqual(300);
					expect(one.top).toBeGreaterThanOrEqual(0);
					for (const other of boxes.slice(0, i))
						expect(
							one.left >= other.right ||
								other.left >= one.right ||
								one.top >= other.bottom ||
								other.top >= one.bottom
						).toBe(true);
				}
			})
		);
	});

	it('stay where they are wanted while nothing is there', () => {
		const one: Label = { text: 'Behind', x: 20, y: 30, anchor: 'start', size: 14 };
		const other: Label = { text: 'held behind', x: 300, y: 30, anchor: 'start', size: 14 };
		expect(apart([one, other], 640, 300)).toEqual([one, other]);
	});
});
