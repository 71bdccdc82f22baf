/** What picks stitches out, as a sign of the shorthand, and the number that was said with it. */
export interface Pick {
	readonly sign:
		| '#'
		| '^'
		| '$'
		| '>'
		| '%'
		| '~'
		| '@F'
		| '@B'
		| '@H'
		| '@M'
		| '@O'
		| '@E'
		| '@P'
		| '@K'
		| '@R'
		| '@L'
		| '@A'
		| '@S'
		| '@T'
		| '@W';
	readonly numbers: readonly number[];
}
export type Place = 'front' | 'back';

/** What a clause says of a crossing, before anybody asks whether it is so. */
export type Said =
	| { readonly kind: 'hold'; readonly parts: readonly { readonly at: Place; readonly pick: Pick | null }[] }
	| { readonly kind: 'count'; readonly count: number; readonly where: 'needle' | 'all' }
	| { readonly kind: 'in-front' | 'behind'; readonly subject: Pick | null; readonly object: Pick | null }
	| { readonly kind: 'first'; readonly pick: Pick | null; readonly last: boolean }
	| { readonly kind: 'order'; readonly order: readonly number[] }
	| { readonly kind: 'order'; readonly stays: Pick }
	| { readonly kind: 'order'; readonly from: number; readonly becomes: number }
	| { readonly kind: 'face'; readonly face: 'k' | 'p'; readonly pick: Pick }
	| { readonly kind: 'lean'; readonly lean: 'right' | 'left' }
	| { readonly kind: 'spacing' }
	| { readonly kind: 'same'; readonly how: 'alike' | 'mirrored' | 'different' | 'one-lean' | 'two-leans' };

/** What was said, whether it was denied, and the stitches that a later “they” may mean. */
export interface SaidClause {
	readonly said: Said;
	readonly denied: boolean;
	readonly spokenOf: Pick | null;
}

