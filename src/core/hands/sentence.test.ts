import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anyCrossing } from '../../../tests/support/arbitrary';
import { waysOf } from '../ways/ways';
import { layered, type WorkWord } from '../crossing/crossing';
import { entryOf, tellEntry } from './entry';
import { tell } from './sentence';
import { scriptOf, tellCrossed } from './steps';
import { startOf, type Leg } from './state';
import { lengthSaid, type Voice } from './voice';

const voices = fc.record({
	hand: fc.constantFrom('right' as const, 'left' as const),
	keep: fc.constant('fabric' as const),
	yarnHand: fc.constantFrom('right' as const, 'left' as const),
	terms: fc.constantFrom('us' as const, 'uk' as const),
	units: fc.constantFrom('cm' as const, 'in' as const)
});
const voice: Voice = { hand: 'right', keep: 'fabric', yarnHand: 'right', terms: 'us', units: 'cm' };
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
			'The tip goes in under the front leg from the front, left to right. 1 waits in front. The yarn stays behind them, or a strand shows across the front. Tug the yarn and work this one snugly: the stitch after those that waited gapes.'
		);
		expect(tell({ do: 'yarn', to: 'front' }, held, voice).detail).toContain('behind what waits in front');
	});

	it('say past which stitch another is worked, on which side, and that it stays on', () => {
		const second = (behind: boolean) =>
			tell(
				{
					do: 'work',
					from: 'left',
					stitches: [behind ? 'ktbl' : 'k'],
					at: 2,
					stay: true,
					...(behind && { behind })
				},
				startOf(2),
				voice
			).sentence;
		expect([second(false), second(true)]).toEqual([
			'Knit stitch 2, in front of stitch 1, and leave it on the left needle.',
			'Knit stitch 2 through the back loop, behind stitch 1, and leave it on the left needle.'
		]);
		const first = tell({ do: 'work', from: 'left', stitches: ['k'], stay: true }, startOf(2), voice);
		expect(first.sentence).toBe('Knit stitch 1, and leave it on the left needle.');
	});

	it('enter the back loop of a purl from the back, left to right', () => {
		const entry = (word: WorkWord, leg: Leg) => tellEntry(entryOf(word, leg), 'right');
		expect([entry('p', 'right'), entry('ptbl', 'right'), entry('p', 'left'), entry('ktbl', 'right')]).toEqual(
			[
				'The tip goes in under the front leg from the front, right to left.',
				'The tip goes in under the back leg from the back, left to right.',
				'The tip goes in under the back leg from the back, left to right.',
				'The tip goes in under the back leg from the front, right to left.'
			]
		);
	});

	it('name the leg that leads as the stitch sits, for either hand', () => {
		const state = (leg: Leg) => ({
			...startOf(3, [leg, leg, leg]),
			left: [3],
			cables: { cable1: { at: 'back' as const, stitches: [1, 2], placed: 1 } }
		});
		const back = (leg: Leg, hand: 'right' | 'left') =>
			tell({ do: 'return', count: 2, from: 'cable1' }, state(leg), { ...voice, hand }).detail;
		expect(back('right', 'right')).toContain('with its right leg in front');
		expect(back('left', 'right')).toContain('with its left leg in front');
		expect(back('right', 'left')).toContain('with its left leg in front');
		// What was slipped last comes back first: it lies nearest the needle one works from.
		expect([back('right', 'right'), back('right', 'left')].map((said) => said.split(' ')[2])).toEqual([
			'left-hand',
			'right-hand'
		]);
	});

	it('tell three groups by their depth', () => {
		const crossed = (order: number[], depth: number[]) =>
			tellCrossed(layered(order, depth, () => 'k')).sentence;
		expect(crossed([4, 5, 3, 1, 2], [0, 0, 1, 2, 2])).toBe(
			'Crossed: 1 and 2 lie in front, 3 between, 4 and 5 behind.'
		);
		expect(crossed([4, 5, 3, 1, 2], [0, 0, 2, 1, 1])).toBe(
			'Crossed: 1 and 2 lie in front, 4 and 5 between, 3 behind.'
		);
		expect(crossed([3, 4, 1, 2], [1, 1, 0, 0])).toBe('Crossed: 3 and 4 lie in front of 1 and 2.');
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
