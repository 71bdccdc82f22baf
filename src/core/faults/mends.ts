import type { Crossing } from '../crossing/crossing';
import type { BedMove } from '../hands/bed';
import type { Move } from '../hands/moves';
import type { BedWay } from '../ways/bed';
import { counted } from '../naming/numbers';
import { fault, good, type Result } from '../result';
import { waysOf, type Way } from '../ways/ways';
import type { Fault } from './fault';
import type { MendId } from './mend';
import { asMeant, seenOf } from './seen';
import { isWrong, slipFacts, type Wrong } from './slip';

/** Where a slip is found: whole rows knitted since, stitches in a row, the stitch at which the cross begins in its row. */
export interface Found {
	readonly rows: number;
	readonly width: number;
	readonly at: number;
	/** whether the stitches were worked since; so unless it is said */
	readonly worked?: boolean;
}

/** One way to mend a slip: what it costs, whether the cloth is then the cross that was meant, and how it goes. */
export interface Mend {
	readonly id: MendId;
	readonly movements: number;
	readonly restores: boolean;
	readonly steps: readonly string[];
	/** how the stitches are crossed again, where they are */
	readonly moves?: readonly (Move | BedMove)[];
	readonly because: string;
}

/** How the stitches of a cross are crossed once more. */
type Again = Pick<Way | BedWay, 'title' | 'movements' | 'moves'>;

/** Least stitches that a sewn strand is reckoned with. */
export const LEAST_FAKE = 4;

/** The mends of a slip, those that restore first, the cheapest first in each (craft: Mistakes); `conflict` where the cross does not fit. */
export function mendsOf(
	crossing: Crossing,
	made: Fault,
	found: Found,
	way: Again = shortestWay(crossing)
): Result<Mend[]> {
	const { stitches } = crossing;
	if (found.at < 1 || found.at - 1 + stitches > found.width)
		return fault(
			'conflict',
			`A cross of ${counted(stitches, 'stitch', 'stitches')} does not fit from stitch ${found.at} of a row of ${found.width}: it ends at ${found.at - 1 + stitches}.`
		);
	const all = [
		unpick(crossing, way, found),
		ladder(crossing, way, made, found),
		...columns(crossing, made, found),
		...loop(made, found),
		...turn(crossing, made, found),
		...fake(crossing, made),
		LEAVE
	];
	return good(all.sort((a, b) => Number(b.restores) - Number(a.restores) || a.movements - b.movements));
}

/** From how many whole rows since the slip on a mend is the least of those that restore. */
export interface LeastMend {
	readonly from: number;
	readonly id: MendId;
}

/** Most rows since a slip that are looked at to see where mends cross over. */
const MOST_ROWS_SINCE = 60;

/** Which mend that restores takes the fewest movements, from the first row on, and where another takes over. */
export function leastMends(
	crossing: Crossing,
	made: Fault,
	{ width, at, worked }: Omit<Found, 'rows'>,
	way: Again = shortestWay(crossing)
): LeastMend[] {
	const least: LeastMend[] = [];
	for (let rows = 0; rows <= MOST_ROWS_SINCE; rows++) {
		const mends = mendsOf(
			crossing,
			made,
			{ rows, width, at, ...(worked === undefined ? {} : { worked }) },
			way
		);
		const best = mends.ok ? mends.value.find(({ restores }) => restores) : undefined;
		if (best && best.id !== least.at(-1)?.id) least.push({ from: rows, id: best.id });
	}
	return least;
}

/** Of the ways that agree and twist nothing, the one with the fewest movements. */
export function shortestWay(crossing: Crossing): Way {
	const ways = waysOf(crossing).filter(({ agrees, result }) => agrees && result.twisted.length === 0);
	return ways.reduce((best, way) => (way.movements < best.movements ? way : best));
}

const rowsSaid = (rows: number) => counted(rows, 'row');

function unpick({ stitches }: Crossing, way: Again, { rows, width, at }: Found): Mend {
	const since = rows * width + width - at + 1;
	return {
		id: 'unpick',
		movements: 2 * since,
		restores: true,
		steps: [
			...(rows > 0 ? [`Unpick ${rowsSaid(rows)}, stitch by stitch.`] : []),
			`Unpick the row of the cross back to its first stitch: ${counted(width - at + 1, 'stitch', 'stitches')}.`,
			`Cross the ${stitches} again: ${way.title.toLowerCase()}.`,
			'Knit on to where you were.'
		],
		moves: way.moves,
		because: `Every stitch since, taken out and knitted again: ${since}.`
	};
}

/**
 * How many rows deep the columns of a cross are let down so that it can be made where it belongs, and how many rows stand
 * above it then: a cross that came too late belongs on a row below its own, one that came too early on a row above.
 */
export function ladderDepth(offset: number, rows: number) {
	return { down: rows + 1 + Math.max(0, offset), up: Math.max(0, rows + offset) };
}

