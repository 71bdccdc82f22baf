import type { Crossing } from '../crossing/crossing';
import { fault, good, type Result } from '../result';

/** Units as the pass that works the knit columns does: position 1 is a knit column, purl columns are slipped. */
export function briocheCrossing(crossing: Crossing): Result<Crossing> {
	return checkParity({
		...crossing,
		work: crossing.order.map((position) => (position % 2 === 1 ? 'brk' : 'slyo'))
	});
}

/** Knit and purl columns alternate, so a unit must land on a place of its own kind: it moves by an even number. */
export function checkParity(crossing: Crossing): Result<Crossing> {
	const wrong = crossing.order.find((position, i) => (position - (i + 1)) % 2 !== 0);
	if (wrong === undefined) return good(crossing);
	return fault(
		'parity',
		`In brioche, unit ${wrong} would land on a column of the other kind. Each unit moves by an even number of places: 2/2, 4/4 and 1/1/1 work, 1/1 and 3/3 do not.`
	);
}
