import { inOrder } from '../english';
import type { Working } from '../fabric/fabric';
import { inWords } from '../naming/numbers';

/** What a strand does in a row: passes in front of another, behind one, or both at once. */
export interface Passing {
	readonly n: number;
	readonly passes: 'front' | 'behind' | 'both';
}

/** The rows in which a strand passes others, and the stitch (from the right edge, from 1) at which it ends; `null` where it is lost. */
export function strandOf({ steps }: Working, strand: number): { passings: Passing[]; ends: number | null } {
	const passings: Passing[] = [];
	for (const { before, worked, row } of steps) {
		const at = before.strands.indexOf(strand);
		if (at < 0) return { passings, ends: null };
		const turned = before.from !== (row.side === 'RS' ? 'right' : 'left');
		const place = turned ? before.strands.length - 1 - at : at;
		const placed = worked.crossings.find(
			({ before: first, crossing }) => place >= first && place < first + crossing.stitches
		);
		if (!placed) continue;
		const stitch = place - placed.before + 1;
		const inHand = placed.crossing.over;
		const over = inHand.some(([front]) => front === stitch);
		const under = inHand.some(([, behind]) => behind === stitch);
		if (!over && !under) continue;
		// What hands on a wrong side row see in front lies behind on the right side.
		const front = row.side === 'RS' ? over : under;
		passings.push({ n: row.n, passes: over && under ? 'both' : front ? 'front' : 'behind' });
	}
	const last = steps.at(-1);
	const at = last ? last.row.strands.indexOf(strand) : -1;
	return { passings, ends: last && at >= 0 ? last.row.after - at : null };
}

/** Most passings that are told one by one. */
const MOST_TOLD = 6;

/** The way of a strand in plain sentences, as the right side shows it. */
export function strandSaid(working: Working, strand: number): string {
	const { passings, ends } = strandOf(working, strand);
	const rows = working.pattern.rounds ? 'round' : 'row';
	const told = passings
		.slice(0, MOST_TOLD)
		.map(
			({ n, passes }) =>
				`${passes === 'front' ? 'in front' : passes === 'behind' ? 'behind' : 'between two'} on ${rows} ${n}`
		);
	const more = passings.length - told.length;
	const way =
		told.length === 0
			? 'Goes straight up.'
			: `Passes ${told.join(', ')}${more > 0 ? `, and ${inWords(more)} ${more === 1 ? 'time' : 'times'} more` : ''}.`;
	const { home } = working.fabric;
	const end =
		ends === null
			? 'It ends where stitches are taken together.'
			: ends === strand
				? 'It is home at the upper edge.'
				: `It ends ${inOrder(ends)}${home ? `; all stitches are back in their places after ${inWords(home)} ${home === 1 ? 'repeat' : 'repeats'}` : ''}.`;
	return `Starts ${inOrder(strand)} from the right edge. ${way} ${end}`;
}
