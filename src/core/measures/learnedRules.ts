import { RULES, type RuleId, type Rules } from '../rules';
import type { Learned } from './estimate';
import type { Thumb } from './thumb';

/**
 * The rules of thumb that pieces of one's own would set right, as numbers of those rules: how far ropes draw in, and how much
 * yarn a stitch takes. Only what at least two pieces say, and within what each rule may be.
 *
 * @param thumb what the rules said of the same pieces
 */
export function learnedRules(
	{ drawIn, gramsPerStitch }: Learned,
	thumb: Thumb,
	rules: Rules
): Partial<Record<RuleId, number>> {
	const own: Partial<Record<RuleId, number>> = {};
	if (!drawIn.rule && thumb.drawIn < 1)
		own.drawIn = within('drawIn', rules.drawIn * ((1 - drawIn.value) / (1 - thumb.drawIn)));
	if (!gramsPerStitch.rule)
		own.stitchYarn = within('stitchYarn', rules.stitchYarn * (gramsPerStitch.value / thumb.gramsPerStitch));
	return own;
}

function within(id: RuleId, value: number): number {
	const { least, most } = RULES.find((rule) => rule.id === id)!;
	return Math.min(most, Math.max(least, Math.round(value)));
}
