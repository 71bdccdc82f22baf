import type { Crossing, WorkWord } from '../crossing/crossing';
import { playBed } from '../hands/bed';
import { tellBed } from '../hands/bedSentence';
import type { Move } from '../hands/moves';
import type { Voice } from '../hands/voice';
import { isBed, type Medium } from '../technique/medium';
import { say } from '../naming/say';
import { fault, good, type Result } from '../result';
import { bedWaysOf } from './bed';
import { joinTo } from './grouping';
import { handed } from './handed';
import { waysOf } from './ways';

type Words = Pick<Voice, 'hand' | 'keep' | 'terms'>;

/**
 * How a crossing is written out in its medium: hand crossings as a definition that can be read back, brioche in units,
 * double knitting in pairs or layers, machine and loom as what tools and pins do. `conflict` where words do not reach.
 */
export function sayIn(
	crossing: Crossing,
	medium: Medium,
	words: Words,
	parked?: 'outside' | 'inside'
): Result<string> {
	if (isBed(medium)) return sayAtBed(crossing, medium, parked);
	if (medium === 'hand' || medium === 'twisted' || medium === 'slipped') return say(crossing, words);
	const { played } = handed(crossing, words);
	const ways = waysOf(played);
	const { moves } = ways.find((way) => way.needles > 0) ?? ways[0];
	const noun = medium === 'brioche' ? 'unit' : medium === 'double' ? 'pair' : 'stitch';
	// The yarn's moves follow from the words.
	const script: Move[] = [];
	for (const move of moves) if (move.do !== 'yarn') joinTo(script, move);
	return good(script.map((move) => phrase(move, noun, words)).join(', '));
}

function sayAtBed(
	crossing: Crossing,
	medium: 'machine' | 'loom',
	parked?: 'outside' | 'inside'
): Result<string> {
	const [way] = bedWaysOf(crossing, medium, { parked });
	const frames = way && playBed(crossing.stitches, way.moves, medium);
	if (!frames?.ok)
		return fault('conflict', 'More than three sets change places here: there are no tools or pins for that.');
	const facing = medium === 'machine' ? 'Facing the purl side: ' : 'Facing the knit side: ';
	return good(
		facing +
			way.moves
				.map((move, i) => tellBed(move, frames.value[i], medium).sentence)
				.map((sentence, i) => (i === 0 ? sentence[0].toLowerCase() + sentence.slice(1) : sentence))
				.join(' ')
	);
}

type Noun = 'unit' | 'pair' | 'stitch';

function phrase(move: Move, noun: Noun, { hand, terms }: Words): string {
	const many = (count: number) => {
		const units = noun === 'pair' && count % 2 === 0 ? count / 2 : count;
		const word = noun === 'pair' && count % 2 === 1 ? 'stitch' : noun;
		return `${units} ${word}${units === 1 ? '' : word === 'stitch' ? 'es' : 's'}`;
	};
	const needle = (cable: string) => (cable === 'cable1' ? 'cn' : 'second cn');
	const source = hand === 'left' ? 'the needle you work from' : 'the left needle';
	switch (move.do) {
		case 'slip':
			if (move.to === 'left') return `slip ${many(move.count)} back to ${source}`;
			if (move.to === 'right') return `slip next ${many(move.count)} to the other needle`;
			return `slip next ${many(move.count)} to ${needle(move.to)} and hold ${terms === 'us' ? 'in' : 'at'} ${move.hold}`;
		case 'return':
			return `slip the ${(move.end === 'near') === (hand === 'right') ? 'rightmost' : 'leftmost'} ${many(move.count)} from ${needle(move.from)} back to ${source}`;
		case 'hold':
			return `bring ${needle(move.needle)} to ${move.at}`;
		case 'work':
			return `${worked(move.stitches)}${move.from === 'left' ? '' : ` from ${needle(move.from)}`}`;
		default:
			throw new Error(`no words for “${move.do}” in a script with cable needles`);
	}
}

/** `(brk1, slyo1) twice`: words that alternate are told once. */
function worked(words: readonly WorkWord[]): string {
	const [first, second] = words;
	const alternating = words.length > 2 && first !== second && words.every((word, i) => word === words[i % 2]);
	if (!alternating) return runsOf(words);
	const times = Math.floor(words.length / 2);
	const often = times === 1 ? '' : times === 2 ? ' twice' : ` ${times} times`;
	return `(${first}1, ${second}1)${often}${words.length % 2 ? `, ${first}1` : ''}`;
}

function runsOf(words: readonly WorkWord[]): string {
	const said: string[] = [];
	for (let i = 0; i < words.length;) {
		let end = i;
		while (words[end] === words[i]) end++;
		said.push(`${words[i]}${end - i}`);
		i = end;
	}
	return said.join(', ');
}
