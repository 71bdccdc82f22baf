import { workingOf, type Working } from '../fabric/fabric';
import { readPattern } from '../pattern/pattern';
import { good, type Result } from '../result';
import { multipleOf } from '../swatch/multiple';
import { crossedIn, type Crossed } from '../swatch/crossed';

/** What is repeated of a swatch: stitches across with those that stand once, rows up; and how much of it crosses. */
export interface Basis {
	readonly across: { readonly of: number; readonly plus: number };
	/** rows of one repeat up; worked flat an even number */
	readonly up: number;
	readonly crossed: Crossed;
	/** a panel's width beside as much ground, where it was measured on the swatch itself */
	readonly drawIn?: number | undefined;
}

/** The basis of a plan, from the text of its swatch; an error where that cannot be worked. */
export function basisOf(text: string, round: boolean): Result<Basis> {
	const working = workingOf(readPattern(text));
	return working.ok ? good(basisIn(working.value, round)) : working;
}

/** The same of rows that are worked already. */
export function basisIn(working: Working, round: boolean): Basis {
	const { pattern, fabric, steps } = working;
	const own = pattern.multiple ?? multipleOf(working);
	const across = own ? { of: own.of, plus: own.plus } : { of: fabric.castOn, plus: 0 };
	const again = fabric.open?.rows.length || pattern.repeats[0]?.numbers.length;
	const rows = Math.max(1, again || steps.length);
	return { across, up: !round && rows % 2 === 1 ? 2 * rows : rows, crossed: crossedIn(working) };
}
