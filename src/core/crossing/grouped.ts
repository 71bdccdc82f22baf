import { layered, type Crossing, type WorkWord } from './crossing';

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
	const starts: number[] = [];
	let next = 1;
	for (const { size } of specs) {
		starts.push(next);
		next += size;
	}
	const groupOf = specs.flatMap(({ size }, group) => Array.from({ length: size }, () => group));
	return layered(
		order.flatMap((group) => Array.from({ length: specs[group].size }, (_, i) => starts[group] + i)),
		groupOf.map((group) => specs[group].depth),
		(position) => specs[groupOf[position - 1]].word
	);
}
