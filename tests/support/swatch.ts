import fc from 'fast-check';
import { fabricOf, workingOf, type Fabric, type Working } from '../../src/core/fabric/fabric';
import { readPattern } from '../../src/core/pattern/pattern';
import { unwrap } from '../../src/core/result';
import { GROUNDS, MOTIFS, USUAL_RECIPE, type Recipe } from '../../src/core/swatch/generate';

/** Recipes a teacher may ask for. */
export const recipe: fc.Arbitrary<Recipe> = fc
	.record({
		motif: fc.constantFrom(...MOTIFS),
		name: fc.constantFrom('2/2 RC', '3/3 LC', '1/2 RC', '2/1/2 LC', '1/1 LC'),
		width: fc.integer({ min: 1, max: 3 }),
		times: fc.integer({ min: 2, max: 4 }),
		step: fc.integer({ min: 1, max: 3 }),
		lean: fc.constantFrom('right' as const, 'left' as const),
		spacing: fc.integer({ min: 1, max: 5 }),
		repeats: fc.integer({ min: 1, max: 3 }),
		ground: fc.constantFrom(...GROUNDS),
		beside: fc.integer({ min: 0, max: 3 }),
		edge: fc.integer({ min: 0, max: 3 }),
		border: fc.integer({ min: 0, max: 5 }),
		flare: fc.boolean(),
		rounds: fc.boolean()
	})
	.map((asked) => ({
		...USUAL_RECIPE,
		...asked,
		// Worked flat, an odd number of rows is refused.
		spacing: 2 * asked.spacing
	}));

/** Rows as worked; `null` where they cannot be. */
export function worked(text: string): Working | null {
	const working = workingOf(readPattern(text));
	return working.ok ? working.value : null;
}

/** Rows as worked, and as cloth. */
export const working = (text: string): Working => unwrap(workingOf(readPattern(text)));
export const fabric = (text: string): Fabric => unwrap(fabricOf(text));

/** What is wrong with rows. */
export const errors = (text: string) => fabric(text).problems.filter(({ severity }) => severity === 'error');

/** A rope of four stitches, crossed once. */
export const ROPE =
	'Cast on 8.\nRow 1 (RS): p2, k4, p2.\nRow 2 and all WS rows: as they face.\nRow 3 (RS): p2, 2/2 RC, p2.\nRow 5 (RS): p2, k4, p2.';
