import type { Measured } from './schema';
import type { Stage } from './lives';

/** What was measured last of a stretch at a stage. */
export const latest = (
	measured: readonly Measured[],
	stage: Stage,
	of: Measured['of']
): Measured | undefined =>
	measured
		.filter((one) => one.stage === stage && one.of === of)
		.reduce<Measured | undefined>((last, one) => (last && last.on > one.on ? last : one), undefined);
