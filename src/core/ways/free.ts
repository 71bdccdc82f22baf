import { isTwoGroup } from '../crossing/groups';
import { twoGroups, type KnownWay } from './way';

/** Most stitches this way is offered for; above the limits of a level it carries a caution. */
const MOST_FREE = 8;

/**
 * The right needle reaches past the first group, in front of it for a right cross and behind it for a left one, so
 * the side it reaches is the side its group ends on.
 */
export const freeReach: KnownWay = {
	id: 'free-reach',
	title: 'Reach and catch, no needle',
	gist: 'Nothing to pick up or mislay.',
	needles: 0,
	fits: (crossing) => crossing.stitches <= MOST_FREE && isTwoGroup(crossing),
	script(crossing) {
		const { first, second, side } = twoGroups(crossing);
		const pass = side === 'back' ? 'front' : 'behind';
		return [
			{ do: 'reach', needle: 'right', past: first, take: second, pass },
			{ do: 'pinch' },
			{ do: 'withdraw', needle: 'left', count: crossing.stitches },
			{ do: 'catch', needle: 'left', count: first },
			{ do: 'slip', count: second, from: 'right', to: 'left' },
			{ do: 'work', from: 'left', stitches: crossing.work }
		];
	}
};
