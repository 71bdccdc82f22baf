import type { Crossing } from '../crossing/crossing';
import type { Voice } from '../hands/voice';
import type { Rules } from '../rules';
import { readsFromTheEnd } from './handed';

/** How much a learner has knitted. */
export const LEVELS = ['beginner', 'improver', 'confident'] as const;
export type Level = (typeof LEVELS)[number];
/** How well a yarn holds a loop that hangs free. */
export const YARNS = ['grippy', 'plain', 'slippery'] as const;
export type Yarn = (typeof YARNS)[number];

/** Whose hands, what yarn and which rules of thumb: what decides the cautions of a way. */
export interface Circumstances extends Pick<Voice, 'hand' | 'keep'> {
	readonly level: Level;
	readonly yarn: Yarn;
	readonly rules: Rules;
}

const LEARNERS: Readonly<Record<Level, string>> = {
	beginner: 'beginners',
	improver: 'improvers',
	confident: 'confident knitters'
};

const LIMITS = { beginner: 'freeBeginner', improver: 'freeImprover', confident: 'freeConfident' } as const;

/** Up to how many stitches a crossing is comfortable without a needle. */
export const freeLimit = ({ level, yarn, rules }: Pick<Circumstances, 'level' | 'yarn' | 'rules'>): number =>
	rules[LIMITS[level]] - (yarn === 'slippery' ? rules.slipperyLess : 0);

/** What speaks against a way here, each a sentence with its reason. Cautions advise; they never forbid. */
export function cautionsOf(
	crossing: Crossing,
	needles: number,
	{ loose, twisted }: { loose: number; twisted: readonly number[] },
	circumstances: Circumstances
): string[] {
	const { level, yarn, rules } = circumstances;
	const cautions: string[] = [];
	if (twisted.length > 0)
		cautions.push(`Stitch ${twisted.join(', ')} comes out twisted, crossed at its base.`);
	if (readsFromTheEnd(circumstances) && crossing.work.some((word) => word.endsWith('tbl')))
		cautions.push('Worked left-handed, a stitch through its back loop twists the other way.');
	if (needles > 0) return cautions;
	const limit = freeLimit(circumstances);
	if (crossing.stitches > limit)
		cautions.push(
			`Without a needle, ${LEARNERS[level]} are comfortable up to ${limit} stitches${yarn === 'slippery' ? ' in slippery yarn' : ''}; this crossing has ${crossing.stitches}.`
		);
	if (crossing.stitches >= rules.freeShareFrom && loose * 100 > crossing.stitches * rules.freeShare)
		cautions.push(
			`More than ${rules.freeShare === 50 ? 'half' : `${rules.freeShare} in a hundred`} of the stitches hang free at once: ${loose} of ${crossing.stitches}.`
		);
	return cautions;
}
