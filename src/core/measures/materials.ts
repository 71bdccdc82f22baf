import { counted } from '../naming/numbers';
import type { Plan } from './plan';
import type { Yarn } from './schema';

/** Something a piece takes: what, how much, and what for. */
export interface Needed {
	readonly what: string;
	readonly amount: string;
	readonly why: string;
}

/** More repeats than this need no marker between them: one looks lost among ropes. */
const MOST_MARKERS = 12;

/**
 * What knitting and finishing a planned piece takes.
 *
 * @param length says a length in the knitter's units
 */
export function materialsOf(
	plan: Plan,
	{
		yarn,
		needleMm,
		crosses
	}: { readonly yarn: Yarn | null; readonly needleMm: number | null; readonly crosses: boolean },
	length: (mm: number) => string
): Needed[] {
	const { grams, metres, balls } = plan.yarn;
	const size = needleMm === null ? 'for that yarn' : `${needleMm} mm`;
	const needles =
		plan.needle === null
			? {
					what: `needles, ${size}`,
					amount: '1 pair, or a circular one',
					why: `${length(plan.onNeedle.widthMm)} lie on them`
				}
			: plan.needle === 'double-pointed'
				? { what: `double-pointed needles, ${size}`, amount: '1 set', why: 'too narrow for a circular one' }
				: { what: `a circular needle, ${size}`, amount: length(plan.needle), why: 'shorter than the round' };
	const markers = Math.min(MOST_MARKERS, plan.repeatsAcross + 1);
	return [
		{
			what:
				[yarn?.name, yarn?.colour, yarn?.fibre].filter(Boolean).join(', ') || 'a smooth, plain-coloured yarn',
			amount: `${Math.ceil(grams)} g, ${Math.ceil(metres)} m${balls === null ? '' : `, ${counted(balls, 'ball')}`}`,
			why: 'with what is kept spare, of one lot'
		},
		needles,
		...(crosses
			? [{ what: 'a cable needle', amount: '1', why: 'never larger than the working needles' }]
			: []),
		{ what: 'markers', amount: String(markers), why: 'at the edges of panels, one more for the last cross' },
		{
			what: 'rustproof pins, counted, and a towel',
			amount: 'for the size',
			why: `to pin it out, ${length(plan.dry.widthMm)} × ${length(plan.dry.heightMm)} dry`
		},
		{ what: 'a blunt sewing needle', amount: '1', why: plan.seam ? 'for seams and ends' : 'for ends' }
	];
}
