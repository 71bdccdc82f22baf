import { faceOf } from '../crossing/work';
import { inWords } from '../naming/numbers';
import type { About, ReadingHands } from './claim';
import { bareClaims, type BareClaim } from './reading';
import { heldIn, holdingsOf, type Facts } from './facts';
import { positions } from './because';

/** What to write instead of a clause. */
interface Rewriting {
	readonly from: number;
	readonly to: number;
	readonly text: string;
}

/** Words that say the opposite of each other: one for the other often is the whole mend. */
const OPPOSITES: readonly (readonly [RegExp, (word: string) => string])[] = [
	[/\bin front of (?=the work\b)/gi, () => 'behind '],
	[/\bbehind (?=the work\b)/gi, () => 'in front of '],
	[/\b(?:in|to) (?:the )?front\b(?! of)/gi, () => 'at the back'],
	[/\b(?:in|at|to) (?:the )?back\b/gi, () => 'in front'],
	[/\bin front of\b/gi, () => 'behind'],
	[/\bbehind\b/gi, () => 'in front'],
	[/\bbehind (?=\w)/gi, () => 'in front of '],
	[/\b(?:over|on top of|across)\b/gi, () => 'under'],
	[/\b(?:underneath|under|beneath)\b/gi, () => 'over'],
	[/\bright\b/gi, () => 'left'],
	[/\bleft\b/gi, () => 'right'],
	[/\bfirst\b/gi, () => 'last'],
	[/\blast\b/gi, () => 'first'],
	[/\bpurl(?=s\b|ed\b|\b)/gi, () => 'knit'],
	[/\bknit(?:t(?=ed))?(?=s\b|ed\b|\b)/gi, () => 'purl'],
	[/\b(?:never|not) /gi, () => ''],
	[/\bthe same\b|\balike\b|\bidentical\b/gi, () => 'mirror images'],
	[/\bmirror (?:images|each other)\b|\bopposites\b/gi, () => 'the same']
];

/** The shortest rewriting of a false clause after which it is true: one word turned about, a number put right, else said anew. */
export function mendOf(
	text: string,
	claim: BareClaim,
	about: readonly About[],
	hands: ReadingHands
): Rewriting | null {
	const clause = text.slice(claim.from, claim.to);
	for (const { from, to, text: insert } of rewritings(clause, claim, hands)) {
		const put = {
			from: claim.from + from,
			to: claim.from + to,
			text: likeBefore(clause.slice(from, to), insert)
		};
		if (isTrue(`${text.slice(0, put.from)}${put.text}${text.slice(put.to)}`, claim, about, hands)) return put;
	}
	return null;
}

/** What may be written instead, the least change first. */
function* rewritings(clause: string, claim: BareClaim, hands: ReadingHands): Generator<Rewriting> {
	yield* turned(clause);
	yield* numbered(clause, claim.facts);
	yield* anew(clause, claim, hands);
}

/** How much of a text before and behind a clause is read again to see whether a mend is one, in characters. */
const READ_AGAIN = 160;

function isTrue(
	text: string,
	{ kind, from, to }: BareClaim,
	about: readonly About[],
	hands: ReadingHands
): boolean {
	const begin = Math.max(0, from - READ_AGAIN);
	const here = text.slice(begin, to + READ_AGAIN);
	const now = bareClaims(here, about, hands).find(
		(one) => one.kind === kind && Math.abs(one.from + begin - from) < 2
	);
	return now?.holds === true;
}

/** A rewriting that begins as what it replaces: large where that is. */
const likeBefore = (was: string, now: string): string =>
	/^[A-Z]/.test(was) && now !== '' ? `${now[0].toUpperCase()}${now.slice(1)}` : now;

function* turned(clause: string): Generator<Rewriting> {
	for (const [words, other] of OPPOSITES)
		for (const { 0: word, index } of clause.matchAll(words)) {
			yield { from: index, to: index + word.length, text: other(word) };
		}
}

