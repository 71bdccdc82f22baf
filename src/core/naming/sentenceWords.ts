import { ORDINAL_WORDS } from '../english';
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

/** What is one once those are: with `null`, what moves nothing and is said beside the work. */
const THEN: readonly (readonly [string, string | null])[] = [
	['cn needle', 'cn'],
	['spare cn', 'cn'],
	['one at a time', null],
	['( cn )', null],
	['slipped', null],
	['as if to purl', null]
];

/** Abbreviations whose full stop ends no phrase. */
const SHORT = new Set(['sl', 'k', 'p', 'st', 'sts', 'tog', 'cn', 'slip', 'n']);

/** Runs of words by the first of them. */
type Runs = ReadonlyMap<string, readonly { readonly run: readonly string[]; readonly as: string | null }[]>;

function runsOf(table: readonly (readonly [string, string | null])[]): Runs {
	const runs = new Map<string, { run: readonly string[]; as: string | null }[]>();
	for (const [written, as] of table) {
		const run = written.split(' ');
		runs.set(run[0], [...(runs.get(run[0]) ?? []), { run, as }]);
	}
	return runs;
}

const FIRST = runsOf([['c . n', 'cn']]);
const SECOND = runsOf(SEVERAL);
const THIRD = runsOf(THEN);

/**
 * The words of a definition in one spelling each, with the places they were written at: `knit` and `k.` are `k`, every
 * needle beside the two that knit is `cn`, `2nd` is `second`, and what moves nothing is left out.
 */
export function sentenceWords(text: string, from: number): Token[] {
	const said = withOrdinals(tokens(text));
	const short = joined(said, FIRST).map(({ text: word, at }) => ({
		text: ONE_WORD[word] ?? word,
		at: at + from
	}));
	const words = short.filter(({ text: word }, i) => word !== '.' || !SHORT.has(short[i - 1]?.text ?? ''));
	return joined(joined(words, SECOND), THIRD);
}

/** `2nd`, written in one, is a place, not a count. */
function withOrdinals(words: readonly Token[]): Token[] {
	const left: Token[] = [];
	for (let i = 0; i < words.length; i++) {
		const { text, at } = words[i];
		const ending = words[i + 1];
		const isNth =
			/^\d/.test(text) && ending?.at === at + text.length && /^(?:st|nd|rd|th)$/.test(ending.text);
		const word = isNth ? ORDINAL_WORDS[Number(text) - 1] : undefined;
		left.push(word ? { text: word, at } : words[i]);
		if (word) i++;
	}
	return left;
}

/** Words with every run that is known as one. */
function joined(words: readonly Token[], runs: Runs): Token[] {
	const left: Token[] = [];
	for (let i = 0; i < words.length;) {
		const found = runs
			.get(words[i].text)
			?.find(({ run }) => run.every((word, j) => words[i + j]?.text === word));
		if (!found) left.push(words[i++]);
		else {
			if (found.as !== null) left.push({ text: found.as, at: words[i].at });
			i += found.run.length;
		}
	}
	return left;
}
