import { piecesIn, unitsOfPiece, wordsOfUnits, type Unit } from '../fabric/units';
import type { Step } from '../fabric/steps';
import type { Pattern, WrittenRow } from '../pattern/pattern';
import type { Item } from '../pattern/row';
import { countsIn, withCounts } from '../pattern/sizes';

/** A row as it is written, with what it does now, and which of its words gave each unit. */
interface Written {
	readonly text: string;
	readonly step: Step;
	readonly written: WrittenRow;
	/** its number in the text */
	readonly as: number;
	readonly units: readonly Unit[];
	readonly pattern: Pattern;
}

/**
 * What a row says once it is to do something else: only the words that differ are written anew, and the others stay as they
 * are, so that lists of sizes, repeats and own words stay what they are. A run beside what changed keeps its list: `p6 (8)`
 * grows and shrinks in every size alike.
 *
 * @param now the units of the row from now on
 */
export function editedBody(
	{ text, step, written, as, units, pattern }: Written,
	now: readonly Unit[]
): string {
	const { sizes } = pattern;
	const owners = ownersOf(step, written);
	const whole = ` ${wordsOfUnits(now).join(', ')}`;
	const source = sourceOf(pattern, written, as);
	if (!source || owners === null || owners.length !== units.length) return whole;
	const body = text.slice(source.from + source.bodyFrom, source.to);
	const [before, after] = sameEnds(units, now);
	if (before === units.length && before === now.length) return body;
	// Something put between two words changes the one it stands at.
	let first = owners[Math.min(before, units.length - 1)];
	let last = owners[Math.max(units.length - after - 1, Math.min(before, units.length - 1))];
	const { items } = source;
	const edgeAt = (i: number): Edge => {
		const item = items[i];
		const own = owners.flatMap((owner, at) => (owner === i ? [units[at]] : []));
		const raw = text.slice(source.from + item.from, source.from + item.to);
		const unit = runOf(item, own);
		const toLast = sizes > 1 && unit !== null ? reachIn(item) : null;
		return { raw, unit, toLast, count: own.length, counts: toLast === null ? countsIn(raw, sizes) : null };
	};
	const changedNow = () =>
		now.slice(owners.indexOf(first), now.length - (units.length - owners.lastIndexOf(last) - 1));
	// What is now the same stitch as the word beside it is one word with it.
	while (first > 0 && isSameStitch(changedNow().at(0), edgeAt(first - 1).unit)) first--;
	while (last < items.length - 1 && isSameStitch(changedNow().at(-1), edgeAt(last + 1).unit)) last++;
	const words = sizedWords(changedNow(), edgeAt(first), edgeAt(last), first === last);
	if (words === null) return whole;
	const from = items[first].from - source.bodyFrom;
	const to = items[last].to - source.bodyFrom;
	return body.slice(0, from) + words.join(', ') + body.slice(to);
}

const isSameStitch = (unit: Unit | undefined, text: string | null): boolean =>
	unit?.kind === 'stitch' && unit.text === text;

/** How many stitches a word leaves that goes on as far as there are others; `null` for one of so many stitches. */
const reachIn = (item: Item): number | null =>
	item.kind === 'action' && 'reach' in item.action && 'left' in item.action.reach
		? item.action.reach.left
		: null;

/** The row whose words a row says: its own, or those of the row that it is worked as; `null` where that is not to be found. */
function sourceOf({ rows }: Pick<Pattern, 'rows'>, written: WrittenRow, as: number): WrittenRow | null {
	const { like, numbers, items, from } = written;
	if (like === null) return written;
	const n = like.length === 1 ? like[0] : like[numbers.indexOf(as)];
	const model = rows.findLast(
		(row) => row.from < from && row.numbers.includes(n) && row.items.length === items.length
	);
	return model ? sourceOf({ rows }, model, n) : null;
}

/** A word at the edge of what changed: how it is written, what it works, and how often in each size. */
interface Edge {
	readonly raw: string;
	/** the one stitch that it works again and again; `null` for anything else */
	readonly unit: string | null;
	/** how many it leaves, where it goes on as far as there are others, in a text of several sizes */
	readonly toLast: number | null;
	readonly count: number;
	readonly counts: readonly number[] | null;
}

