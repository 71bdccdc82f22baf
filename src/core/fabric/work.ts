import type { Crossing, WorkWord } from '../crossing/crossing';
import { turnOver } from '../crossing/transform';
import type { Item, RowSide } from '../pattern/pattern';
import type { Reach } from '../pattern/word';
import { otherFace, type Cloth, type Face, type Stitch } from './cloth';
import { problem, type Problem } from './problem';

/** A row about to be worked: its number and side, and its place among all rows worked. */
export interface RowNumber {
	readonly n: number;
	readonly side: RowSide;
	readonly index: number;
}

/** What a name of the pattern means, or `null` when nobody knows it. */
export type Meaning = (name: string) => Crossing | null;

export interface WorkedRow {
	readonly cloth: Cloth;
	readonly problems: readonly Problem[];
	/** some stitch takes part in a crossing */
	readonly crosses: boolean;
}

/** A group of a purl cross that moves this many places or more is hard to make. */
const LONG_TRAVEL = 4;

/**
 * Works one row. Stitches come in working order: from the right edge on a right side row or a round, from the left one
 * on a wrong side row. After an error the stitches left over stay as they are, and what goes too far is dropped.
 */
export function workRow(cloth: Cloth, items: readonly Item[], row: RowNumber, meaning: Meaning): WorkedRow {
	const hands = new Hands(row.side === 'RS' ? cloth : [...cloth].reverse(), row, meaning);
	hands.items(items, []);
	const worked = hands.finish(items);
	return {
		cloth: row.side === 'RS' ? worked : worked.reverse(),
		problems: hands.problems,
		crosses: hands.crosses
	};
}

/**
 * How many stitches some items use, or `null` when one of them goes as far as there are stitches or is not known.
 */
export function needOf(items: readonly Item[], meaning: Meaning): number | null {
	let need = 0;
	for (const item of items) {
		const one = needOfItem(item, meaning);
		if (one === null) return null;
		need += one;
	}
	return need;
}

function needOfItem(item: Item, meaning: Meaning): number | null {
	switch (item.kind) {
		case 'name':
			return meaning(item.text)?.stitches ?? null;
		case 'repeat': {
			const once = needOf(item.items, meaning);
			return typeof item.times === 'number' && once !== null ? once * item.times : null;
		}
		case 'action':
			switch (item.action.do) {
				case 'work':
				case 'facing':
					return 'count' in item.action.reach ? item.action.reach.count : null;
				case 'decrease':
					return item.action.takes;
				case 'kfb':
					return 1;
				default:
					return 0;
			}
	}
}

/** Two hands in the middle of a row: what is worked lies on one needle, what is still to come on the other. */
class Hands {
	readonly problems: Problem[] = [];
	crosses = false;
	#before: readonly Stitch[];
	#next = 0;
	#done: Stitch[] = [];
	#row: RowNumber;
	#meaning: Meaning;
	#tooMany = false;
	#unknown = false;

	constructor(before: readonly Stitch[], row: RowNumber, meaning: Meaning) {
		this.#before = before;
		this.#row = row;
		this.#meaning = meaning;
	}

	/** @param after what the row says behind these, for a word that takes what is left */
	items(items: readonly Item[], after: readonly Item[]): void {
		items.forEach((item, i) => this.#item(item, [...items.slice(i + 1), ...after]));
	}

	/** The stitches worked, and what nobody worked behind them. */
	finish(items: readonly Item[]): Stitch[] {
		const left = this.#before.length - this.#next;
		if (left > 0 && !this.#unknown && !this.#tooMany) {
			const place = { from: items[0]?.from ?? 0, to: items.at(-1)?.to ?? 0 };
			this.#tell(
				'too-few',
				place,
				`Row ${this.#row.n} uses ${this.#next} of ${this.#before.length} stitches: ${left} ${left === 1 ? 'is' : 'are'} left over.`
			);
		}
		return [...this.#done, ...this.#before.slice(this.#next)];
	}

	#item(item: Item, after: readonly Item[]): void {
		if (item.kind === 'repeat') return this.#repeat(item, after);
		if (item.kind === 'name') return this.#named(item, after);
		const { action } = item;
		switch (action.do) {
			case 'work':
				for (const stitch of this.#take(this.#countOf(action.reach, item), item))
					this.#done.push({ ...stitch, face: this.#faceBy(action.word, stitch) });
				return;
			case 'facing':
				for (const stitch of this.#take(this.#countOf(action.reach, item), item)) {
					const shown = stitch.face ?? this.#shows('k');
					this.#done.push({ ...stitch, face: action.how === 'as' ? shown : otherFace(shown) });
				}
				return;
			case 'decrease': {
				const taken = this.#take(action.takes, item);
				const kept = taken[action.keeps - 1] ?? taken[0];
				if (kept) this.#done.push({ ...kept, face: this.#faceBy(action.word, kept) });
				return;
			}
			case 'add':
				this.#done.push({ strand: 0, face: this.#shows('k'), crossedAt: -1 });
				return;
			case 'kfb':
				for (const stitch of this.#take(1, item)) {
					this.#done.push({ ...stitch, face: this.#shows('k') });
					this.#done.push({ strand: 0, face: this.#shows('p'), crossedAt: -1 });
				}
				return;
			case 'marker':
				return;
		}
	}

	#repeat(item: Item & { kind: 'repeat' }, after: readonly Item[]): void {
		let times: number;
		if (typeof item.times === 'number') times = item.times;
		else {
			const need = needOf(item.items, this.#meaning);
			const room = this.#before.length - this.#next - item.times.left;
			// A body that goes as far as there are stitches, or uses none, is worked once.
			times = need === null || need === 0 ? 1 : Math.max(0, Math.floor(room / need));
		}
		for (let i = 0; i < times; i++) {
			if (this.#tooMany) return;
			this.items(item.items, i === times - 1 ? after : []);
		}
	}

	#named(item: Item & { kind: 'name' }, after: readonly Item[]): void {
		const crossing = this.#meaning(item.text);
		if (crossing) return this.#cross(crossing, item);
		this.#unknown = true;
		this.#tell(
			'unknown-word',
			item,
			`“${item.text}” is no stitch, no crossing and no name of the key. Mend it, or write what it means under “Key:”.`
		);
		const room = this.#before.length - this.#next - (needOf(after, this.#meaning) ?? 0);
		this.#done.push(...this.#take(Math.max(0, room), item));
	}

