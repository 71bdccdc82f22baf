import type { MarkerMove } from '../pattern/vocabulary';
import type { Place } from '../pattern/tree';

/** A marker as a row meets it: so many stitches used and worked before it. */
interface Met {
	readonly used: number;
	readonly done: number;
	readonly place: Place;
}

/** What is wrong with the markers of a row, at the stitch where it shows. */
export interface MarkerFault {
	readonly code: 'marker-count' | 'no-marker';
	readonly at: number;
	readonly place: Place;
	readonly message: string;
}

/**
 * The markers of a row, in working order. Those that are slipped pair in order with those that lie there, where they are
 * as many; what nobody speaks of goes across as it lies.
 */
export class RowMarkers {
	readonly #lying: readonly number[];
	readonly #slipped: Met[] = [];
	readonly #placed: number[] = [];
	#removed = 0;

	/** @param lying stitches before each marker, in the order of the row */
	constructor(lying: readonly number[]) {
		this.#lying = lying;
	}

	/** Stitches before the next marker that the row has not come to yet; `null` where there is none. */
	get next(): number | null {
		return this.#lying[this.#slipped.length + this.#removed] ?? null;
	}

	move(how: MarkerMove, used: number, done: number, place: Place): void {
		if (how === 'slip') this.#slipped.push({ used, done, place });
		else if (how === 'place') this.#placed.push(done);
		else this.#removed++;
	}

	/**
	 * Where the markers lie after the row, and what is wrong with them.
	 *
	 * @param doneAt stitches worked when so many are used
	 */
	finish(doneAt: (used: number) => number): { markers: number[]; faults: MarkerFault[] } {
		const faults: MarkerFault[] = [];
		const [lying, slipped] = [this.#lying, this.#slipped];
		const said = slipped.length + this.#removed;
		if (said === 0 && this.#placed.length === 0 && lying.length === 0) return { markers: [], faults };
		if (said > lying.length) {
			const there = new Set(lying);
			for (const { used, place } of slipped)
				if (!there.has(used))
					faults.push({
						code: 'no-marker',
						at: used + 1,
						place,
						message: `No marker lies here: ${lying.length} ${lying.length === 1 ? 'was' : 'were'} placed, and this row slips ${slipped.length}.`
					});
		} else if (said === lying.length && this.#removed === 0)
			slipped.slice(1).forEach((met, i) => {
				const [now, before] = [met.used - slipped[i].used, lying[i + 1] - lying[i]];
				if (met.done - slipped[i].done !== now || now === before) return;
				faults.push({
					code: 'marker-count',
					at: met.used + 1,
					place: met.place,
					message: `${now} ${now === 1 ? 'stitch lies' : 'stitches lie'} between these markers, and ${before} on the row before: one of the two rows is a stitch off.`
				});
			});
		const across = said >= lying.length ? slipped.map(({ done }) => done) : this.#across(doneAt);
		return { markers: [...across, ...this.#placed].sort((a, b) => a - b), faults };
	}

	/** Markers of which only some are spoken of: each of those is the nearest that lies there. */
	#across(doneAt: (used: number) => number): number[] {
		const left = [...this.#lying];
		const slipped = this.#slipped.map(({ used, done }) => {
			const nearest = left.reduce(
				(best, at) => (Math.abs(at - used) < Math.abs(best - used) ? at : best),
				left[0]
			);
			left.splice(left.indexOf(nearest), 1);
			return done;
		});
		return [...slipped, ...left.slice(0, left.length - this.#removed).map(doneAt)];
	}
}
