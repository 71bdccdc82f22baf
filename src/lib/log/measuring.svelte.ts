import { keptInBrowser } from '$lib/client/storage';
import * as z from 'zod/mini';
import { oddIn, type Odd, type Said } from '$core/measures/odd';
import { measuredShape, type Measured } from '$core/measures/schema';
import { EXTENTS, STAGES, type Extent, type Stage } from '$core/measures/lives';
import { livedThrough, nextStage } from '$core/measures/stages';

const number = z.nullable(z.number());
/** What is typed while something is measured: as much of a measurement as there is. */
const entryShape = z.object({
	stage: z.enum(STAGES),
	of: z.enum(EXTENTS),
	widthMm: number,
	heightMm: number,
	stitches: number,
	rows: number,
	grams: number,
	minutes: number,
	on: z.string()
});
export type Entry = z.infer<typeof entryShape>;
type Figure = 'widthMm' | 'heightMm' | 'stitches' | 'rows';

/** What has to be said, and what is said where it was not. */
const WANTED: readonly (readonly [Figure, string])[] = [
	['widthMm', 'how wide it is'],
	['heightMm', 'how high it is'],
	['stitches', 'how many stitches that are'],
	['rows', 'how many rows that are']
];
/** What is typed of a stretch at a stage, whichever those are. */
const TYPED: readonly string[] = [...WANTED.map(([field]) => field), 'grams', 'minutes', 'on'];

/** Counts to begin with, where nothing was measured yet: what the piece was cast on with, what its rows come to. */
export interface Counts {
	readonly stitches: number | null;
	readonly rows: number | null;
}

/**
 * A measurement as it is typed: what was measured last is offered, what was typed is kept in this browser until it is a
 * measurement, and what is odd is asked about first.
 */
export class Measuring {
	entry = $state.raw<Entry>()!;
	/** what is asked before it is kept */
	odd = $state.raw<readonly Odd[]>([]);
	/** what is missing, in words for the page */
	missing = $state<string | null>(null);
	readonly #before: readonly Measured[];
	readonly #counts: Counts;
	readonly #key: string;
	/** fields that were typed: nothing is offered in their place */
	#typed: readonly string[] = [];

	/**
	 * @param about where this is kept while it is typed: the piece, and the measurement that is corrected
	 * @param before what was measured on the piece already, without the one that is corrected
	 * @param begin the stage it is at, where that is known
	 */
	constructor(
		about: { readonly piece: string; readonly corrects?: { readonly id: string; readonly record: Measured } },
		before: readonly Measured[],
		counts: Counts,
		readonly today: string,
		begin?: Stage
	) {
		this.#key = `pond-loop:measuring:${about.piece}:${about.corrects?.id ?? ''}`;
		this.#before = before;
		this.#counts = counts;
		const kept = this.#keptEntry();
		if (kept || about.corrects) this.#typed = TYPED;
		this.entry =
			kept ??
			(about.corrects
				? { grams: null, minutes: null, ...about.corrects.record }
				: this.#offered(begin ?? nextStage(before, 'whole'), 'whole'));
	}

	/** Types something in. */
	set(fields: Partial<Entry>): void {
		this.#typed = [...this.#typed, ...Object.keys(fields)];
		this.entry = { ...this.entry, ...fields };
		this.odd = [];
		this.missing = null;
		keptInBrowser(this.#key, JSON.stringify(this.entry));
	}

	/** Measures another stretch: it is likely at its own next stage, and what was not typed is offered anew. */
	of(of: Extent): void {
		const stage = this.#typed.includes('stage') ? this.entry.stage : nextStage(this.#before, of);
		this.#offerAnew(stage, of);
	}

	stage(stage: Stage): void {
		this.#typed = [...this.#typed, 'stage'];
		this.#offerAnew(stage, this.entry.of);
	}

	/** Takes what was meant instead of an odd value. */
	meant({ field, meant }: Odd): void {
		if (meant !== undefined) this.set({ [field]: meant });
	}

	/**
	 * The measurement, where everything is said and nothing is odd, or what is odd was asked about and holds.
	 *
	 * @param sure what is odd is so
	 */
	measurement(said: Said, sure: boolean): Measured | null {
		const missing = WANTED.find(([field]) => this.entry[field] === null);
		this.missing = missing ? `Say ${missing[1]}, then keep it.` : null;
		if (missing) return null;
		const { grams, minutes, ...rest } = this.entry;
		const read = z.safeParse(measuredShape, {
			...rest,
			...(grams === null ? {} : { grams }),
			...(minutes === null ? {} : { minutes })
		});
		if (!read.success) {
			this.missing = read.error.issues[0].message;
			return null;
		}
		this.odd = oddIn(read.data, this.#before, this.today, said);
		return this.odd.length === 0 || sure ? read.data : null;
	}

	/** What was typed is kept somewhere safer now, or is not wanted. */
	forget(): void {
		localStorage.removeItem(this.#key);
	}

	#offerAnew(stage: Stage, of: Extent): void {
		const offered = this.#offered(stage, of);
		const typed = Object.fromEntries(
			Object.entries(this.entry).filter(([field]) => this.#typed.includes(field) && field !== 'stage')
		);
		this.entry = { ...offered, ...typed };
		this.odd = [];
	}

	/** What was measured last of a stretch; for one that never was, its counts alone. */
	#offered(stage: Stage, of: Extent): Entry {
		const last = livedThrough(this.#before, of).at(-1);
		const counts = of === 'whole' ? this.#counts : { stitches: null, rows: null };
		const figures = last ?? { widthMm: null, heightMm: null, ...counts };
		const { widthMm, heightMm, stitches, rows } = figures;
		return { stage, of, widthMm, heightMm, stitches, rows, grams: null, minutes: null, on: this.today };
	}

	#keptEntry(): Entry | null {
		try {
			const kept = entryShape.safeParse(JSON.parse(localStorage.getItem(this.#key) ?? 'null'));
			return kept.success ? kept.data : null;
		} catch {
			return null;
		}
	}
}
