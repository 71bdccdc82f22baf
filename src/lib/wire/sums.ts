import type { Swatch } from '$core/swatch/schema';
import type { Named } from './shapes';

/** The sums as they are opened: the teacher's swatches by name, and the one that is planned from. */
export interface SumsPage {
	readonly swatches: readonly Named[];
	readonly from: { readonly id: string; readonly swatch: Swatch } | null;
}
