import { good, type Result } from '../result';
import { inWords } from './numbers';
import { centresOf } from './over';
import type { Phrase } from './phrase';
import type { ReadOptions, Reading, School } from './reading';
import { splits, threeGroup, twoGroup, type Shape, type GroupSide } from './shapes';

/**
 * Names with one number, which counts either all the stitches in the cable or those held: `C4F`, `CB4`, `T3F`,
 * `cable 4 back` by the hold; `C6R`, `T4R` by the lean, counting all; `C4` without a direction.
 *
 * @param sides the leans it may have: one where it is said, else right before left
 * @param school what the name goes by
 */
export function readCounted(
	phrase: Phrase,
	sides: readonly GroupSide[],
	school: Extract<School, 'hold' | 'lean' | 'words' | 'none'>,
	options: ReadOptions
): Result<Reading>[] {
	const [count] = phrase.numbers;
	if (options.groups === 3) return readThree(count, phrase, sides, school, options);
	const countsHeld = school === 'hold' || school === 'none';
	const all = !countsHeld || options.count !== 'held' ? splits(count) : [];
	const held = countsHeld && options.count !== 'all' ? [[count, count] as const] : [];
	return [
		...all.flatMap((split) =>
			sides.map((side) => reading(split, side, school, `counting all ${inWords(count)}`))
		),
		...held.flatMap((split) =>
			sides.map((side) =>
				reading(split, side, school === 'hold' ? 'held' : school, `counting the ${inWords(count)} held`)
			)
		)
	];

	function reading(
		[front, behind]: readonly [number, number],
		side: GroupSide,
		as: School,
		counting: string
	) {
		return because(twoGroup(front, behind, side, phrase), as, counting, count >= 5);
	}
}

/** The outer groups equal and as wide as can be: 5 is 2/1/2, 6 is 2/2/2. */
function readThree(
	count: number,
	phrase: Phrase,
	sides: readonly GroupSide[],
	school: School,
	options: ReadOptions
): Result<Reading>[] {
	const outer = Math.floor((count - 1) / 2);
	const sizes = [outer, count - 2 * outer, outer] as const;
	return centresOf(options).flatMap((centre) =>
		sides.map((side) =>
			because(
				threeGroup(sizes, side, centre, phrase),
				school,
				`counting all ${inWords(count)}, in three groups`,
				false
			)
		)
	);
}

function because(
	shape: Result<Shape>,
	school: School,
	counting: string,
	maybeThree: boolean
): Result<Reading> {
	if (!shape.ok) return shape;
	const { crossing, says } = shape.value;
	const more = maybeThree ? ' It may also mean three groups.' : '';
	return good({ crossing, school, because: `${says.slice(0, -1)}, ${counting}.${more}` });
}
