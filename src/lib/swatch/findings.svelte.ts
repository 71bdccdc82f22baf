import { counted } from '$core/naming/numbers';
import type { Problem } from '$core/fabric/problem';
import { problemSpot, type ClothSpot } from '$core/swatch/clothSpot';
import { mendsOf } from '$core/swatch/mend';
import { unusualSpacings } from '$core/swatch/spacing';
import type { Mend } from '$core/swatch/text';
import type { OpenSwatch } from './openSwatch.svelte';

export interface Finding {
	readonly problem: Problem;
	readonly mends: readonly Mend[];
}

/** A stitch of the cloth where something was found. */
export interface FoundSpot extends ClothSpot {
	readonly grave: boolean;
}

/** What was found in the rows of a swatch: what is wrong, what is to be looked at, and, asked for, what is good to know. */
export class Findings {
	/** what is only information is shown as well */
	notes = $state(false);
	/** the finding that was gone to last */
	#at = $state(-1);

	readonly #all: readonly Problem[] = $derived.by(() => {
		const { working, fault } = this.open;
		return working && !fault ? [...working.fabric.problems, ...unusualSpacings(working)] : [];
	});
	readonly #toSee = $derived(this.#all.filter(({ severity }) => severity !== 'info'));
	/** how many are only information */
	readonly noted = $derived(this.#all.length - this.#toSee.length);
	/** what is shown in the rows, each with what mends it */
	readonly shown: readonly Finding[] = $derived.by(() => {
		const { working, worked } = this.open;
		if (!working) return [];
		const problems = this.notes ? this.#all : this.#toSee;
		return problems.map((problem) => ({ problem, mends: mendsOf(worked, working, problem) }));
	});
	/** where they lie on the cloth */
	readonly spots: readonly FoundSpot[] = $derived.by(() => {
		const { working } = this.open;
		return this.#toSee.flatMap((problem) => {
			const spot = working && problemSpot(working, problem);
			return spot ? [{ ...spot, grave: problem.severity === 'error' }] : [];
		});
	});
	/** `1 error, 2 to look at · row 21`; nothing where nothing is wrong */
	readonly said: string = $derived.by(() => {
		const errors = this.#toSee.filter(({ severity }) => severity === 'error').length;
		const others = this.#toSee.length - errors;
		const counts = [
			...(errors > 0 ? [counted(errors, 'error')] : []),
			...(others > 0 ? [`${others} to look at`] : [])
		];
		const row = this.#toSee[this.#next]?.row;
		return counts.length === 0 ? '' : `${counts.join(', ')}${row ? ` · row ${row}` : ''}`;
	});

	constructor(readonly open: OpenSwatch) {}

	get #next(): number {
		return (this.#at + 1) % Math.max(1, this.#toSee.length);
	}

	/** Goes to the next of them, the gravest first; `null` where there is none. */
	next(): Problem | null {
		const problem = this.#toSee.at(this.#next) ?? null;
		this.#at = problem ? this.#next : -1;
		return problem;
	}
}
