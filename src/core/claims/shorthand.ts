import { NUMBER_WORDS } from '../naming/numbers';

/** A stretch of text that is one name of a crossing, and which of those spoken of it is. */
export interface NamedAt {
	readonly from: number;
	readonly to: number;
	readonly which: number;
}

const DIGITS: readonly (readonly [RegExp, string])[] = NUMBER_WORDS.map((word, n) => [
	new RegExp(`\\b${word}\\b`, 'g'),
	String(n)
]);

const ORDINALS = ['first', 'second', 'third', 'fourth', 'fifth', 'sixth', 'seventh', 'eighth'];
const ORDINAL = `(?:${ORDINALS.join('|')}|\\d+(?:st|nd|rd|th))`;
const ordinalOf = (word: string): number => {
	const at = ORDINALS.indexOf(word);
	return at < 0 ? parseInt(word, 10) : at + 1;
};

/** Words of one meaning, by the one that the grammar knows; the longer ones first. */
const SAME_WORDS: readonly (readonly [RegExp, string])[] = [
	[/[’‘]/g, "'"],
	[/\b(?:can't|cannot)\b/g, 'can not'],
	[/\bwon't\b/g, 'will not'],
	[/n't\b/g, ' not'],
	[/\b(it|that|this|there)'s\b/g, '$1 is'],
	[/\b(they|you|we)'re\b/g, '$1 are'],
	[/\b(it|they|you|we)'ll\b/g, '$1 will'],
	[/\b(?:sts|loops)\b/g, 'stitches'],
	[/\bst\b\.?/g, 'stitch'],
	[/\b(?:cable[- ]needles?|cable hook|cn|spare needle|holder|little needle|short needle|hook)\b/g, 'NEEDLE'],
	[/\b(right|left) hand\b/g, '$1-hand'],
	[/\bright[- ]leaning\b|\bright[- ]slanting\b/g, 'right-leaning'],
	[/\bleft[- ]leaning\b|\bleft[- ]slanting\b/g, 'left-leaning'],
	[/\b(?:to|toward|towards) the (right|left)\b/g, '$1'],
	[/\b(?:rightwards?)\b/g, 'right'],
	[/\b(?:leftwards?)\b/g, 'left']
];

/** Places, where a hold or a strand can be. */
const PLACES: readonly (readonly [RegExp, string])[] = [
	[/\bforwards? (?:and )?(?=over\b|across\b|in front of\b|on top\b)/g, ''],
	[
		/\b(?:in|to|at) (?:the )?front of (?:the |your |my )?(?:work|needles?|knitting|fabric|left needle|right needle)\b/g,
		'FRONT'
	],
	[
		/\b(?:(?:in|to|at|on|from) (?:the )?back of|behind) (?:the |your |my )?(?:work|needles?|knitting|fabric|left needle|right needle)\b/g,
		'BACK'
	],
	[
		/\b(?:over the top of|on top of|across the front of|in front of|over the front of|across|over|above|atop)\b/g,
		'OVER'
	],
	[/\b(?:(?:at|to|in) the back of|underneath|beneath|under|below)\b/g, 'UNDER'],
	[
		/\b(?:in|to|at|on|towards?) (?:the |your )?front\b|\btowards? (?:you|me|us)\b|\bto the fore\b|\bon top\b|\buppermost\b/g,
		'FRONT'
	],
	[/\b(?:in|to|at|on|towards?) (?:the |your )?(?:back|rear)\b|\baway from (?:you|me|us)\b/g, 'BACK'],
	[/\bforwards?\b/g, 'FRONT'],
	[/\bbackwards?\b/g, 'BACK'],
	[/\bbehind\b/g, 'BEHIND']
];

const NOUN = '(?:stitch(?:es)?|ones?|group|strands?|set|pair|half|side|legs?)';
const WHICH = '(?:that|which|who)';
const MOVES =
	'(?:pass(?:es)?|lies?|lie|go(?:es)?|come(?:s)?|cross(?:es)?|are|is|sits?|runs?|travels?|ends? up|stays?|show(?:s)?|will be|end)';

/** Words that pick stitches out, as signs: what they pick is worked out by the facts. */
const PICKS: readonly (readonly [RegExp, string | ((...found: string[]) => string)])[] = [
	// `#3,4` positions
	[/^(\d+) ?: ?/g, '#$1 '],
	[
		new RegExp(
			`(?:\\b(?:the )?(?:stitch(?:es)?|numbers?|positions?|nos?\\.?) )?(?<![#,\\d~^$])\\b(\\d+) ?(?:to|through|-|–) ?(\\d+)\\b(?! ?(?:rows?|times))`,
			'g'
		),
		(_, a, b) => (Number(a) < Number(b) && Number(b) <= 24 ? rangeOf(Number(a), Number(b)) : _)
	],
	[
		/(?:\b(?:the )?(?:stitch(?:es)?|numbers?|positions?|nos?\.?) )?\b(\d+(?:(?: ?, ?(?:and )?| and | ?& ?| )\d+)+)\b(?! ?(?:rows?|times|stitch|OVER))/g,
		(whole, list) => {
			const numbers = list.match(/\d+/g)!.map(Number);
			return new Set(numbers).size === numbers.length ? `#${numbers.join(',')}` : whole;
		}
	],
	[/\b(?:the )?(?:stitch|number|position|no\.?) (\d+)\b/g, '#$1'],
	[
		new RegExp(`\\b(?:the )?(${ORDINAL}) and (?:the )?(${ORDINAL})(?: ${NOUN})?\\b`, 'g'),
		(_, a, b) => `#${ordinalOf(a)},${ordinalOf(b)}`
	],
	// what relative clauses pick
	[
		new RegExp(
			`\\b(?:the |those |these )?(?:~?\\d+ )?(?:${NOUN} )?(?:~?\\d+ )?${WHICH} (?:will )?${MOVES} (?:BEHIND|UNDER|BACK)\\b`,
			'g'
		),
		'@B'
	],
	[
		new RegExp(
			`\\b(?:the |those |these )?(?:~?\\d+ )?(?:${NOUN} )?(?:~?\\d+ )?${WHICH} (?:will )?${MOVES} (?:FRONT|OVER)\\b`,
			'g'
		),
		'@F'
	],
	[
		new RegExp(
			`\\b(?:the |those |these |all )?(?:~?\\d+ )?(?:(?:${NOUN} )?${WHICH} (?:(?:are|is|were|was|get|gets|you|we|have|had|been|are being) )*|(?:${NOUN}|the \\d+) (?:you|we) (?:have )?)(?:held|hold|holds|holding|slipped|slip|waiting|waits?|parked|put aside)\\b(?: first)?(?: (?:on|onto|to) (?:the |a )?NEEDLE)?(?: (?:FRONT|BACK|BEHIND))?(?: on the NEEDLE)?`,
			'g'
		),
		'@H'
	],
	[
		/\bwhat(?:ever)? (?:is |was |you )?(?:held|hold|slipped|slip|waits?|waiting)\b(?: on the NEEDLE)?(?: (?:FRONT|BACK|BEHIND))?(?= \w)/g,
		'@H'
	],
	[
		new RegExp(
			`\\b(?:(?:the |those |these |your |both )(\\d+ )?(?:held|waiting|slipped|parked)(?: (\\d+))?(?: ${NOUN})?|(\\d+ )?(?:held|waiting) (?:(\\d+)|${NOUN})|(?:the |those |these )(?:(\\d+) )?(?:${NOUN} )?(?:held|waiting)(?= (?:FRONT|BACK|BEHIND|on)\\b))((?: on the NEEDLE)?(?: FRONT| BACK| BEHIND)(?= (?:is|are|lies?|pass|passes|cross|crosses|goes|go|come|comes|end|ends|will|travels?|lean|leans)\\b))?`,
			'g'
		),
		(_, a = '', b = '', c = '', d = '', e = '') => `@H${(a || b || c || d || e).trim()}`
	],
	[
		new RegExp(
			`\\b(?:the |those |these )?(\\d+ )?(?:${NOUN} )?(?:still |left )?(?:on|from) (?:the |your )?left(?:-hand)? needle\\b`,
			'g'
		),
		(_, a = '') => `@W${a.trim()}`
	],
	[
		new RegExp(
			`\\b(?:the |those |these )?(\\d+ )?(?:${NOUN} )?(?:held |waiting |slipped )?(?:on|from|off) (?:the |your )?NEEDLE\\b`,
			'g'
		),
		(_, a = '') => `@H${a.trim()}`
	],
	// `^2` the first so many, `$2` the last so many
	[new RegExp(`\\b(?:the )?first (\\d+)(?: ${NOUN})?\\b`, 'g'), '^$1'],
	[new RegExp(`\\b(?:the )?last (\\d+)(?: ${NOUN})?\\b`, 'g'), '$$$1'],
	[new RegExp(`\\b(?:the )?next (\\d+)(?: ${NOUN})?\\b`, 'g'), '>$1'],
	[new RegExp(`\\bthe last (?:stitch|one)\\b`, 'g'), '$$1'],
	[/\bthe next (?:stitch|one)\b/g, '>1'],
	[
		new RegExp(`\\b(?:the )?(first|second|third) (?:group|set|half|strand|pair)\\b`, 'g'),
		(_, which) => `%${ordinalOf(which)}`
	],
	[/\b(?:the )?last (?:group|set|half|strand|pair)\b/g, '%9'],
	[new RegExp(`\\b(?:the )?(${ORDINAL}) (?:stitch|one)\\b`, 'g'), (_, which) => `#${ordinalOf(which)}`],
	[
		new RegExp(
			`\\bthe (${ORDINALS.slice(1).join('|')})\\b(?! (?:time|row|round|step|way|lesson|cross))`,
			'g'
		),
		(_, which) => `#${ordinalOf(which)}`
	],
	[/\bthe first(?= (?:in front|behind|on|lies|passes|goes|OVER|UNDER|FRONT|BACK|BEHIND|is)\b|$)/g, '#1'],
	[/(?<=\b(?:OVER|UNDER|BEHIND) )(?:the )?first\b/g, '#1'],
	[new RegExp(`\\b(?:the )?(?:centre|center|middle)(?: (\\d+))?(?: ${NOUN})?\\b`, 'g'), '@M'],
	[
		/\bat least (?:1|a single) (?:other )?(?:one|stitch)?\b|\b(?:an)?other one\b|\banother(?: stitch)?\b/g,
		'@E'
	],
	[
		new RegExp(`\\b(?:the |those )?(\\d+ )?other (?:(\\d+)|${NOUN})(?: ${NOUN})?\\b`, 'g'),
		(_, a = '', b = '') => `@O${(a || b || '').trim()}`
	],
	[
		/\b(?:the )?(?:others|rest|remaining (?:\d+|stitch(?:es)?|ones?))(?: of the stitches)?\b|\bthe other\b/g,
		'@O'
	],
	[
		new RegExp(`\\b(?:the )?(front|top|upper)[ -]?(\\d+)?(?: ?${NOUN}| rope)\\b`, 'g'),
		(_, _w, n = '') => `@F${n}`
	],
	[
		new RegExp(`\\b(?:the )?(back|under|lower|hidden)[ -]?(\\d+)?(?: ?${NOUN})\\b`, 'g'),
		(_, _w, n = '') => `@B${n}`
	],
	[/\b(?:the )?front (\d+)\b/g, '@F$1'],
	[/\b(?:the )?back (\d+)\b/g, '@B$1'],
	[
		new RegExp(
			`\\b(?:the|all(?: the)?|every|each|any|those|a) (?:\\d+ )?purl(?:ed)? (?:${NOUN})\\b|\\bthe purls?\\b(?! stitch)`,
			'g'
		),
		'@P'
	],
	[
		new RegExp(
			`\\b(?:the|all(?: the)?|every|each|any|those|a) (?:\\d+ )?knit(?:ted)? (?:${NOUN})\\b|\\bthe knits\\b`,
			'g'
		),
		'@K'
	],
	[
		new RegExp(
			`\\b(?:the )?right(?:-hand|most)?(?: (\\d+))? ${NOUN}\\b|\\b(?:the )?right(?:-hand)? (\\d+)\\b`,
			'g'
		),
		(_, a = '', b = '') => `@R${a || b || ''}`
	],
	[
		new RegExp(
			`\\b(?:the )?left(?:-hand|most)?(?: (\\d+))? ${NOUN}\\b|\\b(?:the )?left(?:-hand)? (\\d+)\\b`,
			'g'
		),
		(_, a = '', b = '') => `@L${a || b || ''}`
	],
	[/\b(?:the )?(\d+) nearest the tip\b/g, '^$1'],
	[new RegExp(`\\b(?:the )?NEEDLE ${NOUN}\\b`, 'g'), '@H'],
	[
		/\b(?:the )?whole (?:cable|rope|cross|thing)\b|\bboth (?:strands|groups|halves|sets|stitches)\b|\bthe entire (?:cable|rope|cross)\b/g,
		'@A'
	],
	[/\bnothing\b/g, 'not @A'],
	[/\b(?:the )?(?:single|lone) (?:stitch|1)\b/g, '@S'],
	[/\b(?:the )?(?:knit )?pair(?: of (?:knit )?stitches)?\b/g, '@T'],
	[
		/\b(?:all (?:of )?(?:the |its |these )?(?:(\d+) )?stitches|every stitch|each stitch|all (?:of )?(?:them|it)|everything|no stitch(?:es)?)\b/g,
		(whole) => (whole.startsWith('no') ? 'not @A' : '@A')
	],
	[
		new RegExp(
			`\\b(?<!\\b(?:hold|holds|held|holding|keep|keeps|kept|leave|leaves|slip|slipped|put|place|pass|bring|cross|carry|move)\\b.*)(?:the |those |these )(?:(\\d+)(?: ${NOUN})?|${NOUN}) (BEHIND|BACK|UNDER|FRONT)(?= (?:is|are|lies?|pass|passes|cross|goes|go|come|will|first|last|OVER|UNDER|stays?|gets?|shows?|leans?|$)|$)`,
			'g'
		),
		(_, n = '', place) => `@${place === 'FRONT' ? 'F' : 'B'}${n}`
	],
	[/\b(?:OVER|BEHIND|UNDER) (?:it|them)\b/g, (whole) => whole.replace(/ (?:it|them)/, ' @O')],
	[
		new RegExp(
			`(?<![#,\\d~^$>%@A-Z])\\b(?:the |those |these |your )?(\\d+)(?: of (?:them|the stitches))?(?: (?:live )?${NOUN})?\\b(?! ?(?:rows?|times|minutes|repeats?|needles?|ways?|cm|mm))`,
			'g'
		),
		'~$1'
	]
];

const rangeOf = (from: number, to: number): string =>
	`#${Array.from({ length: to - from + 1 }, (_, i) => from + i).join(',')}`;

/**
 * A clause in the signs of a small grammar: names as `§0`, places as `FRONT` `BACK` `OVER` `UNDER` `BEHIND`, and what picks
 * stitches out as `#3,4` (positions), `^2` `$2` `>2` (the first, last, next so many), `%1` (a group), `~2` (so many),
 * `@F` `@B` `@H` `@W` `@M` `@O` `@E` `@P` `@K` `@R` `@L` `@A` `@S` `@T` (in front, behind, held, not held, in the middle, the
 * others, at least one other, purls, knits, at the right or left, all, the single one, the pair); a digit behind a sign is the number that was said with it.
 */
export function shorthandOf(text: string, from: number, to: number, names: readonly NamedAt[]): string {
	let said = '';
	let at = from;
	for (const name of names.filter((one) => one.from >= from && one.to <= to)) {
		said += `${text.slice(at, name.from).toLowerCase()}§${'abcdefghijklmnopqrstuvwxyz'[name.which] ?? 'z'}`;
		at = name.to;
	}
	said = `${said}${text.slice(at, to).toLowerCase()}`;
	for (const [word, digit] of DIGITS)
		if (said.includes(NUMBER_WORDS[Number(digit)])) said = said.replace(word, digit);
	for (const [words, one] of [...SAME_WORDS, ...PLACES]) said = said.replace(words, one);
	said = said
		.replace(/[“”"()[\]*_`!.?]/g, ' ')
		.replace(/\s+/g, ' ')
		.trim();
	for (const [words, sign] of PICKS)
		said = typeof sign === 'string' ? said.replace(words, sign) : said.replace(words, sign as never);
	return said.replace(/\s+/g, ' ').trim();
}
