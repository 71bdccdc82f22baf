import type { Crossing } from '../crossing/crossing';
import type { Working } from '../fabric/fabric';
import { sameCrossing } from '../crossing/crossing';
import { inFront } from '../crossing/depth';
import { say } from '../naming/say';
import { once } from '../once';
import { chartOf } from '../swatch/chart';
import type { Exercise, Kind } from './exercise';
import { seenBy } from '../ways/handed';
import { rowQuestions } from './nextRow';
import { heldAt, scriptsOf } from './played';
import type { Chance } from './random';
import { stripFor, type Subject } from './subject';
import { slipsOf, wrongOf } from './wrong';

/** An exercise before it is numbered. */
type Asked = Omit<Exercise, 'id' | 'kind' | 'of'>;

/** Fewer choices than this are no exercise, and more are a crowd. */
const FEWEST = 3;
const MOST = 4;
/** So many scripts of moves are tried in other orders before one is taken that already gives the crossing. */
const SHUFFLES = 20;

/** How each kind of exercise is made of a crossing; `null` where it cannot be. The same chance makes the same exercise. */
export const MAKERS: Readonly<Record<Kind, (subject: Subject, chance: Chance) => Asked | null>> = {
	numbers: (subject) => ({
		ask: `${subject.of}: put the numbers in the order in which they stand after the cross.`,
		given: { crossing: subject.crossing, ...whose(subject) },
		answer: subject.played.order
	}),
	front: (subject) => ({
		ask: `${subject.of}: which stitches lie in front of another one?`,
		given: { crossing: subject.crossing, ...whose(subject) },
		answer: inFront(subject.played.over)
	}),
	name: (subject) => ({
		ask: 'What is this cross called?',
		given: { crossing: subject.crossing, ...whose(subject) },
		answer: subject.of
	}),
	hold(subject) {
		const held = subject.medium === 'hand' ? heldAt(subject.played) : null;
		if (held === null) return null;
		return {
			ask: `${subject.of}: the stitches on the cable needle are held in …?`,
			given: { crossing: subject.crossing, ...whose(subject) },
			answer: held
		};
	},
	script(subject, chance) {
		const { of, crossing, played, medium, free } = subject;
		const held = medium === 'hand' && !free ? scriptsOf(played, false) : [];
		const scripts = medium === 'hand' && held.length === 0 ? scriptsOf(played, true) : held;
		if (scripts.length === 0) return null;
		const isFree = held.length === 0;
		const moves = chance.of(scripts);
		const inOrder = moves.map((_, i) => i);
		let shuffled = inOrder;
		for (let tries = 0; tries < SHUFFLES && shuffled.every((at, i) => at === i); tries++)
			shuffled = chance.shuffled(inOrder);
		return {
			ask: `${of}${isFree ? ', without a cable needle' : ''}: put the movements in order.`,
			given: { crossing, moves: shuffled.map((at) => moves[at]), ...whose(subject) },
			answer: inOrder.map((at) => shuffled.indexOf(at))
		};
	},
	cloth(subject, chance) {
		const { of, cloth } = subject;
		const wrong = wrongOf(subject).map((one) => one.cloth);
		if (wrong.length + 1 < FEWEST) return null;
		const choices = chance.shuffled([cloth, ...chance.shuffled(wrong).slice(0, MOST - 1)]);
		return {
			ask: `Which cloth is ${of}?`,
			given: { name: of, ...whose(subject) },
			choices,
			answer: choices.indexOf(cloth)
		};
	},
	fault(subject, chance) {
		const { of, crossing, played, medium, hands } = subject;
		if (medium !== 'hand') return null;
		const asked = chance
			.shuffled(slipsOf(played))
			.find(({ way, seen }) => looksOf(played, way.id, seen).length + 1 >= FEWEST);
		if (!asked) return null;
		const { way, seen, slip } = asked;
		const others = chance.shuffled(looksOf(played, way.id, seen)).slice(0, MOST - 1);
		const choices = chance.shuffled([slip, ...others]);
		return {
			ask: `${of}, ${way.title.toLowerCase()}: this is what came of it. What went wrong?`,
			given: { crossing, way: way.id, seen: seenBy(seen, hands), ...whose(subject) },
			choices,
			answer: choices.indexOf(slip)
		};
	},
	'next-row'(subject, chance) {
		const strip = stripFor(subject);
		if (!strip) return null;
		const asked = rowQuestions(strip.working, subject.hands).filter(
			({ others }) => others.length + 1 >= FEWEST
		);
		if (asked.length === 0) return null;
		const { n, next, others: all } = chance.of(asked);
		const others = chance.shuffled(all).slice(0, MOST - 1);
		const choices = chance.shuffled([next, ...others]);
		return {
			ask: `${subject.of}: row ${n} is done. Which row comes next?`,
			given: { swatch: strip.text, row: n, ...whose(subject) },
			choices,
			answer: choices.indexOf(next)
		};
	},
	'count-rows'(subject, chance) {
		const strip = stripFor(subject);
		const first = strip ? crossedAt(strip.working, Infinity) : null;
		if (!strip || first === null) return null;
		const crossed = strip.working.steps.findIndex(({ worked }) => worked.crossings.length > 0);
		const rows = crossed + 1 + chance.below(strip.working.steps.length - crossed);
		return {
			ask: `${subject.of}: how many rows are there since the last cross, its own row not counted?`,
			given: { swatch: strip.text, rows, ...whose(subject) },
			answer: rows - crossedAt(strip.working, rows)! - 1
		};
	},
	chart(subject, chance) {
		const { crossing, medium, terms, hands } = subject;
		const strip = medium === 'hand' ? stripFor(subject) : null;
		const written = (one: Crossing) => {
			const said = say(one, { ...hands, terms });
			return said.ok ? said.value : null;
		};
		const right = written(crossing);
		if (!strip || right === null) return null;
		const chart = chartOfStrip(strip.working);
		const cells = chart.rows.flatMap(({ n, cells: all }) =>
			all.flatMap(({ at, cross }) =>
				cross !== undefined && sameCrossing(chart.crosses[cross].crossing, crossing) ? [{ row: n, at }] : []
			)
		);
		const wrong = [...new Set(wrongOf(subject).flatMap((one) => written(one.named) ?? []))].filter(
			(text) => text !== right
		);
		if (cells.length === 0 || wrong.length + 1 < FEWEST) return null;
		const choices = chance.shuffled([right, ...chance.shuffled(wrong).slice(0, MOST - 1)]);
		return {
			ask: 'What do hands do in this place of the chart?',
			given: { chart, cell: chance.of(cells), ...whose(subject) },
			choices,
			answer: choices.indexOf(right)
		};
	}
};

/** A strip is asked about again and again. */
const chartOfStrip = once(chartOf);

/** For whom an exercise is, as far as that is not a right hand knitting. */
const whose = ({ medium, hands: { hand, keep } }: Subject) => ({
	...(medium === 'hand' ? {} : { medium }),
	...(hand === 'left' ? { hand, keep } : {})
});

/** Slips of a way that look otherwise than what is seen, each look once. */
function looksOf(crossing: Crossing, way: string, seen: object): string[] {
	const looks = new Map([[JSON.stringify(seen), '']]);
	for (const one of slipsOf(crossing))
		if (one.way.id === way && !looks.has(JSON.stringify(one.seen)))
			looks.set(JSON.stringify(one.seen), one.slip);
	return [...looks.values()].filter(Boolean);
}

/** Which of the first rows, from 0, has the last cross among them; `null` where none has one. */
export function crossedAt({ steps }: Working, rows: number): number | null {
	const at = steps
		.slice(0, Math.min(rows, steps.length))
		.findLastIndex(({ worked }) => worked.crossings.length > 0);
	return at < 0 ? null : at;
}
