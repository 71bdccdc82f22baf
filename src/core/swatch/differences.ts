import { diffIndices } from 'node-diff3';
import type { Swatch } from './schema';

/** Everything of a swatch but its rows, and how it is called. */
export const FIELDS: readonly {
	readonly key: Exclude<keyof Swatch, 'format' | 'text'>;
	readonly says: string;
}[] = [
	{ key: 'title', says: 'the name of the swatch' },
	{ key: 'medium', says: 'what it is made on' },
	{ key: 'size', says: 'the size' },
	{ key: 'gauge', says: 'the gauge' },
	{ key: 'wishedMm', says: 'the wished length' },
	{ key: 'drawIn', says: 'the measured width' },
	{ key: 'counters', says: 'the counters' }
];

/** What is other between two versions of a swatch: a place in the rows with the lines of both, or a field. */
export interface SwatchDifferences {
	readonly rows: readonly { readonly then: readonly string[]; readonly now: readonly string[] }[];
	/** the fields that are other, as they are called */
	readonly fields: readonly string[];
}

/** Compares two versions of a swatch: the rows line by line (longest common subsequence), the rest field by field. */
export function swatchDifferences(then: Swatch, now: Swatch): SwatchDifferences {
	const rows = diffIndices(then.text.split('\n'), now.text.split('\n')).map(
		({ buffer1Content, buffer2Content }) => ({ then: buffer1Content, now: buffer2Content })
	);
	return {
		rows,
		fields: FIELDS.filter(({ key }) => !same(then[key], now[key])).map(({ says }) => says)
	};
}

/** Whether two values of a swatch say the same. */
export const same = (a: unknown, b: unknown): boolean => JSON.stringify(a) === JSON.stringify(b);
