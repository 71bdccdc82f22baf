import type { Crossing, WorkWord } from '../crossing/crossing';
import { turnOver } from '../crossing/transform';
import { faceOf } from '../crossing/work';
import type { Item, RowSide } from '../pattern/pattern';
import type { Place } from '../pattern/tree';
import type { Action, WordReach } from '../pattern/word';
import { KNIT, NOTHING, otherFace, PURL, type Cloth, type ClothFace } from './cloth';
import { RowMarkers } from './markers';
import { problem, type Problem } from './problem';

/** A row about to be worked: its number and its side. */
export interface RowNumber {
	readonly n: number;
	readonly side: RowSide;
}

/** What a name of the pattern means, or `null` when nobody knows it. */
export type Meaning = (name: string) => Crossing | null;

/** A crossing where a row makes it. */
export interface PlacedCrossing {
	readonly crossing: Crossing;
	/** its word, with its place in the row */
	readonly item: Item & { readonly kind: 'name' };
	/** the first of its stitches, in working order from 0, as they lay before the row and as they lie after it */
	readonly before: number;
	readonly after: number;
}

export interface WorkedRow {
	readonly cloth: Cloth;
	/** places in them count from where the row begins */
	readonly problems: readonly Problem[];
	/** some stitch changed places, came or went */
	readonly moved: boolean;
	/** some stitch shows another face than before */
	readonly repainted: boolean;
	readonly crossings: readonly PlacedCrossing[];
}

/** A group of a purl cross that moves this many places or more is hard to make. */
const LONG_TRAVEL = 4;
/** How long a row may grow, and how often something in it may be repeated, before it is given up. */
const MOST_STITCHES_IN_ROW = 4_000;
const MOST_REPEATS = 4_000;

/**
 * Works one row. Stitches come in working order: from the right edge on a right side row or a round, from the left one
 * on a wrong side row. After an error the stitches left over stay as they are, and what goes too far is dropped.
 */
export function workRow(cloth: Cloth, items: readonly Item[], row: RowNumber, meaning: Meaning): WorkedRow {
	if (changesNothing(items, cloth)) return { ...NOTHING_NEW, cloth: rested(cloth) };
	const hands = new Hands(cloth, row, meaning, null);
	hands.items(items, []);
	const worked = hands.finish(items);
	const { problems, crossings, moved, repainted } = hands;
	return { cloth: worked, problems, crossings, moved, repainted };
}

/** A word of a row, each time it is worked: where its stitches lay before, in working order from 0, and lie after. */
export interface WorkedPiece {
	readonly item: Exclude<Item, { kind: 'repeat' }>;
	readonly before: number;
	readonly takes: number;
	readonly after: number;
	readonly makes: number;
	/** the call of a panel that it belongs to */
	readonly within: PanelItem | null;
}

type PanelItem = Item & { readonly kind: 'repeat' };

/** The words of a row in the order in which they are worked, repeats worked out. */
export function piecesOf(
	cloth: Cloth,
	items: readonly Item[],
	row: RowNumber,
	meaning: Meaning
): WorkedPiece[] {
	const pieces: WorkedPiece[] = [];
	new Hands(cloth, row, meaning, pieces).items(items, []);
	return pieces;
}

const NOTHING_NEW = { problems: [], crossings: [], moved: false, repainted: false };

/** Every other row knits the knits and purls the purls from end to end. */
function changesNothing(items: readonly Item[], { faces }: Cloth): boolean {
	const [only] = items;
	if (items.length !== 1 || only.kind !== 'action' || only.action.do !== 'facing') return false;
	const { how, reach } = only.action;
	return how === 'as' && 'left' in reach && reach.left === 0 && !faces.includes(NOTHING);
}

/** The same stitches a row later: none of them has just changed places. */
const rested = (cloth: Cloth): Cloth =>
	cloth.crossed.length === 0 && cloth.waiting === 0 ? cloth : { ...cloth, crossed: [], waiting: 0 };

/**
 * How many stitches some items use, or `null` when one of them goes as far as there are stitches or is not known.
 *
 * @param over how many stitches are left over from each binding off: 0 where the next word counts it as its own
 */
