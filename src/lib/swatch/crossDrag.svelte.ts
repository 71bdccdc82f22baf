import type { ClothSpot } from '$core/swatch/clothSpot';

/** Pixels that a hand may tremble before what it holds is dragged. */
const TREMBLE = 6;

/** A crossing in the hand: where it was taken, and how far it was carried, in pixels. */
export class CrossDrag {
	#held = $state.raw<{ from: ClothSpot; x: number; y: number; dx: number; dy: number } | null>(null);
	readonly #pitch: () => { readonly stitch: number; readonly row: number };
	readonly dragged: boolean = $derived.by(
		() => this.#held !== null && Math.hypot(this.#held.dx, this.#held.dy) > TREMBLE
	);
	/** columns to the right and rows up that it was carried; `null` while nothing is held */
	readonly carried: { by: number; rows: number } | null = $derived.by(() => {
		if (!this.#held) return null;
		const { stitch, row } = this.#pitch();
		return { by: Math.round(this.#held.dx / stitch), rows: -Math.round(this.#held.dy / row) };
	});

	/** @param pitch width of a stitch and height of a row on the picture, in pixels */
	constructor(pitch: () => { readonly stitch: number; readonly row: number }) {
		this.#pitch = pitch;
	}

	take(from: ClothSpot, { clientX: x, clientY: y }: { clientX: number; clientY: number }): void {
		this.#held = { from, x, y, dx: 0, dy: 0 };
	}

	carry({ clientX, clientY }: { clientX: number; clientY: number }): void {
		if (this.#held) this.#held = { ...this.#held, dx: clientX - this.#held.x, dy: clientY - this.#held.y };
	}

	/** Lets go; gives where the crossing came from and goes to, `null` where it stays. */
	drop(): { from: ClothSpot; to: { step: number; by: number } } | null {
		const [held, carried, dragged] = [this.#held, this.carried, this.dragged];
		this.#held = null;
		if (!held || !carried || !dragged || (carried.by === 0 && carried.rows === 0)) return null;
		return { from: held.from, to: { step: held.from.step + carried.rows, by: carried.by } };
	}
}
