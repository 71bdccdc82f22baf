import { LEVELS, type Level } from '../ways/cautions';
import { LEAST_SECONDS, type ClassRecord, type Taken } from './classRecord';
import { RATE_RANGE, RATES, USUAL_RATES, type RateId, type Rates } from '../planning/rates';

/** A rate as the classes that were given speak for it. */
export interface Learned {
	readonly rate: RateId;
	readonly level: Level;
	/** as it is now */
	readonly was: number;
	/** as the records have it */
	readonly is: number;
	/** how many parts of classes speak for it */
	readonly parts: number;
}

/** How much the usual rate weighs: as much as so many parts that rest on this rate alone. */
const USUAL_WEIGHS = 1;
/** A part that took this many times its estimate was about something else: a fire drill, a dropped ball of yarn. */
const MOST_TIMES = 3;
/** The least share of a part's estimate with which it speaks for a rate. */
const LEAST_SHARE = 0.15;
const SWEEPS = 200;
/** A change that is smaller than this part of a rate is no news. */
const NEWS = 0.04;

/**
 * The rates of each level that the records speak for, where they differ from those in use. Least squares over the shares
 * that each rate has in a part's estimate, held to the usual rates (ridge regression, Hoerl and Kennard 1970), so that one
 * odd class moves little and many move much. The same records give the same rates, however often they are taken up.
 */
export function learnRates(records: readonly ClassRecord[], rates: Rates): Learned[] {
	return LEVELS.flatMap((level) => {
		const taken = records.filter((record) => record.level === level).flatMap(({ parts }) => parts);
		return learnedAt(level, taken, rates);
	});
}

function learnedAt(level: Level, taken: readonly Taken[], rates: Rates): Learned[] {
	const seen = taken.flatMap((part) => sampleOf(part, level) ?? []);
	const off = fitted(seen);
	return RATES.flatMap(({ id }, i) => {
		const parts = seen.filter(({ shares }) => shares[i] >= LEAST_SHARE).length;
		const is = rounded(USUAL_RATES[id][level] * (1 + off[i]));
		const was = rates[id][level];
		return parts > 0 && Math.abs(is - was) >= NEWS * was ? [{ rate: id, level, was, is, parts }] : [];
	});
}

interface Sample {
	/** the part of the estimate that each rate has, in the order of the table */
	readonly shares: readonly number[];
	/** by how much of its estimate it took longer */
	readonly longer: number;
}

function sampleOf({ units, fixed, seconds, dropped }: Taken, level: Level): Sample | null {
	const minutes = RATES.map(({ id }) => (units[id] ?? 0) * USUAL_RATES[id][level]);
	const estimate = minutes.reduce((sum, share) => sum + share, fixed);
	const took = seconds / 60;
	if (dropped || seconds < LEAST_SECONDS || estimate <= 0 || took > MOST_TIMES * estimate) return null;
	return { shares: minutes.map((share) => share / estimate), longer: took / estimate - 1 };
}

/** By how much of itself each rate is off, by coordinate descent on the ridge's squares, which has one lowest point. */
function fitted(seen: readonly Sample[]): number[] {
	const off = RATES.map(() => 0);
	for (let sweep = 0; sweep < SWEEPS; sweep++) {
		for (let i = 0; i < off.length; i++) {
			let [along, weight] = [0, USUAL_WEIGHS];
			for (const { shares, longer } of seen) {
				const others = shares.reduce((sum, share, j) => (j === i ? sum : sum + share * off[j]), 0);
				along += shares[i] * (longer - others);
				weight += shares[i] ** 2;
			}
			off[i] = along / weight;
		}
	}
	return off;
}

/** A tenth for small rates, a half for large ones, within what a rate may be. */
function rounded(rate: number): number {
	const step = rate < 5 ? 0.1 : 0.5;
	const near = Number((Math.round(rate / step) * step).toFixed(1));
	return Math.min(RATE_RANGE.most, Math.max(RATE_RANGE.least, near));
}
