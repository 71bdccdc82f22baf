import { describe, expect, it } from 'vitest';
import { framesOf } from '../hands/play';
import { parseMoves } from './moves';
import { slip, work, workCable, played } from '../../../tests/support/moves';

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
