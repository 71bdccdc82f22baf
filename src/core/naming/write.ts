import { sameCrossing, type Crossing } from '../crossing/crossing';
import { groups } from '../crossing/groups';
import { rope } from '../crossing/lean';
import { threeGroup, twoGroup, type Centre, type GroupSide } from './shapes';

/** A crossing as names see it: the sizes of its groups in needle order, its lean, how it is worked. */
export interface WrittenName {
	readonly sizes: readonly number[];
	readonly side: GroupSide;
	/** of three groups, how deep the middle lies */
	readonly centre: Centre;
	readonly purl: boolean;
	readonly tbl: boolean;
}

/** A crossing of two or three groups as names see it: shapes are tried until one is the same; `null` when none is. */
export function namedOf(crossing: Crossing): WrittenName | null {
	const sizes = groups(crossing).map((group) => group.length);
	const side = rope(crossing);
	if (sizes.length < 2 || sizes.length > 3 || (side !== 'right' && side !== 'left')) return null;
	for (const centre of ['between', 'behind'] as const)
		for (const purl of [false, true])
			for (const tbl of [false, true]) {
				const named: WrittenName = { sizes, side, centre, purl, tbl };
				const shape = shapeOf(named);
				if (shape.ok && sameCrossing(shape.value.crossing, crossing)) return named;
			}
	return null;
}

function shapeOf({ sizes, side, centre, purl, tbl }: WrittenName) {
	const [first, second, third] = sizes;
	if (third !== undefined) return threeGroup([first, second, third], side, centre, { purl, tbl });
	const [front, behind] = side === 'right' ? [second, first] : [first, second];
	return twoGroup(front, behind, side, { purl, tbl });
}
