import type { Crossing } from '$core/crossing/crossing';
import { inBehind, inFront } from '$core/crossing/depth';
import { rope } from '$core/crossing/lean';
import type { Say } from './room';

/** A cross in one sentence, for whoever hears it or cannot see it: which stitches lie in front, and which way it leans. */
export function spoken(say: Say<'cross'>, crossing: Crossing): string {
	const [front, behind] = [inFront(crossing.over), inBehind(crossing.over)];
	const lean = rope(crossing);
	if (lean === 'none') return say('cross-spoken-none', { order: crossing.order.join(' ') });
	const parted = front.every((position) => !behind.includes(position));
	return parted
		? say('cross-spoken', { count: front.length, front: front.map(String), behind: behind.map(String), lean })
		: say('cross-spoken-order', { order: crossing.order.join(' '), lean });
}
