import { diff3Merge } from 'node-diff3';
import { FIELDS, same } from './differences';
import type { Swatch } from './schema';

/** A swatch with what two people made of it, or where they wrote different things in one place. */
export type Merged = { readonly swatch: Swatch } | { readonly clash: readonly string[] };

/** Puts two versions together that grew from one: rows line by line, everything else field by field. */
export function mergeVersions(base: Swatch, mine: Swatch, theirs: Swatch): Merged {
	const clash: string[] = [];
	const regions = diff3Merge(mine.text.split('\n'), base.text.split('\n'), theirs.text.split('\n'));
	const lines = regions.flatMap((region) => {
		if (region.conflict)
			clash.push(...(region.conflict.a.length > 0 ? region.conflict.a : region.conflict.b));
		return region.ok ?? [];
	});
	const fields = FIELDS.map(({ key, says }) => {
		if (same(mine[key], base[key])) return [key, theirs[key]];
		if (!same(theirs[key], base[key]) && !same(theirs[key], mine[key])) clash.push(says);
		return [key, mine[key]];
	});
	const swatch: Swatch = { ...mine, ...Object.fromEntries(fields), text: lines.join('\n') };
	return clash.length > 0 ? { clash } : { swatch };
}
