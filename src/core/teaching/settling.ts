import type { Level } from '../ways/cautions';
import { RATES, USUAL_RATES, type RateId } from '../planning/rates';
import type { ClassRecord } from './classRecord';
import { learnRates } from './learn';

/** A rate as it was learned after each class, oldest first. */
export interface Settling {
	readonly rate: RateId;
	readonly level: Level;
	/** the rule of thumb it began with */
	readonly usual: number;
	readonly after: readonly number[];
}

/** Most rates that one chart can be read with. */
const MOST_SHOWN = 3;

/** The rates that classes moved most from the rule of thumb, as they settle from class to class. */
export function settlingRates(oldestFirst: readonly ClassRecord[], most = MOST_SHOWN): Settling[] {
	const learned = oldestFirst.map((_, i) => learnRates(oldestFirst.slice(0, i + 1), USUAL_RATES));
	const last = learned.at(-1) ?? [];
	return [...last]
		.sort((a, b) => Math.abs(b.is / b.was - 1) - Math.abs(a.is / a.was - 1))
		.slice(0, most)
		.map(({ rate, level }) => {
			const usual = RATES.find(({ id }) => id === rate)!.usual[level];
			const after = learned.map(
				(all) => all.find((one) => one.rate === rate && one.level === level)?.is ?? usual
			);
			return { rate, level, usual, after };
		});
}
