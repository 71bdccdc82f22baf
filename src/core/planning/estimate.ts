import type { Crossing } from '../crossing/crossing';
import type { Lesson, Part } from '../lesson/lesson';
import { madeWay, madeWays } from './made';
import { swatchOf } from '../lesson/rows';
import { shownMinutes, wholeMinutes } from './pace';
import { RATES, USUAL_RATES, type RateId, type Rates } from './rates';

/** Plain rows that are knitted around one cross when it is practised, and plain stitches beside it. */
const ROWS_AROUND = 3;
const STITCHES_BESIDE = 4;
/** How many times a part is shown or practised when it does not say. */
const USUAL_TIMES = 2;
/** How many people a class has when it does not say. */
const USUAL_PEOPLE = 8;

/** A slip is mended by laddering down, which takes the class so many minutes of talk. */
const MEND_TALKS = 2;
/** Six points, and two swatches to look at. */
const TENSION_TALKS = 2;
/** Laying flat, across, up, writing it down. */
const MEASURE_TALKS = 1.5;
const FINISH_MINUTES = 10;

/**
 * How long a part takes, in whole minutes: its stitches, movements and times at the pace of the level, what is said, and the
 * minutes to look at each learner's hands.
 */
export function estimateOf(lesson: Lesson, part: Part, rates: Rates = USUAL_RATES): number {
	return wholeMinutes(minutesFor(lesson, part, rates));
}

/** What an estimate rests on: minutes for each unit of a rate, and minutes that no rate changes. */
export interface Grounds {
	readonly units: Readonly<Partial<Record<RateId, number>>>;
	readonly fixed: number;
}

/** The grounds of a part's estimate: it is a sum of rates, so that asking with each of them alone tells its share. */
export function groundsOf(lesson: Lesson, part: Part): Grounds {
	const fixed = minutesFor(lesson, part, ratesOfOne(null));
	const units = RATES.flatMap(({ id }) => {
		const minutes = minutesFor(lesson, part, ratesOfOne(id)) - fixed;
		return minutes > 0 ? [[id, minutes]] : [];
	});
	return { units: Object.fromEntries(units) as Grounds['units'], fixed };
}

/** Rates that are all nothing, but for one that is one at every level. */
const ratesOfOne = (one: RateId | null): Rates =>
	Object.fromEntries(
		RATES.map(({ id }) => {
			const rate = id === one ? 1 : 0;
			return [id, { beginner: rate, improver: rate, confident: rate }];
		})
	) as Rates;

function minutesFor(lesson: Lesson, part: Part, rates: Rates): number {
	const { level, people = USUAL_PEOPLE } = lesson;
	const [talk, hands] = [rates.talk[level], rates.hands[level] * people];
	const times = 'times' in part && part.times ? part.times : USUAL_TIMES;
	const crossing = (id: string | undefined) => lesson.crossings.find((one) => one.id === id)?.crossing;
	switch (part.kind) {
		case 'show': {
			const shown = crossing(part.crossing);
			const movements = shown ? (madeWay(shown, part.way, lesson)?.movements ?? 0) : 0;
			const bothHands = part.yarnHands === 'both';
			const [slow, bothSides] = [part.pace === 'slow', part.sides === 'both'];
			return shownMinutes({ movements, times, bothHands, slow, bothSides }, level, rates);
		}
		case 'practice': {
			if (part.swatch)
				return knitting(lesson, part.swatch, part.from, part.to, rates) * (part.times ?? 1) + hands;
			const practised = crossing(part.crossing);
			return (practised ? crossMinutes(lesson, practised, rates) * times : talk) + hands;
		}
		case 'swatch':
			return knitting(lesson, part.swatch, part.from, part.to, rates) + castingOn(lesson, part, rates);
		case 'mend':
			return talk * MEND_TALKS;
		case 'compare':
			return talk * 1.5;
		case 'care':
			return rates.rest[level];
		case 'tension':
			return talk * TENSION_TALKS;
		case 'measure':
			return talk * MEASURE_TALKS + hands;
		case 'finish':
			return FINISH_MINUTES;
		case 'note':
			return 1;
		case 'check':
		case 'count':
		case 'picture':
		case 'explain':
			return talk;
	}
}

/** One cross practised with the plain rows around it, in minutes. */
function crossMinutes({ level, yarn, medium }: Lesson, crossing: Crossing, rates: Rates): number {
	const movements = madeWays(crossing, { level, yarn, medium }).at(0)?.movements ?? 0;
	const stitches = crossing.stitches + STITCHES_BESIDE;
	return (ROWS_AROUND * stitches * rates.stitch[level] + movements * rates.movement[level]) / 60;
}

/** Where a piece begins, its stitches are cast on first. */
function castingOn(
	lesson: Lesson,
	{ swatch, from = 1 }: Extract<Part, { kind: 'swatch' }>,
	rates: Rates
): number {
	const castOn = from === 1 ? (swatchOf(lesson, swatch)?.fabric.castOn ?? 0) : 0;
	return (castOn * rates.cast[lesson.level]) / 60;
}

/** Rows of a swatch knitted, crosses and all, in minutes. */
function knitting(lesson: Lesson, id: string, from = 1, to = Infinity, rates: Rates): number {
	const { level } = lesson;
	const working = swatchOf(lesson, id);
	if (!working) return rates.talk[level];
	const best = new Map<Crossing, number>();
	let seconds = 0;
	for (const { row, worked } of working.steps) {
		if (row.n < from || row.n > to) continue;
		seconds += row.after * rates.stitch[level];
		for (const { crossing } of worked.crossings) {
			const movements = best.get(crossing) ?? madeWays(crossing, lesson).at(0)?.movements ?? 0;
			best.set(crossing, movements);
			seconds += movements * rates.movement[level];
		}
	}
	return seconds / 60;
}
