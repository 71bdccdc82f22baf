import { MOST_IN_GROUP, MOST_STITCHES, type Crossing, type WorkWord } from '../crossing/crossing';
import { grouped } from '../crossing/grouped';
import { fault, good, type Result } from '../result';
import { inWords, stitchesInWords } from './numbers';

export type GroupSide = 'right' | 'left';
export type Centre = 'between' | 'behind';

/** How the stitches of a named cross are worked. */
export interface Manner {
	/** the stitches that pass behind are purled; of three groups, the middle */
	readonly purl: boolean;
	/** every knit stitch is worked through its back loop */
	readonly tbl: boolean;
}

/** A crossing with the sentence that says what it does. */
export interface Shape {
	readonly crossing: Crossing;
	readonly says: string;
}

/** Some stitches in front of some others; right: the first group waits behind, left: it waits in front. */
export function twoGroup(front: number, behind: number, side: GroupSide, manner: Manner): Result<Shape> {
	const wrong = sizeFault([front, behind]);
	if (wrong) return wrong;
	const knit: WorkWord = manner.tbl ? 'ktbl' : 'k';
	const over = { size: front, depth: 0, word: knit };
	const under = { size: behind, depth: 1, word: manner.purl ? ('p' as const) : knit };
	const pass = front === 1 ? 'passes' : 'pass';
	const ground = manner.purl ? `, and ${behind === 1 ? 'that one is' : 'those are'} purled` : '';
	return good({
		crossing: grouped(side === 'right' ? [under, over] : [over, under], [1, 0]),
		says: `${capital(stitchesInWords(front))} ${pass} in front of ${inWords(behind)}, leaning ${side}${ground}.`
	});
}

/** Three groups in needle order of which the outer two change places, the middle between them or behind both. */
export function threeGroup(
	[first, middle, third]: readonly [number, number, number],
	side: GroupSide,
	centre: Centre,
	manner: Manner
): Result<Shape> {
	const wrong = sizeFault([first, middle, third]);
	if (wrong) return wrong;
	const knit: WorkWord = manner.tbl ? 'ktbl' : 'k';
	const left = side === 'left';
	const middleDepth = centre === 'between' ? 1 : 3;
	const crossing = grouped(
		[
			{ size: first, depth: left ? 0 : 2, word: knit },
			{ size: middle, depth: middleDepth, word: manner.purl ? 'p' : knit },
			{ size: third, depth: left ? 2 : 0, word: knit }
		],
		[2, 1, 0]
	);
	const where = centre === 'between' ? 'between them' : 'behind both';
	return good({
		crossing,
		says: `The outer ${inWords(first)} and ${inWords(third)} change places, leaning ${side}, and the middle ${inWords(middle)} ${middle === 1 ? 'lies' : 'lie'} ${where}${manner.purl ? ', purled' : ''}.`
	});
}

/** The ways to split a total in two, the larger front group first when it is odd. */
export function splits(total: number): (readonly [number, number])[] {
	const more = Math.ceil(total / 2);
	const less = Math.floor(total / 2);
	return more === less
		? [[more, less]]
		: [
				[more, less],
				[less, more]
			];
}

function sizeFault(sizes: readonly number[]): Result<never> | null {
	const wrong = sizes.find((size) => size < 1 || size > MOST_IN_GROUP);
	if (wrong !== undefined)
		return fault('size', `A group has 1 to ${MOST_IN_GROUP} stitches; this name says ${wrong}.`);
	const total = sizes.reduce((a, b) => a + b, 0);
	if (total > MOST_STITCHES)
		return fault('size', `A crossing has at most ${MOST_STITCHES} stitches; this name makes ${total}.`);
	return null;
}

const capital = (text: string) => text[0].toUpperCase() + text.slice(1);
