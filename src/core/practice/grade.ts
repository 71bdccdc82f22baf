import { sameCrossing, sameList, samePairs, type Crossing } from '../crossing/crossing';
import { inFront } from '../crossing/depth';
import type { PartlySeen } from '../faults/diagnose';
import { faultOf } from '../faults/fault';
import { SEEN_FIELDS, type Seen } from '../faults/seen';
import { HAND_SLIPS } from '../faults/slip';
import type { Move } from '../hands/moves';
import { play } from '../hands/play';
import { rowsWorked } from '../lesson/rows';
import { inWords } from '../naming/numbers';
import { readKnown } from '../naming/known';
import { acrossFor, handed, namedBy, seenBy } from '../ways/handed';
import { wayOf } from '../ways/ways';
import type { Choice, Grade, Kind } from './exercise';
import { crossedAt } from './makers';
import { fabricOfRow, nextAfter, toldRows } from './nextRow';
import { gives, heldAt } from './played';
import type { InHands } from './subject';
import { slipsOf, wrongOf } from './wrong';

/** An answer that was read into the shape its kind wants, with what the exercise shows. */
export interface Answered extends InHands {
	readonly kind: Kind;
	readonly moves: readonly Move[];
	readonly way: string;
	readonly seen: PartlySeen;
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
	numbers(answered) {
		const { of, played, list } = answered;
		if (sameList(list, played.order)) return right(`${of} is worked ${listed(played.order)}.`);
		const other = wrongOf(answered).find((one) => sameList(one.played.order, list));
		return wrong(
			`${of} is worked ${listed(played.order)}, not ${listed(list)}.${otherSaid(other?.slip)}`,
			other?.slip,
			other?.cloth
		);
	},
	front(answered) {
		const { of, played, list } = answered;
		const fronts = inFront(played.over);
		const sorted = [...new Set(list)].sort((a, b) => a - b);
		if (sameList(sorted, fronts)) return right(`${listed(fronts)} lie in front in ${of}.`);
		const other = wrongOf(answered).find((one) => sameList(inFront(one.played.over), sorted));
		return wrong(
			`${listed(fronts)} lie in front in ${of}, not ${listed(sorted)}.${otherSaid(other?.slip)}`,
			other?.slip,
			other?.cloth
		);
	},
	name(answered) {
		const { of, crossing, medium, hands, text } = answered;
		const read = readKnown(text, { medium });
		if (!read.ok) return wrong(`“${text}” cannot be read: ${read.error.message}`);
		const readings = read.value.readings.map((one) => one.crossing);
		if (readings.some((one) => sameCrossing(one, crossing))) return right(`“${text}” is read as this cross.`);
		const other = wrongOf(answered).find(({ named }) => readings.some((one) => sameCrossing(one, named)));
		return wrong(
			`“${text}” is another cross. This one is ${of}.${otherSaid(other?.slip)}`,
			other?.slip,
			handed(readings[0], hands, medium).cloth
		);
	},
	hold({ of, played, medium, hands, text }) {
		const held = heldAt(played);
		if (text === held) return right(`In ${of} they wait in ${held}.`);
		const slipped = slipsOf(played).find(({ slip }) => slip === 'wrong-hold');
		return wrong(
			`In ${of} they wait in ${held}: held in ${text}, the cross leans the other way.`,
			'wrong-hold',
			slipped && acrossFor(crossingMade(slipped.result), hands, medium)
		);
	},
	script({ of, played: meant, medium, hands, moves, list }) {
		const each = sameList(
			[...list].sort((a, b) => a - b),
			moves.map((_, i) => i)
		);
		if (!each) return wrong('Each movement stands once, by its number.');
		const inOrder = list.map((i) => moves[i]);
		if (gives(meant, inOrder)) return right(`Played in this order it is ${of}.`);
		const played = play(meant.stitches, inOrder);
		if (!played.ok) return wrong(`Hands cannot do it in this order. ${played.error.message}`);
		const { made } = played.value;
		const other = slipsOf(meant).find(
			({ result }) => sameList(result.order, made.order) && samePairs(result.over, made.over)
		);
		return wrong(
			`Played in this order it comes out as ${listed(made.order)}, not as ${of}.${otherSaid(other?.slip)}`,
			other?.slip,
			made.finished ? acrossFor(crossingMade(made), hands, medium) : undefined
		);
	},
	cloth(answered) {
		const { of, cloth, choices, number } = answered;
		const chosen = choices[number];
		if (typeof chosen !== 'object') return wrong(`That is not ${of}.`);
		if (sameCrossing(chosen, cloth)) return right(`That is ${of}.`);
		const other = wrongOf(answered).find((one) => sameCrossing(one.cloth, chosen));
		return wrong(`That is not ${of}.${otherSaid(other?.slip)}`, other?.slip, chosen);
	},
	fault({ of, played, hands, way: id, seen, choices, number }) {
		const way = wayOf(played, id);
		const slip = HAND_SLIPS.find((one) => one === choices[number]);
		if (!way || !slip) return wrong(`Nobody makes ${of} so.`);
		const made = faultOf(played, way, slip);
		if (made.ok && looksTheSame(seenBy(made.value.seen, hands), seen))
			return right('Played, that slip looks like this.');
		return wrong(
			made.ok
				? 'Played, that slip looks otherwise.'
				: `Hands that work this way cannot slip so. ${made.error.message}`,
			slip
		);
	},
	'next-row'({ swatch, rows: done, medium, hands, choices, number }) {
		const working = rowsWorked(swatch, medium);
		if (!working.ok) return wrong(working.error.message);
		const rows = toldRows(working.value, hands);
		const next = nextAfter(rows, done);
		if (!next) return wrong(`Nothing comes after row ${done}.`);
		const says = `After row ${done} comes: ${next.text}.`;
		const chosen = rows.find(({ text }) => text === choices[number]);
		const fabric = (step: number) => fabricOfRow(working.value, done, step);
		if (chosen && fabric(chosen.step) === fabric(next.step)) return right(says);
		return wrong(says, chosen ? 'wrong-row' : undefined);
	},
	'count-rows'({ swatch, rows, medium, number }) {
		const working = rowsWorked(swatch, medium);
		const crossed = working.ok ? crossedAt(working.value, rows) : null;
		if (crossed === null) return wrong('There is no cross in these rows.');
		const since = rows - crossed - 1;
		if (number === since) return right();
		return wrong(
			`The cross is in row ${crossed + 1}, and ${rows} are done: ${inWords(since)} since then.`,
			// Its own row counted as well; any other number comes of rows counted wrong.
			number === since + 1 ? 'misread' : 'wrong-row'
		);
	},
	chart(answered) {
		const { charted, medium, hands, choices, number } = answered;
		const chosen = choices[number];
		const read = typeof chosen === 'string' ? readKnown(chosen, { medium }) : null;
		if (!charted) return wrong('There is no cross in this place of the chart.');
		const made = read?.ok ? namedBy(read.value.readings[0].crossing, hands, medium) : null;
		if (made && sameCrossing(made, charted)) return right();
		const other =
			made &&
			wrongOf({ ...answered, crossing: charted, ...handed(charted, hands, medium) }).find(({ named }) =>
				sameCrossing(named, made)
			);
		return wrong(
			`That makes another cross than the chart shows.${otherSaid(other?.slip)}`,
			other?.slip,
			made ? handed(made, hands, medium).cloth : undefined
		);
	}
};

const looksTheSame = (made: Seen, seen: PartlySeen): boolean =>
	SEEN_FIELDS.every((field) => made[field] === seen[field]);

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
