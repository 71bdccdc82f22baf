import { good, type Result } from '../result';
import type { Phrase } from './phrase';
import type { ReadOptions, Reading, School } from './reading';
import { splits, twoGroup, type GroupSide } from './shapes';

/**
 * Names that speak of two sets of stitches by where they lie: the strand on top (`right over left`, by hand), the
 * set hung first (`2x2 right set first`, machine), the set re-seated first (`right over left`, loom). Two numbers
 * belong to the sets in the order they are named; one number counts both.
 */
export function readSets(phrase: Phrase, { medium, parked }: ReadOptions): Result<Reading>[] {
	const { named, by } = phrase.sets!;
	const right = (first: number, second: number) => (named === 'right' ? [first, second] : [second, first]);
	const pairs = pairsOf(phrase.numbers).map(([first, second]) => right(first, second));
	if (by === 'first') {
		// Facing the purl side, the set hung first lies nearer the bed and so in front on the right side.
		return pairs.map(([rightSet, leftSet]) =>
			named === 'right'
				? reading(leftSet, rightSet, 'right', 'machine', 'the right set is hung first, so it lies in front')
				: reading(leftSet, rightSet, 'left', 'machine', 'the left set is hung first, so it lies in front')
		);
	}
	if (medium === 'loom') {
		const places = parked ? [parked] : (['outside', 'inside'] as const);
		return pairs.flatMap(([rightSet, leftSet]) =>
			places.map((at) => {
				const inFront = at === 'outside' ? other(named) : named;
				const why = `the ${named} set is re-seated first and the ${other(named)} one waits ${at}`;
				return inFront === 'left'
					? reading(rightSet, leftSet, 'right', 'loom', why)
					: reading(rightSet, leftSet, 'left', 'loom', why);
			})
		);
	}
	// On the right side the right-hand group is the first on the needle: in front, it leans left.
	return pairs.map(([rightSet, leftSet]) =>
		named === 'right'
			? reading(rightSet, leftSet, 'left', 'strand', 'the right-hand group lies on top')
			: reading(rightSet, leftSet, 'right', 'strand', 'the left-hand group lies on top')
	);

	/** `first` counts the group nearest the left needle's tip, `second` the next. */
	function reading(
		first: number,
		second: number,
		side: GroupSide,
		school: School,
		why: string
	): Result<Reading> {
		const shape =
			side === 'right' ? twoGroup(second, first, side, phrase) : twoGroup(first, second, side, phrase);
		if (!shape.ok) return shape;
		return good({
			crossing: shape.value.crossing,
			school,
			because: `${shape.value.says.slice(0, -1)}: ${why}.`
		});
	}
}

const other = (side: GroupSide): GroupSide => (side === 'right' ? 'left' : 'right');

const pairsOf = ([first, second]: readonly number[]) =>
	second === undefined ? splits(first) : [[first, second] as const];
