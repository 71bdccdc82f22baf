import type { WorkWord } from '../../src/core/crossing/crossing';
import type { Move } from '../../src/core/hands/moves';
import { play } from '../../src/core/hands/play';
import { unwrap } from '../../src/core/result';

/** Moves of the hands in few words, and what comes of playing them. */

export const slip = (count: number, hold: 'front' | 'back', to: 'cable1' | 'cable2' = 'cable1'): Move => ({
	do: 'slip',
	count,
	from: 'left',
	to,
	hold
});

export const work = (...stitches: WorkWord[]): Move => ({ do: 'work', from: 'left', stitches });

export const workCable = (...stitches: WorkWord[]): Move => ({ do: 'work', from: 'cable1', stitches });

export const played = (stitches: number, moves: readonly Move[], mounts?: ('right' | 'left')[]) =>
	unwrap(play(stitches, moves, mounts));

export const refused = (stitches: number, ...moves: Move[]) => {
	const answer = play(stitches, moves);
	return answer.ok ? null : { code: answer.error.code, at: answer.error.at };
};