export function stitchesNeeded(items: readonly Item[], meaning: Meaning, over: 0 | 1 = 1): number | null {
	let need = 0;
	for (const item of items) {
		const one = needOfItem(item, meaning, over);
		if (one === null) return null;
		need += one;
	}
	return need;
}

function needOfItem(item: Item, meaning: Meaning, over: 0 | 1): number | null {
	switch (item.kind) {
		case 'name':
			return meaning(item.text)?.stitches ?? null;
		case 'repeat': {
			if (item.panel && item.panel.stitches !== null) return item.panel.stitches;
			const once = item.either ? null : stitchesNeeded(item.items, meaning, over);
			return typeof item.times === 'number' && once !== null ? once * item.times : null;
		}
		case 'action':
			switch (item.action.do) {
				case 'work':
				case 'facing':
					return 'count' in item.action.reach ? item.action.reach.count : null;
				case 'decrease':
					return item.action.takes;
				case 'both-legs':
					return 1;
				case 'bind-off':
					return 'count' in item.action.reach ? item.action.reach.count + over : null;
				case 'turn':
					return null;
				case 'add':
				case 'marker':
				case 'yarn':
					return 0;
			}
	}
}

/** Repeats that have to know what the row says behind them. */
const looksOn = (item: Item): boolean => item.kind === 'repeat' && item.either === true;

/** What a row says behind a word: how many stitches that needs, where it is known, and the next word. */
interface Behind {
	readonly need: number | null;
	readonly next: Item | undefined;
}

/** Stitches on the needle, from the first up to, and without, the last. */
interface Stretch {
	readonly from: number;
	readonly to: number;
}

/** Two hands in the middle of a row: what is worked lies on one needle, what is still to come on the other. */
class Hands {
	readonly problems: Problem[] = [];
	readonly crossings: PlacedCrossing[] = [];
	moved = false;
	repainted = false;
	readonly #before: Cloth;
	readonly #count: number;
	readonly #row: RowNumber;
	readonly #meaning: Meaning;
	/** the lists begin at the edge where this row ends */
	readonly #turned: boolean;
	readonly #from: Cloth['from'];
	readonly #strands: number[];
	readonly #faces: ClothFace[];
	readonly #crossed: (true | undefined)[] = [];
	/** stitches worked so far */
	#done = 0;
	/** stitches used so far */
	#used = 0;
	#repeats = 0;
	#tooMany = false;
	#unknown = false;
	/** the row turned, and what is left waits */
	#waits = false;
	/** the panel that is being worked, and the stitch it ends before */
	#panel: PanelItem | null = null;
	#end: number;
	/** stitches that items need from each of them on, once somebody asks */
	readonly #sums = new Map<readonly Item[], (number | null)[]>();
	readonly #markers: RowMarkers;
	/** where stitches came or went: so many used and worked by then */
	readonly #shifts: { readonly used: number; readonly done: number }[] = [];
	/** takes down every word, where somebody asks */
	readonly #pieces: WorkedPiece[] | null;