const runOf = (item: Item, units: readonly Unit[]): string | null =>
	item.kind === 'action' &&
	units.length > 0 &&
	units.every(({ kind, text }) => kind === 'stitch' && text === units[0].text)
		? units[0].text
		: null;

/** The words for what changed, with lists where the words at its edges had some; `null` where a size has no room for it. */
function sizedWords(changed: readonly Unit[], lead: Edge, trail: Edge, one: boolean): string[] | null {
	const leading = runLength(changed, lead.unit, 1);
	const trailing = leading === changed.length ? 0 : runLength(changed, trail.unit, -1);
	const middle = wordsOfUnits(changed.slice(leading, changed.length - trailing), false);
	// Put into the middle of a run, it stands as far from the beginning in every size.
	const split = one && trailing > 0;
	const leadWords = one && leading === 0 ? [] : split ? counted(lead, leading) : leadingWords(lead, leading);
	const trailWords = one && trailing === 0 ? [] : trailingWords(trail, trailing);
	return leadWords === null || trailWords === null ? null : [...leadWords, ...middle, ...trailWords];
}

const counted = ({ unit }: Edge, count: number): string[] =>
	wordsOfUnits(
		Array.from({ length: count }, () => ({ kind: 'stitch', text: unit ?? '', takes: 1, makes: 1 }) as const),
		false
	);

/** A run that ends elsewhere than it did: so much longer or shorter in every size. */
function leadingWords(edge: Edge, count: number): string[] | null {
	const { unit, toLast } = edge;
	if (unit !== null && toLast !== null && count !== edge.count)
		return toLast + edge.count - count < 0 ? null : [`${unit} to last ${toLast + edge.count - count} sts`];
	return trailingWords(edge, count);
}

/** A run that begins elsewhere than it did. */
function trailingWords(edge: Edge, count: number): string[] | null {
	const { unit, toLast, counts, raw } = edge;
	if (unit === null) return [];
	if (toLast !== null) return count === 0 ? [] : [/ to (?:end|last)\b/i.test(raw) ? raw : `${unit} to end`];
	if (counts === null) return counted(edge, count);
	const own = counts.map((other) => other + count - edge.count);
	if (own.some((other) => other < 0)) return null;
	return own.every((other) => other === 0) ? [] : [withCounts(raw, own)];
}

function runLength(units: readonly Unit[], text: string | null, by: 1 | -1): number {
	if (text === null) return 0;
	const inOrder = by === 1 ? units : [...units].reverse();
	const other = inOrder.findIndex((unit) => unit.kind !== 'stitch' || unit.text !== text);
	return other < 0 ? units.length : other;
}

/** The place, among the words of a row, of the one that gave each of its units; `null` where one came from elsewhere. */
function ownersOf(step: Step, written: WrittenRow): number[] | null {
	const owners: number[] = [];
	let call: object | null = null;
	const isCalled = step.planned.written.from !== written.from;
	for (const piece of piecesIn(step)) {
		const { item, within } = piece;
		if (isCalled && within?.panel?.written.items !== written.items) continue;
		const itself = written.items.indexOf(isCalled ? item : (within ?? item));
		const at =
			itself >= 0 || within
				? itself
				: written.items.findIndex((one) => item.from >= one.from && item.to <= one.to);
		if (at < 0) return null;
		// A row of a panel is one unit where it is called.
		if (!isCalled && within) {
			if (within !== call) owners.push(at);
			call = within;
			continue;
		}
		call = null;
		owners.push(...unitsOfPiece(step, piece).map(() => at));
	}
	return owners;
}

/** How many units two rows begin and end alike with. */
function sameEnds(a: readonly Unit[], b: readonly Unit[]): readonly [number, number] {
	const most = Math.min(a.length, b.length);
	let before = 0;
	while (before < most && same(a[before], b[before])) before++;
	let after = 0;
	while (after < most - before && same(a[a.length - 1 - after], b[b.length - 1 - after])) after++;
	return [before, after];
}

const same = (a: Unit, b: Unit): boolean => a.kind === b.kind && a.text === b.text && a.takes === b.takes;
