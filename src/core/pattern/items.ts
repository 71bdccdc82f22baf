import { phraseOf } from '../naming/phrase';
import { isSentence } from '../naming/sentence';
import { withoutColour } from './colour';
import { actionOf, reachOf, timesOf, type ToLast } from './word';
import type { Body, Item, WrittenOut } from './row';
import type { Piece, Place } from './tree';

/** The items of a row: words, brackets with how often, and what stands between a star and “rep from *”. */
export function bodyOf(pieces: readonly Piece[], text: string): Body {
	const defines: WrittenOut[] = [];
	const count = countOf(pieces.at(-1));
	const parted = count ? [...pieces.slice(0, -1), ...restOf(pieces.at(-1)!, count.from)] : pieces;
	return { items: alone(itemsOf(withoutBrackets(parted, text, defines))), count, defines };
}

/** Pieces without the brackets that only tell of the name before them: what it means, or how many stitches it is over. */
function withoutBrackets(pieces: readonly Piece[], text: string, defines: WrittenOut[]): Piece[] {
	return pieces.filter((piece, i) => {
		const before = pieces[i - 1];
		if (piece.kind !== 'bracket' || before?.kind !== 'word') return true;
		const inside = text.slice(piece.from + 1, piece.to - 1);
		if (EDGE.test(inside.trim())) return false;
		if (actionOf(before.text)) return true;
		if (isSentence(inside)) defines.push({ name: before.text, from: piece.from + 1, to: piece.to - 1 });
		return !isSentence(inside) && !COUNT.test(inside.trim());
	});
}

/** `(8 sts)`, `– 8 sts`, at the end of a row. */
function countOf(last: Piece | undefined): Body['count'] {
	if (last?.kind === 'bracket' && last.pieces.length === 1) {
		const [only] = last.pieces;
		const said = only.kind === 'word' && COUNT.exec(only.text);
		return said ? { from: last.from, to: last.to, stitches: Number(said[1]) } : null;
	}
	const said = last?.kind === 'word' ? (COUNT.exec(last.text) ?? DASHED.exec(last.text)) : null;
	if (!said) return null;
	return { from: last!.from + said.index, to: last!.to, stitches: Number(said[1]) };
}

/** What a stitch is for, where it says so behind it. */
const EDGE = /^(?:edge|selvedge|selvage)(?: st(?:itch)?(?:es)?)?$/i;
const COUNT =
	/^(?:(?:worked )?over (?:next )?)?(\d+) ?(?:sts?|stitches)(?: (?:rem(?:ain(?:ing)?)?|total|left))?$/i;
const DASHED = /\s*[-–—=]+ ?(\d+) ?(?:sts?|stitches)(?: (?:rem(?:ain(?:ing)?)?|total|left))?$/i;

/** What stands before a count in its word. */
function restOf(piece: Piece, to: number): Piece[] {
	if (piece.kind !== 'word' || to <= piece.from) return [];
	return [{ ...piece, to, text: piece.text.slice(0, to - piece.from).trim() }];
}

/** A row that is only `k`, `p`, `knit` or `purl` works them to its end. */
function alone(items: readonly Item[]): readonly Item[] {
	const [only] = items;
	if (items.length !== 1 || only.kind !== 'action' || only.action.do !== 'work' || !only.action.bare)
		return items;
	return [{ ...only, action: { ...only.action, reach: { left: 0 } } }];
}

