import {
	clampSpot,
	moveAsSeen,
	rowWrittenAt,
	spotSaid,
	walkFrom,
	type ClothSpot
} from '$core/swatch/clothSpot';
import { clothSize, MARGIN, type View } from '$lib/drawing/swatch';
import type { OpenSwatch } from './openSwatch.svelte';

/** Sizes of a stitch and a row in pixels, from far to near. */
const ZOOMS = [
	{ stitch: 12, row: 16 },
	{ stitch: 22, row: 30 },
	{ stitch: 34, row: 46 },
	{ stitch: 48, row: 64 }
] as const;
const NEAR = 2;
/** How high a row is beside its stitch, and the least that a stitch is drawn, in pixels. */
const ROW_TO_STITCH = 1.35;
const LEAST_STITCH = 3;

/** How the cloth of a swatch is looked at: its side, how near, what is chosen on it, and the strand that is followed. */
export class ClothView {
	side = $state<'right' | 'wrong'>('right');
	/** the chart of the right side instead of the cloth */
	charted = $state(false);
	strand = $state<number | null>(null);
	/** why the last move was not made, in words for the page */
	refused = $state<string | null>(null);
	/** the rows show what is chosen: not while their own cursor chooses it */
	leads = $state(false);
	#zoom = $state<number>(NEAR);
	#fitted = false;
	/** all of the cloth is seen at once, in so much room in pixels */
	whole = $state(false);
	#room = $state.raw({ width: 0, height: 0 });
	#spot = $state.raw<ClothSpot | null>(null);

	readonly view: View = $derived.by(() => ({
		...(this.whole ? this.#wholePitch() : ZOOMS[this.#zoom]),
		side: this.side,
		mirrored: this.page.mirrored()
	}));
	/** what is chosen, where its row still is */
	readonly chosen: ClothSpot | null = $derived.by(() =>
		this.#spot && this.open.working ? clampSpot(this.open.working, this.#spot) : null
	);
	/** what a pointer lies on: it lights up, and nothing else happens */
	lit = $state.raw<ClothSpot | null>(null);
	/** what is looked at: what lies under the pointer, else what is chosen */
	readonly looked: ClothSpot | null = $derived.by(() =>
		this.lit && this.open.working ? clampSpot(this.open.working, this.lit) : this.chosen
	);
	readonly #step = $derived.by(() => this.looked && this.open.working!.steps[this.looked.step]);
	/** the sentence of the row that is looked at, from its first letter to its last */
	readonly written = $derived(this.#step && this.#step.planned.written);
	/** what is looked at, in words */
	readonly said: string = $derived(this.#step ? spotSaid(this.#step, this.looked!.column) : '');
	readonly isFarthest = $derived(this.#zoom === 0);
	readonly isNearest = $derived(this.#zoom === ZOOMS.length - 1);

	constructor(
		readonly open: OpenSwatch,
		readonly page: {
			/** whether a left-hander sees the mirror image */
			readonly mirrored: () => boolean;
			/** brings a row of the cloth into sight */
			readonly show: (step: number) => void;
			/** something was chosen on the cloth, or on its chart */
			readonly onchoose: () => void;
			/** the chart is looked at, or no longer */
			readonly oncharted: (charted: boolean) => void;
		}
	) {}

	get #turned(): boolean {
		return (this.side === 'wrong' && !this.charted) !== this.page.mirrored();
	}

	zoom(by: -1 | 1): void {
		this.whole = false;
		this.#zoom = Math.max(0, Math.min(ZOOMS.length - 1, this.#zoom + by));
	}

	/** The largest stitch with which all rows are seen at once. */
	#wholePitch(): { stitch: number; row: number } {
		const { working } = this.open;
		if (!working) return ZOOMS[NEAR];
		const near = { ...ZOOMS[NEAR], side: 'right', mirrored: false } as const;
		const { columns, rows } = clothSize(working, near);
		const across = (this.#room.width - 2 * MARGIN) / columns;
		const up = this.#room.height / Math.max(1, rows) / ROW_TO_STITCH;
		const stitch = Math.max(LEAST_STITCH, Math.min(near.stitch, across, up));
		return { stitch, row: stitch * ROW_TO_STITCH };
	}

	/** Says how much room there is, in pixels; the first time the cloth is looked at from so far that it fits across. */
	fit(size: { readonly width: number; readonly height: number }): void {
		const { working } = this.open;
		this.#room = size;
		const room = size.width;
		if (this.#fitted || room === 0 || !working) return;
		this.#fitted = true;
		const { width } = clothSize(working, { ...ZOOMS[NEAR], side: 'right', mirrored: false });
		this.#zoom = width <= room ? NEAR : NEAR - 1;
	}

	turn(): void {
		this.lookAt(this.side === 'right' ? 'wrong' : 'right');
	}

	/** The cloth's right side, its wrong side, or its chart. */
	lookAt(what: 'right' | 'wrong' | 'chart'): void {
		this.charted = what === 'chart';
		this.page.oncharted(this.charted);
		if (what !== 'chart') this.side = what;
	}

	choose(spot: ClothSpot): void {
		this.#spot = spot;
		this.leads = true;
		this.refused = null;
		this.page.onchoose();
	}

	/** Marks a row and brings it into sight, on the cloth and where it is written. */
	showRow(step: number): void {
		this.#spot = { step, column: this.chosen?.column ?? 0 };
		this.leads = true;
		this.page.show(step);
	}

	/** Chooses a spot and brings it into sight. */
	goTo(spot: ClothSpot): void {
		this.choose(spot);
		this.page.show(spot.step);
	}

	/** Chooses the row that is written at a place of the text. */
	chooseWritten(at: number): void {
		const { working } = this.open;
		const step = working && rowWrittenAt(working, at);
		if (step === null || this.chosen?.step === step) return;
		this.leads = false;
		this.#spot = { step, column: this.chosen?.column ?? 0 };
		this.page.show(step);
	}

	/** Walks from stitch to stitch, from what is chosen, or from the row that is next to be knitted. */
	walk(rows: number, columns: number): void {
		const { working, done } = this.open;
		if (!working || working.steps.length === 0) return;
		const from = this.chosen ?? { step: Math.min(done, working.steps.length - 1), column: 0 };
		const to = walkFrom(working, from, { rows, columns }, this.#turned);
		this.goTo(to);
	}

	/** Moves the crossing at a spot by columns as they are seen, and to another row. */
	move(from: ClothSpot, to: { readonly step: number; readonly by: number }): void {
		const { working, text } = this.open;
		const moved = working && moveAsSeen(text, working, from, to, this.#turned);
		if (!moved) return;
		this.refused = moved.ok ? null : moved.error.message;
		if (!moved.ok) return;
		this.open.edit(moved.value.edits, 'crossing moved');
		this.#spot = moved.value.spot;
	}

	/** Moves the chosen crossing by rows that cross, and by columns. */
	nudge(rows: -1 | 0 | 1, columns: -1 | 0 | 1): void {
		// Flat, a crossing of a right side row goes on to the next of them.
		const stride = this.open.working?.pattern.rounds ? 1 : 2;
		if (this.chosen) this.move(this.chosen, { step: this.chosen.step + rows * stride, by: columns });
	}

	/** Follows the strand of the chosen stitch, or lets it go. */
	follow(): void {
		const { chosen } = this;
		const there = chosen && this.open.working?.steps[chosen.step].row.strands[chosen.column];
		this.strand = there && there !== this.strand ? there : null;
	}
}
