import jstat from 'jstat';
import { byRule, mean, type Estimate, type Sample } from './estimate';

/** Fewer pieces than this say nothing yet. */
const FEWEST = 2;
/** No two hands measure closer than this. */
const LEAST_SPREAD = 0.01;
/** Further from the others than this many spreads, a piece is about something else: a felted one, a slipped tape. */
const OUTLIER_SPREADS = 4;
/** The middle 80 in 100 lie below this quantile, and above its mirror. */
const QUANTILE = 0.9;

/** Sample standard deviation, never less than hands can measure. */
function spread(values: readonly number[]): number {
	const middle = mean(values);
	const squares = values.reduce((sum, one) => sum + (one - middle) ** 2, 0);
	return Math.max(LEAST_SPREAD, values.length < 2 ? 0 : Math.sqrt(squares / (values.length - 1)));
}

/**
 * What pieces say of a figure, shrunk towards the rule of thumb as if that were one piece more; the range is Student's
 * prediction interval for the next piece. Pieces that lie far from all others are left out, and named.
 *
 * @param rule the rule of thumb
 */
export function estimateFrom(
	samples: readonly Sample[],
	rule: number
): { readonly estimate: Estimate; readonly outliers: readonly Sample[] } {
	const outliers: Sample[] = [];
	let kept = [...samples];
	for (let odd = furthest(kept); odd; odd = furthest(kept)) {
		outliers.push(odd);
		kept = kept.filter((one) => one !== odd);
	}
	return {
		estimate: estimateOf(
			kept.map(({ value }) => value),
			rule
		),
		outliers
	};
}

function estimateOf(values: readonly number[], rule: number): Estimate {
	const n = values.length;
	if (n < FEWEST) return byRule(rule, n);
	const middle = mean(values);
	const value = (n * middle + rule) / (n + 1);
	const reach = jstat.studentt.inv(QUANTILE, n - 1) * spread(values) * Math.sqrt(1 + 1 / n);
	return {
		value,
		low: Math.min(value, middle - reach),
		high: Math.max(value, middle + reach),
		pieces: n,
		because: `${n} pieces say so, with the rule of thumb as one piece more.`
	};
}

/** The sample that lies furthest from the others, where it lies too far from them to be one of them. */
function furthest(samples: readonly Sample[]): Sample | null {
	let worst: { readonly sample: Sample; readonly spreads: number } | null = null;
	if (samples.length <= FEWEST) return null;
	for (const sample of samples) {
		const others = samples.filter((one) => one !== sample).map(({ value }) => value);
		const spreads = Math.abs(sample.value - mean(others)) / spread(others);
		if (spreads > OUTLIER_SPREADS && spreads > (worst?.spreads ?? 0)) worst = { sample, spreads };
	}
	return worst?.sample ?? null;
}
