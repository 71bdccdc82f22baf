import type { Piece } from '$core/measures/schema';
import type { Swatch } from '$core/swatch/schema';
import type { Named } from './shapes';

/** The sums as they are opened: the teacher's swatches and pieces by name, and the one that is planned from. */
export interface SumsPage {
	readonly swatches: readonly Named[];
	readonly from:
		| { readonly id: string; readonly swatch: Swatch }
		| { readonly id: string; readonly piece: Piece }
		| null;
	/** the teacher's pieces by name */
	readonly pieces: readonly Named[];
}
