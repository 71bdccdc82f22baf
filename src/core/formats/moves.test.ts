import { describe, expect, it } from 'vitest';
import type { WorkWord } from '../crossing/crossing';
import type { Move } from '../hands/moves';
import { framesOf, play } from '../hands/play';
import { unwrap } from '../result';
import { parseMoves } from './moves';

const slip = (count: number, hold: 'front' | 'back', to: 'cable1' | 'cable2' = 'cable1'): Move => ({
	do: 'slip',
	count,
	from: 'left',
	to,
	hold
});

const work = (...stitches: WorkWord[]): Move => ({ do: 'work', from: 'left', stitches });

const workCable = (...stitches: WorkWord[]): Move => ({ do: 'work', from: 'cable1', stitches });

const played = (stitches: number, moves: readonly Move[], mounts?: ('right' | 'left')[]) => {
	return unwrap(play(stitches, moves, mounts));
};

describe('a script in JSON', () => {
	const script = (moves: unknown[], more = {}) =>
		parseMoves({ format: 'pond-loop/moves@1', stitches: 2, moves, ...more }, 2);

	it('is taken as it stands', () => {
		const answer = script([slip(1, 'back'), work('k'), workCable('k')]);
		expect(answer.ok && framesOf(played(2, answer.value.moves)).length).toBe(4);
	});

	it.each([
		['no move', [{ do: 'jump' }], 'unreadable', 1],
		['a slip that does not say where', [work('k'), { do: 'slip', count: 1, from: 'left' }], 'unreadable', 2],
		[
			'a slip to a cable needle without a hold',
			[{ do: 'slip', count: 1, from: 'left', to: 'cable1' }],
			'unreadable',
			1
		],
		['an unknown word', [{ do: 'work', from: 'left', stitches: ['weave'] }], 'unreadable', 1]
	])('with %s is refused with the number of the move', (_, moves, code, at) => {
		const answer = script(moves);
		expect(answer.ok ? null : answer.error).toMatchObject({ code, at });
	});

	it('for other stitches, or with mounts for others, is a conflict', () => {
		expect(script([], { stitches: 3 })).toMatchObject({ ok: false, error: { code: 'conflict' } });
		expect(script([], { mounts: ['right'] })).toMatchObject({ ok: false, error: { code: 'conflict' } });
	});
});
