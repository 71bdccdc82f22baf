import type { Lesson } from '../lesson/lesson';

/** Kinds of part that can be added by themselves; those about a crossing, or about rows, need a lesson that has some. */
export const PALETTE = [
	'explain',
	'picture',
	'show',
	'compare',
	'swatch',
	'practice',
	'check',
	'mend',
	'count',
	'measure',
	'tension',
	'care',
	'finish',
	'note'
] as const;
export type PaletteKind = (typeof PALETTE)[number];

/** Kinds that a lesson has something for: most need a crossing, some need rows. */
export const addableTo = ({ crossings, swatches }: Lesson): PaletteKind[] =>
	PALETTE.filter((kind) => {
		if (['explain', 'care', 'measure', 'finish', 'note'].includes(kind)) return true;
		if (kind === 'count' || kind === 'swatch') return swatches.length > 0;
		return crossings.length > 0 || (kind === 'compare' && swatches.length > 1);
	});