	#cross(crossing: Crossing, item: Item & { kind: 'name' }): void {
		const first = this.#next;
		const taken = this.#take(crossing.stitches, item);
		if (taken.length < crossing.stitches) {
			this.#done.push(...taken);
			return;
		}
		this.crosses = true;
		const at = first + 1;
		const moved = new Set(crossing.over.flat());
		const now = crossing.order.map((position, i): Stitch => {
			const stitch = taken[position - 1];
			return {
				...stitch,
				face: this.#faceBy(crossing.work[i], stitch),
				crossedAt: moved.has(position) ? this.#row.index : stitch.crossedAt
			};
		});
		this.#done.push(...now);
		if (
			this.#row.index > 0 &&
			[...moved].some((position) => taken[position - 1].crossedAt === this.#row.index - 1)
		)
			this.#tell(
				'tight-rest',
				item,
				`“${item.text}” crosses stitches that crossed on the row before: leave a plain row.`,
				at
			);
		const front = new Set(crossing.over.map(([stitch]) => stitch));
		const travel = Math.max(
			0,
			...[...front].map((position) => Math.abs(crossing.order.indexOf(position) + 1 - position))
		);
		if (travel >= LONG_TRAVEL && crossing.work.some((word) => word === 'p' || word === 'ptbl'))
			this.#tell(
				'long-travel',
				item,
				`“${item.text}” carries its front group ${travel} places over the ground: it gets tight.`,
				at
			);
		if (
			this.#frontOnRightSide(crossing).some((position) => {
				const before = taken[position - 1].face;
				return before !== null && now[crossing.order.indexOf(position)].face !== before;
			})
		)
			this.#tell(
				'rope-face',
				item,
				`In “${item.text}” a stitch in front changes the face it shows: the rope turns to ${this.#row.side === 'RS' ? 'bumps' : 'its other face'}.`,
				at
			);
	}

	/** Positions, as the hands count them, of the stitches that lie over another on the right side. */
	#frontOnRightSide(crossing: Crossing): number[] {
		if (this.#row.side === 'RS') return [...new Set(crossing.over.map(([front]) => front))];
		const turned = turnOver(crossing);
		return [...new Set(turned.over.map(([front]) => crossing.stitches + 1 - front))];
	}

	/** So many stitches from the needle; asked for more, it says so once and gives what there is. */
	#take(count: number, item: Item): readonly Stitch[] {
		const room = this.#before.length - this.#next;
		if (count > room && !this.#tooMany) {
			this.#tooMany = true;
			this.#tell(
				'too-many',
				item,
				`Row ${this.#row.n} needs more than its ${this.#before.length} stitches here: ${count} are asked for, ${room} ${room === 1 ? 'is' : 'are'} left.`
			);
		}
		const taken = this.#before.slice(this.#next, this.#next + count);
		this.#next += taken.length;
		return taken;
	}

	#countOf(reach: Reach, item: Item): number {
		if ('count' in reach) return reach.count;
		const room = this.#before.length - this.#next;
		if (room >= reach.left) return room - reach.left;
		this.#take(reach.left, item);
		return 0;
	}

	/** The face of the right side that a knit or purl as it is worked gives. */
	#shows(worked: Face): Face {
		return this.#row.side === 'RS' ? worked : otherFace(worked);
	}

	#faceBy(word: WorkWord, stitch: Stitch): Face | null {
		if (word === 'sl' || word === 'slf' || word === 'slyo') return stitch.face;
		return this.#shows(word === 'p' || word === 'ptbl' || word === 'brp' ? 'p' : 'k');
	}

	#tell(
		code: Problem['code'],
		place: { from: number; to: number },
		message: string,
		at = this.#next + 1
	): void {
		this.problems.push(problem(code, this.#row.n, at, place, message));
	}
}
