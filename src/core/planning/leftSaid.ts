import type { Crossing } from '../crossing/crossing';
import type { Lesson } from '../lesson/lesson';
import { once } from '../once';
import { isBed } from '../technique/medium';
import { sayIn } from '../ways/sayIn';

/** What speaks of left-handers. */
export const LEFT_HANDED = /\bleft[- ]hand(?:ed|ers?|s)\b/i;
/** Longer than anybody follows. */
const LONGEST_SAID = 400;

/** Drafts ask for the same words again and again, so they are kept with their crossing. */
const kept = once((crossing: Crossing) => ({ crossing, said: new Map<string, string>() }));

/** How a cross is made left-handed, the fabric kept. */
export function leftSaid({ medium, names }: Pick<Lesson, 'medium' | 'names'>, crossing: Crossing): string {
	const terms = names?.terms ?? 'us';
	const { said: known } = kept(crossing);
	const asked = `${medium} ${terms}`;
	let said = known.get(asked);
	if (said === undefined) known.set(asked, (said = saidFor(crossing, medium, terms)));
	return said;
}

function saidFor(crossing: Crossing, medium: Lesson['medium'], terms: 'us' | 'uk'): string {
	if (isBed(medium))
		return 'Left-handed: nothing changes here, for sets and order are the same for all hands.';
	const said = sayIn(crossing, medium, { hand: 'left', keep: 'fabric', terms });
	return said.ok && said.value.length <= LONGEST_SAID
		? `Left-handed, and the fabric stays the same: ${said.value}.`
		: 'Left-handed: work from the other end, so that the fabric stays the same.';
}
