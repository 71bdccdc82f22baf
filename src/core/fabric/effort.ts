/**
 * Work that may be long: it yields how many stitches it has just worked, row by row, so that whoever asked can show how
 * far it is, hand it to somebody else, or give it up.
 */
export type Effort<Made> = Generator<number, Made, undefined>;

/** All of the work, however long it takes. */
export function drain<Made>(effort: Effort<Made>): Made {
	let step = effort.next();
	while (!step.done) step = effort.next();
	return step.value;
}

/** The work, or `null` when it takes more than so many stitches. */
export function within<Made>(effort: Effort<Made>, stitches: number): Made | null {
	let spent = 0;
	for (let step = effort.next(); ; step = effort.next()) {
		if (step.done) return step.value;
		spent += step.value;
		if (spent > stitches) return null;
	}
}
