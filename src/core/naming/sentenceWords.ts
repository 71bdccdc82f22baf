import { ORDINAL_WORDS } from '../english';
import { numberOf } from './numbers';
import { tokens, type Token } from './tokens';

/** What the words of a definition are called here, whatever they were written as. */
const ONE_WORD: Readonly<Record<string, string>> = {
	knit: 'k',
	knitting: 'k',
	purl: 'p',
	purling: 'p',
	stitch: 'st',
	stitches: 'sts',
	miss: 'skip',
	missed: 'skipped',
	together: 'tog',
	sl: 'slip',
	slipping: 'slip',
	lhn: 'LEFT',
	rhn: 'RIGHT',
	dpn: 'cn',
	dp: 'cn',
	rear: 'back',
	leaving: 'leave',
	letting: 'let',
	dropping: 'drop'
};

/** Several words that are one: the longest comes first. */
const SEVERAL: readonly (readonly [string, string])[] = [
	['double - pointed needle', 'cn'],
	['double pointed needle', 'cn'],
	['st holder', 'cn'],
	['spare needle', 'cn'],
	['extra needle', 'cn'],
	['auxiliary needle', 'cn'],
	['cable needle', 'cn'],
	['cable pin', 'cn'],
	['cn needle', 'cn'],
	['spare cn', 'cn'],
	['needle you work from', 'LEFT'],
	['left - hand needle', 'LEFT'],
	['left hand needle', 'LEFT'],
	['lh needle', 'LEFT'],
	['left needle', 'LEFT'],
	['right - hand needle', 'RIGHT'],
	['right hand needle', 'RIGHT'],
	['rh needle', 'RIGHT'],
	['right needle', 'RIGHT'],
	['through the back loop', 'tbl'],
	['through the back loops', 'tbl'],
	['through back loop', 'tbl'],
	['through back loops', 'tbl'],
	['through the back', 'tbl'],
	['- tbl', 'tbl'],
	['with yarn in back', 'wyib'],
	['with yarn at back', 'wyib'],
	['with yarn in front', 'wyif'],
	['with yarn at front', 'wyif'],
	['on to', 'onto']
];

/** They move nothing: what is said beside the work. */
const GLOSSES: readonly string[] = ['one at a time', '( cn )', 'slipped', 'as if to purl'];

/** Abbreviations whose full stop ends no phrase. */
const SHORT = new Set(['sl', 'k', 'p', 'st', 'sts', 'tog', 'cn', 'slip', 'n']);

/**
 * The words of a definition in one spelling each, with the places they were written at: `knit` and `k.` are `k`, every
 * needle beside the two that knit is `cn`, `2nd` is `second`, and what moves nothing is left out.
 */
export function sentenceWords(text: string, from: number): Token[] {
	let words = tokens(text).map(({ text: word, at }) => ({ text: word, at: at + from }));
	words = words.flatMap((word, i) => ordinalAt(words, i) ?? (isOrdinalEnd(words, i) ? [] : [word]));
	words = joined(words, 'c . n', 'cn').map((word) => ({ ...word, text: ONE_WORD[word.text] ?? word.text }));
	words = words.filter(({ text: word }, i) => word !== '.' || !SHORT.has(words[i - 1]?.text ?? ''));
	for (const [written, word] of SEVERAL) words = joined(words, written, word);
	for (const gloss of GLOSSES) words = joined(words, gloss, null);
	return words;
}

/** `2nd`, written in one: a place, not a count. */
function ordinalAt(words: readonly Token[], i: number): Token[] | null {
	const { text, at } = words[i];
	const ending = words[i + 1];
	if (!/^\d/.test(text) || !ending || !/^(?:st|nd|rd|th)$/.test(ending.text)) return null;
	if (ending.at !== at + text.length) return null;
	const word = ORDINAL_WORDS[(numberOf(text) ?? 0) - 1];
	return word ? [{ text: word, at }] : null;
}

const isOrdinalEnd = (words: readonly Token[], i: number): boolean =>
	i > 0 && ordinalAt(words, i - 1) !== null;

/** Words with every run of some words as one, or, with `null`, without it. */
function joined(words: readonly Token[], written: string, as: string | null): Token[] {
	const run = written.split(' ');
	if (!words.some(({ text }) => text === run[0])) return [...words];
	const left: Token[] = [];
	for (let i = 0; i < words.length;) {
		if (run.every((word, j) => words[i + j]?.text === word)) {
			if (as !== null) left.push({ text: as, at: words[i].at });
			i += run.length;
		} else left.push(words[i++]);
	}
	return left;
}
