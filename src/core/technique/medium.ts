import { MOST_STITCHES, type Crossing } from '../crossing/crossing';
import { mirror } from '../crossing/transform';
import { fault, good, type Result } from '../result';
import { briocheCrossing, checkParity } from './brioche';
import { doubled, doubledInFront } from './double';

/** What a cross can be made in. `double` moves whole pairs of double knitting, `double-front` the front layer only. */
export const MEDIA = [
	...(['hand', 'twisted', 'slipped', 'brioche', 'double', 'double-front', 'machine', 'loom'] as const)
];
export type Medium = (typeof MEDIA)[number];

/** The media whose stitches sit on a machine's needles or a loom's pegs. */
export type Bed = Extract<Medium, 'machine' | 'loom'>;
/** Whether a technique works on a bed of needles or pegs. */
export const isBed = (medium: Medium): medium is Bed => medium === 'machine' || medium === 'loom';

/** The media in which every place holds a pair of stitches. */
export const isDoubled = (medium: Medium): boolean => medium === 'double' || medium === 'double-front';

/**
 * A crossing read from a name or a sentence, in the positions and words of a medium: a brioche unit is one position, a
 * double-knit pair is two. Where a medium has words of its own, those of a name cannot purl or twist: `conflict`.
 */
export function inMedium(crossing: Crossing, medium: Medium): Result<Crossing> {
	if (medium === 'hand' || medium === 'slipped') return good(crossing);
	if (medium === 'twisted') return good(twisted(crossing));
	const odd = crossing.work.find((word) => word !== 'k');
	if (odd)
		return fault(
			'conflict',
			`${MEDIUM_WORDS[medium]} has no ${odd === 'p' ? 'purl' : 'twisted'} cross of its own; give the plain name.`
		);
	if (medium === 'brioche') return briocheCrossing(crossing);
	if (isBed(medium)) return good(crossing);
	if (crossing.stitches * 2 > MOST_STITCHES)
		return fault(
			'size',
			`Each place of double knitting is a pair: ${crossing.stitches} pairs are more than ${MOST_STITCHES} stitches.`
		);
	return good(medium === 'double' ? doubled(crossing) : doubledInFront(crossing));
}

/** Every knit stitch through its back loop; purls keep the ground. */
const twisted = (crossing: Crossing): Crossing => ({
	...crossing,
	work: crossing.work.map((word) => (word === 'k' ? 'ktbl' : word))
});

/** A crossing as its name says it: brioche units and twisted stitches as plain ones, the front layer of double knitting. */
export function plainOf(crossing: Crossing, medium: Medium): Crossing {
	if (medium === 'hand' || medium === 'slipped' || isBed(medium)) return crossing;
	if (medium === 'twisted')
		return { ...crossing, work: crossing.work.map((word) => (word === 'ktbl' ? 'k' : word)) };
	if (medium === 'brioche') return { ...crossing, work: crossing.work.map(() => 'k') };
	const front = crossing.order.filter((stitch) => stitch % 2 === 1);
	const pair = (stitch: number) => (stitch + 1) / 2;
	return {
		stitches: front.length,
		order: front.map(pair),
		over: crossing.over
			.filter((stitches) => stitches.every((stitch) => stitch % 2 === 1))
			.map(([a, b]) => [pair(a), pair(b)]),
		work: front.map(() => 'k')
	};
}

/** The mirror image in a medium's own positions: of what is in pairs, pairs change places and not their layers. */
export function mirrorIn(crossing: Crossing, medium: Medium): Crossing {
	const mirrored = inMedium(mirror(plainOf(crossing, medium)), medium);
	return mirrored.ok ? mirrored.value : mirror(crossing);
}

/** A crossing given in a medium's own positions: its parity is checked, and that machine and loom have plain stitches. */
export function checkMedium(crossing: Crossing, medium: Medium): Result<Crossing> {
	if (medium === 'brioche') return checkParity(crossing);
	if (isBed(medium) && crossing.work.some((word) => word !== 'k'))
		return fault(
			'conflict',
			`${MEDIUM_WORDS[medium]} makes plain stitches: every word of “work” is “k” there.`
		);
	return good(crossing);
}

/** How a sentence calls each medium. */
export const MEDIUM_WORDS: Readonly<Record<Medium, string>> = {
	hand: 'Hand knitting',
	twisted: 'Twisted knitting',
	slipped: 'Slipped stitches',
	brioche: 'Brioche',
	double: 'Double knitting',
	'double-front': 'Double knitting, front layer',
	machine: 'The machine',
	loom: 'The loom'
};
