import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anyCrossing } from '../../../tests/support/arbitrary';
import { compareCrossings } from './compare';
import { layered, sameCrossing, type Crossing } from './crossing';
import { frontToBack } from './depth';
import { groups, isTwoGroup } from './groups';
import { lean, rope } from './lean';
import { mirror, turnOver } from './transform';
import { checkCrossing } from './validity';

const knit = () => 'k' as const;
/** 2/2 RC, 2/2 LC and the others that lessons begin with. */
const rc = layered([3, 4, 1, 2], [1, 1, 0, 0], knit);
const lc = layered([3, 4, 1, 2], [0, 0, 1, 1], knit);
const oneOverTwo = layered([3, 1, 2], [1, 1, 0], knit);
const twoOverOne = layered([2, 3, 1], [1, 0, 0], knit);
const centreBehind = layered([4, 5, 3, 1, 2], [0, 0, 2, 1, 1], knit);

describe('a crossing', () => {
	it('is its order, who lies over whom, and its work', () => {
		expect(rc.over).toEqual([
			[3, 1],
			[3, 2],
			[4, 1],
			[4, 2]
		]);
		expect(sameCrossing(rc, lc)).toBe(false);
		expect(sameCrossing(rc, layered([3, 4, 1, 2], [9, 9, 4, 4], knit))).toBe(true);
		expect(sameCrossing(rc, { ...rc, work: ['k', 'k', 'p', 'p'] })).toBe(false);
	});

	it('leans the way its front strand travels', () => {
		expect([lean(rc), lean(lc), rope(rc), rope(lc)]).toEqual(['right', 'left', 'right', 'left']);
		expect(lean(layered([1, 2], [0, 0], knit))).toBe('none');
	});

	it('has a rope of its own where a middle group passes behind both outer ones', () => {
		expect([lean(centreBehind), rope(centreBehind)]).toEqual(['mixed', 'left']);
	});

	it('falls into groups that keep together', () => {
		expect(groups(rc)).toEqual([
			[1, 2],
			[3, 4]
		]);
		expect(groups(centreBehind)).toEqual([[1, 2], [3], [4, 5]]);
		expect(groups(layered([1, 2, 3], [0, 0, 0], knit))).toEqual([[1, 2, 3]]);
		// 1 stays where it is, so its run is a group beside the two that cross.
		expect(groups(layered([1, 3, 2], [0, 1, 0], knit))).toEqual([[1], [2], [3]]);
		expect([isTwoGroup(rc), isTwoGroup(centreBehind)]).toEqual([true, false]);
	});
});

describe('turning a crossing', () => {
	it('flips the lean in a mirror', () => {
		expect(sameCrossing(mirror(rc), lc)).toBe(true);
		expect(mirror(layered([3, 1, 2], [0, 0, 1], (p) => (p === 3 ? 'p' : 'k')))).toEqual({
			stitches: 3,
			order: [2, 3, 1],
			over: [
				[2, 1],
				[3, 1]
			],
			work: ['k', 'k', 'p']
		});
	});

	it('keeps the lean over the edge of the cloth, where m over n is n over m in purl', () => {
		const turned = turnOver(oneOverTwo);
		expect(sameCrossing(turned, { ...twoOverOne, work: ['p', 'p', 'p'] })).toBe(true);
		expect(lean(turned)).toBe('right');
	});

	it('comes back when done twice, and changes the lean as the craft says', () => {
		const flipped = { right: 'left', left: 'right', none: 'none', mixed: 'mixed' };
		fc.assert(
			fc.property(anyCrossing(), (crossing) => {
				expect(mirror(mirror(crossing))).toEqual(crossing);
				expect(turnOver(turnOver(crossing))).toEqual(crossing);
				expect(lean(mirror(crossing))).toBe(flipped[lean(crossing)]);
				expect(rope(turnOver(crossing))).toBe(rope(crossing));
				expect(lean(turnOver(crossing))).toBe(lean(crossing));
				expect(checkCrossing(mirror(crossing)).ok).toBe(true);
				expect(checkCrossing(turnOver(crossing)).ok).toBe(true);
			})
		);
	});
});

describe('checking a crossing', () => {
	const refusal = (crossing: Crossing) => {
		const checked = checkCrossing(crossing);
		return checked.ok ? null : checked.error.code;
	};

	it('takes every crossing that one order of depth makes, whatever the order of its pairs', () => {
		fc.assert(
			fc.property(anyCrossing(), (crossing) => {
				const shuffled = { ...crossing, over: [...crossing.over].reverse() };
				expect(checkCrossing(shuffled)).toEqual({ ok: true, value: crossing });
			})
		);
	});

	it('refuses a circle of depth', () => {
		const circle: Crossing = {
			stitches: 3,
			order: [3, 2, 1],
			over: [
				[1, 2],
				[2, 3],
				[3, 1]
			],
			work: ['k', 'k', 'k']
		};
		expect(frontToBack(3, circle.over)).toBeNull();
		expect(refusal(circle)).toBe('conflict');
	});

	it('refuses pairs too many, too few or named twice', () => {
		expect(refusal({ ...rc, over: rc.over.slice(1) })).toBe('conflict');
		expect(refusal({ ...rc, over: [...rc.over, [1, 2]] })).toBe('conflict');
		expect(refusal({ ...rc, over: [...rc.over.slice(1), rc.over[1]] })).toBe('conflict');
	});

	it('refuses an order that is no permutation', () => {
		expect(refusal({ ...rc, order: [3, 4, 1, 1] })).toBe('conflict');
		expect(refusal({ ...rc, stitches: 5 })).toBe('conflict');
	});

	it('names the size before anything that disagrees', () => {
		expect(refusal({ stitches: 0, order: [], over: [], work: [] })).toBe('size');
		const wide = Array.from({ length: 16 }, (_, i) => i + 1);
		expect(refusal({ stitches: 16, order: wide, over: [[1, 16]], work: wide.map(knit) })).toBe('size');
		expect(refusal({ ...rc, work: ['k'] })).toBe('unreadable');
	});
});

describe('two crossings side by side', () => {
	it.each([
		[rc, rc, 'The same crossing'],
		[rc, lc, 'Mirror images'],
		[rc, { ...rc, work: ['p', 'p', 'k', 'k'] as const }, 'worked in other words'],
		[rc, layered([3, 4, 1, 2], [0, 1, 2, 3], () => 'p'), 'another strand lies in front'],
		[rc, oneOverTwo, 'Two sizes: 4 stitches against 3'],
		[oneOverTwo, twoOverOne, 'Another order']
	])('are told apart in a sentence', (a, b, words) => {
		expect(compareCrossings(a, b)).toContain(words);
	});
});
