import { describe, expect, it } from 'vitest';
import { layered } from '../crossing/crossing';
import { movementsOf, type Move } from './moves';
import { mostLoose } from './play';
import { scriptOf, scriptSteps } from './steps';
import type { Voice } from './voice';
import { slip, work, workCable, played } from '../../../tests/support/moves';

describe('steps for a screen', () => {
	const crossing = layered([3, 4, 1, 2], [1, 1, 0, 0], () => 'k');
	const moves = [slip(2, 'back'), work('k', 'k'), workCable('k', 'k')];
	const right: Voice = { hand: 'right', keep: 'fabric', yarnHand: 'right', terms: 'us', units: 'cm' };

	it('work one stitch each and make the same', () => {
		const steps = scriptSteps(moves);
		expect(steps.length).toBe(5);
		expect(movementsOf(steps)).toBe(movementsOf(moves));
		expect(played(4, steps).made).toEqual(played(4, moves).made);
	});

	it('are told in the words of the hands that follow them', () => {
		const told = (voice: Partial<Voice>) =>
			scriptOf(crossing, moves, { ...right, ...voice }).told.map(({ sentence }) => sentence);
		expect(told({})).toEqual([
			'Slip stitches 1 and 2 to the cable needle and hold them in back.',
			'Knit stitch 3, straight from the left needle.',
			'Knit stitch 4, straight from the left needle.',
			'Knit stitch 1, straight off the cable needle.',
			'Knit stitch 2, straight off the cable needle.',
			'Crossed: 3 and 4 lie in front of 1 and 2.'
		]);
		expect(told({ terms: 'uk' })[0]).toContain('at the back');
		expect(told({ hand: 'left' })[1]).toBe('Knit stitch 3, straight from the right needle.');
	});

	it('say other things to the hand that carries the yarn', () => {
		const details = (yarnHand: 'right' | 'left') =>
			scriptOf(crossing, moves, { ...right, yarnHand }).told.map(({ detail }) => detail);
		expect(details('left')).not.toEqual(details('right'));
		expect(details('left')[0]).toContain('The left hand now holds needle, yarn and cable needle');
	});

	it('give lengths in the units asked for', () => {
		const reach: Move[] = [
			{ do: 'reach', needle: 'right', past: 2, take: 2, pass: 'front' },
			{ do: 'pinch' },
			{ do: 'withdraw', needle: 'left', count: 4 },
			{ do: 'catch', needle: 'left', count: 2 },
			{ do: 'slip', count: 2, from: 'right', to: 'left' },
			work('k', 'k', 'k', 'k')
		];
		const legs =
			'Through the front or the back legs: while the tip points left, each sits as before; entered the other way, each turns.';
		const detail = (units: 'cm' | 'in') => scriptOf(crossing, reach, { ...right, units }).told[0].detail;
		expect([detail('cm'), detail('in')]).toEqual([
			'Purlwise, through all of them, until the tip shows about 1 cm beyond. ' + legs,
			'Purlwise, through all of them, until the tip shows about ½ in beyond. ' + legs
		]);
		expect(mostLoose(played(4, reach))).toBe(2);
	});
});
