import { sameCrossing, type Crossing } from '../crossing/crossing';
import { rope } from '../crossing/lean';
import { mirror } from '../crossing/transform';
import { readName } from '../naming/read';
import { nameIn } from '../naming/schools';
import { checkMedium, type Medium } from '../technique/medium';
import { hardness } from './hardness';

interface Named {
	readonly name: string;
	readonly crossing: Crossing;
}

/**
 * The cross that follows from those that sit: the other lean of the hardest, else one stitch more on each side; `null` where
 * both are known, or the medium has neither.
 */
export function nextStep(
	sat: readonly Named[],
	before: readonly Named[],
	medium: Medium
): { readonly name: string; readonly because: string } | null {
	const isNew = (crossing: Crossing) =>
		checkMedium(crossing, medium).ok && !before.some((one) => sameCrossing(one.crossing, crossing));
	const hardest = [...sat].sort((a, b) => hardness(b.crossing) - hardness(a.crossing));
	for (const { name, crossing } of hardest) {
		const other = mirror(crossing);
		const called = nameIn(other, 'over', medium).name;
		if (called && isNew(other))
			return { name: called, because: `After ${name} comes ${called}: its other lean.` };
	}
	for (const { name, crossing } of hardest) {
		const wide = Math.floor(crossing.stitches / 2) + 1;
		const called = `${wide}/${wide} ${rope(crossing) === 'left' ? 'LC' : 'RC'}`;
		const read = readName(called, { medium });
		if (read.ok && isNew(read.value.readings[0].crossing))
			return { name: called, because: `After ${name} comes ${called}: a stitch wider on each side.` };
	}
	return null;
}
