import { MOST_IN_GROUP, layered, type Crossing, type WorkWord } from '../crossing/crossing';
import { isTwoGroup } from '../crossing/groups';
import { lean } from '../crossing/lean';
import { fault, good, type Result } from '../result';
import { inWords, numberOf, stitchesInWords } from './numbers';
import type { Reading } from './reading';
import { tokens, type Token } from './tokens';

/**
 * The *over* school: how many stitches pass in front of how many, and the lean you see. It reads `2/2 RC`,
 * `4/4LC`, `1/1 RPC`, `2x1 LC`, `2-over-1 right cross`, `2/1 front cross`, with `tbl` or `twisted`.
 */
export function read(text: string): Result<Reading> {
	const pieces = tokens(text);
	const opening = readTwist(pieces);
	const sizes = readSizes(pieces, opening.rest);
	if (!sizes.ok) return sizes;
	const manner = readManner(pieces, sizes.value.rest, text);
	if (!manner.ok) return manner;
	const { front, behind } = sizes.value;
	for (const size of [front, behind])
		if (size < 1 || size > MOST_IN_GROUP)
			return fault('size', `A group has 1 to ${MOST_IN_GROUP} stitches; this name says ${size}.`);
	if (manner.value.leans.size > 1)
		return fault(
			'conflict',
			'The directions disagree: front and left lean left, back and right lean right. Keep one of them.'
		);
	const [side] = manner.value.leans;
	const purl = manner.value.purl;
	const twisted = manner.value.twisted || opening.twisted;
	return good({
		crossing: overCross({ front, behind, side, purl, twisted }),
		school: 'over',
		because: sentence(front, behind, side, purl)
	});
}

/** The name of a two-group crossing in this school, or `null` when it has none. */
export function write(crossing: Crossing): string | null {
	if (!isTwoGroup(crossing)) return null;
	const side = lean(crossing) === 'right' ? 'right' : 'left';
	const first = crossing.order[crossing.stitches - 1];
	const [front, behind] =
		side === 'right' ? [crossing.stitches - first, first] : [first, crossing.stitches - first];
	for (const purl of [false, true]) {
		for (const twisted of [false, true]) {
			const { work } = overCross({ front, behind, side, purl, twisted });
			if (work.every((word, i) => word === crossing.work[i]))
				return `${front}/${behind} ${side === 'right' ? 'R' : 'L'}${purl ? 'P' : ''}C${twisted ? ' tbl' : ''}`;
		}
	}
	return null;
}

interface OverCross {
	readonly front: number;
	readonly behind: number;
	readonly side: 'right' | 'left';
	/** the stitches that pass behind are purled */
	readonly purl: boolean;
	/** every knit stitch is worked through its back loop */
	readonly twisted: boolean;
}

// Right: the first group waits behind while the rest comes forward. Left: it waits in front.
function overCross({ front, behind, side, purl, twisted }: OverCross): Crossing {
	const held = side === 'right' ? behind : front;
	const stitches = front + behind;
	const order: number[] = [];
	for (let position = held + 1; position <= stitches; position++) order.push(position);
	for (let position = 1; position <= held; position++) order.push(position);
	const passesBehind = (position: number) => position <= held === (side === 'right');
	const depth = Array.from({ length: stitches }, (_, i) => (passesBehind(i + 1) ? 1 : 0));
	const knit: WorkWord = twisted ? 'ktbl' : 'k';
	return layered(order, depth, (position) => (purl && passesBehind(position) ? 'p' : knit));
}

function sentence(front: number, behind: number, side: string, purl: boolean): string {
	const first = stitchesInWords(front);
	const pass = front === 1 ? 'passes' : 'pass';
	const ground = purl ? `, and ${behind === 1 ? 'that one is' : 'those are'} purled` : '';
	return `${first[0].toUpperCase()}${first.slice(1)} ${pass} in front of ${inWords(behind)}, leaning ${side}${ground}.`;
}

const SEPARATORS = new Set(['/', 'x', '×', '-', '–', 'over']);

/** A leading `twisted`, as in `twisted 1/1 LC`. */
function readTwist(pieces: readonly Token[]) {
	const twisted = pieces[0]?.text === 'twisted';
	return { twisted, rest: twisted ? 1 : 0 };
}

/** The two numbers and what stands between them. */
function readSizes(pieces: readonly Token[], start: number) {
	const front = pieces[start] && numberOf(pieces[start].text);
	if (front === undefined)
		return fault(
			'unreadable',
			'A name begins with how many stitches pass over how many, as in “2/2 RC” or “two over one left cross”.',
			pieces[start]?.at ?? 1
		);
	let next = start + 1;
	const separator = pieces[next];
	if (separator?.text === '-' && pieces[next + 1]?.text === 'over') {
		next += pieces[next + 2]?.text === '-' ? 3 : 2;
	} else if (separator && SEPARATORS.has(separator.text)) next += 1;
	const behind = pieces[next] && numberOf(pieces[next].text);
	if (next === start + 1 || behind === undefined)
		return fault(
			'unreadable',
			`After ${front} comes “/”, “x” or “over” and how many stitches lie behind, as in “${front}/2 RC”.`,
			pieces[next]?.at
		);
	return good({ front, behind, rest: next + 1 });
}

type Manner = { leans: Set<'right' | 'left'>; purl: boolean; twisted: boolean };

const MANNERS: Readonly<Record<string, (manner: Manner) => void>> = {
	...lettered('r', 'right'),
	...lettered('b', 'right'),
	...lettered('l', 'left'),
	...lettered('f', 'left'),
	right: (manner) => manner.leans.add('right'),
	back: (manner) => manner.leans.add('right'),
	left: (manner) => manner.leans.add('left'),
	front: (manner) => manner.leans.add('left'),
	purl: (manner) => (manner.purl = true),
	tbl: (manner) => (manner.twisted = true),
	twisted: (manner) => (manner.twisted = true),
	...Object.fromEntries(
		['cross', 'crossing', 'cable', 'twist', 'slanting', 'leaning', 'knit'].map((word) => [word, () => {}])
	)
};

/** `R`, `RC` and `RPC` for one letter of direction. */
function lettered(letter: string, side: 'right' | 'left') {
	const plain = (manner: Manner) => manner.leans.add(side);
	const purled = (manner: Manner) => {
		plain(manner);
		manner.purl = true;
	};
	return {
		[letter]: plain,
		[`${letter}c`]: plain,
		[`${letter}pc`]: purled
	};
}

/** The words after the numbers: direction, purl, twist. */
function readManner(pieces: readonly Token[], start: number, text: string): Result<Manner> {
	const manner: Manner = { leans: new Set(), purl: false, twisted: false };
	for (let i = start; i < pieces.length; i++) {
		const { text: word, at } = pieces[i];
		if (word === '-' && i > start && i < pieces.length - 1) continue;
		const say = Object.hasOwn(MANNERS, word) ? MANNERS[word] : undefined;
		if (!say)
			return fault(
				'unreadable',
				`“${word}” is not understood here. After the numbers comes the lean, as in “RC”, “LPC” or “right cross”.`,
				at
			);
		say(manner);
	}
	if (manner.leans.size === 0)
		return fault(
			'unreadable',
			'The lean is missing: add “RC” or “right cross”, or “LC” or “left cross”.',
			text.length + 1
		);
	return good(manner);
}
