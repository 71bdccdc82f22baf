import { MOST_STITCHES, type Crossing } from '../crossing/crossing';
import { fault, good, type Result } from '../result';
import { briocheCrossing, checkParity } from './brioche';
import { doubled, doubledInFront } from './double';

/** What the cross is made in. `double` moves whole pairs of double knitting, `double-front` the front layer only. */
export type Medium = 'hand' | 'brioche' | 'double' | 'double-front' | 'machine' | 'loom';

/**
 * A crossing read from a name or a sentence, in the positions and words of a medium: a brioche unit is one position, a
 * double-knit pair is two. Outside hand knitting the words of a name cannot purl or twist: `conflict`.
 */
export function inMedium(crossing: Crossing, medium: Medium): Result<Crossing> {
	if (medium === 'hand') return good(crossing);
	const odd = crossing.work.find((word) => word !== 'k');
	if (odd)
		return fault(
			'conflict',
			`${MEDIUM_WORDS[medium]} has no ${odd === 'p' ? 'purl' : 'twisted'} cross of its own; give the plain name.`
		);
	if (medium === 'brioche') return briocheCrossing(crossing);
	if (medium === 'machine' || medium === 'loom') return good(crossing);
	if (crossing.stitches * 2 > MOST_STITCHES)
		return fault(
			'size',
			`Each place of double knitting is a pair: ${crossing.stitches} pairs are more than ${MOST_STITCHES} stitches.`
		);
	return good(medium === 'double' ? doubled(crossing) : doubledInFront(crossing));
}

/** A crossing given in a medium's own positions: its parity is checked, and that machine and loom have plain stitches. */
export function checkMedium(crossing: Crossing, medium: Medium): Result<Crossing> {
	if (medium === 'brioche') return checkParity(crossing);
	if ((medium === 'machine' || medium === 'loom') && crossing.work.some((word) => word !== 'k'))
		return fault(
			'conflict',
			`${MEDIUM_WORDS[medium]} makes plain stitches: every word of “work” is “k” there.`
		);
	return good(crossing);
}

const MEDIUM_WORDS: Readonly<Record<Medium, string>> = {
	hand: 'Hand knitting',
	brioche: 'Brioche',
	double: 'Double knitting',
	'double-front': 'Double knitting',
	machine: 'The machine',
	loom: 'The loom'
};
