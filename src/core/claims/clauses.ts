import type { NamedAt } from './shorthand';
import { shorthandOf } from './shorthand';

/** A stretch of a text. */
export interface Stretch {
	readonly from: number;
	readonly to: number;
}

/** A clause, with what it is said to depend on. */
export interface Clause extends Stretch {
	readonly shorthand: string;
	/** how it hangs on the clause before it */
	readonly joined: 'or' | 'then' | null;
	/** conditions that it is said under */
	readonly under: readonly string[];
}

/** What is longer is no clause that anybody says, in characters. */
export const LONGEST_CLAUSE = 400;

/** Sentences of a text, without their questions; line breaks end one, and so do full stops that are no part of a word. */
export function sentencesIn(text: string): Stretch[] {
	const found: Stretch[] = [];
	for (const { 0: sentence, index } of text.matchAll(
		/(?:[^.!?\n]|\.(?=\d)|(?<=\b(?:sts?|nos?|e\.g|i\.e))\.(?= [a-z0-9]))+[.!?]*/gi
	))
		if (!/\?\s*$/.test(sentence) && /\w/.test(sentence))
			found.push({ from: index, to: index + sentence.length });
	return found;
}

const JOINS =
	/\s*[,;:–—]+\s*(?:(?:and then|and|but|so|or else|or|while|whereas|then|yet|because|since|otherwise)\s+)?(?=\S)|\s+(?:and then|and|but|so|or else|or|while|whereas|then|yet|because|since|otherwise)\s+/gi;
const CONDITION =
	/^(?:had (?:you|we|it|they)|with (?:the|your|a|both|it|them) (?:cable needle|cn|NEEDLE|stitches|held stitches|first \w+)|if|when|whenever|once|unless|should|in case|provided(?: that)?|as long as|suppose)\b/;