	constructor(before: Cloth, row: RowNumber, meaning: Meaning, pieces: WorkedPiece[] | null) {
		this.#pieces = pieces;
		this.#before = before;
		this.#count = before.strands.length;
		this.#end = this.#count;
		this.#from = row.side === 'RS' ? 'right' : 'left';
		this.#turned = before.from !== this.#from;
		// As long as the row, unless it adds or loses stitches.
		this.#strands = new Array<number>(this.#count);
		this.#faces = new Array<ClothFace>(this.#count);
		this.#row = row;
		this.#meaning = meaning;
		const { markers } = before;
		this.#markers = new RowMarkers(this.#turned ? markers.map((at) => this.#count - at).reverse() : markers);
		// What waited when the row before turned lies behind these hands.
		if (this.#turned) this.#leave(this.#taken(before.waiting));
	}

	/** @param after what the row says behind these, for a word that takes what is left */
	items(items: readonly Item[], after: readonly Item[]): void {
		for (let i = 0; i < items.length; i++) {
			const item = items[i];
			if (this.#waits) return this.#behindTurn(item);
			const [used, done] = [this.#used, this.#done];
			if (item.kind === 'name' && !this.#meaning(item.text))
				this.#unknownWord(item, [...items.slice(i + 1), ...after]);
			else if (item.kind === 'action' && item.action.do === 'bind-off')
				this.#bindOff(item.action, item, this.#behind(items, i + 1, after));
			else this.#item(item, looksOn(item) ? [...items.slice(i + 1), ...after] : after);
			if (this.#used - used !== this.#done - done && item.kind !== 'repeat')
				this.#shifts.push({ used: this.#used, done: this.#done });
			if (this.#pieces && item.kind !== 'repeat')
				this.#pieces.push({
					item,
					before: used,
					takes: this.#used - used,
					after: done,
					makes: this.#done - done,
					within: this.#panel
				});
		}
	}

	/** The stitches worked, and what nobody worked behind them. */
	finish(items: readonly Item[]): Cloth {
		const left = this.#left();
		if (left > 0 && !this.#unknown && !this.#tooMany && !this.#waits) {
			const place = { from: items.at(0)?.from ?? 0, to: items.at(-1)?.to ?? 0 };
			const over = `${left} ${left === 1 ? 'is' : 'are'} left over`;
			this.#tell(
				'too-few',
				place,
				`Row ${this.#row.n} uses ${this.#used} of ${this.#count} stitches: ${over}.`
			);
		}
		this.#leave({ from: this.#used, to: this.#count });
		this.#strands.length = this.#done;
		this.#faces.length = this.#done;
		const { markers, faults } = this.#markers.finish((used) => this.#doneAt(used));
		for (const { code, place, message, at } of faults) this.#tell(code, place, message, at);
		return {
			from: this.#from,
			strands: this.#strands,
			faces: this.#faces,
			crossed: this.#crossed,
			markers,
			waiting: this.#waits ? left : 0
		};
	}

	#item(item: Item, after: readonly Item[]): void {
		if (item.kind === 'repeat') return this.#repeat(item, after);
		if (item.kind === 'name') return this.#cross(this.#meaning(item.text)!, item);
		const { action } = item;
		switch (action.do) {
			case 'work':
				return this.#run(this.#take(this.#countOf(action.reach, item), item), this.#faceBy(action.word));
			case 'facing':
				return this.#face(this.#take(this.#countOf(action.reach, item), item), action.how === 'against');
			case 'decrease': {
				this.moved = true;
				const { from, to } = this.#take(action.takes, item);
				if (to > from)
					this.#keep(
						Math.min(from + action.keeps, to) - 1,
						this.#shows(action.face === 'purl' ? PURL : KNIT)
					);
				return;
			}
			case 'add':
				return this.#add(this.#shows(action.face === 'purl' ? PURL : KNIT));
			case 'both-legs': {
				this.repainted = true;
				const { from, to } = this.#take(1, item);
				if (to === from) return;
				this.#keep(from, this.#shows(action.face === 'purl' ? PURL : KNIT));
				return this.#add(this.#shows(PURL));
			}
			case 'marker':
				return this.#markers.move(action.how, this.#used, this.#done, item);
			case 'turn':
				this.#waits = true;
		}
	}

	/** How many stitches the items from one on need, when nothing is left over from what is bound off; summed up once. */
	#behind(items: readonly Item[], from: number, after: readonly Item[]): Behind {
		let sums = this.#sums.get(items);
		if (!sums) {
			sums = new Array<number | null>(items.length + 1);
			sums[items.length] = 0;
			for (let i = items.length - 1; i >= 0; i--) {
				const own = sums[i + 1] === null ? null : stitchesNeeded([items[i]], this.#meaning, 0);
				sums[i] = own === null ? null : own + sums[i + 1]!;
			}
			this.#sums.set(items, sums);
		}
		const rest = sums[from] === null ? null : stitchesNeeded(after, this.#meaning, 0);
		return { need: rest === null ? null : sums[from]! + rest, next: items[from] ?? after.at(0) };
	}

	/** A row ends where it turns; what it says behind that is said, once. */
	#behindTurn(item: Item): void {
		if (this.#tooMany) return;
		this.#tooMany = true;
		const message = 'The row ends where it turns. Write what follows as a row of its own: “Next row: …”.';
		this.#tell('unknown-word', item, message);
	}

	/**
	 * Stitches leave the needle. To bind off two, three are worked, and the third is left over: it stands apart from the
	 * next word, unless only so the row's count comes out.
	 */
	#bindOff({ reach, face }: Action & { do: 'bind-off' }, item: Item, { need, next }: Behind): void {
		this.moved = true;
		const left = this.#left();
		const count = 'count' in reach ? reach.count : left - reach.left;
		const own = need === left - count;
		this.#take(count, item);
		if (!('count' in reach) || own || left <= count) return;
		// Where nothing says how, it is worked as the next word goes on, else as it faces.
		const word = next?.kind === 'action' && next.action.do === 'work' ? next.action.word : null;
		const shown = face ? this.#shows(face === 'purl' ? PURL : KNIT) : word && this.#faceBy(word);
		this.#run(this.#taken(1), shown);
	}

	#repeat(item: Item & { kind: 'repeat' }, after: readonly Item[]): void {
		if (item.panel && this.#panel === null) return this.#called(item);
		let times = item.times;
		if (typeof times !== 'number') {
			const need = stitchesNeeded(item.items, this.#meaning);
			const room = this.#left() - times.left;
			// A body that goes as far as there are stitches, or uses none, is worked once.
			times = need === null || need === 0 ? 1 : Math.max(0, Math.floor(room / need));
		} else if (item.either) times = this.#timesOf(item, times, after);
		for (let i = 0; i < times && !this.#tooMany; i++) {
			this.items(item.items, i === times - 1 ? after : []);
			this.#mind(item);
		}
	}

	/** A row of a panel, over the stitches it is called for: its own words go no further. */
	#called(item: PanelItem): void {
		const { name, own, stitches } = item.panel!;
		const from = this.#used;
		const left = this.#left();
		const over = stitches ?? stitchesNeeded(item.items, this.#meaning) ?? left;
		[this.#panel, this.#end] = [item, from + Math.min(over, left)];
		this.items(item.items, []);
		const waiting = this.#left();
		if (!this.#tooMany && !this.#unknown) {
			const wrong = own !== null && own !== over;
			if (over > left)
				this.#tell('too-many', item, `“${name}” is called over ${over} stitches, and ${left} are left.`);
			else if (wrong) {
				const message = `“${name}” is a panel of ${own} stitches, and it is called over ${over}.`;
				this.#tell(own > over ? 'too-many' : 'too-few', item, message);
			} else if (waiting > 0) {
				const message = `“${name}” is called over ${over} stitches, and this row of it uses ${over - waiting}.`;
				this.#tell('too-few', item, message);
			}
		}
		this.#leave(this.#taken(waiting));
		[this.#panel, this.#end] = [null, this.#count];
	}

	/** A bare `3 times` behind “rep from *” is three in all or three more: the count of stitches decides. */
	#timesOf(item: Item & { kind: 'repeat' }, times: number, after: readonly Item[]): number {
		const need = stitchesNeeded(item.items, this.#meaning);
		const behind = stitchesNeeded(after, this.#meaning);
		const left = this.#left();
		const fits = (count: number) =>
			need === null || (behind === null ? count * need <= left : count * need + behind === left);
		const [inAll, more] = [fits(times), fits(times + 1)];
		if (inAll && more)
			this.#tell(
				'two-readings',
				item,
				`“${times} times” may be ${times} in all or ${times} more; it is worked ${times} times more.`
			);
		return inAll && !more ? times : times + 1;
	}

	/** Repeats of what uses no stitch never end by themselves. */
	#mind(item: Item): void {
		if (this.#tooMany || (++this.#repeats < MOST_REPEATS && this.#done <= MOST_STITCHES_IN_ROW)) return;
		this.#tooMany = true;
		const limit = `a row is worked for up to ${MOST_STITCHES_IN_ROW} stitches and ${MOST_REPEATS} repeats`;
		this.#tell('too-many', item, `Row ${this.#row.n} goes on too long here: ${limit}.`);
	}

	/** A word that nobody knows takes what the words behind it leave. */
	#unknownWord(item: Item & { kind: 'name' }, after: readonly Item[]): void {
		this.#unknown = true;
		this.#tell(
			'unknown-word',
			item,
			`“${item.text}” is no stitch, no crossing and no name of the key. Mend it, or write what it means under “Key:”.`
		);
		const room = this.#left() - (stitchesNeeded(after, this.#meaning) ?? 0);
		this.#leave(this.#take(Math.max(0, room), item));
	}

	#cross(crossing: Crossing, item: Item & { kind: 'name' }): void {
		const taken = this.#take(crossing.stitches, item);
		if (taken.to - taken.from < crossing.stitches) return this.#leave(taken);
		this.crossings.push({ crossing, item, before: taken.from, after: this.#done });
		const { moved, front, travel, purl } = shapeOf(crossing, this.#row.side);
		const { strands, faces, crossed } = this.#before;
		let tight = false;
		let turned = false;
		for (let i = 0; i < crossing.stitches; i++) {
			const position = crossing.order[i];
			const at = this.#place(taken.from + position - 1);
			const face = this.#faceBy(crossing.work[i]) ?? faces[at];
			if (face !== faces[at]) this.repainted = true;
			if (moved[position]) {
				this.moved = true;
				if (crossed[at]) tight = true;
				this.#crossed[this.#done] = true;
			}
			if (front[position] && faces[at] !== NOTHING && face !== faces[at]) turned = true;
			this.#put(strands[at], face);
		}
		const at = taken.from + 1;
		if (tight) {
			const message = `“${item.text}” crosses stitches that crossed on the row before: leave a plain row.`;
			this.#tell('tight-rest', item, message, at);
		}
		if (purl && travel >= LONG_TRAVEL) {
			const message = `“${item.text}” carries its front group ${travel} places over the ground: it gets tight.`;
			this.#tell('long-travel', item, message, at);
		}
		if (turned) {
			const message = `In “${item.text}” a stitch in front changes the face it shows: the rope turns to its other face.`;
			this.#tell('rope-face', item, message, at);
		}
	}

	/** Where the stitch that comes at a place of this row stands in the lists before it. */
	#place(at: number): number {
		return this.#turned ? this.#count - 1 - at : at;
	}

	#put(strand: number, face: ClothFace): void {
		const at = this.#done++;
		this.#strands[at] = strand;
		this.#faces[at] = face;
	}

	/** Takes a stitch across, showing this. */
	#keep(at: number, face: ClothFace): void {
		this.#put(this.#before.strands[this.#place(at)], face);
	}

	#add(face: ClothFace): void {
		this.moved = true;
		this.#put(0, face);
	}