function itemsOf(written: readonly Piece[]): Item[] {
	const pieces = written.filter((piece, i) => !(piece.kind === 'star' && written[i + 1]?.kind === 'star'));
	const items: Item[] = [];
	let star: { readonly at: number } | null = null;
	for (let i = 0; i < pieces.length; i++) {
		const piece = pieces[i];
		const after = pieces[i + 1];
		if (piece.kind === 'mark') continue;
		if (piece.kind === 'star') {
			const often = star && after?.kind === 'word' ? howOften(after.text) : null;
			if (!star) star = { at: items.length };
			else if (often === null) star = { at: items.length };
			else {
				items.push(repeatOf(items.splice(star.at), piece, after, { times: often }));
				star = null;
				i++;
			}
			continue;
		}
		if (piece.kind === 'bracket') {
			const often = after?.kind === 'word' ? howOften(after.text) : null;
			const last = items.at(-1);
			if (often === null && last?.kind === 'action' && isManner(piece)) {
				items[items.length - 1] = withManner(last, piece);
				continue;
			}
			items.push(
				repeatOf(itemsOf(piece.pieces), piece, often === null ? piece : after, { times: often ?? 1 })
			);
			if (often !== null) i++;
			continue;
		}
		if (/^rep(?:eat)?(?: from)?$/i.test(piece.text) && after?.kind === 'star' && star) {
			const how = pieces[i + 2]?.kind === 'mark' ? pieces[i + 3] : pieces[i + 2];
			const said = how?.kind === 'word' ? how.text.toLowerCase() : '';
			const times = reachOf(said) ?? timesOf(said);
			const bare = typeof times === 'number' && /^\w+ times?$/.test(said);
			items.push(
				repeatOf(items.splice(star.at), piece, times === null ? piece : how, {
					times: times ?? { left: 0 },
					...(bare ? { either: true } : {})
				})
			);
			i = times === null ? i + 1 : pieces.indexOf(how);
			star = null;
			continue;
		}
		if (
			/^(?:psso|p2sso|pass (?:2 )?(?:slipped|sl) (?:sts?|stitch(?:es)?) over)$/i.test(piece.text) &&
			passOver(items, piece)
		)
			continue;
		if (after?.kind === 'bracket' && /^(?:rep(?:eat)?|work)$/i.test(piece.text)) continue;
		items.push(...(ribOf(items, piece) ?? wordItems(piece)));
	}
	return items;
}

/** `k1, p1 rib to end`: what stands before it, and itself, again and again. */
function ribOf(items: Item[], piece: Place & { readonly text: string }): Item[] | null {
	const said = /^(p ?\d*) rib(?: (.+))?$/i.exec(piece.text);
	const before = items.at(-1);
	const how = said?.[2] === undefined ? { left: 0 } : reachOf(said[2].toLowerCase());
	if (!said || !how || before?.kind !== 'action') return null;
	items.pop();
	return [repeatOf([before, wordItem(said[1], piece)], before, piece, { times: how })];
}

/** How often a bracket, or what stands between two stars, is worked: in all, or as far as there are stitches. */
function howOften(text: string): number | ToLast | null {
	const said = withoutColour(text).text.replace(/^rep(?:eat)? /i, '');
	return timesOf(said) ?? reachOf(said.toLowerCase());
}

function repeatOf(
	items: readonly Item[],
	from: Place,
	to: Place,
	how: { readonly times: number | ToLast; readonly either?: true }
): Item {
	return { kind: 'repeat', from: items[0]?.from ?? from.from, to: to.to, items, ...how };
}

/** `sl 1, k1, psso` is one word: what was slipped is passed over what was worked. */
function passOver(items: Item[], piece: Place): boolean {
	const [slipped, worked] = items.slice(-2);
	if (slipped?.kind !== 'action' || worked?.kind !== 'action' || slipped.action.do !== 'work') return false;
	if (slipped.action.word !== 'sl' || !('count' in slipped.action.reach)) return false;
	const slips = slipped.action.reach.count;
	const text = worked.text.toLowerCase().replace(/\s+/g, '');
	const word =
		slips === 1 ? { k1: 'skp', k2tog: 'sk2p' }[text] : slips === 2 && text === 'k1' ? 's2kp' : undefined;
	const action = word ? actionOf(word) : null;
	if (!action) return false;
	items.splice(-2, 2, { kind: 'action', action, text: word!, from: slipped.from, to: piece.to });
	return true;
}

/** How the word before it is worked: `(wyif)`, `(short way)`. */
const isManner = (piece: Piece): boolean =>
	piece.kind === 'bracket' &&
	piece.pieces.length === 1 &&
	piece.pieces[0].kind === 'word' &&
	/^(?:wyi[fb]|short way)$/i.test(piece.pieces[0].text);

