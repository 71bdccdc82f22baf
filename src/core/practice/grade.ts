import { sameCrossing, sameList, type Crossing } from '../crossing/crossing';
import { faultOf } from '../faults/fault';
import { HAND_SLIPS } from '../faults/slipIds';
import type { Move } from '../hands/moves';
import { play } from '../hands/play';
import { rowsWorked } from '../lesson/rows';
import { inWords } from '../naming/numbers';
import { readKnown } from '../naming/known';
import { plainRows } from '../swatch/write';
import type { Medium } from '../technique/medium';
import { wayOf } from '../ways/ways';
import type { Choice, Grade, Kind } from './exercise';
import { crossedAt, frontsOf, nextAfter } from './makers';
import { gives, heldAt } from './played';
import { slipsOf, wrongOf } from './wrong';

/** An answer that was read into the shape its kind wants, with what the exercise shows. */
export interface Answered {
	readonly kind: Kind;
	readonly of: string;
	/** the crossing that is meant */
	readonly crossing: Crossing;
	readonly medium: Medium;
	readonly hand: 'right' | 'left';
	readonly moves: readonly Move[];
	readonly way: string;
	readonly seen: object;
	readonly swatch: string;
	/** the number of the row that is done, or how many rows are */
	readonly rows: number;
	/** the crossing that stands in the cell of the chart */
	readonly charted: Crossing | null;
	readonly choices: readonly Choice[];
	readonly list: readonly number[];
	readonly text: string;
	readonly number: number;
}

const RIGHT = 'That is right.';
const right = (because = RIGHT): Grade => ({ right: true, because });
const wrong = (because: string, slip?: string, comesTo?: Crossing): Grade => ({
	right: false,
	because,
	...(slip ? { slip } : {}),
	...(comesTo ? { comesTo } : {})
});
const listed = (list: readonly number[]): string => list.join(' ');