	/** Takes stitches across, all showing this; or, without it, what each showed before. */
	#run({ from, to }: Stretch, face: ClothFace | null): void {
		// A row is hundreds of stitches: what does not change from one to the next is looked up once.
		const { strands, faces } = this.#before;
		const [done, step] = [this.#done, this.#turned ? -1 : 1];
		for (let i = 0, place = this.#place(from); i < to - from; i++, place += step) {
			this.#strands[done + i] = strands[place];
			this.#faces[done + i] = face ?? faces[place];
			if (face !== null && face !== faces[place]) this.repainted = true;
		}
		this.#done += to - from;
	}

	/** Knits the knits and purls the purls, or the opposite; what shows nothing yet is taken for a knit as it faces. */
	#face(stretch: Stretch, against: boolean): void {
		const done = this.#done;
		this.#run(stretch, null);
		const bare = this.#shows(KNIT);
		if (against) this.repainted = true;
		for (let at = done; at < this.#done; at++) {
			if (this.#faces[at] === NOTHING) {
				this.#faces[at] = bare;
				this.repainted = true;
			}
			if (against) this.#faces[at] = otherFace(this.#faces[at]);
		}
	}

	/** Takes stitches across as they are. */
	#leave(stretch: Stretch): void {
		this.#run(stretch, null);
	}

	#left(): number {
		return this.#end - this.#used;
	}

	/** So many stitches from the needle; asked for more, it says so once and gives what there is. */
	#take(count: number, item: Item): Stretch {
		const left = this.#left();
		if (count > left && !this.#tooMany) {
			this.#tooMany = true;
			const needs = this.#panel
				? `“${this.#panel.panel!.name}” needs more than the stitches it is called over`
				: `Row ${this.#row.n} needs more than its ${this.#count} stitches`;
			this.#tell(
				'too-many',
				item,
				`${needs} here: ${count} are asked for, ${left} ${left === 1 ? 'is' : 'are'} left.`
			);
		}
		return this.#taken(Math.min(count, left));
	}

	/** So many stitches from the needle, which are there. */
	#taken(count: number): Stretch {
		const from = this.#used;
		this.#used += count;
		return { from, to: this.#used };
	}

	#countOf(reach: WordReach, item: Item): number {
		if ('count' in reach) return reach.count;
		if ('before' in reach) return this.#toMarker(reach.before, item);
		const left = this.#left();
		if (left >= reach.left) return left - reach.left;
		this.#leave(this.#take(reach.left, item));
		return 0;
	}

	/** Stitches up to so many before the next marker; without one, to the end, which is said. */
	#toMarker(before: number, item: Item): number {
		const next = this.#markers.next;
		if (next !== null) return Math.max(0, next - before - this.#used);
		this.#tell('no-marker', item, `Row ${this.#row.n} goes to a marker here, and none lies on the needle.`);
		return this.#left();
	}

	/** Stitches worked when so many are used. */
	#doneAt(used: number): number {
		const last = this.#shifts.findLast((shift) => shift.used <= used);
		return last ? last.done + used - last.used : used;
	}

	/** What the right side shows of a knit or purl as it is worked. */
	#shows(worked: ClothFace): ClothFace {
		return this.#row.side === 'RS' ? worked : otherFace(worked);
	}

	/** What a word gives, or `null` where the stitch keeps what it shows. */
	#faceBy(word: WorkWord): ClothFace | null {
		const face = faceOf(word);
		return face && this.#shows(face === 'purl' ? PURL : KNIT);
	}

	#tell(code: Problem['code'], place: Place, message: string, at = this.#used + 1): void {
		this.problems.push(problem(code, this.#row.n, at, place, message));
	}
}

