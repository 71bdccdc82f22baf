import { sameCrossing, type Crossing } from '../crossing/crossing';
import { rope } from '../crossing/lean';
import { mirror } from '../crossing/transform';
import { readName } from '../naming/read';
import { nameIn } from '../naming/schools';
import { checkMedium, type Medium } from '../technique/medium';
import { hardness } from './hardness';

/** A cross under its name. */
export interface Named {
	readonly name: string;
	readonly crossing: Crossing;
}

/** A cross that follows, and why. */
export interface Step {
	readonly name: string;
	readonly because: string;
}

/**
 * The cross that follows from those that sit: the other lean of the hardest, else one stitch more on each side; `null` where
 * both are known, or the medium has neither.
 */
export const nextStep = (sat: readonly Named[], before: readonly Named[], medium: Medium): Step | null =>
	otherLean(sat, before, medium) ?? wider(sat, before, medium);

const byHardness = (sat: readonly Named[]) =>
	[...sat].sort((a, b) => hardness(b.crossing) - hardness(a.crossing));

const isNew = (crossing: Crossing, before: readonly Named[], medium: Medium): boolean =>
	checkMedium(crossing, medium).ok && !before.some((one) => sameCrossing(one.crossing, crossing));

/** The other lean of the hardest that has one which is new. */
export function otherLean(sat: readonly Named[], before: readonly Named[], medium: Medium): Step | null {
	for (const { name, crossing } of byHardness(sat)) {
		const other = mirror(crossing);
		const called = nameIn(other, 'over', medium).name;
		if (called && isNew(other, before, medium))
			return { name: called, because: `After ${name} comes ${called}: its other lean.` };
	}
	return null;
}

/** One with the purl behind, of the hardest that has one which is new. */
export function purled(sat: readonly Named[], before: readonly Named[], medium: Medium): Step | null {
	for (const { name, crossing } of byHardness(sat)) {
		const called = nameIn(crossing, 'over', medium).name?.replace(/^(\S+ [RL])C$/, '$1PC');
		const read = called ? readName(called, { medium }) : null;
		if (called && read?.ok && isNew(read.value.readings[0].crossing, before, medium))
			return { name: called, because: `After ${name} comes ${called}: what lies behind is purled.` };
	}
	return null;
}

/** One a stitch wider on each side than the hardest that has one which is new. */
export function wider(sat: readonly Named[], before: readonly Named[], medium: Medium): Step | null {
	for (const { name, crossing } of byHardness(sat)) {
		const wide = Math.floor(crossing.stitches / 2) + 1;
		const called = `${wide}/${wide} ${rope(crossing) === 'left' ? 'LC' : 'RC'}`;
		const read = readName(called, { medium });
		if (read.ok && isNew(read.value.readings[0].crossing, before, medium))
			return { name: called, because: `After ${name} comes ${called}: a stitch wider on each side.` };
	}
	return null;
}
