import type { Result } from '../result';
import { readName } from './read';
import type { ReadOptions, Readings } from './reading';

const known = new Map<string, Result<Readings>>();
const MOST_KNOWN = 1_000;

/**
 * `readName`, remembered: patterns and texts use the same few names, and a crossing that is the same value is known with
 * all that was worked out of it.
 */
export function readKnown(
	name: string,
	options: Pick<ReadOptions, 'medium' | 'count' | 'centre'> = {}
): Result<Readings> {
	const asked = `${options.medium ?? ''} ${options.count ?? ''} ${options.centre ?? ''} ${name}`;
	let answer = known.get(asked);
	if (!answer) {
		if (known.size >= MOST_KNOWN) known.clear();
		known.set(asked, (answer = readName(name, options)));
	}
	return answer;
}
