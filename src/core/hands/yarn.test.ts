import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anyCrossing } from '../../../tests/support/arbitrary';
import { layered } from '../crossing/crossing';
import type { Move } from './moves';
import { outcome } from './play';
import { withYarn } from './yarn';
import { slip, work, workCable, played } from '../../../tests/support/moves';

describe('yarn', () => {
	it('is brought forward while the hands are free, and moved only where a stitch wants it', () => {
		const moves = [slip(2, 'front'), work('p', 'k', 'k', 'p'), workCable('k', 'k')];
		expect(withYarn(moves).map((move) => (move.do === 'yarn' ? move.to : move.do))).toEqual([
			...['slip', 'front', 'work', 'back', 'work', 'front', 'work', 'back', 'work']
		]);
	});

	it('comes forward before everything else when no needle is held', () => {
		const moves: Move[] = [{ do: 'reach', needle: 'right', past: 1, take: 1, pass: 'behind' }, work('p')];
		expect(withYarn(moves)[0]).toEqual({ do: 'yarn', to: 'front' });
	});

	it('waits for the word that wants it behind a slipped stitch with a yarn-over', () => {
		expect(withYarn([work('slyo', 'p')])).toEqual([{ do: 'yarn', to: 'front' }, work('slyo', 'p')]);
	});

	it('makes an extra loop where a script that moves it leaves it on the wrong side', () => {
		const crossing = layered([2, 1], [1, 0], () => 'k');
		const moves: Move[] = [{ do: 'yarn', to: 'front' }, slip(1, 'back'), work('k'), workCable('k')];
		const play = played(2, moves);
		expect(play.states.map((state) => state.extraLoops)).toEqual([0, 0, 0, 1, 1]);
		expect(play.states[3].yarn).toBe('back');
		expect(outcome(crossing, play)).toMatchObject({ order: [2, 1], agrees: false });
	});

	it('never makes one, nor a needless move, in a script without yarn moves', () => {
		fc.assert(
			fc.property(anyCrossing({ most: 8 }), (crossing) => {
				const moves = withYarn([work(...crossing.work)]);
				const { states } = played(crossing.stitches, moves);
				expect(states[states.length - 1].extraLoops).toBe(0);
				const sides = moves.flatMap((move) => (move.do === 'yarn' ? [move.to] : []));
				expect(sides.every((side, i) => side === (i % 2 === 0 ? 'front' : 'back'))).toBe(true);
			})
		);
	});
});