/** Numbers put right: positions, how many, the first or the last so many. */
function* numbered(clause: string, facts: Facts | null): Generator<Rewriting> {
	if (!facts) return;
	const { crossing, front, behind } = facts;
	const sets = [
		heldIn(crossing),
		front,
		behind,
		crossing.order.slice(0, front.length),
		crossing.order.slice(0, behind.length)
	].filter(({ length }) => length > 0);
	const lists = /\b(?:stitch(?:es)? |numbers? )?\d+(?:(?: ?, ?(?:and )?| and | ?& ?| )\d+)*\b/gi;
	for (const { 0: list, index } of clause.matchAll(lists)) {
		const place = { from: index, to: index + list.length };
		if (list.match(/\d+/g)!.length > 2) yield { ...place, text: crossing.order.join(' ') };
		for (const set of sets) yield { ...place, text: positions(set) };
	}
	for (const { 0: picked, index } of clause.matchAll(/\b(?:first|last) (?=\w+)/gi))
		for (const count of [1, 2, 3, 4, 5, 6])
			if (new RegExp(`^${inWords(count)}\\b|^${count}\\b`, 'i').test(clause.slice(index + picked.length)))
				for (const set of sets)
					yield {
						from: index,
						to: index + picked.length + /^\w+/.exec(clause.slice(index + picked.length))![0].length,
						text: `${set[0] === 1 ? 'first' : 'last'} ${inWords(set.length)}`
					};
	const counts = new Set([
		crossing.stitches,
		...holdingsOf(crossing).map(({ stitches }) => stitches.length),
		front.length,
		behind.length
	]);
	for (const { 0: word, index } of clause.matchAll(
		/\b(?:one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|\d+)\b/gi
	))
		for (const count of counts)
			yield { from: index, to: index + word.length, text: /\d/.test(word) ? String(count) : inWords(count) };
	// A wrong number and a wrong side at once.
	const [holding] = holdingsOf(crossing);
	if (holding)
		for (const { 0: hold, index } of clause.matchAll(
			/\b(?:hold|keep|leave|slip)\b.*\b(?:front|back|behind)\b(?: of the work| the work)?/gi
		))
			yield {
				from: index,
				to: index + hold.length,
				text: `hold the ${holding.stitches[0] === 1 ? 'first' : 'last'} ${inWords(holding.stitches.length)} ${holding.at === 'front' ? 'in front' : 'at the back'}`
			};
}

/** The clause said anew, in the plainest words. */
function* anew(
	clause: string,
	{ kind, facts, name }: BareClaim,
	{ hand }: ReadingHands
): Generator<Rewriting> {
	const all = { from: 0, to: clause.length };
	if (kind === 'same') {
		yield { ...all, text: 'they mirror each other' };
		yield { ...all, text: 'they are not the same' };
		yield { ...all, text: 'they lean the same way' };
		yield { ...all, text: 'they lean in opposite directions' };
		return;
	}
	if (!facts) {
		const [front, back] = hand === 'right' ? ['left', 'right'] : ['right', 'left'];
		if (kind === 'lean') yield { ...all, text: `front leans ${front}, back leans ${back}` };
		return;
	}
	const { crossing, lean, front, behind } = facts;
	const it = name ?? 'it';
	const [holding] = holdingsOf(crossing);
	switch (kind) {
		case 'hold':
			if (holding)
				yield {
					...all,
					text: `${name ? `for ${name} ` : ''}hold ${positions(holding.stitches)} ${holding.at === 'front' ? 'in front' : 'at the back'}`
				};
			return;
		case 'count':
			return yield { ...all, text: `${it} has ${inWords(crossing.stitches)} stitches` };
		case 'in-front':
			return yield {
				...all,
				text: `${positions(front)} of ${it} ${front.length === 1 ? 'lies' : 'lie'} in front`
			};
		case 'behind':
			return yield {
				...all,
				text: `${positions(behind)} of ${it} ${behind.length === 1 ? 'lies' : 'lie'} behind`
			};
		case 'first':
			return yield { ...all, text: `knit ${positions(crossing.order.slice(0, 1))} of ${it} first` };
		case 'order':
			return yield { ...all, text: `the new order of ${it} is ${crossing.order.join(' ')}` };
		case 'lean':
			return yield { ...all, text: `${it} leans ${lean}` };
		case 'face': {
			const purled = crossing.order
				.filter((_, i) => faceOf(crossing.work[i]) === 'purl')
				.sort((a, b) => a - b);
			return yield purled.length === 0
				? { ...all, text: 'all stitches are knitted' }
				: { ...all, text: `purl ${positions(purled)}` };
		}
	}
}
