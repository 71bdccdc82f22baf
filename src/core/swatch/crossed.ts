import type { Working } from '../fabric/fabric';

/** Stitches of a fabric that cross: the share of its columns that ever do, and the share of all its stitches that just do. */
export interface Crossed {
	readonly ever: number;
	readonly worked: number;
}

/** How much of a fabric crosses; by the strands of the cast-on that ever change places. */
export function crossedIn({ steps, fabric }: Working): Crossed {
	const ever = new Set<number>();
	let [crossed, worked] = [0, 0];
	for (const { row, before, worked: made } of steps) {
		worked += row.after;
		const turned = before.from !== (row.side === 'RS' ? 'right' : 'left');
		for (const { crossing, before: first } of made.crossings) {
			crossed += new Set(crossing.over.flat()).size;
			for (let k = 0; k < crossing.stitches; k++) {
				const at = turned ? before.strands.length - 1 - first - k : first + k;
				ever.add(before.strands[at]);
			}
		}
	}
	ever.delete(0);
	return {
		ever: fabric.castOn === 0 ? 0 : ever.size / fabric.castOn,
		worked: worked === 0 ? 0 : crossed / worked
	};
}
