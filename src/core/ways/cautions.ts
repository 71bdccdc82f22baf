import type { Crossing } from '../crossing/crossing';
import { FREE_LIMIT, FREE_SHARE, SLIPPERY_LESS, type Level, type Yarn } from './defaults';
import type { KnownWay } from './way';

/** Whose hands, and what yarn: what decides the cautions of a way. */
export interface Circumstances {
	readonly level: Level;
	readonly yarn: Yarn;
}

const LEARNERS: Readonly<Record<Level, string>> = {
	beginner: 'beginners',
	improver: 'improvers',
	confident: 'confident knitters'
};

/** What speaks against a way here, each a sentence with its reason. Cautions advise; they never forbid. */
export function cautionsOf(
	crossing: Crossing,
	way: Pick<KnownWay, 'needles'>,
	{ loose, twisted }: { loose: number; twisted: readonly number[] },
	{ level, yarn }: Circumstances
): string[] {
	if (way.needles > 0) return [];
	const cautions: string[] = [];
	if (twisted.length > 0)
		cautions.push(`Stitch ${twisted.join(', ')} comes out twisted, crossed at its base.`);
	const limit = FREE_LIMIT[level] - (yarn === 'slippery' ? SLIPPERY_LESS : 0);
	if (crossing.stitches > limit)
		cautions.push(
			`Without a needle, ${LEARNERS[level]} are comfortable up to ${limit} stitches${yarn === 'slippery' ? ' in slippery yarn' : ''}; this crossing has ${crossing.stitches}.`
		);
	if (loose > crossing.stitches * FREE_SHARE)
		cautions.push(`More than half of the stitches hang free at once: ${loose} of ${crossing.stitches}.`);
	return cautions;
}