/** Grades an answer by what the crossing, its hands and its rows do, never by what the exercise says is right. */
export const GRADES: Readonly<Record<Kind, (answered: Answered) => Grade>> = {
	numbers({ of, crossing, medium, list }) {
		if (sameList(list, crossing.order)) return right(`${of} is worked ${listed(crossing.order)}.`);
		const other = wrongOf(of, crossing, medium).find((one) => sameList(one.crossing.order, list));
		return wrong(
			`${of} is worked ${listed(crossing.order)}, not ${listed(list)}.${otherSaid(other?.slip)}`,
			other?.slip,
			other?.crossing
		);
	},
	front({ of, crossing, medium, list }) {
		const fronts = frontsOf(crossing);
		const sorted = [...new Set(list)].sort((a, b) => a - b);
		if (sameList(sorted, fronts)) return right(`${listed(fronts)} lie in front in ${of}.`);
		const other = wrongOf(of, crossing, medium).find((one) => sameList(frontsOf(one.crossing), sorted));
		return wrong(
			`${listed(fronts)} lie in front in ${of}, not ${listed(sorted)}.${otherSaid(other?.slip)}`,
			other?.slip,
			other?.crossing
		);
	},
	name({ of, crossing, medium, text }) {
		const read = readKnown(text, { medium });
		if (!read.ok) return wrong(`“${text}” cannot be read: ${read.error.message}`);
		if (read.value.readings.some((one) => sameCrossing(one.crossing, crossing)))
			return right(`“${text}” is read as this cross.`);
		const other = wrongOf(of, crossing, medium).find((one) =>
			read.value.readings.some((reading) => sameCrossing(reading.crossing, one.crossing))
		);
		return wrong(
			`“${text}” is another cross. This one is ${of}.${otherSaid(other?.slip)}`,
			other?.slip,
			other?.crossing ?? read.value.readings.at(0)?.crossing
		);
	},
	hold({ of, crossing, hand, text }) {
		const held = heldAt(crossing, hand);
		if (text === held) return right(`In ${of} they wait in ${held}.`);
		return wrong(
			`In ${of} they wait in ${held}: held in ${text}, the cross leans the other way.`,
			'wrong-hold',
			slipsOf(crossing).flatMap(({ slip, result }) =>
				slip === 'wrong-hold' ? [crossingMade(result)] : []
			)[0]
		);
	},
	script({ of, crossing, moves, list }) {
		const each = sameList(
			[...list].sort((a, b) => a - b),
			moves.map((_, i) => i)
		);
		if (!each) return wrong('Each movement stands once, by its number.');
		const inOrder = list.map((i) => moves[i]);
		if (gives(crossing, inOrder)) return right(`Played in this order it is ${of}.`);
		const played = play(crossing.stitches, inOrder);
		if (!played.ok) return wrong(`Hands cannot do it in this order. ${played.error.message}`);
		const { order, over } = played.value.made;
		const other = slipsOf(crossing).find(
			({ result }) => sameList(result.order, order) && JSON.stringify(result.over) === JSON.stringify(over)
		);
		return wrong(
			`Played in this order it comes out as ${listed(order)}, not as ${of}.${otherSaid(other?.slip)}`,
			other?.slip,
			played.value.made.finished ? crossingMade(played.value.made) : undefined
		);
	},
	cloth({ of, crossing, medium, choices, number }) {
		const chosen = choices[number];
		if (typeof chosen === 'object' && sameCrossing(chosen, crossing)) return right(`That is ${of}.`);
		const other = wrongOf(of, crossing, medium).find(
			(one) => typeof chosen === 'object' && sameCrossing(one.crossing, chosen)
		);
		return wrong(
			`That is not ${of}.${otherSaid(other?.slip)}`,
			other?.slip,
			typeof chosen === 'object' ? chosen : undefined
		);
	},
	fault({ of, crossing, way: id, seen, choices, number }) {
		const way = wayOf(crossing, id);
		const slip = HAND_SLIPS.find((one) => one === choices[number]);
		if (!way || !slip) return wrong(`Nobody makes ${of} so.`);
		const made = faultOf(crossing, way, slip);
		if (made.ok && JSON.stringify(made.value.seen) === JSON.stringify(seen))
			return right('Played, that slip looks like this.');
		return wrong(
			made.ok
				? 'Played, that slip looks otherwise.'
				: `Hands that work this way cannot slip so. ${made.error.message}`,
			slip
		);
	},
	'next-row'({ swatch, rows, medium, choices, number }) {
		const working = rowsWorked(swatch, medium);
		if (!working.ok) return wrong(working.error.message);
		const all = plainRows(working.value);
		const next = nextAfter(all, rows);
		if (next !== null && choices[number] === next) return right(`After row ${rows} comes: ${next}.`);
		const other = all.some(({ text }) => text === choices[number]);
		return wrong(
			next === null ? `Nothing comes after row ${rows}.` : `After row ${rows} comes: ${next}.`,
			other ? 'wrong-row' : undefined
		);
	},
	'count-rows'({ swatch, rows, medium, number }) {
		const working = rowsWorked(swatch, medium);
		const crossed = working.ok ? crossedAt(working.value, rows) : null;
		if (crossed === null) return wrong('There is no cross in these rows.');
		const since = rows - crossed - 1;
		if (number === since) return right();
		return wrong(
			`The cross is in row ${crossed + 1}, and ${rows} are done: ${inWords(since)} since then.`,
			number === since + 1 ? 'misread' : undefined
		);
	},
	chart({ of, charted, medium, choices, number }) {
		const chosen = choices[number];
		const read = typeof chosen === 'string' ? readKnown(chosen, { medium }) : null;
		if (!charted) return wrong('There is no cross in this place of the chart.');
		const crossing = read?.ok ? read.value.readings[0].crossing : null;
		if (crossing && sameCrossing(crossing, charted)) return right();
		const other = wrongOf(of, charted, medium).find(
			(one) => crossing && sameCrossing(one.crossing, crossing)
		);
		return wrong(
			`That makes another cross than the chart shows.${otherSaid(other?.slip)}`,
			other?.slip,
			crossing ?? undefined
		);
	}
};

/** The cross that hands made. */
const crossingMade = ({ order, over, work }: Pick<Crossing, 'order' | 'over' | 'work'>): Crossing => ({
	...{ stitches: order.length, order, over, work }
});

/** What gives a wrong answer, as the end of a sentence. */
const otherSaid = (slip: string | undefined): string =>
	slip === undefined
		? ''
		: slip === 'misread'
			? ' That is how another school reads the name.'
			: ' That comes of a slip.';
