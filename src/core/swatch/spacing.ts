import { problem, type Problem } from '../fabric/problem';
import type { Working } from '../fabric/fabric';
import { spacingSaid, spacingsFor } from './measure';

/**
 * Crosses that stand closer or wider apart than is usual for their width, the first of each kind at each place: no fault,
 * but good to know (docs/craft.md, Rows).
 */
export function unusualSpacings({ steps, pattern }: Working): Problem[] {
	const found: Problem[] = [];
	const below = new Map<string, number>();
	const said = new Set<string>();
	for (const { row, worked, planned } of steps)
		for (const { crossing, item, before, after } of worked.crossings) {
			const { stitches } = crossing;
			const column = row.side === 'RS' ? after : row.after - after - stitches;
			const place = `${column} ${stitches}`;
			const last = below.get(place);
			below.set(place, row.n);
			if (last === undefined || last === row.n) continue;
			const rows = row.n - last;
			const { usual } = spacingsFor(stitches, pattern.rounds);
			const how = spacingSaid(rows, usual.rows);
			if (how === 'usual' || said.has(`${place} ${rows}`)) continue;
			said.add(`${place} ${rows}`);
			const { from } = planned.written;
			const comes =
				how === 'tight' ? 'closer: a tighter, shorter rope' : 'wider apart: a looser, longer rope';
			found.push(
				problem(
					'unusual-spacing',
					row.n,
					before + 1,
					{ from: from + item.from, to: from + item.to },
					`“${item.text}” comes ${rows} rows after the one below. Usual for ${stitches} stitches is every ${usual.rows}; this is ${comes}.`
				)
			);
		}
	return found;
}
