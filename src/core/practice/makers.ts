import type { Crossing } from '../crossing/crossing';
import type { Working } from '../fabric/fabric';
import { say } from '../naming/say';
import { once } from '../once';
import { chartOf } from '../swatch/chart';
import { plainRows } from '../swatch/write';
import type { Exercise, Kind } from './exercise';
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
	numbers: ({ of, crossing }) => ({
		ask: `${of}: put the numbers in the order in which they stand after the cross.`,
		given: { crossing },
		answer: crossing.order
	}),
	front: ({ of, crossing }) => ({
		ask: `${of}: which stitches lie in front of another one?`,
		given: { crossing },
		answer: frontsOf(crossing)
	}),
	name: ({ of, crossing, medium }) => ({
		ask: 'What is this cross called?',
		given: { crossing, ...(medium === 'hand' ? {} : { medium }) },
		answer: of
	}),
	hold({ of, crossing, medium, hand }) {
		const held = medium === 'hand' ? heldAt(crossing, hand) : null;
		if (held === null) return null;
		return {
			ask: `${of}: the stitches on the cable needle are held in …?`,
			given: { crossing, ...(hand === 'left' ? { hand } : {}) },
			answer: held
		};
	},
	script({ of, crossing, medium, free }, chance) {
		const scripts = medium === 'hand' ? scriptsOf(crossing, free) : [];
		if (scripts.length === 0) return null;
		const moves = chance.of(scripts);
		const inOrder = moves.map((_, i) => i);
		let shuffled = inOrder;
		for (let tries = 0; tries < SHUFFLES && shuffled.every((at, i) => at === i); tries++)
			shuffled = chance.shuffled(inOrder);
		return {
			ask: `${of}${free ? ', without a cable needle' : ''}: put the movements in order.`,
			given: { crossing, moves: shuffled.map((at) => moves[at]) },
			answer: inOrder.map((at) => shuffled.indexOf(at))
		};
	},
	cloth({ of, crossing, medium }, chance) {
		const wrong = wrongOf(of, crossing, medium).map((one) => one.crossing);
		if (wrong.length + 1 < FEWEST) return null;
		const choices = chance.shuffled([crossing, ...chance.shuffled(wrong).slice(0, MOST - 1)]);
		return {
			ask: `Which cloth is ${of}?`,
			given: { name: of, ...(medium === 'hand' ? {} : { medium }) },
			choices,
			answer: choices.indexOf(crossing)
		};
	},
	fault({ of, crossing, medium }, chance) {
		if (medium !== 'hand') return null;
		const asked = chance
			.shuffled(slipsOf(crossing))
			.find(({ way, seen }) => looksOf(crossing, way.id, seen).length + 1 >= FEWEST);
		if (!asked) return null;
		const { way, seen, slip } = asked;
		const others = chance.shuffled(looksOf(crossing, way.id, seen)).slice(0, MOST - 1);
		const choices = chance.shuffled([slip, ...others]);
		return {
			ask: `${of}, ${way.title.toLowerCase()}: this is what came of it. What went wrong?`,
			given: { crossing, way: way.id, seen },
			choices,
			answer: choices.indexOf(slip)
		};
	},
	'next-row'(subject, chance) {
		const strip = stripFor(subject);
		if (!strip) return null;
		const rows = plainRows(strip.working);
		const texts = [...new Set(rows.map(({ text }) => text))];
		if (texts.length < FEWEST) return null;
		const asked = [...new Set(rows.map(({ n }) => n))].flatMap((n) => {
			const next = nextAfter(rows, n);
			return next === null ? [] : [{ n, next }];
		});
		if (asked.length === 0) return null;
		const { n, next } = chance.of(asked);
		const others = chance.shuffled(texts.filter((text) => text !== next)).slice(0, MOST - 1);
		const choices = chance.shuffled([next, ...others]);
		return {
			ask: `${subject.of}: row ${n} is done. Which row comes next?`,
			given: { swatch: strip.text, row: n, ...mediumOf(subject) },
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
			given: { swatch: strip.text, rows, ...mediumOf(subject) },
			answer: rows - crossedAt(strip.working, rows)! - 1
		};
	},
	chart(subject, chance) {
		const { of, crossing, medium, terms } = subject;
		const strip = medium === 'hand' ? stripFor(subject) : null;
		const written = (one: Crossing) => {
			const said = say(one, { hand: 'right', keep: 'fabric', terms });
			return said.ok ? said.value : null;
		};
		const right = written(crossing);
		if (!strip || right === null) return null;
		const chart = chartOfStrip(strip.working);
		const cells = chart.rows.flatMap(({ n, cells: all }) =>
			all.flatMap(({ at, cross }) =>
				cross !== undefined && chart.crosses[cross].definition === written(crossing) ? [{ row: n, at }] : []
			)
		);
		const wrong = [
			...new Set(wrongOf(of, crossing, medium).flatMap((one) => written(one.crossing) ?? []))
		].filter((text) => text !== right);
		if (cells.length === 0 || wrong.length + 1 < FEWEST) return null;
		const choices = chance.shuffled([right, ...chance.shuffled(wrong).slice(0, MOST - 1)]);
		return {
			ask: 'What do hands do in this place of the chart?',
			given: { chart, cell: chance.of(cells) },
			choices,
			answer: choices.indexOf(right)
		};
	}
};

/** A strip is asked about again and again. */
const chartOfStrip = once(chartOf);

const mediumOf = ({ medium }: Subject) => (medium === 'hand' ? {} : { medium });

/** Every position that lies over another, lowest first. */
export const frontsOf = ({ over }: Crossing): number[] =>
	[...new Set(over.map(([front]) => front))].sort((a, b) => a - b);

/** Slips of a way that look otherwise than what is seen, each look once. */
function looksOf(crossing: Crossing, way: string, seen: object): string[] {
	const looks = new Map([[JSON.stringify(seen), '']]);
	for (const one of slipsOf(crossing))
		if (one.way.id === way && !looks.has(JSON.stringify(one.seen)))
			looks.set(JSON.stringify(one.seen), one.slip);
	return [...looks.values()].filter(Boolean);
}

/** What comes after a row, wherever it is worked; `null` where that is now this and now that, or nothing. */
export function nextAfter(
	rows: readonly { readonly n: number; readonly text: string }[],
	n: number
): string | null {
	const next = new Set(rows.flatMap((row, i) => (row.n === n ? [rows.at(i + 1)?.text ?? ''] : [])));
	const [only] = next;
	return next.size === 1 && only !== '' ? only : null;
}

/** Which of the first rows, from 0, has the last cross among them; `null` where none has one. */
export function crossedAt({ steps }: Working, rows: number): number | null {
	const at = steps
		.slice(0, Math.min(rows, steps.length))
		.findLastIndex(({ worked }) => worked.crossings.length > 0);
	return at < 0 ? null : at;
}
