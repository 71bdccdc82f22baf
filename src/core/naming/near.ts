import { MOST_IN_GROUP } from '../crossing/crossing';
import { numberOf } from './numbers';
import { tokens } from './tokens';

/**
 * Names to offer for one that could not be read, at most `most`: they keep the numbers it has and the direction
 * it hints at, so that one press mends it.
 */
export function nearNames(text: string, most = 4): string[] {
	const words = tokens(text).map((token) => token.text);
	const sizes = words.map(numberOf).filter((size) => size !== undefined);
	const [front, behind] = sizesNear(sizes);
	const purl = /p(url|c)|^t/i.test(text);
	const leans = /\b(l|f|left|front)|\d\s*[lf]/i.test(text) ? ['L', 'R'] : ['R', 'L'];
	const endings = purl ? ['PC', 'C'] : ['C', 'PC'];
	return endings.flatMap((end) => leans.map((lean) => `${front}/${behind} ${lean}${end}`)).slice(0, most);
}

function sizesNear(sizes: readonly number[]): [number, number] {
	const kept = sizes.filter((size) => size > 0).map((size) => Math.min(size, MOST_IN_GROUP));
	const front = kept[0] ?? 2;
	return [front, kept[1] ?? front];
}