const INNER_CONDITION = /\s+(?:if|when|whenever|unless|in case|provided(?: that)?)\s+/i;
/** Where what follows from a condition begins without a comma. */
const FOLLOWS =
	/\s+(?=(?:then )?(?:it|the (?:rope|cable|cross|twist|result|stitches)|your (?:rope|cable|cross)|they|you)(?: (?:will|would|may|can))?(?:'ll)? (?:leans?|slants?|travels?|goes|go|cross(?:es)?|twists?|turns?|becomes?|is|are|looks?|lies?|lie|pass(?:es)?|comes?|ends?|get|make|have|see|runs?)\b)/gi;

const VERB =
	/\b(?:hold|holds|holding|held|keeps?|keeping|leaves?|leaving|slips?|slipped|puts?|places?|parks?|waits?|waiting|pass(?:es)?|passing|lies?|crosses|cross|comes?|goes|go|travels?|moves?|leans?|leaning|slants?|knits?|knitted|purls?|purled|works?|worked|becomes?|stays?|remains?|ends?|is|are|be|has|have|takes?|uses?|needs?|mirrors?|looks?|makes?|gives?|gets?|means?|turns?|twists?|swaps?|differs?|differ|runs?|sits?|shows?|reads?|transfer|drop|bring|carry|carries|start|begin|dives?|ducks?|jumps?|hops?|hides?|stands?|swing|spans?|counts?|rests?|points?)\b/;
const NO_VERB =
	/\b(?:a|an|the|this|that|each|every|any|right|left|same|next|purl|plain|§\w|left-leaning|right-leaning) (?:cross(?:es)?|twists?|turns?|work|place|end|rest|look)\b|@[A-Z]\d*|\bcable (?:cross(?:es)?|twists?)\b(?! (?:left|right|FRONT|BACK|OVER|UNDER|BEHIND)\b)/g;
const hasVerb = (shorthand: string): boolean => VERB.test(shorthand.replace(NO_VERB, ' '));

/** What takes up, or puts away, without saying where, which “hold it in front” goes on from. */
const TAKES_UP = /\b(?:slip|slips|put|puts|place|places|transfer|move|moves|take|takes)\b/;
const HOLDS_IT =
	/^(?:then )?(?:hold|holds|holding|keep|keeps|keeping|leave|leaves|let)\b(?: (?:it|them|these|those|that|this|the NEEDLE|@H))?/;
const PLACED = /\b(?:FRONT|BACK|BEHIND)\b/;

/** The clauses of a sentence, each with the conditions it is said under. */
export function clausesIn(text: string, sentence: Stretch, names: readonly NamedAt[]): Clause[] {
	// What goes on for so long is no clause, and is not looked into.
	const short = (one: Stretch) =>
		shorthandOf(text, one.from, Math.min(one.to, one.from + LONGEST_CLAUSE), names);
	const pieces = piecesIn(text, sentence, names);
	const merged: Part[] = [];
	let waiting: number | null = null;
	for (const [i, piece] of pieces.entries()) {
		const last = merged.at(-1);
		const said = short(piece);
		const same = last && waiting === null ? inheriting(short(last), said) : null;
		if (same) {
			merged.push({ ...piece, says: same });
			continue;
		}
		const conditional = last && CONDITION.test(short(last)) && /^(?:and|or)$/.test(piece.join);
		if (conditional) {
			last.to = piece.to;
			continue;
		}
		const goesOn =
			last &&
			waiting === null &&
			!begins(pieces.slice(i), short(last), short) &&
			(!hasVerb(said) ||
				(HOLDS_IT.test(said) && TAKES_UP.test(short(last)) && !PLACED.test(short(last))) ||
				(/then/.test(piece.join) && /\bfirst\b/.test(short(last)) && !PLACED.test(short(last))));
		if (goesOn && !CONDITION.test(said)) last.to = piece.to;
		else if (!hasVerb(said) && !CONDITION.test(said)) waiting ??= piece.from;
		else {
			merged.push({ from: waiting ?? piece.from, to: piece.to, join: piece.join });
			waiting = null;
		}
	}
	return underConditions(merged.flatMap(split(text)), short);
}

/** A stitch alone, of a list that goes on. */
const STITCH = /^(?:(?:stitch|stitches|sts?) )?[~#]\d+(?:,\d+)*$/;

/** “…, and 3 and 4 pass over them”: stitches that a new clause is about, not more of those before them. */
function begins(
	pieces: readonly (Stretch & { readonly join: string })[],
	before: string,
	short: (one: Stretch) => string
): boolean {
	const said = pieces.map(short);
	const [first, second] = pieces;
	// “… 1, 2, and 3 and 4 are in front”: behind such a comma the list before has ended.
	const anew = /^,.*and$/.test(first.join) && second?.join === 'and' && hasVerb(before);
	if (!STITCH.test(said[0]) || (/[~#]\d+(?:,\d+)*$/.test(before) && !anew)) return false;
	const verb = said.find((piece) => !STITCH.test(piece));
	return verb !== undefined && /^[~#]\d/.test(verb) && hasVerb(verb);
}

/** A stretch that is to be a clause. */
interface Part extends Stretch {
	readonly from: number;
	to: number;
	readonly join: string;
	/** its shorthand, where it takes its verb from the clause before it */
	readonly says?: string;
	/** a condition that stands behind what it is for */
	readonly behind?: true;
}

/** “2/2 RC is held at the back, 2/2 LC in front”: another cross, another place, and the verb of the clause before. */
function inheriting(before: string, said: string): string | null {
	const [was, now] = [/§\w/.exec(before)?.[0], /§\w/.exec(said)?.[0]];
	const words = /\b(?:FRONT|BACK|BEHIND|OVER|UNDER|right|left)\b/;
	const [place, other] = [words.exec(before)?.[0], words.exec(said)?.[0]];
	if (hasVerb(said) || !was || !now || was === now || !place || !other) return null;
	return before.replace(was, now).replace(place, other);
}

function piecesIn(text: string, { from, to }: Stretch, names: readonly NamedAt[]) {
	const pieces: { from: number; to: number; join: string }[] = [];
	let begin = from;
	let join = '';
	const add = (end: number) => {
		const body = text.slice(begin, end);
		const lead = body.length - body.trimStart().length;
		if (body.trim() !== '') pieces.push({ from: begin + lead, to: begin + body.trimEnd().length, join });
	};
	for (const { 0: separator, index } of text.slice(from, to).matchAll(JOINS)) {
		const at = from + index;
		if (names.some((name) => at >= name.from && at < name.to)) continue;
		add(at);
		begin = at + separator.length;
		join = separator.trim().toLowerCase();
	}
	add(to);
	return pieces;
}

/** A clause with a condition in it, as two. */
const split =
	(text: string) =>
	(clause: Part): Part[] => {
		const body = text.slice(clause.from, clause.to);
		if (clause.says) return [clause];
		if (CONDITION.test(body.toLowerCase())) {
			const follows = [...body.matchAll(FOLLOWS)].find(
				({ index }) =>
					/^with\b/i.test(body) || VERB.test(body.slice(0, index).toLowerCase().replace(/^\w+ /, ''))
			);
			if (!follows) return [clause];
			const at = clause.from + follows.index;
			return [
				{ ...clause, to: at },
				{ from: at + follows[0].length, to: clause.to, join: '' }
			];
		}
		const inner = INNER_CONDITION.exec(body);
		if (!inner || inner.index === 0) return [clause];
		const at = clause.from + inner.index;
		return [
			{ ...clause, to: at },
			{ from: at + inner[0].length - inner[0].trimStart().length, to: clause.to, join: '', behind: true }
		];
	};

function underConditions(parts: readonly Part[], short: (one: Stretch) => string): Clause[] {
	const clauses: Clause[] = [];
	let under: readonly string[] = [];
	for (const part of parts) {
		const shorthand = (part.says ?? short(part)).replace(LEAD, '');
		if (part.behind) {
			const last = clauses.at(-1);
			if (last) clauses[clauses.length - 1] = { ...last, under: [...last.under, shorthand] };
			continue;
		}
		if (CONDITION.test(shorthand) || (PARTICIPLE.test(shorthand) && part !== parts.at(-1))) {
			under = [...under, shorthand];
			continue;
		}
		const joined = /\bor\b|otherwise/.test(part.join) ? 'or' : /then/.test(part.join) ? 'then' : null;
		clauses.push({ from: part.from, to: part.to, shorthand, joined, under });
	}
	return clauses;
}

/** What leads up to a clause and says nothing of it. */
const LEAD =
	/^(?:(?:remember|note|think|say|say it aloud|look|see|so|and|but|now|then|also|again|here|no|yes|well|please|in other words|in short|mind|rule|tip|hint|this time|next|finally|of course|note that|remember that|see that|this means|that means)\b[ ,:–-]*)+(?=\S)/;

/** “Held in front, it leans left.” */
const PARTICIPLE = /^(?:(?:when )?held|with .* held|with .*(?:FRONT|BACK)) ?.*\b(?:FRONT|BACK|BEHIND)$/;
