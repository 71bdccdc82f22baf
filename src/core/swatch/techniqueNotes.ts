import type { Working } from '../fabric/fabric';
import type { Step } from '../fabric/steps';
import { meaningIn } from '../fabric/units';
import { piecesOf, type PlacedCrossing } from '../fabric/work';
import { counted } from '../naming/numbers';
import type { Rules } from '../rules';
import { widestSet } from '../technique/facts';
import type { Medium } from '../technique/medium';
import { needlesSaid } from '../technique/needles';
import { rowsToSlip } from '../technique/slipped';

/** What a technique asks of a swatch, in its own words. */
export interface TechniqueNotes {
	/** what the rows come to there: needles in use, passes between crosses */
	readonly figures: string | null;
	/** what is to be known, or changed */
	readonly notes: readonly Note[];
}
interface Note {
	readonly wrong: boolean;
	readonly text: string;
}

const tell = (text: string): Note => ({ wrong: false, text });
const warn = (text: string): Note => ({ wrong: true, text });

/**
 * What the rows of a swatch have to mind in their technique: passes between crosses, tension, pegs and their order, how
 * long stitches are slipped, which pass crosses, where pairs begin (docs/craft.md, Techniques). By hand there is nothing.
 */
export function techniqueNotes(working: Working, medium: Medium, rules: Rules): TechniqueNotes | null {
	switch (medium) {
		case 'machine':
		case 'loom':
			return atBed(working, medium, rules);
		case 'slipped':
			return { figures: null, notes: slipNotes(working, rules) };
		case 'brioche':
			return { figures: null, notes: briocheNotes(working) };
		case 'double':
		case 'double-front':
			return {
				figures: `${counted(working.fabric.castOn / 2, 'pair')} of stitches: a front one, then a back one.`,
				notes: doubleNotes(working)
			};
		default:
			return null;
	}
}

interface Placed extends PlacedCrossing {
	readonly step: Step;
	/** columns from the right edge of the right side, from 1 */
	readonly first: number;
	readonly last: number;
}

/** Every cross of a piece with the columns it lies over. */
const placedIn = ({ steps }: Working): Placed[] =>
	steps.flatMap((step) =>
		step.worked.crossings.map((placed): Placed => {
			const { stitches } = placed.crossing;
			const { side, after } = step.row;
			const first = side === 'RS' ? placed.after + 1 : after - placed.after - stitches + 1;
			return { ...placed, step, first, last: first + stitches - 1 };
		})
	);

/** Rows from each cross to the next over some of the same columns, the fewest; crosses beside it do not count. */
function fewestBetween(crosses: readonly Placed[]): number | null {
	const last = new Map<number, number>();
	let fewest: number | null = null;
	for (const { step, first, last: end } of crosses) {
		const { n } = step.row;
		for (let column = first; column <= end; column++) {
			const below = last.get(column);
			if (below !== undefined && below < n) fewest = Math.min(fewest ?? Infinity, n - below - 1);
		}
		for (let column = first; column <= end; column++) last.set(column, n);
	}
	return fewest;
}

function atBed(working: Working, medium: 'machine' | 'loom', rules: Rules): TechniqueNotes {
	const crosses = placedIn(working);
	const between = fewestBetween(crosses);
	const crossings = crosses.map(({ crossing }) => crossing);
	const widest = Math.max(0, ...crossings.map(widestSet));
	const used = Math.max(working.fabric.castOn, ...working.fabric.rows.map(({ after }) => after));
	const [needles, passes] = medium === 'machine' ? ['needles', 'passes'] : ['pegs', 'rows'];
	const apart =
		between === null ? '' : `, ${between} ${passes} between crosses over the same ${needles} at the closest`;
	const purls = crossings.some(({ work }) => work.some((word) => word !== 'k'));
	return {
		figures: `${used} ${needles} in use${apart}.`,
		notes: [
			...(medium === 'machine'
				? machineNotes(crosses, used, widest, between, rules)
				: loomNotes(widest, rules)),
			...(purls ? [warn('A purl cross is made by hand only; on a bed every stitch of a cross knits.')] : [])
		]
	};
}

/** Most places of crosses that are told one by one. */
const MOST_PLACES = 8;

function machineNotes(
	crosses: readonly Placed[],
	used: number,
	widest: number,
	between: number | null,
	rules: Rules
): Note[] {
	const wanted = widest * rules.plainRows;
	const places = new Set(
		crosses.map(({ item, first, last }) => `${item.text} on needles ${needlesSaid(first, last, used)}`)
	);
	return [
		...(widest > 0
			? [
					(between !== null && between < wanted ? warn : tell)(
						`At least ${wanted} plain passes between crosses of ${widest}×${widest}${between === null ? '' : `; here there are ${between}`}.`
					)
				]
			: []),
		...(places.size > 0 && places.size <= MOST_PLACES
			? [tell(`Counted from the middle of the bed: ${[...places].join('; ')}.`)]
			: []),
		...(2 * widest >= rules.forwardFrom
			? [
					tell(
						'Push the crossed needles fully forward before the next pass, the carriage set so that it knits them back.'
					)
				]
			: []),
		...(widest >= rules.strainFrom
			? [
					warn(
						`Sets of ${widest} strain the yarn: loosen the tension by a number or more, go slowly, and take no brittle yarn.`
					)
				]
			: []),
		tell(
			'The purl side faces you; the cables show on the far side. Keep fingers clear of the moving carriage.'
		)
	];
}