/** What the checks ask of a crossing, by position from index 1. */
interface Shape {
	readonly moved: readonly boolean[];
	/** lies over another on the right side */
	readonly front: readonly boolean[];
	/** places that the group in front moves */
	readonly travel: number;
	readonly purl: boolean;
}

/** Crossings are few and come again on every row, so their shapes are kept. */
const shapes = { RS: new WeakMap<Crossing, Shape>(), WS: new WeakMap<Crossing, Shape>() };

function shapeOf(crossing: Crossing, side: RowSide): Shape {
	let shape = shapes[side].get(crossing);
	if (shape) return shape;
	const { stitches, order, over, work } = crossing;
	const marks = (positions: readonly number[]) => {
		const marked = Array.from({ length: stitches + 1 }, () => false);
		for (const position of positions) marked[position] = true;
		return marked;
	};
	const inHand = over.map(([front]) => front);
	const inFront = new Set(inHand);
	// What the hands see in front on a wrong side row lies behind on the right side.
	const shown = side === 'RS' ? inHand : turnOver(crossing).over.map(([front]) => stitches + 1 - front);
	shape = {
		moved: marks(over.flat()),
		front: marks(shown),
		travel: Math.max(0, ...inHand.map((position) => Math.abs(order.indexOf(position) + 1 - position))),
		// The ribs of a rope have purls in front as well; a purl cross has them behind alone.
		purl:
			order.some((position, i) => !inFront.has(position) && faceOf(work[i]) === 'purl') &&
			!order.some((position, i) => inFront.has(position) && faceOf(work[i]) === 'purl')
	};
	shapes[side].set(crossing, shape);
	return shape;
}
