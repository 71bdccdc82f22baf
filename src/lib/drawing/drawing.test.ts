import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { turnOver } from '$core/crossing/transform';
import { play } from '$core/hands/play';
import { heldOf } from '$core/hands/state';
import { scriptSteps } from '$core/hands/steps';
import { anyCrossing, twoGroupCrossing } from '../../../tests/support/arbitrary';
import { waysOf } from '$core/ways/ways';
import { ribbonsOf } from './cloth';
import { bump, cableNeedle, loopHalves, needle, strand, workingYarn } from './paths';
import { groundOf, layoutOf, mixed, rolesOf, targetsOf } from './rail';
import { unwrap } from '$core/result';

const ROOM = { width: 944, height: 452, neighbours: 2 };

/** Every state of every way of a crossing, with its layout and the move that comes next. */
function allMoments(crossing: Parameters<typeof waysOf>[0]) {
	const ground = groundOf(crossing.stitches, ROOM);
	return waysOf(crossing).flatMap(({ moves }) => {
		const steps = scriptSteps(moves);
		const played = unwrap(play(crossing.stitches, steps));
		return played.states.map((state, i) => ({
			state,
			next: steps[i],
			ground,
			layout: layoutOf(state, ground, ROOM, 'right')
		}));
	});
}

describe('the needle rail', () => {
	it('gives every stitch a place of its own in the picture, at the depth of what holds it', () => {
		fc.assert(
			fc.property(twoGroupCrossing, (crossing) => {
				for (const { state, ground, layout } of allMoments(crossing)) {
					const loops = layout.loops.slice(1);
					expect(loops.length).toBe(crossing.stitches);
					for (const { x, y } of loops) {
						expect(x).toBeGreaterThan(0);
						expect(x).toBeLessThan(ROOM.width);
						expect(y).toBeGreaterThan(0);
						expect(y).toBeLessThan(ground.clothTop);
					}
					const spots = loops.map(({ x, y }) => `${x.toFixed(2)} ${y.toFixed(2)}`);
					expect(new Set(spots).size).toBe(spots.length);
					for (const { at, stitches } of heldOf(state))
						for (const stitch of stitches)
							expect(Math.sign(layout.loops[stitch].y - ground.needleY)).toBe(at === 'front' ? 1 : -1);
				}
			}),
			{ numRuns: 40 }
		);
	});

	it('keeps the needles apart: the left tip lies left of the right one unless one has reached in', () => {
		fc.assert(
			fc.property(twoGroupCrossing, (crossing) => {
				for (const { state, layout } of allMoments(crossing))
					expect(layout.leftTip.x < layout.rightTip.x).toBe(state.reach === null);
			}),
			{ numRuns: 40 }
		);
	});

	it('ends with every strand in its column’s neighbourhood crossed as the order says', () => {
		fc.assert(
			fc.property(twoGroupCrossing, (crossing) => {
				const moments = allMoments(crossing);
				const { layout } = moments[moments.length - 1];
				const rightToLeft = [...crossing.order].sort((a, b) => layout.loops[b].x - layout.loops[a].x);
				expect(rightToLeft).toEqual(crossing.order);
			}),
			{ numRuns: 40 }
		);
	});

	it('glides from one moment to the next, and arrives', () => {
		const crossing = fc.sample(twoGroupCrossing, 1)[0];
		const [a, b] = allMoments(crossing).map(({ layout }) => layout);
		expect(mixed(a, b, 1).leftTip).toEqual(b.leftTip);
		expect(mixed(a, b, 0).loops[1]).toEqual(a.loops[1]);
	});

	it('draws whole paths, in the middle of a step as well', () => {
		fc.assert(
			fc.property(
				anyCrossing({ groups: { min: 2, max: 3 } }),
				fc.double({ min: 0, max: 1, noNaN: true }),
				(crossing, t) => {
					const moments = allMoments(crossing);
					moments.slice(1).forEach(({ layout, ground, state }, i) => {
						const now = mixed(moments[i].layout, layout, t);
						const paths = now.loops.slice(1).flatMap((at, stitch) => {
							const { front, back } = loopHalves(at, ground.scale, state.mounts[stitch + 1]);
							return [
								front,
								back,
								bump(at, ground.scale),
								strand(at, ground.columns[stitch + 1], ground.clothTop, ground.scale)
							];
						});
						paths.push(needle({ x: -24, y: ground.needleY }, now.leftTip, ground.scale));
						paths.push(
							cableNeedle(now.loops[1], now.loops[2], ground.scale),
							workingYarn(now.yarn, now.hand, state.yarn)
						);
						for (const path of paths) expect(path).toMatch(/^M[-\d.]+ [-\d.]+[-\d. MLCQSqZ]+$/);
					});
				}
			),
			{ numRuns: 30 }
		);
	});

	it('puts the halo on the stitches that the next move touches', () => {
		fc.assert(
			fc.property(twoGroupCrossing, (crossing) => {
				for (const { state, next } of allMoments(crossing)) {
					const halo = targetsOf(next, state);
					if (next && 'count' in next && next.do !== 'withdraw') expect(halo.length).toBe(next.count);
					if (next?.do === 'work') expect(halo.length).toBe(1);
					expect(new Set(halo).size).toBe(halo.length);
				}
			}),
			{ numRuns: 40 }
		);
	});
});

describe('the cloth', () => {
	it('lays every strand from its column before to its column after, the front ones last', () => {
		fc.assert(
			fc.property(twoGroupCrossing, (crossing) => {
				const ribbons = ribbonsOf(crossing);
				const columns = (which: 'before' | 'after') =>
					ribbons.map((ribbon) => ribbon[which]).sort((a, b) => a - b);
				const all = Array.from({ length: crossing.stitches }, (_, i) => i);
				expect(columns('before')).toEqual(all);
				expect(columns('after')).toEqual(all);
				const drawn = new Map(ribbons.map(({ stitch }, i) => [stitch, i]));
				for (const [front, behind] of crossing.over)
					expect(drawn.get(front)!).toBeGreaterThan(drawn.get(behind)!);
			})
		);
	});

	it('shows the other strand in front from the other side', () => {
		fc.assert(
			fc.property(twoGroupCrossing, (crossing) => {
				const roles = rolesOf(crossing);
				const turned = rolesOf(turnOver(crossing));
				for (let stitch = 1; stitch <= crossing.stitches; stitch++)
					expect([roles[stitch], turned[crossing.stitches + 1 - stitch]].sort()).toEqual(['behind', 'front']);
			})
		);
	});
});
