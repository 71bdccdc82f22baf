import type { Voice } from '../hands/voice';

type Terms = Voice['terms'];

/** Words of the craft that differ between the shores, in the order they are looked for: longer ones first. */
const PAIRS: readonly (readonly [us: string, uk: string])[] = [
	['bind off', 'cast off'],
	['binding off', 'casting off'],
	['bound off', 'cast off'],
	['reverse stockinette', 'reverse stocking stitch'],
	['stockinette', 'stocking stitch'],
	['seed stitch', 'moss stitch'],
	['gauge', 'tension'],
	['hold in back', 'hold at back'],
	['hold in front', 'hold at front'],
	['worsted', 'aran'],
	['gray', 'grey'],
	['color', 'colour']
];

/** Words that also mean something else on the other shore, so nobody can tell whose they are. */
const EITHER = new Set(['tension', 'moss stitch']);

/** A text in the words of one shore; nothing else in it changes, and capitals stay. */
export function wordsInTerms(text: string, terms: Terms): string {
	return PAIRS.reduce((so, [us, uk]) => {
		const [from, to] = terms === 'us' ? [uk, us] : [us, uk];
		return EITHER.has(from) ? so : so.replace(wordOf(from), (said) => likeCase(said, to));
	}, text);
}

/** Words of the other shore in a text, as they are written there. */
export function strangeWords(text: string, terms: Terms): string[] {
	const found = PAIRS.flatMap(([us, uk]) => {
		const strange = terms === 'us' ? uk : us;
		return EITHER.has(strange) ? [] : (text.match(wordOf(strange)) ?? []);
	});
	return [...new Set(found.map((word) => word.toLowerCase()))];
}

const wordOf = (word: string): RegExp => new RegExp(`\\b${word}\\b`, 'gi');

const likeCase = (said: string, to: string): string =>
	said[0] === said[0].toUpperCase() ? to[0].toUpperCase() + to.slice(1) : to;
