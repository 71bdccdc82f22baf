import type { Crossing, Pair, WorkWord } from './crossing';

/** One group of a crossing: how many stitches, how deep (smaller is nearer the viewer), how each is worked. */
export interface GroupSpec {
	readonly size: number;
	readonly depth: number;
	readonly word: WorkWord;
}

/**
 * The crossing of some groups in needle order, worked in another order.
 *
 * @param order the groups' indices, from 0, in the order they are worked
 */
export function grouped(specs: readonly GroupSpec[], order: readonly number[]): Crossing {
	const positions: number[][] = [];
	let next = 1;
	for (const { size } of specs) {
		const group: number[] = [];
		for (let i = 0; i < size; i++) group.push(next++);
		positions.push(group);
	}
	const worked: number[] = [];
	const work: WorkWord[] = [];
	for (const group of order)
		for (const position of positions[group]) {
			worked.push(position);
			work.push(specs[group].word);
		}
	return { stitches: next - 1, order: worked, over: pairsOf(specs, order, positions), work };
}

/** Every stitch of a group lies over every stitch of a deeper one that it changes places with; already sorted. */
function pairsOf(
	specs: readonly GroupSpec[],
	order: readonly number[],
	positions: readonly (readonly number[])[]
): Pair[] {
	const over: Pair[] = [];
	for (let front = 0; front < specs.length; front++) {
		const below: number[] = [];
		for (let behind = 0; behind < specs.length; behind++) {
			const changed = front < behind !== order.indexOf(front) < order.indexOf(behind);
			if (changed && specs[front].depth < specs[behind].depth) below.push(...positions[behind]);
		}
		for (const a of positions[front]) for (const b of below) over.push([a, b]);
	}
	return over;
}