const loomNotes = (widest: number, { loomMost }: Rules): Note[] => [
	...(widest > loomMost
		? [warn(`Sets of ${widest} are beyond most looms; ${loomMost} is as far as pegs let them go.`)]
		: []),
	tell('Keep one order of re-seating for the whole piece: outside always means in front.'),
	tell('Cross after the next stitch is worked, so that the working yarn is clear.')
];

/** Crosses whose front stitches were slipped for fewer rows than they have places to go, each name at its first row. */
function slipNotes(working: Working, rules: Rules): Note[] {
	const notes: Note[] = [];
	/** rows for which each strand was slipped, up to the row in hand */
	let slipped = new Map<number, number>();
	const said = new Set<string>();
	for (const step of working.steps) {
		const { row, worked } = step;
		for (const { crossing, item, before } of worked.crossings) {
			const { stitches, travel, rows } = rowsToSlip(crossing, rules);
			const were = Math.min(
				...stitches.map((position) => slipped.get(strandAt(step, before + position - 1)) ?? 0)
			);
			if (stitches.length === 0 || were >= rows || said.has(item.text)) continue;
			said.add(item.text);
			notes.push(
				warn(
					`Row ${row.n}: the front stitches of ${item.text} ${were === 0 ? 'are not slipped' : `are slipped for ${counted(were, 'row')}`} before it. They have ${counted(travel, 'place')} to go: slip them for ${counted(rows, 'row')}.`
				)
			);
		}
		slipped = slippedAfter(step, slipped);
	}
	return [
		...notes,
		tell(
			'While stitches are slipped the yarn waits at the wrong side: behind on right side rows, in front on others.'
		),
		tell('What was slipped keeps its older colour, and lies long over short new stitches.')
	];
}

function slippedAfter(step: Step, before: ReadonlyMap<number, number>): Map<number, number> {
	const { written, number } = step.planned;
	const slipped = new Map<number, number>();
	for (const piece of piecesOf(step.before, written.items, number, meaningIn(step))) {
		const { item } = piece;
		if (item.kind !== 'action' || item.action.do !== 'work' || !/^slf?$/.test(item.action.word)) continue;
		for (let i = 0; i < piece.takes; i++) {
			const strand = strandAt(step, piece.before + i);
			slipped.set(strand, (before.get(strand) ?? 0) + 1);
		}
	}
	return slipped;
}

/** The strand of a stitch in working order, from 0, before the row. */
function strandAt({ before: { strands, from }, row }: Step, at: number): number {
	const turned = from !== (row.side === 'RS' ? 'right' : 'left');
	return strands[turned ? strands.length - 1 - at : at];
}

/** Crosses that begin on a purl column. */
function briocheNotes({ steps }: Working): Note[] {
	const astray = steps.flatMap(({ row, worked }, i) => {
		const below = steps[i - 1]?.row;
		return worked.crossings.flatMap(({ item, before }) => {
			const face = below && below.faces[row.side === 'RS' ? below.after - 1 - before : before];
			return face && (face === 'k') !== (row.side === 'RS')
				? [warn(`Row ${row.n}: ${item.text} begins on a purl column. Begin it on a knit column.`)]
				: [];
		});
	});
	return [
		...astray.slice(0, MOST_PLACES),
		tell('A stitch and its yarn-over are one: they move together.'),
		tell(
			'Cross on the pass that works the knit columns; in two colours that is the pass in their colour, and the purl columns in it are slipped.'
		)
	];
}

/** Crosses that begin in the middle of a pair. */
function doubleNotes({ steps, fabric }: Working): Note[] {
	const astray = steps.flatMap(({ row, worked }) =>
		worked.crossings
			.filter(({ before }) => before % 2 === 1)
			.map(({ item }) =>
				warn(
					`Row ${row.n}: ${item.text} begins in the middle of a pair. Begin it at the stitch of the layer that faces you.`
				)
			)
	);
	return [
		...(fabric.castOn % 2 === 1
			? [warn('The cast-on is odd, so one stitch has no partner: pairs need an even number.')]
			: []),
		...astray.slice(0, MOST_PLACES),
		tell(
			'Two yarns: both to the back, and the front stitch is knitted with the first; both to the front, and the back stitch is purled with the second.'
		)
	];
}
