import { EXTENT_SAID, STAGE_SAID, livedThrough } from './stages';
import type { Measured } from './schema';
import { STAGES } from './lives';

/** Something in a measurement that is hardly so, as a question, and what may have been meant. */
export interface Odd {
	readonly field: 'widthMm' | 'heightMm' | 'stitches' | 'rows' | 'grams' | 'stage' | 'on';
	/** a question to be answered by yes or no */
	readonly asks: string;
	/** what was likely meant instead */
	readonly meant?: number;
}

/** How a value is said in the maker's own units. */
export interface Said {
	length(mm: number): string;
	weight(grams: number): string;
}

/** Between stages a stretch gives or takes no more than this share, stitch for stitch. */
const GIVES = { least: 0.6, most: 1.6 } as const;
/** Widths of a stitch and heights of a row that hands knit, in millimetres. */
const STITCH_MM = { least: 1, most: 30 } as const;
/** What slips in when one unit is read for another, or a point is left out. */
const SLIPS = [10, 0.1, 2.54, 1 / 2.54, 100, 0.01] as const;
/** Washing takes some dust along, and dry scales differ. */
const WEIGHS = { least: 0.8, most: 1.25 } as const;

const SIDES = [
	{ field: 'widthMm', per: 'stitches', says: 'wide', one: 'stitch' },
	{ field: 'heightMm', per: 'rows', says: 'high', one: 'row' }
] as const;

/**
 * What is odd in a measurement beside those before it: sizes a unit apart, counts that changed, days that run backwards. Odd
 * is not wrong: each is a question.
 *
 * @param before what was measured on the piece already
 * @param today the day it is, `2026-11-28`
 */
export function oddIn(one: Measured, before: readonly Measured[], today: string, said: Said): Odd[] {
	const lived = livedThrough(before, one.of);
	const last = lived.findLast(({ stage }) => STAGES.indexOf(stage) <= STAGES.indexOf(one.stage)) ?? lived[0];
	const odd: Odd[] = [];
	for (const { field, per, says, one: unit } of SIDES) {
		const each = one[field] / one[per];
		const likely = last ? last[field] / last[per] : null;
		const fits = (mm: number) =>
			likely === null ? isIn(mm, STITCH_MM) : isIn(mm / likely, GIVES) && isIn(mm, STITCH_MM);
		if (fits(each)) continue;
		const slip = SLIPS.find((by) => fits(each * by));
		odd.push({
			field,
			asks:
				last && likely !== null && !isIn(each / likely, GIVES)
					? `${said.length(one[field])} ${says} for ${one[per]} ${per}, after ${said.length(last[field])} for ${last[per]} ${STAGE_SAID[last.stage]}?`
					: `${said.length(one[field])} ${says} for ${one[per]} ${per}: is a ${unit} ${said.length(each)}?`,
			...(slip === undefined ? {} : { meant: one[field] * slip })
		});
	}
	for (const count of ['stitches', 'rows'] as const)
		if (last && last[count] !== one[count] && last.stage !== 'needle')
			odd.push({
				field: count,
				asks: `${one[count]} ${count} of ${EXTENT_SAID[one.of]}, after ${last[count]} ${STAGE_SAID[last.stage]}?`,
				meant: last[count]
			});
	const weighed = lived.findLast(({ grams }) => grams !== undefined);
	if (
		one.grams !== undefined &&
		weighed?.grams !== undefined &&
		one.stage !== 'wet' &&
		weighed.stage !== 'wet'
	) {
		const share = one.grams / one.stitches / one.rows / (weighed.grams / weighed.stitches / weighed.rows);
		if (!isIn(share, WEIGHS))
			odd.push({ field: 'grams', asks: `${said.weight(one.grams)}, after ${said.weight(weighed.grams)}?` });
	}
	const later = lived.find(
		({ stage, on }) => STAGES.indexOf(stage) < STAGES.indexOf(one.stage) && on > one.on
	);
	if (one.on > today) odd.push({ field: 'on', asks: `${one.on} is still to come: is that the day?` });
	else if (later)
		odd.push({
			field: 'on',
			asks: `${STAGE_SAID[one.stage]} on ${one.on}, though it was ${STAGE_SAID[later.stage]} on ${later.on}?`
		});
	return odd;
}

const isIn = (value: number, { least, most }: { readonly least: number; readonly most: number }): boolean =>
	value >= least && value <= most;
