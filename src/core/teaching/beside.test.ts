import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { twoGroupCrossing } from '../../../tests/support/arbitrary';
import { crossing, lesson } from '../../../tests/support/taughtLesson';
import type { Crossing } from '../crossing/crossing';
import { scriptOf } from '../hands/steps';
import type { Voice } from '../hands/voice';
import type { Part } from '../lesson/lesson';
import { handed } from '../ways/handed';
import { waysOf } from '../ways/ways';
import { stepBeside } from './beside';
import { showingOf, type ShownSteps } from './showing';

const voice = (hand: Voice['hand']): Voice => ({
	hand,
	keep: 'fabric',
	yarnHand: 'right',
	terms: 'us',
	units: 'cm'
});
const shown = (
	one: Crossing,
	way: { moves: Parameters<typeof scriptOf>[1] },
	hand: Voice['hand']
): ShownSteps => ({
	kind: 'hand',
	script: scriptOf(one, way.moves, voice(hand))
});
const worked = ({ script }: ShownSteps, step: number) => {
	const state = script.states[step];
	return 'order' in state ? state.order.length : step;
};

describe('a step beside another’s', () => {
	it('has as many stitches worked, never goes back, and ends where the other ends', () => {
		fc.assert(
			fc.property(twoGroupCrossing, fc.nat(), fc.nat(), (one, i, j) => {
				const [mine, theirs] = [handed(one, voice('left')).played, one];
				const [myWays, theirWays] = [waysOf(mine), waysOf(theirs)];
				const own = shown(mine, myWays[i % myWays.length], 'left');
				const their = shown(theirs, theirWays[j % theirWays.length], 'right');
				let last = 0;
				for (let step = 0; step < their.script.told.length; step++) {
					const beside = stepBeside(their, own, step);
					expect(beside).toBeGreaterThanOrEqual(last);
					expect(beside).toBeLessThan(own.script.told.length);
					// Some ways work several at once: then it is the first moment with at least as many.
					expect(worked(own, beside)).toBeGreaterThanOrEqual(worked(their, step));
					last = beside;
				}
				expect(last).toBe(own.script.told.length - 1);
			})
		);
	});

	it('is the same step where both do the same', () => {
		const one = crossing('2/2 RC');
		const [way] = waysOf(one);
		const both = shown(one, way, 'right');
		for (let step = 0; step < both.script.told.length; step++)
			expect(stepBeside(both, both, step)).toBe(step);
		expect(stepBeside(both, both, 99)).toBe(both.script.told.length - 1);
	});
});

describe('a way that only the other lean has', () => {
	const show = (way: string): Part => ({ id: 's', kind: 'show', title: '', minutes: 5, crossing: 'c', way });
	const of = (name: string, way: string, hand: Voice['hand'] = 'left') => {
		const taught = { ...lesson, crossings: [{ id: 'c', name, crossing: crossing(name) }] };
		return showingOf(taught, show(way), voice(hand))?.shown?.way.id;
	};

	it('is another as good for left hands that keep the fabric', () => {
		expect(of('1/1 RC', 'free-second-first', 'right')).toBe('free-second-first');
		expect(of('1/1 RC', 'free-second-first')).toMatch(/^free-/);
		expect(of('2/2 RC', 'free-right-start')).toBe('free-reach');
		expect(of('2/2 RC', 'cn-off')).toBe('cn-off');
		expect(of('2/2 RC', 'no-way-at-all')).toBeUndefined();
	});
});
