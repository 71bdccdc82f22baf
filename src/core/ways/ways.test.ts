import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { layered, sameCrossing } from '../crossing/crossing';
import { mirror } from '../crossing/transform';
import { readName } from '../naming/read';
import { anyCrossing, twoGroupCrossing } from '../../../tests/support/arbitrary';
import { USUAL_RULES } from '../rules';
import { handed } from './handed';
import { knownWays, waysOf, type WayOptions } from './ways';
import { unwrap } from '../result';

const crossing = (name: string) => {
	const answer = unwrap(readName(name));
	return answer.readings[0].crossing;
};
const ids = (name: string, options?: Partial<WayOptions>) =>
	waysOf(crossing(name), options).map(({ id }) => id);
const cautions = (name: string, options?: Partial<WayOptions>) =>
	waysOf(crossing(name), options).find(({ id }) => id === 'free-reach')?.cautions.length;

describe('the known ways', () => {
	it('make exactly their crossing, and leave nothing twisted unsaid', () => {
		fc.assert(
			fc.property(anyCrossing({ groups: { min: 2, max: 3 } }), (wanted) => {
				for (const way of waysOf(wanted)) {
					expect(way.agrees).toBe(true);
					expect([way.result.order, way.result.over]).toEqual([wanted.order, wanted.over]);
					const twists = way.result.twisted.length > 0;
					expect(twists).toBe(way.id === 'free-back-loop' && !wanted.work[0].endsWith('tbl'));
					if (twists) expect(way.cautions[0]).toContain('comes out twisted');
					else expect(way.result.work).toEqual(wanted.work);
				}
			})
		);
	});

	it('are there for every two groups, with either mount', () => {
		fc.assert(
			fc.property(twoGroupCrossing, fc.constantFrom('right' as const, 'left' as const), (wanted, mounts) => {
				const there = waysOf(wanted, { mounts }).map(({ id }) => id);
				const small = wanted.stitches <= 8 ? ['free-reach'] : [];
				expect(there).toEqual(expect.arrayContaining(['cn-off', 'cn-return', 'cn-reorder', ...small]));
			})
		);
	});

	it('are there for three groups as deep as their names say', () => {
		const three = (depth: number[]) =>
			knownWays(layered([4, 5, 3, 1, 2], depth, () => 'k')).map(({ id }) => id);
		expect(three([0, 0, 1, 2, 2])).toEqual(['cn-centre']);
		expect(three([2, 2, 1, 0, 0])).toEqual(['cn-centre']);
		expect(three([0, 0, 2, 1, 1])).toEqual(['cn-two']);
		expect(three([1, 1, 2, 0, 0])).toEqual(['cn-swing', 'cn-two']);
		// A middle that lies nearest has no way of its own.
		expect(three([1, 1, 0, 2, 2])).toEqual([]);
	});

	it('come best first: few cautions, then few movements', () => {
		expect(ids('2/2 RC')).toEqual(['cn-off', 'cn-return', 'free-reach', 'cn-reorder', 'free-right-start']);
		// One over one is quicker than a needle is taken up and laid down.
		expect([ids('1/1 RC')[0], ids('1/1 LC')[0]]).toEqual(['free-second-first', 'free-drop']);
		expect(ids('5/4 LC')).toEqual(['cn-off', 'cn-return', 'cn-reorder']);
		expect(ids('2/2 LC', { needles: 0 })).toEqual(['free-reach']);
		expect(ids('1/1 LC', { needles: 0 })).toEqual(['free-drop', 'free-reach', 'free-back-loop']);
		expect(ids('1/1 RC', { needles: 0 })).toEqual([
			...['free-second-first', 'free-together-first', 'free-reach', 'free-right-start']
		]);
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
		// How many hang free matters from five stitches on: 2/1 is a usual first one without a needle.
		expect([cautions('2/1 LC'), cautions('3/1 LC'), cautions('3/2 LC'), cautions('2/3 LC')]).toEqual([
			0, 0, 1, 0
		]);
		expect(cautions('2/1 LC', { rules: { ...USUAL_RULES, freeShareFrom: 3 } })).toBe(1);
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
