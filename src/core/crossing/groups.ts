import { once } from '../once';
import type { Crossing, Pair } from './crossing';

/** Neighbouring positions that move as one, lowest first. */
export type Group = readonly number[];

/**
 * The crossing's groups in needle order: the longest runs of neighbouring positions that stay together and have
 * the same relation to every other stitch. A run that never moves is a group too.
 */
export const groups: (crossing: Pick<Crossing, 'order' | 'over'>) => readonly Group[] = once((crossing) =>
	// Every way asks for the groups of the crossing it is for.
	runsOf(crossing)
);

function runsOf({ order, over }: Pick<Crossing, 'order' | 'over'>): Group[] {
	const place = new Map(order.map((position, i) => [position, i]));
	const relations = relationsOf(order.length, over);
	const runs: number[][] = [];
	for (let position = 1; position <= order.length; position++) {
		const together =
			position > 1 &&
			place.get(position) === place.get(position - 1)! + 1 &&
			sameRelations(relations, position, position - 1);
		if (together) runs[runs.length - 1].push(position);
		else runs.push([position]);
	}
	return runs;
}

/** True when exactly two groups change places, as in every `m over n`. */
export function isTwoGroup(crossing: Crossing): boolean {
	return crossing.over.length > 0 && groups(crossing).length === 2;
}

type Relations = readonly Int8Array[];

function relationsOf(stitches: number, over: readonly Pair[]): Relations {
	const relations = Array.from({ length: stitches + 1 }, () => new Int8Array(stitches + 1));
	for (const [front, behind] of over) {
		if (front > stitches || behind > stitches) continue;
		relations[front][behind] = 1;
		relations[behind][front] = -1;
	}
	return relations;
}

function sameRelations(relations: Relations, a: number, b: number): boolean {
	return relations[a].every((relation, q) => q === a || q === b || relation === relations[b][q]);
}
