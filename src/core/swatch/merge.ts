import { diff3Merge } from 'node-diff3';
import type { Swatch } from './schema';

/** A swatch with what two people made of it, or where they wrote different things in one place. */
export type Merged = { readonly swatch: Swatch } | { readonly clash: readonly string[] };

/** Puts two versions together that grew from one: rows line by line, everything else field by field. */
export function merged(base: Swatch, mine: Swatch, theirs: Swatch): Merged {
	const clash: string[] = [];
	const field = <K extends keyof Swatch>(key: K, says: string): Swatch[K] => {
		if (same(mine[key], base[key])) return theirs[key];
		if (!same(theirs[key], base[key]) && !same(theirs[key], mine[key])) clash.push(says);
		return mine[key];
	};
	const regions = diff3Merge(mine.text.split('\n'), base.text.split('\n'), theirs.text.split('\n'));
	const lines = regions.flatMap((region) => {
		if (region.conflict)
			clash.push(...(region.conflict.a.length > 0 ? region.conflict.a : region.conflict.b));
		return region.ok ?? [];
	});
	const swatch: Swatch = {
		...mine,
		text: lines.join('\n'),
		title: field('title', 'the name of the swatch'),
		medium: field('medium', 'what it is made on'),
		gauge: field('gauge', 'the gauge'),
		wishedMm: field('wishedMm', 'the wished length'),
		drawIn: field('drawIn', 'the measured width'),
		counters: field('counters', 'the counters')
	};
	return clash.length > 0 ? { clash } : { swatch };
}

const same = (a: unknown, b: unknown): boolean => JSON.stringify(a) === JSON.stringify(b);
