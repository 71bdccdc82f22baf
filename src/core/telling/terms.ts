import type { Voice } from '../hands/voice';

type Terms = Voice['terms'];

/** Words that differ between US and UK patterns, in the order they are looked for: longer ones first. */
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

/** Words that also mean something else in the other words, so nobody can tell whose they are. */
const EITHER = new Set(['tension', 'moss stitch']);

/** What is said otherwise in the other words, found as whole words, and what it is called in these. */
const saidOtherwise = (terms: Terms) =>
	PAIRS.map(([us, uk]) => (terms === 'us' ? { here: us, there: uk } : { here: uk, there: us }))
		.filter(({ there }) => !EITHER.has(there))
		.map(({ here, there }) => ({ here, there: new RegExp(`\\b${there}\\b`, 'gi') }));
const OTHERWISE = { us: saidOtherwise('us'), uk: saidOtherwise('uk') };

/** A text in US or UK words; nothing else in it changes, and capitals stay. */
export const wordsInTerms = (text: string, terms: Terms): string =>
	OTHERWISE[terms].reduce((so, { here, there }) => so.replace(there, (said) => likeCase(said, here)), text);

/** Words of the other kind in a text, as they are written there. */
export function strangeWords(text: string, terms: Terms): string[] {
	const found = OTHERWISE[terms].flatMap(({ there }) => text.match(there) ?? []);
	return [...new Set(found.map((word) => word.toLowerCase()))];
}

const likeCase = (said: string, to: string): string =>
	said[0] === said[0].toUpperCase() ? to[0].toUpperCase() + to.slice(1) : to;
