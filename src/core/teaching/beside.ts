import type { ShownSteps } from './showing';

/**
 * The step of one's own script that goes with a step of another's, who works with another hand or in another way: as many
 * stitches are worked, and as much is done of what comes between (a rule of teaching: a class goes stitch by stitch).
 */
export function stepBeside(theirs: ShownSteps | null, own: ShownSteps | null, step: number): number {
	if (!theirs || !own) return 0;
	const [from, to] = [workedAt(theirs), workedAt(own)];
	if (from.length === to.length && from.every((worked, i) => worked === to[i]))
		return Math.min(step, to.length - 1);
	if (step >= from.length - 1) return to.length - 1;
	const worked = from[step];
	const [here, there] = [stretch(from, worked), stretch(to, worked)];
	const done = here.last === here.first ? 0 : (step - here.first) / (here.last - here.first);
	return there.first + Math.round(done * (there.last - there.first));
}

/** How many stitches are worked before each step, and after the last. */
const workedAt = ({ kind, script }: ShownSteps): readonly number[] =>
	kind === 'hand' ? script.states.map(({ order }) => order.length) : script.told.map((_, i) => i);

/** The first and last step at which at least so many are worked, and no more than just got there. */
function stretch(worked: readonly number[], count: number): { first: number; last: number } {
	const first = worked.findIndex((one) => one >= count);
	if (first < 0) return { first: worked.length - 1, last: worked.length - 1 };
	return { first, last: worked.lastIndexOf(worked[first]) };
}
