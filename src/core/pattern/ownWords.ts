import { phraseOf } from '../naming/phrase';
import { plain } from '../naming/key';
import { bodyOf } from './items';
import type { Item } from './row';
import { statementsOf } from './tree';
import { actionOf, timesOf, type Action } from './word';

/** What a pattern's own words stand for, by the word as two people would write it. */
export type OwnWords = ReadonlyMap<string, readonly Item[]>;

/** Nothing is defined by it: the word already means that. */
export const KNOWN = 'known';

/**
 * What a word of a key stands for that is no crossing: a bobble, which is worked to and fro over one stitch, or a run of
 * words that has a name.
 *
 * @returns its items; {@link KNOWN} where every row has this word anyway; `null` where it cannot be a word
 */
export function ownWordOf(label: string, definition: string): readonly Item[] | typeof KNOWN | null {
	if (phraseOf(label).ok || definition.trim() === '') return null;
	const builtIn = actionOf(label);
	const told = actionOf(definition.replace(/\.$/, ''));
	// Only what is worked into the row below is another stitch than its letters say.
	if (builtIn) return told?.do === 'work' && told.own ? [actionItem(told, label)] : KNOWN;
	if (told) return [actionItem(told, label)];
	return bobbleOf(definition) ?? runOf(definition);
}

const actionItem = (action: Action, text: string): Item => ({
	kind: 'action',
	action,
	text,
	from: 0,
	to: text.length
});

const INTO = '\\s*,?\\s*(?:all\\s+)?(?:in|into)\\s+(?:the\\s+)?(?:next|same|one|1)\\s+(?:st|stitch)\\b';
const BRACKET_INTO = new RegExp(`^.{0,20}?[([]([^()[\\]]*)[)\\]]\\s*(twice|\\w+\\s+times)?${INTO}`, 'i');
const LEGS_INTO =
	/^(?:k|knit|p|purl|work|inc)\s*\d?\s*(?:in|into)\s+(?:the\s+)?((?:front|back|f|b)(?:[\s,&/]*(?:and\s+)?(?:the\s+)?(?:front|back|f|b))*)\s+of\s+(?:the\s+)?(?:next\s+|same\s+|one\s+)?(?:st|stitch)\b/i;
const CLOSES = /\b(?:turn|tog|over|psso|sk2p|skp)\b|tog/i;

/** A stitch made several and worked to and fro; one of them is left as a rule. */
function bobbleOf(definition: string): readonly Item[] | null {
	const bracket = BRACKET_INTO.exec(definition);
	const legs = LEGS_INTO.exec(definition);
	const made = bracket
		? madeBy(bracket[1], bracket[2])
		: legs
			? legs[1].match(/front|back|f|b/gi)!.length
			: 0;
	const begun = bracket ?? legs;
	if (!begun || made < 1) return null;
	const rest = definition.slice(begun[0].length);
	const left = leftOf(made, rest) ?? (CLOSES.test(rest) ? { stitches: 1, purl: false } : null);
	if (!left) return null;
	const stitch: Action = { do: 'work', word: left.purl ? 'p' : 'k', reach: { count: 1 }, own: true };
	const more: Action = { do: 'add', face: 'knit' };
	return [stitch, ...Array.from({ length: left.stitches - 1 }, () => more)].map((action) =>
		actionItem(action, definition)
	);
}

function madeBy(inside: string, often: string | undefined): number {
	const items = itemsIn(inside);
	return (items?.length ?? 0) * (often ? (timesOf(often) ?? 1) : 1);
}

/** What is left of the stitches of a bobble once its rows are worked; `null` where one of the words is not known. */
function leftOf(made: number, rest: string): { stitches: number; purl: boolean } | null {
	const said = rest.replace(/^[\s,;.]+/, '');
	const items = said === '' ? [] : itemsIn(said);
	if (!items) return null;
	let [waiting, worked, purl] = [0, made, false];
	for (const item of items) {
		if (item.kind !== 'action') return null;
		const { action } = item;
		if (action.do === 'turn') [waiting, worked] = [waiting + worked, 0];
		else if (action.do === 'work' && 'count' in action.reach) {
			const { count } = action.reach;
			[waiting, worked, purl] = [waiting - count, worked + count, /^p/.test(action.word)];
		} else if (action.do === 'decrease')
			[waiting, worked, purl] = [waiting - action.takes, worked + 1, action.face === 'purl'];
		else return null;
		if (waiting < 0) return null;
	}
	const stitches = waiting + worked;
	return stitches > 0 && stitches <= 12 ? { stitches, purl } : null;
}

/** A run of plain words; what slips stitches to work them together is none. */
function runOf(definition: string): readonly Item[] | null {
	const items = itemsIn(definition);
	if (!items || items.length < 2) return null;
	const dos = items.map((item) => (item.kind === 'action' ? item.action : null));
	const slips = dos.some((action) => action?.do === 'work' && /^sl/.test(action.word));
	return slips && dos.some((action) => action?.do === 'decrease') ? null : items;
}

/** The items of a text, where each of its words is a plain one. */
function itemsIn(text: string): readonly Item[] | null {
	const statements = statementsOf(text.replace(/\.\s*$/, ''));
	if (statements.length !== 1 || statements[0].head !== null) return null;
	const { items } = bodyOf(statements[0].pieces, text);
	const known = (item: Item): boolean =>
		item.kind === 'action' || (item.kind === 'repeat' && item.items.every(known));
	return items.length > 0 && items.every(known) ? items : null;
}

/** Rows once their own words are put in, kept for the words they were put in by. */
const replaced = new WeakMap<OwnWords, WeakMap<readonly Item[], readonly Item[]>>();

/** The items of a row with a pattern's own words as what they stand for, at the places of those. */
export function withOwnWords(items: readonly Item[], own: OwnWords): readonly Item[] {
	let rows = replaced.get(own);
	if (!rows) replaced.set(own, (rows = new WeakMap()));
	let known = rows.get(items);
	if (!known) rows.set(items, (known = putIn(items, own)));
	return known;
}

function putIn(items: readonly Item[], own: OwnWords): readonly Item[] {
	let changed = false;
	const put = items.map((item): Item => {
		if (item.kind === 'repeat') {
			const inner = putIn(item.items, own);
			if (inner === item.items) return item;
			changed = true;
			return { ...item, items: inner };
		}
		const means = own.get(plain(item.text));
		if (!means) return item;
		changed = true;
		const { from, to, text } = item;
		const moved = (one: Item): Item =>
			one.kind === 'repeat'
				? { ...one, from, to, items: one.items.map(moved) }
				: {
						...one,
						from,
						to,
						text: one.kind === 'action' && one.action.do === 'work' && one.action.own ? text : one.text
					};
		return means.length === 1
			? moved(means[0])
			: { kind: 'repeat', from, to, times: 1, items: means.map(moved) };
	});
	return changed ? put : items;
}
