import { inList } from '../english';
import { gutterScript, tellGutter } from '../hands/gutter';
import type { Lesson, LessonCrossing } from '../lesson/lesson';
import { rowsWorked } from '../lesson/rows';
import { rulesWith } from '../rules';
import type { Strip } from '../swatch/strip';
import { widestSet } from '../technique/facts';
import { needlesSaid } from '../technique/needles';

/** Who waits at a bed that several learn on. */
export const TURNS =
	' One bed for several: turns of some ten minutes. Who waits draws the bed on paper, numbers it, and lays out the next cross with paper slips.';

/** What a class is told at a machine or loom of the strip it works on: the bed, the counter, the tools for each cross. */
export class BedWords {
	readonly #lesson: Lesson;
	readonly #strip: Strip;
	readonly #machine: boolean;

	constructor(lesson: Lesson, strip: Strip) {
		this.#lesson = lesson;
		this.#strip = strip;
		this.#machine = lesson.medium === 'machine';
	}

	/** Before the first cross. */
	get setUp(): string {
		const { castOn } = this.#strip;
		return this.#machine
			? ` In work: needles ${needlesSaid(1, castOn, castOn)}, ${castOn} in all. The row counter stands at 0 when the weights hang.`
			: ` In use: pegs 1 to ${castOn}.`;
	}

	/** Where a cross stands, on which rows, and with what it is carried. */
	cross(taught: LessonCrossing): string {
		const { castOn, bands } = this.#strip;
		const band = bands.find(({ id }) => id === taught.id);
		const first = band && this.#firstOf(band.crosses[0]);
		if (!band || first === undefined) return '';
		const last = first + taught.crossing.stitches - 1;
		const set = widestSet(taught.crossing);
		const rows = `row${band.crosses.length === 1 ? '' : 's'} ${inList(band.crosses)}`;
		if (!this.#machine)
			return `On pegs ${first} to ${last}, after ${rows} ${band.crosses.length === 1 ? 'is' : 'are'} worked. One order for the whole piece: parked outside.`;
		const { strainFrom } = rulesWith(this.#lesson.rules);
		return [
			`On needles ${needlesSaid(first, last, castOn)}, before ${rows}: the counter shows one less.`,
			set === 1
				? 'Tools with one prong.'
				: `Tools with ${set} prongs; who begins takes one prong and goes stitch by stitch.`,
			...(set >= strainFrom
				? ['Before the cross the dial goes up a number, and down again after it; go slowly.']
				: [])
		].join(' ');
	}

	/** How the rope is lifted by a purl column at each side, step by step; only where a machine leaves a plain bed. */
	gutters(taught: LessonCrossing): string | null {
		const crosses = this.#strip.bands.find(({ id }) => id === taught.id)?.crosses;
		if (!this.#machine || !crosses || crosses.length < 2) return null;
		const moves = gutterScript(crosses[crosses.length - 1] - crosses[0]);
		const steps = tellGutter(moves, taught.crossing.stitches);
		const after = steps.pop()!;
		return [
			'Finger and thumb hold the ladder where it is to stop, beside the first cross.',
			'',
			...steps.map(({ sentence, detail }, i) => `${i + 1}. ${sentence} ${detail}`),
			'',
			`${after.sentence} ${after.detail}`
		].join('\n');
	}

	/** The first needle or peg of the cross on a row. */
	#firstOf(row: number): number | undefined {
		const rows = rowsWorked(this.#strip.text, this.#lesson.medium);
		const crossed = rows.ok ? rows.value.steps[row - 1]?.worked.crossings.at(0) : undefined;
		return crossed && crossed.before + 1;
	}
}
