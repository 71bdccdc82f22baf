import type { Crossing } from '../crossing/crossing';
import type { Working } from '../fabric/fabric';
import type { Rules } from '../rules';
import { waysOf } from '../ways/ways';
import { crossedIn } from './crossed';
import { drawInBy, heightMm, widthMm, type Gauge } from './measure';

/** What a swatch comes to: figures to read off, and to set beside another's. */
export interface Summary {
	readonly stitches: number;
	readonly rows: number;
	/** crossings over all rows */
	readonly crosses: number;
	/** fewest and most plain rows between two rows that cross the same stitches; `null` where nothing crosses twice */
	readonly between: { readonly least: number; readonly most: number } | null;
	readonly leans: { readonly right: number; readonly left: number };
	readonly home: number | null;
	/** hand movements of the best way of every crossing, added up */
	readonly movements: number;
	/** most stitches that hang off every needle at one time */
	readonly mostLoose: number;
	/** by rule of thumb, beside as much plain ground */
	readonly drawIn: number;
	readonly widthMm: number;
	readonly heightMm: number;
}

/** Sums up rows that were worked: sizes in millimetres by the gauge, drawn in by the rules. */
export function summaryOf(working: Working, gauge: Gauge, rules: Rules): Summary {
	const { steps, fabric } = working;
	const placed = steps.flatMap(({ worked }) => worked.crossings);
	const best = bestWays(placed.map(({ crossing }) => crossing));
	const stitches = Math.max(fabric.castOn, ...fabric.rows.map(({ after }) => after));
	const drawIn = drawInBy(crossedIn(working), rules);
	return {
		stitches,
		rows: steps.length,
		crosses: placed.length,
		between: betweenOf(steps),
		leans: leansOf(placed.map(({ crossing }) => crossing)),
		home: fabric.home,
		movements: placed.reduce((sum, { crossing }) => sum + (best.get(crossing)?.movements ?? 0), 0),
		mostLoose: Math.max(0, ...placed.map(({ crossing }) => best.get(crossing)?.mostLoose ?? 0)),
		drawIn,
		widthMm: widthMm(stitches, gauge) * drawIn,
		heightMm: heightMm(steps.length, gauge)
	};
}

/** Crossings are few and come again, so each is asked for its ways once. */
function bestWays(crossings: readonly Crossing[]) {
	return new Map([...new Set(crossings)].map((crossing) => [crossing, waysOf(crossing)[0]]));
}

const leansOf = (crossings: readonly Crossing[]) => {
	const right = crossings.filter(({ over }) => over.length > 0 && over[0][0] > over[0][1]).length;
	return { right, left: crossings.filter(({ over }) => over.length > 0).length - right };
};

/** Plain rows from each crossing to the next that takes one of its strands. */
function betweenOf(steps: Working['steps']): Summary['between'] {
	const last = new Map<number, number>();
	const gaps: number[] = [];
	steps.forEach(({ before, worked, row }, i) => {
		const turned = before.from !== (row.side === 'RS' ? 'right' : 'left');
		for (const { before: first, crossing } of worked.crossings) {
			const strands = Array.from(
				{ length: crossing.stitches },
				(_, k) => before.strands[turned ? before.strands.length - 1 - first - k : first + k]
			);
			const seen = strands.flatMap((strand) => last.get(strand) ?? []);
			if (seen.length > 0) gaps.push(i - Math.max(...seen) - 1);
			strands.forEach((strand) => last.set(strand, i));
		}
	});
	return gaps.length === 0 ? null : { least: Math.min(...gaps), most: Math.max(...gaps) };
}
