import type { Crossing } from '$core/crossing/crossing';

/** A cross in numbers alone, which gives no name away: its order, which stitch lies over which, and which are no plain knits. */
export function inNumbers({ order, over, work }: Pick<Crossing, 'order' | 'over' | 'work'>): string {
	const others = order.flatMap((stitch, i) => (work[i] === 'k' ? [] : [`${stitch} ${WORK_NAMES[work[i]]}`]));
	const lies = over.map(([front, behind]) => `${front} over ${behind}`);
	return `Stitches ${order.join(' ')} after the cross, ${[...lies, ...others].join(', ')}`;
}

const WORK_NAMES: Readonly<Record<Crossing['work'][number], string>> = {
	k: 'knit',
	p: 'purled',
	ktbl: 'knit through the back loop',
	ptbl: 'purled through the back loop',
	sl: 'slipped',
	slf: 'slipped with the yarn in front',
	brk: 'brioche knit',
	brp: 'brioche purled',
	slyo: 'slipped with a yarn-over'
};
