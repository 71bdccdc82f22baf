import type { Crossing } from '../crossing/crossing';
import { mapResult, type Result } from '../result';
import type { Phrase } from './phrase';
import type { ReadOptions, Reading } from './reading';
import { threeGroup, twoGroup, type Centre, type GroupSide } from './shapes';
import { namedOf } from './write';

/**
 * The *over* school: how many stitches pass in front of how many, and the lean you see: `2/2 RC`, `4/4LC`,
 * `2x1 LC`, `2-over-1 right cross`, `2/1 front cross`, `2-1-2 left cable`.
 */
export function readOver(phrase: Phrase, side: GroupSide, options: ReadOptions): Result<Reading>[] {
	const [first, second, third] = phrase.numbers;
	const shapes =
		third === undefined
			? [twoGroup(first, second, side, phrase)]
			: centresOf(options).map((centre) => threeGroup([first, second, third], side, centre, phrase));
	return shapes.map((shape) =>
		mapResult(shape, ({ crossing, says }) => ({ crossing, school: 'over', because: says }))
	);
}

/** How deep the middle may lie, as far as nothing settles it. */
export const centresOf = ({ centre }: ReadOptions): readonly Centre[] =>
	centre ? [centre] : ['between', 'behind'];

/** The name of a crossing of two or three groups, or `null` when it has none. */
export function write(crossing: Crossing): string | null {
	const named = namedOf(crossing);
	if (!named) return null;
	const { sizes, side, purl, tbl } = named;
	const numbers = sizes.length === 2 && side === 'right' ? [...sizes].reverse() : sizes;
	return `${numbers.join('/')} ${side === 'right' ? 'R' : 'L'}${purl ? 'P' : ''}C${tbl ? ' tbl' : ''}`;
}
