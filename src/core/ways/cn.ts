import { isTwoGroup } from '../crossing/groups';
import type { Crossing } from '../crossing/crossing';
import type { Move } from '../hands/moves';
import { twoGroups, type KnownWay } from './way';

/** Slip the first group, hold it, work the next, then the held group straight off the other end. */
export const cnOff: KnownWay = {
	id: 'cn-off',
	title: 'Cable needle, straight off',
	gist: 'The shortest way with a needle.',
	needles: 1,
	fits: isTwoGroup,
	script(crossing) {
		return [
			...secondPast(crossing),
			{ do: 'work', from: 'cable1', stitches: crossing.work.slice(twoGroups(crossing).second) }
		];
	}
};

/** The same, but the held group goes back to the left needle and is worked there. */
export const cnReturn: KnownWay = {
	id: 'cn-return',
	title: 'Cable needle, put back',
	gist: 'Count and mount show before you work them.',
	needles: 1,
	fits: isTwoGroup,
	script(crossing) {
		const { first, second } = twoGroups(crossing);
		return [
			...secondPast(crossing),
			{ do: 'return', count: first, from: 'cable1' },
			{ do: 'work', from: 'left', stitches: crossing.work.slice(second) }
		];
	}
};

/** The first group waits on the cable needle while the second is worked past it. */
function secondPast(crossing: Crossing): Move[] {
	const { first, second, side } = twoGroups(crossing);
	return [
		{ do: 'slip', count: first, from: 'left', to: 'cable1', hold: side },
		{ do: 'work', from: 'left', stitches: crossing.work.slice(0, second) }
	];
}