const PICK = /(?:#[\d,]+|[$^>%~]\d+|@[FBHMOEPKRLASTW]\d*)/;
const PICKS = new RegExp(PICK.source, 'g');

/** A sign of the shorthand as a value. */
export function pickOf(sign: string): Pick {
	const head = sign.startsWith('@') ? sign.slice(0, 2) : sign[0];
	const numbers = (sign.slice(head.length).match(/\d+/g) ?? []).map(Number);
	return { sign: head as Pick['sign'], numbers };
}

const CONTRAST =
	/,? ?\b(?:and |but )?(?:not|never|rather than|instead of|as opposed to) (?:FRONT|BACK|BEHIND|OVER|UNDER|right|left)\b(?! [@#^$~])/g;
const NEVER = /\b(?:not|never|no longer|nor|neither|hardly)\b/;
const HOLD =
	/\b(?:hold(?:s|ing)?|held|keep(?:s|ing)?|kept|leav(?:e|es|ing)|left(?= (?:waiting|FRONT|BACK|BEHIND))|slip(?:s|ped|ping)?|put(?:s|ting)?|plac(?:e|es|ed|ing)|park(?:s|ed|ing)?|wait(?:s|ing)?|hang(?:s|ing)?|transfer(?:s|red)?|drop(?:s|ped)?|set)\b/;
const POSITION =
	/\b(?:pass(?:es|ed|ing)?|l(?:ie|ies|ying|ay)|cross(?:es|ed|ing)?|com(?:e|es|ing)|stay(?:s|ing)?|rest(?:s|ing)?|div(?:e|es)|go(?:es|ing)?|run(?:s|ning)?|sit(?:s|ting)?|is|are|be|end(?:s)?|travel(?:s|ling)?|mov(?:e|es|ing)|rid(?:e|es)|slid(?:e|es)|appear(?:s)?|show(?:s)?|bring(?:s|ing)?|carr(?:y|ies)|take(?:s)?|swing(?:s)?|lift(?:s)?|reach(?:es)?|jump(?:s)?|hop(?:s)?|climb(?:s)?|duck(?:s)?|disappear(?:s)?|hide(?:s)?)\b/;
const LEAN =
	/\b(?:lean(?:s|ing|ed)?|slant(?:s|ing|ed)?|travel(?:s|ling|s)?|twist(?:s|ing|ed)?|turn(?:s|ing|ed)?|tilt(?:s|ing)?|point(?:s|ing)?|slop(?:e|es|ing)|spiral(?:s)?|swirl(?:s)?|go(?:es|ing)?|run(?:s|ning)?|mov(?:e|es|ing)|cross(?:es)?|head(?:s)?|veer(?:s)?|climb(?:s)?)\b/;
const WORK = /\b(?:knit(?:s|ted|ting)?|purl(?:s|ed|ing)?|work(?:s|ed|ing)?)\b/;
/** A cross as a thing, where `cross` is no verb. */
const CROSS_THING =
	/\b(?:a|an|the|this|that|each|every|right|left|our|your|next) (?:cross(?:es)?|cables?|twists?)\b/g;
const CROSS_NOUN = '(?:cross|cable|twist|rope|lean|slant|one|crossing|version)';

/** Reads what a clause in shorthand says; `null` where it claims nothing. */
export function saidOf(shorthand: string): SaidClause | null {
	// “At the back, not in front” says the back, once.
	const plain = shorthand.replace(CONTRAST, ' ');
	const denied = NEVER.test(plain);
	const text = plain
		.replace(new RegExp(NEVER.source, 'g'), ' ')
		.replace(/\b(?:do|does|did|will|would|should|must|can|may|might)(?= |$)/g, ' ')
		.replace(/\s+/g, ' ')
		.trim();
	// “With the first pair at the back, …” says under what the rest is said.
	const said = claimIn(text.replace(/^with [^,]*\b(?:FRONT|BACK|BEHIND), (?=\S)/, ''));
	if (!said) return null;
	const picks = (text.match(PICKS) ?? []).map(pickOf);
	// What is held is what later words go by, however it was picked.
	const held =
		said.kind === 'hold' &&
		said.parts.length === 1 &&
		(said.parts[0].pick === null || /^[~>]$/.test(said.parts[0].pick.sign));
	return { said, denied, spokenOf: held ? pickOf('@H') : (picks.at(0) ?? null) };
}

/** Who may do well or badly; what they do says nothing of a cross. */
const PEOPLE =
	/^(?:(?:some|many|most|all|the|our|your|new|often|sometimes) )*(?:learners?|beginners?|people|everyone|everybody|somebody|someone|students?|children|knitters?|he|she|teachers?)\b/;

function claimIn(text: string): Said | null {
	if (PEOPLE.test(text)) return null;
	if (/\b(?:yarn|ball|thread|wool|tail)\b/.test(text) && !/@[A-Z].*\b(?:lie|lies|pass|passes)\b/.test(text))
		return null;
	if (
		/\bevery ~?(?:\d+(?:st|nd|rd|th)?|other|second|third|fourth|sixth|eighth|tenth) (?:rows?|rounds?|rnds?)\b|\bevery \d+ (?:rows?|rounds?)\b|\b\d+ (?:plain )?(?:rows?|rounds?) (?:apart|between)\b/.test(
			text
		)
	)
		return { kind: 'spacing' };
	const same = sameIn(text);
	if (same) return same;
	return (
		orderIn(text) ??
		wholeIn(text) ??
		holdIn(text) ??
		leanIn(text) ??
		positionIn(text) ??
		firstIn(text) ??
		countIn(text) ??
		faceIn(text)
	);
}

function sameIn(text: string): Said | null {
	const leans =
		/\b(?:lean|slant|travel|twist|cross|turn)\w*\b.*?\b(?:(same)|opposite|other|different) (?:ways?|directions?|sides?)\b/.exec(
			text
		);
	if (leans) return { kind: 'same', how: leans[1] ? 'one-lean' : 'two-leans' };
	if (
		/\b(?:mirror images?|mirrors?(?= (?:each|one|§|the other|its))|mirrored|the mirror of|opposites?|opposite ways?|differ(?:s|ent|ently)?|(?:un)like each other|reversed?)\b/.test(
			text
		) &&
		!/\b(?:hand(?:ed)?|learners?)\b/.test(text)
	)
		return /\bopposite (?:end|side)\b/.test(text)
			? null
			: {
					kind: 'same',
					how: /\bno different\b/.test(text)
						? 'alike'
						: /\bdiffer|unlike\b/.test(text)
							? 'different'
							: 'mirrored'
				};
	if (
		/\b(?:alike|identical|the same(?! (?:row|time|needle|way|number|place|side|size|count|again|for|stitch|yarn))|equal|look the same|same (?:cross|cable|thing))\b/.test(
			text
		)
	)
		return { kind: 'same', how: 'alike' };
	return null;
}

function orderIn(text: string): Said | null {
	const stays = new RegExp(
		`(${PICK.source})(?: \\w+){0,2} (?:stays?|remains?|keeps?)(?: \\w+)? (?:put|in (?:its|their|the same) places?|where (?:it|they) (?:is|are|was|were)|(?:its|their) places?)`
	).exec(text);
	if (stays) return { kind: 'order', stays: pickOf(stays[1]) };
	const becomes = /#(\d+) (?:becomes|is now|ends? up as|turns into|takes the place of) #(\d+)(?![,\d])/.exec(
		text
	);
	if (becomes) return { kind: 'order', from: Number(becomes[1]), becomes: Number(becomes[2]) };
	const lists = [...text.matchAll(/#([\d,]+)/g)].map(([, list]) => list.split(',').map(Number));
	const last = lists.at(-1);
	if (
		last &&
		last.length >= 2 &&
		/\b(?:order|sequence|becom(?:e|es)|reads?|now|end up|rearranged?|stands?|come (?:off|up|out))\b/.test(
			text
		) &&
		!/\bfirst\b/.test(text)
	)
		return { kind: 'order', order: last };
	return null;
}

/** Where stitches wait: each place that is said, with what is said to wait there. */
function holdIn(text: string): Said | null {
	// A needle that goes somewhere is held there.
	const needle = /^(?:the |your )?NEEDLE\b|\b(?:bring|swing|move)s? (?:the |your )?NEEDLE\b/.test(text);
	const verb = HOLD.exec(text) ?? (needle ? POSITION.exec(text) : null);
	if (!verb) return null;
	// A pick stands before what another verb says of it: “what waits in front lies over the rest”.
	const other = /\b(?:pass(?:es)?|lie|lies|cross|crosses|come|comes|go|goes|lean|leans|slants?|ends?)\b/.exec(
		text.replace(CROSS_THING, (thing) => 'x'.repeat(thing.length))
	);
	if (!needle && other && (other.index < verb.index || /^(?:pass|lie|lean|slant|cross|end)/.test(other[0])))
		return null;
	const rest = text.slice(verb.index);
	// “The last three slip underneath”: where they go, not where they wait.
	if (/^slip\w* (?:UNDER|OVER|BEHIND)\b/.test(rest)) return null;
	const places = [...text.matchAll(/\b(?:FRONT|BACK|BEHIND|UNDER)\b/g)].filter(
		({ index }) => index > verb.index
	);
	const before = [...text.slice(0, verb.index).matchAll(PICKS)].at(-1)?.[0];
	if (places.length === 0) {
		const count = /(?:~|@H|\^|>)(\d+)/.exec(rest);
		return count && /\bNEEDLE\b|@H/.test(text) && /^(?:put|plac|slip|hold|held|transfer|park)/.test(verb[0])
			? { kind: 'count', count: Number(count[1]), where: 'needle' }
			: null;
	}
	let from = verb.index;
	const parts = places.map(({ 0: place, index }, i) => {
		const between = text.slice(from, index);
		const picks = (between.match(PICKS) ?? []).filter(
			(sign) => !/^@H$/.test(sign) || !/NEEDLE/.test(between)
		);
		from = index;
		const sign = picks.find((one) => !/^@[OH]$/.test(one)) ?? picks[0] ?? (i === 0 ? before : undefined);
		return {
			at: place === 'FRONT' ? ('front' as const) : ('back' as const),
			pick: sign && sign !== '@H' ? pickOf(sign) : null
		};
	});
	return { kind: 'hold', parts };
}

function leanIn(text: string): Said | null {
	const noun = new RegExp(
		`\\b(?:is|are|be|makes?|making|gives?|get|gets|becomes?|produces?|creates?|called|forms?|means?|works?|have|has|results? in)\\b.*?\\b(right|left)(?:-leaning)?(?: \\w+)? ${CROSS_NOUN}(?:es|s)?\\b`
	).exec(text);
	if (noun) return { kind: 'lean', lean: noun[1] as 'right' };
	const adjective =
		/\b(?:is|are) (right|left)-leaning\b/.exec(text) ??
		/\b(?:means?|gives?|makes?(?: it)?|for|is|=|:) (?:a )?(right|left)$/.exec(text);
	if (adjective) return { kind: 'lean', lean: adjective[1] as 'right' };
	const verb = new RegExp(`(?:${LEAN.source})(?: \\w+){0,2}? (right|left)\\b(?!-hand)`).exec(text);
	if (!verb) return null;
	if (/^(?:turn|go|run|move|head|look|point)\b/.test(text)) return null;
	// People lean back, and hands reach to the right.
	if (
		/^(?:you|we|she|he|i|learners?|everyone|somebody|knitters?)\b/.test(text) &&
		!/^(?:you|we) (?:get|see)\b/.test(text)
	)
		return null;
	return { kind: 'lean', lean: verb[1] as 'right' };
}

function positionIn(text: string): Said | null {
	const verb = POSITION.exec(text) ?? /\b(?:hold|held|keep|leave|slip)\w*\b/.exec(text);
	if (!verb) return null;
	const place = /\b(OVER|UNDER|BEHIND|FRONT|BACK)\b/.exec(text.slice(verb.index));
	if (!place || /\b(?:held|hold|holding)\b/.test(verb[0])) return null;
	const at = verb.index + place.index;
	const before = text.slice(0, at).match(PICKS) ?? [];
	const after = text.slice(at + place[1].length).match(PICKS) ?? [];
	const front = place[1] === 'OVER' || place[1] === 'FRONT';
	return {
		kind: front ? 'in-front' : 'behind',
		subject: before[0] ? pickOf(before[0]) : null,
		object: after[0] ? pickOf(after[0]) : null
	};
}

function firstIn(text: string): Said | null {
	const start = new RegExp(
		`^(?:start|begin)s? (?:with|by (?:knitting|working|purling)) (${PICK.source})`
	).exec(text);
	if (start) return { kind: 'first', pick: pickOf(start[1]), last: false };
	if (!WORK.test(text) && !/\b(?:come|comes|go|goes|is|are)\b/.test(text)) return null;
	const picks = [...text.matchAll(PICKS)];
	// “The last two from the needle” picks, and says nothing of time.
	const time = /(?<!\bthe )\b(first|last)\b|\bthe (?:first|last)$/.exec(text);
	const sooner = /\bbefore\b/.exec(text);
	if (time && picks.length > 0) {
		// “First knit 3 and 4, then …”: what is worked next to the word.
		const said = time[0] === 'first' || time[0] === 'last' ? time[0] : 'first';
		const behind = picks.find(({ index }) => index > time.index);
		const ahead = picks.findLast(({ index }) => index < time.index);
		const pick = time.index === 0 || !ahead ? behind : ahead;
		return pick ? { kind: 'first', pick: pickOf(pick[0]), last: said === 'last' } : null;
	}
	if (sooner && picks.length > 0) return { kind: 'first', pick: pickOf(picks[0][0]), last: false };
	return null;
}

/** How many stitches a cross is worked over. */
function wholeIn(text: string): Said | null {
	const worked =
		/\b(?:worked|made|knitted|done) (?:OVER|on|with|across) ~(\d+)|\bspans? ~(\d+)|\b(\d+)-stitch (?:cross|cable|twist|rope)/.exec(
			text
		);
	return worked ? { kind: 'count', count: Number(worked[1] ?? worked[2] ?? worked[3]), where: 'all' } : null;
}

function countIn(text: string): Said | null {
	const onNeedle =
		/\b(?:needs?|puts?|has|have|there (?:is|are)|takes?|carries|holds?|goes|with)\b[^@]*@H(\d+)/.exec(text);
	if (onNeedle) return { kind: 'count', count: Number(onNeedle[1]), where: 'needle' };
	const needle = /~(\d+).*\bNEEDLE\b|\bNEEDLE\b.*\b(?:has|holds?|takes?|carries)\b.*~(\d+)/.exec(text);
	if (needle && /\b(?:put|place|slip|hold|transfer|has|holds?|takes?|goes?|sits?|wait|are|is)\b/.test(text))
		return { kind: 'count', count: Number(needle[1] ?? needle[2]), where: 'needle' };
	const all =
		/\b(?:has|have|takes?|uses?|needs?|involves?|is worked (?:OVER|on|with)|worked (?:OVER|on)|spans?|is made (?:of|OVER|on|with)|is|covers?|there are|counts?|crosses)\b[^~]*?~(\d+)(?: in all| altogether| wide| stitches)?(?: of them)?(?: in (?:this|the|that|each) (?:cable|cross|twist|rope))?$/.exec(
			text
		);
	return all && !/\bNEEDLE|OVER ~\d+ ?$/.test(text)
		? { kind: 'count', count: Number(all[1]), where: 'all' }
		: null;
}

function faceIn(text: string): Said | null {
	const passive = new RegExp(
		`(${PICK.source}).*?\\b(?:is|are|be|gets?|show(?:s)?(?: up)?(?: as)?|appears?(?: as)?)\\b(?: all| both| always)?(?: a)? (knit|purl)(?:ted|led|ed|s)?\\b`
	).exec(text);
	const active = new RegExp(`\\b(knit|purl)(?:s|ting|ing)? (?:.*? )??(${PICK.source})`).exec(text);
	const [face, sign] = passive ? [passive[2], passive[1]] : active ? [active[1], active[2]] : [];
	if (!face || !sign || /^[~>]/.test(sign)) return null;
	return { kind: 'face', face: face === 'knit' ? 'k' : 'p', pick: pickOf(sign) };
}