function withManner(item: Item & { kind: 'action' }, piece: Piece): Item {
	const said = piece.kind === 'bracket' && piece.pieces[0].kind === 'word' ? piece.pieces[0].text : '';
	return wordItem(`${item.text} ${said}`, { from: item.from, to: piece.to });
}

/** What stands between two commas: as a rule one word, but commas are not needed where words part themselves. */
function wordItems(piece: Place & { readonly text: string }): Item[] {
	const { text, colour } = withoutColour(piece.text.replace(ENDING, ''));
	const start = piece.from + (piece.text.length - piece.text.replace(ENDING, '').length);
	const place = { from: start, to: piece.to };
	if (colour !== null && text === '')
		return [{ kind: 'action', action: { do: 'yarn' }, text: piece.text, colour, ...place }];
	if (text === '' || GLOSS.test(text)) return [];
	const whole = wordItem(text, place);
	const items = whole.kind === 'name' ? (parted(text, place) ?? [whole]) : [whole];
	return colour === null ? items : items.map((item) => ({ ...item, colour }));
}

/** `end k2`, `ending with p2`, `then k1`. */
const ENDING = /^(?:(?:and |then )+|end(?:ing)?(?: with)? )/i;
/** What says again that a row turned before its end. */
const GLOSS =
	/^leav(?:e|ing) (?:the )?(?:\w+ )*(?:sts?|stitch(?:es)?) (?:unworked|on (?:the )?(?:left |lh )?needle)$/i;

/** Words that part themselves, each one known: `k2 p2`. */
function parted(text: string, { from, to }: Place): Item[] | null {
	const words = [...text.matchAll(/\S+/g)].filter(([word]) => !/^(?:and|then|&)$/i.test(word));
	if (words.length < 2 || words.length > 40 || phraseOf(text).ok) return null;
	const items: Item[] = [];
	for (let i = 0; i < words.length;) {
		let taken = 0;
		for (let more = Math.min(6, words.length - i); more > 0 && !taken; more--) {
			const last = words[i + more - 1];
			const said = text.slice(words[i].index, last.index + last[0].length);
			const action = actionOf(said);
			if (!action) continue;
			// Places are those of the text as it is written, where that has single blanks.
			const place = {
				from: Math.min(from + words[i].index, to),
				to: Math.min(from + last.index + last[0].length, to)
			};
			items.push({ kind: 'action', action, text: said, ...place });
			taken = more;
		}
		if (!taken) {
			const name = nameAt(text, words, i);
			if (!name) return null;
			items.push({
				kind: 'name',
				text: name.text,
				from: Math.min(from + name.from, to),
				to: Math.min(from + name.to, to)
			});
			taken = name.words;
		}
		i += taken;
	}
	return items.some(({ kind }) => kind === 'action') ? items : null;
}

/** The longest name of a crossing that begins at a word: `p2 2/2 RC p2`. */
function nameAt(text: string, words: readonly RegExpExecArray[], i: number) {
	for (let more = Math.min(4, words.length - i); more > 0; more--) {
		const last = words[i + more - 1];
		const said = text.slice(words[i].index, last.index + last[0].length);
		if (/\d/.test(said) && phraseOf(said).ok)
			return { text: said, from: words[i].index, to: last.index + last[0].length, words: more };
	}
	return null;
}

/** A word, several of the same (`k2tog twice`), or a name. */
function wordItem(text: string, { from, to }: Place): Item {
	const action = actionOf(text);
	if (action) return { kind: 'action', action, text, from, to };
	const often = /^(.+?) (once|twice|\w+ times|x ?\d+)$/i.exec(text);
	const times = often && timesOf(often[2]);
	if (often && times !== null)
		return { kind: 'repeat', from, to, items: [wordItem(often[1], { from, to })], times };
	const told = /^(?:work|make) (?!.*\b(?:over|across|of)\b)(.+)$|^(.+?),? over (?:the )?next \d+ sts?$/i.exec(
		text
	);
	const name = told?.[1] ?? told?.[2] ?? text;
	return { kind: 'name', text: phraseOf(name).ok ? name : text, from, to };
}