function ladder({ stitches }: Crossing, way: Again, made: Fault, { rows }: Found): Mend {
	const { down, up } = ladderDepth(made.seen.offset, rows);
	const early = made.seen.offset < 0;
	const to = isWrong(made.slip, 'row') && !early ? ', to the row where the cross belongs' : '';
	return {
		id: 'ladder',
		movements: 2 * stitches * down + way.movements,
		restores: true,
		steps: [
			`Let the ${stitches} columns of the cross down, ${rowsSaid(down)}${to}.`,
			...(early ? ['Hook each column up again, uncrossed, to the row where the cross belongs.'] : []),
			`Cross them again: ${way.title.toLowerCase()}.`,
			`Hook each column up again, ${rowsSaid(up)}, each stitch as it faces.`
		],
		moves: way.moves,
		because: `Only the columns of the cross: ${stitches} of them, ${rowsSaid(down)} deep.`
	};
}

function columns(crossing: Crossing, made: Fault, { rows }: Found): Mend[] {
	const count = wrongColumns(crossing, made).length;
	if (count === 0) return [];
	const one = count === 1;
	return [
		{
			id: 'column',
			movements: 2 * (rows + 1) * count,
			// Where more is wrong than its columns, they alone do not make it good.
			restores: slipFacts(made.slip).wrong.length === 1,
			steps: [
				`Let ${one ? 'that column' : `those ${count} columns, one after the other,`} down, ${rowsSaid(rows + 1)}.`,
				`Hook ${one ? 'it' : 'each'} up again as it should face, open.`
			],
			because: one
				? 'One column alone is wrong.'
				: `${count} columns are wrong, and each is mended by itself.`
		}
	];
}

/** The columns that are wrong by themselves, by their stitches before the cross. */
export const wrongColumns = (
	crossing: Crossing,
	{ slip, result }: Pick<Fault, 'slip' | 'result'>
): readonly number[] => slipFacts(slip).wrong.flatMap((what) => COLUMNS_WRONG[what](crossing, result));

const none = () => [];
const COLUMNS_WRONG: Readonly<
	Record<Wrong, (crossing: Crossing, result: Fault['result']) => readonly number[]>
> = {
	cross: none,
	row: none,
	loop: none,
	faces(crossing, { order, work }) {
		const meant = new Map(crossing.order.map((stitch, i) => [stitch, crossing.work[i]]));
		return order.filter((stitch, i) => work[i] !== meant.get(stitch));
	},
	mounts(crossing, { twisted }) {
		const asked = new Set(asMeant(crossing).twisted);
		return twisted.filter((stitch) => !asked.has(stitch));
	},
	unworked: (_, { order, work }) => order.filter((_stitch, i) => work[i] === 'sl'),
	gone: (crossing, { order }) => crossing.order.filter((stitch) => !order.includes(stitch))
};

/** A loop too many falls off by itself on the next row; once it was worked, it is a column that is let run. */
function loop({ slip, result: { extraLoops } }: Fault, { rows }: Found): Mend[] {
	if (!isWrong(slip, 'loop')) return [];
	if (rows === 0)
		return [
			{
				id: 'drop-loop',
				movements: extraLoops,
				restores: true,
				steps: ['Drop the extra loop off the needle on the next row, and tug its neighbours even.'],
				because: 'The loop was never a stitch: nothing runs when it is dropped.'
			}
		];
	return [
		{
			id: 'column',
			movements: 2 * (rows + 1) * extraLoops,
			restores: true,
			steps: [
				`Drop the stitch that was worked on the extra loop, and let its column run down ${rowsSaid(rows + 1)}.`,
				'Tug the slack of each row into the stitches beside it.'
			],
			because: 'The loop has been worked since: its column runs down, and nothing is hooked up.'
		}
	];
}

const turn = (crossing: Crossing, made: Fault, { worked = true }: Found): Mend[] =>
	!worked && slipFacts(made.slip).wrong.every((what) => what === 'mounts')
		? [
				{
					id: 'turn',
					movements: wrongColumns(crossing, made).length,
					restores: true,
					steps: ['Turn each stitch on the needle, or work its other leg.'],
					because: 'Nothing is worked on it yet: a turn is all it needs.'
				}
			]
		: [];

/** A strand sewn over what should have crossed, or crossed the other way. */
function fake(crossing: Crossing, { slip, seen }: Fault): Mend[] {
	const meant = seenOf(crossing, asMeant(crossing), 0);
	if (slip !== 'not-crossed' && (seen.lean === meant.lean || seen.lean === 'none')) return [];
	const over = Math.max(LEAST_FAKE, crossing.stitches);
	return [
		{
			id: 'fake',
			movements: 2 * over,
			restores: false,
			steps: [
				'Thread a length of the same yarn.',
				`Follow the strand that should lie in front, stitch over stitch, across ${over} stitches.`,
				'Weave both ends in behind.'
			],
			because: 'Sewn over, it looks crossed, and nothing is unpicked; from behind it shows.'
		}
	];
}

const LEAVE: Mend = {
	id: 'leave',
	movements: 0,
	restores: false,
	steps: ['Leave it, and go on.'],
	because: 'It costs nothing, and shows for as long as the piece does.'
};
