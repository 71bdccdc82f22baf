import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { sameCrossing } from '../crossing/crossing';
import { mirror } from '../crossing/transform';
import { read } from '../naming/read';
import { twoGroupCrossing } from '../../../tests/support/arbitrary';
import { handed } from './handed';
import { waysOf, type WayOptions } from './ways';

const crossing = (name: string) => {
	const answer = read(name);
	if (!answer.ok) throw new Error(answer.error.message);
	return answer.value.readings[0].crossing;
};
const ids = (name: string, options?: Partial<WayOptions>) =>
	waysOf(crossing(name), options).map(({ id }) => id);
const cautions = (name: string, options?: Partial<WayOptions>) =>
	waysOf(crossing(name), options).find(({ id }) => id === 'free-reach')?.cautions.length;

describe('the known ways', () => {
	it('make exactly their crossing, with either mount, and leave nothing twisted', () => {
		fc.assert(
			fc.property(twoGroupCrossing, fc.constantFrom('right' as const, 'left' as const), (wanted, mounts) => {
				const ways = waysOf(wanted, { mounts });
				expect(ways.length).toBe(wanted.stitches <= 8 ? 3 : 2);
				for (const way of ways) {
					expect(way.agrees).toBe(true);
					expect(sameCrossing({ stitches: wanted.stitches, ...way.result }, wanted)).toBe(true);
					expect(way.result.twisted).toEqual([]);
				}
			})
		);
	});

	it('come best first: few cautions, then few movements', () => {
		expect(ids('2/2 RC')).toEqual(['cn-off', 'cn-return', 'free-reach']);
		expect(ids('5/4 LC')).toEqual(['cn-off', 'cn-return']);
		expect(ids('2/2 RC', { needles: 0 })).toEqual(['free-reach']);
	});

	it('say what speaks against going without a needle: the crossing, the hands, the yarn', () => {
		expect([cautions('2/2 RC', { level: 'beginner' }), cautions('3/3 RC', { level: 'beginner' })]).toEqual([
			0, 1
		]);
		expect([cautions('3/3 RC'), cautions('4/4 RC'), cautions('4/4 RC', { level: 'confident' })]).toEqual([
			0, 1, 0
		]);
		expect([cautions('2/2 RC', { yarn: 'slippery' }), cautions('3/3 RC', { yarn: 'slippery' })]).toEqual([
			0, 1
		]);
		expect(cautions('2/1 LC')).toBe(1);
	});
});

describe('left hands', () => {
	const wanted = crossing('2/1 LPC');

	it('that keep the fabric play its mirror image, and the cloth is everyone’s', () => {
		const { played, cloth } = handed(wanted, { hand: 'left', keep: 'fabric' });
		expect(sameCrossing(played, mirror(wanted)) && sameCrossing(cloth, wanted)).toBe(true);
		// “Hold x in front, work y, work x” becomes “hold y at the back, work x, work y”.
		expect(waysOf(played)[0].moves[0]).toMatchObject({ do: 'slip', count: 1, hold: 'back' });
	});

	it('that keep the words get the mirror image', () => {
		const { played, cloth } = handed(wanted, { hand: 'left', keep: 'words' });
		expect(sameCrossing(played, wanted) && sameCrossing(cloth, mirror(wanted))).toBe(true);
	});
});
