import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { pagesFor, type Standing } from './pages';

const standing = (top: number, bottom: number, more: Partial<Standing> = {}): Standing => ({
	...{ top, bottom, leads: false, own: false },
	...more
});

describe('the pages of a sheet', () => {
	it('hold what fits, and take what does not to the next with its heading', () => {
		expect(pagesFor([standing(0, 60), standing(60, 100)], 100)).toBe(1);
		expect(pagesFor([standing(0, 60), standing(60, 101)], 100)).toBe(2);
		const headed = [standing(0, 60), standing(60, 90, { leads: true }), standing(90, 170)];
		expect(pagesFor(headed, 100)).toBe(3);
		expect(pagesFor([...headed.slice(0, 2), standing(90, 150)], 100)).toBe(2);
	});

	it('begin anew where something has its own, and go on under what is longer than one', () => {
		expect(pagesFor([standing(0, 10), standing(10, 20, { own: true })], 100)).toBe(2);
		expect(pagesFor([standing(0, 250)], 100)).toBe(3);
	});

	it('are never fewer than its length asks for, nor more than one for each thing', () => {
		fc.assert(
			fc.property(fc.array(fc.integer({ min: 1, max: 100 }), { minLength: 1, maxLength: 40 }), (heights) => {
				let top = 0;
				const all = heights.map((height) => standing(top, (top += height)));
				const pages = pagesFor(all, 100);
				expect(pages).toBeGreaterThanOrEqual(Math.ceil(top / 100));
				expect(pages).toBeLessThanOrEqual(heights.length);
			})
		);
	});
});
