import { describe, expect, it } from 'vitest';
import { eveningOf, MOST_ASKED, type PracticeSet } from './evening';
import { KINDS, type Kind } from './exercise';
import { Chance } from './random';
import { standingOf, type Practised } from './schedule';

const DAY = 86_400_000;
const BEGAN = Date.UTC(2026, 10, 28, 20);
const SET: PracticeSet = { crossings: ['2/2 RC'], medium: 'hand', level: 'beginner' };
const ALL: readonly Kind[] = ['numbers', 'front', 'hold', 'script', 'cloth'];
const kinds = () => ALL;

/** A learner who forgets as people do: each thing fades by its own half-life, which a right answer lengthens. */
class Learner {
	readonly answers: Practised[] = [];
	readonly #half = new Map<string, { days: number; at: number }>();
	readonly #chance: Chance;

	constructor(seed: number) {
		this.#chance = new Chance(seed);
	}

	recalls(key: string, at: number): number {
		const trace = this.#half.get(key);
		return trace ? 2 ** (-(at - trace.at) / DAY / trace.days) : 0.3;
	}

	answer(of: string, kind: Kind, at: number): boolean {
		const key = `${of} ${kind}`;
		const right = this.#chance.below(1_000) < this.recalls(key, at) * 1_000;
		const days = this.#half.get(key)?.days ?? 2;
		this.#half.set(key, { days: right ? days * 2.5 : Math.max(2, days / 2), at });
		this.answers.push({ of, kind, medium: 'hand', right, at });
		return right;
	}
}

describe('a month of evenings', () => {
	const learner = new Learner(7);
	const asked: number[] = [];
	for (let day = 0; day < 30; day++) {
		const at = BEGAN + day * DAY;
		const { items } = eveningOf(SET, learner.answers, at, kinds);
		asked.push(items.length);
		items.forEach(({ of, kind }, i) => learner.answer(of, kind, at + i * 20_000));
	}
	const end = BEGAN + 30 * DAY;

	it('asks little each evening, and less as things sit', () => {
		expect(Math.max(...asked)).toBeLessThanOrEqual(MOST_ASKED);
		expect(asked[0]).toBe(4);
		const sum = (from: number, to: number) => asked.slice(from, to).reduce((all, one) => all + one, 0);
		// Evening by evening all of it would be five.
		expect(sum(0, 30)).toBeLessThan(30 * ALL.length);
	});

	it('asks what is right at ever longer distances, and what was wrong again at once', () => {
		for (const kind of ALL) {
			const days = learner.answers
				.filter((one) => one.of === '2/2 RC' && one.kind === kind)
				.map(({ at, right }) => ({ day: Math.floor((at - BEGAN) / DAY), right }));
			days.slice(1).forEach(({ day }, i) => {
				if (!days[i].right) expect(day - days[i].day).toBeLessThanOrEqual(3);
			});
			const gaps = days.slice(1).flatMap(({ day }, i) => (days[i].right ? [day - days[i].day] : []));
			expect(Math.max(0, ...gaps)).toBeGreaterThan(3);
		}
	});

	it('keeps what was given in memory, where without an evening it would be gone', () => {
		const first = standingOf(learner.answers, end).filter(({ of }) => of === '2/2 RC');
		expect(first).toHaveLength(ALL.length);
		const mean =
			first.reduce((sum, { kind }) => sum + learner.recalls(`2/2 RC ${kind}`, end), 0) / first.length;
		expect(mean).toBeGreaterThan(0.75);
		const idle = new Learner(7);
		ALL.forEach((kind) => idle.answer('2/2 RC', kind, BEGAN));
		expect(ALL.every((kind) => idle.recalls(`2/2 RC ${kind}`, end) < 0.1)).toBe(true);
	});

	it('asks of nothing that the class has not shown, however well the rest sits', () => {
		expect(new Set(learner.answers.map(({ of }) => of))).toEqual(new Set(['2/2 RC']));
	});
});

describe('an evening', () => {
	it('has nothing to ask when nothing is due, and says when it has', () => {
		const answers = ALL.map((kind): Practised => ({
			...{ of: '2/2 RC', kind, medium: 'hand', right: true },
			at: BEGAN
		}));
		const evening = eveningOf(SET, answers, BEGAN + 3_600_000, kinds);
		expect(evening.items).toEqual([]);
		expect(evening.next).toBeGreaterThan(BEGAN + DAY / 2);
		expect(eveningOf(SET, answers, evening.next!, kinds).items.length).toBeGreaterThan(0);
	});

	it('is the same whichever phone an answer comes from first', () => {
		const answers = KINDS.slice(0, 5).map((kind, i): Practised => ({
			...{ of: '2/2 RC', kind, medium: 'hand', right: i % 2 === 0 },
			at: BEGAN + i * 60_000
		}));
		const later = BEGAN + 2 * DAY;
		expect(eveningOf(SET, [...answers].reverse(), later, kinds)).toEqual(
			eveningOf(SET, answers, later, kinds)
		);
	});

	it('asks without a cable needle once a cross sits, where the class has shown that and it is narrow enough for these hands', () => {
		const sitting = (of: string) =>
			ALL.flatMap((kind) =>
				[0, 4, 18].map((day): Practised => ({
					...{ of, kind, medium: 'hand', right: true, at: BEGAN + day * DAY }
				}))
			);
		const free = (of: string, level: PracticeSet['level'], answers: readonly Practised[], shown = true) =>
			eveningOf({ crossings: [of], medium: 'hand', level, free: shown }, answers, BEGAN + 20 * DAY, kinds)
				.practising[0].free;
		expect(free('2/2 RC', 'beginner', [])).toBe(false);
		expect(free('2/2 RC', 'beginner', sitting('2/2 RC'))).toBe(true);
		expect(free('3/3 RC', 'beginner', sitting('3/3 RC'))).toBe(false);
		expect(free('3/3 RC', 'improver', sitting('3/3 RC'))).toBe(true);
		expect(free('2/2 RC', 'beginner', sitting('2/2 RC'), false)).toBe(false);
	});
});
