import type { Working } from '../fabric/fabric';
import type { Step } from '../fabric/steps';
import { readsFromTheEnd, type Hands } from '../ways/handed';

/** A stretch of a row for those who read pictures: stitches to skip, or a crossing to look at. */
export interface LookStretch {
	readonly kind: 'skip' | 'look';
	readonly count: number;
	/** the first stitch, in working order from 0, before the row */
	readonly at: number;
	/** the name of the crossing */
	readonly name: string;
}

/** A row from its beginning: so many stitches to skip, so many to look at, and so on. */
export function stretchesOf({ row, worked }: Step): LookStretch[] {
	const stretches: LookStretch[] = [];
	let at = 0;
	const skip = (to: number) => to > at && stretches.push({ kind: 'skip', count: to - at, at, name: '' });
	for (const { before, crossing, item } of worked.crossings) {
		skip(before);
		stretches.push({ kind: 'look', count: crossing.stitches, at: before, name: item.text });
		at = before + crossing.stitches;
	}
	skip(row.before);
	return stretches;
}

/** `Skip 2, look at these 4 (2/2 RC), skip 2.`, from the edge where these hands begin; UK words miss them. */
export function lookSaid(step: Step, { terms, ...hands }: Hands & { readonly terms: 'us' | 'uk' }): string {
	const skip = terms === 'uk' ? 'miss' : 'skip';
	const stretches = stretchesOf(step);
	const said = (readsFromTheEnd(hands) ? [...stretches].reverse() : stretches)
		.map(({ kind, count, name }) =>
			kind === 'skip' ? `${skip} ${count}` : `look at these ${count} (${name})`
		)
		.join(', ');
	return `${said[0].toUpperCase()}${said.slice(1)}.`;
}

/** Every written sentence once: the first row it is worked for, by its place in the plan, and all the rows it serves. */
export function writtenSentences({
	steps
}: Working): { readonly step: number; readonly numbers: readonly number[] }[] {
	const first = new Map<unknown, { step: number; numbers: number[] }>();
	steps.forEach(({ planned: { written, as, again } }, step) => {
		const known = first.get(written);
		if (!known) first.set(written, { step, numbers: [as] });
		else if (!again) known.numbers.push(as);
	});
	return [...first.values()];
}
