import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anyCrossing } from '../../../tests/support/arbitrary';
import { waysOf } from '../ways/ways';
import { tell } from './sentence';
import { scriptOf } from './steps';
import { startOf } from './state';
import { lengthSaid, type Voice } from './voice';

const voices = fc.record({
	hand: fc.constantFrom('right' as const, 'left' as const),
	keep: fc.constant('fabric' as const),
	yarnHand: fc.constantFrom('right' as const, 'left' as const),
	terms: fc.constantFrom('us' as const, 'uk' as const),
	units: fc.constantFrom('cm' as const, 'in' as const)
});
const otherHand = { right: 'left', left: 'right' } as const;
const mirrored = (text: string) => text.replace(/right|left/g, (side) => otherHand[side as 'right' | 'left']);

describe('the words of a step', () => {
	it('are whole for every step of every way, in every voice', () => {
		fc.assert(
			fc.property(anyCrossing({ groups: { min: 2, max: 3 } }), voices, (crossing, voice) => {
				for (const { moves } of waysOf(crossing)) {
					const { told, steps } = scriptOf(crossing, moves, voice);
					expect(told.length).toBe(steps.length + 1);
					for (const { short, sentence, detail } of told) {
						expect(sentence).toMatch(/^[A-Z].*\.$/);
						expect(detail).toMatch(/^\S.*[.]$/);
						expect(short.length).toBeLessThan(60);
						expect(short + sentence + detail).not.toMatch(/undefined|NaN|null| {2}|\.\./);
					}
				}
			}),
			{ numRuns: 60 }
		);
	});

	it('for left hands are those for right hands in a mirror', () => {
		fc.assert(
			fc.property(anyCrossing({ groups: { min: 2, max: 3 } }), voices, (crossing, voice) => {
				const swapped: Voice = { ...voice, hand: otherHand[voice.hand], yarnHand: otherHand[voice.yarnHand] };
				for (const { moves } of waysOf(crossing)) {
					const here = scriptOf(crossing, moves, voice).told;
					const there = scriptOf(crossing, moves, swapped).told;
					expect(there.map(({ sentence }) => sentence)).toEqual(
						here.map(({ sentence }) => mirrored(sentence))
					);
					expect(there.map(({ detail }) => detail)).toEqual(here.map(({ detail }) => mirrored(detail)));
				}
			}),
			{ numRuns: 60 }
		);
	});

	it('warn of the yarn where something waits', () => {
		const voice: Voice = { hand: 'right', keep: 'fabric', yarnHand: 'right', terms: 'us', units: 'cm' };
		const held = {
			...startOf(3),
			left: [2, 3],
			cables: { cable1: { at: 'front' as const, stitches: [1], placed: 1 } }
		};
		const knit = { do: 'work', from: 'left', stitches: ['k'] } as const;
		expect(tell(knit, held, voice).detail).toBe(
			'The tip goes in under the front leg from the front, left to right. 1 waits in front. The yarn stays behind them, or a strand shows across the front.'
		);
		expect(tell({ do: 'yarn', to: 'front' }, held, voice).detail).toContain('behind what waits in front');
	});

	it('give a length in either unit, inches to the quarter', () => {
		const said = (millimetres: number) => [
			lengthSaid(millimetres, { units: 'cm' }),
			lengthSaid(millimetres, { units: 'in' })
		];
		expect([said(10), said(25.4), said(57), said(1)]).toEqual([
			['1 cm', '½ in'],
			['2.5 cm', '1 in'],
			['5.7 cm', '2¼ in'],
			['0.1 cm', '¼ in']
		]);
	});
});
