import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anyCrossing } from '../../../tests/support/arbitrary';
import { sameCrossing } from '../crossing/crossing';
import { frontToBack } from '../crossing/depth';
import { typedCrossing } from './typed';

describe('a crossing typed as numbers', () => {
	it('is its worked order and who lies in front', () => {
		const rc = typedCrossing('3 4 1 2', '3 4');
		expect(rc).toMatchObject({
			ok: true,
			value: {
				over: [
					[3, 1],
					[3, 2],
					[4, 1],
					[4, 2]
				]
			}
		});
		expect(typedCrossing('2,1', '1', (stitch) => (stitch === 2 ? 'p' : 'k'))).toMatchObject({
			value: { over: [[1, 2]], work: ['p', 'k'] }
		});
	});

	it('says any layered crossing', () => {
		fc.assert(
			fc.property(anyCrossing(), (crossing) => {
				const words = new Map(crossing.order.map((stitch, i) => [stitch, crossing.work[i]]));
				const typed = typedCrossing(
					crossing.order.join(' '),
					frontToBack(crossing.stitches, crossing.over)!.join(' '),
					(stitch) => words.get(stitch)!
				);
				expect(typed.ok && sameCrossing(typed.value, crossing)).toBe(true);
			})
		);
	});

	it.each([
		['', '', 'unreadable'],
		['3 x 1', '', 'unreadable'],
		['1 2 2', '', 'conflict'],
		['1 5 2', '', 'conflict'],
		['2 1', '3', 'conflict'],
		['2 1', '1 1', 'conflict'],
		['0 1', '', 'unreadable']
	])('is refused as “%s”, front “%s”: %s', (order, front, code) => {
		expect(typedCrossing(order, front)).toMatchObject({ ok: false, error: { code } });
	});
});
