/**
 * Needles of a machine bed, as its numbers go: from the middle outwards on either side. Facing the bed, position 1, the
 * right edge of the right side, is leftmost.
 *
 * @param position from 1
 * @param used needles in use, as many on each side as can be
 */
export function needleOf(
	position: number,
	used: number
): { readonly side: 'left' | 'right'; readonly n: number } {
	const left = Math.ceil(used / 2);
	return position <= left ? { side: 'left', n: left - position + 1 } : { side: 'right', n: position - left };
}

/** `left 2`, `left 4 to 1`, `left 2 to right 2`: a run of needles, as one finds it at the bed. */
export function needlesSaid(first: number, last: number, used: number): string {
	const [from, to] = [needleOf(first, used), needleOf(last, used)];
	if (first === last) return `${from.side} ${from.n}`;
	return from.side === to.side ? `${from.side} ${from.n} to ${to.n}` : `left ${from.n} to right ${to.n}`;
}
