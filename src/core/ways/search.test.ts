import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anyCrossing } from '../../../tests/support/arbitrary';
import { layered, type Crossing } from '../crossing/crossing';
import { movementsOf, type Move, type Moves } from '../hands/moves';
import { mostLoose, outcome, play } from '../hands/play';
import { constructed } from './construct';
import { finding, foundScripts, longWays } from './found';
import { groupingOf } from './grouping';
import { searching } from './search';
import { foundWays, ownWay, waysOf } from './ways';
import { unwrap } from '../result';

const needleCounts = [0, 1, 2] as const;
const drained = <T>(search: Generator<number, T>): T => {
	for (;;) {
		const step = search.next();
		if (step.done) return step.value;
	}
};
/** Cable needles a script takes. */
const needlesOf = (moves: readonly Move[]) => new Set(JSON.stringify(moves).match(/cable\d/g)).size;
const makes = (crossing: Crossing, moves: readonly Move[]) => {
	const played = unwrap(play(crossing.stitches, moves));
	expect(outcome(crossing, played)).toMatchObject({
		agrees: true,
		order: crossing.order,
		over: crossing.over,
		work: crossing.work
	});
	return played;
};
const closed = layered([4, 1, 3, 2], [2, 0, 3, 1], () => 'k');

describe('the search', () => {
	it('finds for thousands of layered crossings a way that plays back to exactly them, within its needles', () => {
		fc.assert(
			fc.property(
				anyCrossing({ groups: { min: 1, max: 4 } }),
				fc.constantFrom(...needleCounts),
				(crossing, needles) => {
					const moves = drained(searching(groupingOf(crossing), needles));
					expect(moves).not.toBeNull();
					expect(needlesOf(moves!)).toBeLessThanOrEqual(needles);
					const played = makes(crossing, moves!);
					if (needles > 0) expect(mostLoose(played)).toBe(0);
				}
			),
			{ numRuns: 3000 }
		);
	});

	it('finds the fewest movements: never more than the known ways with that many needles', () => {
		fc.assert(
			fc.property(
				anyCrossing({ groups: { min: 2, max: 3 } }),
				fc.constantFrom(1 as const, 2 as const),
				(crossing, needles) => {
					const best = Math.min(
						...waysOf(crossing)
							.filter((way) => way.needles === needles)
							.map((way) => way.movements)
					);
					const found = play(crossing.stitches, drained(searching(groupingOf(crossing), needles))!);
					if (found.ok) expect(movementsOf(found.value.moves)).toBeLessThanOrEqual(best);
				}
			),
			{ numRuns: 400 }
		);
	});

	it('reports what it has looked at, and gives up when its budget is spent', () => {
		const wide = layered([6, 3, 5, 1, 4, 2], [3, 0, 5, 1, 4, 2], () => 'k');
		const search = searching(groupingOf(wide), 1, 1200);
		expect(search.next()).toEqual({ done: false, value: 1000 });
		expect(search.next()).toEqual({ done: true, value: null });
	});
});

describe('the construction', () => {
	it('makes any layered crossing, however wide, with a needle and without', () => {
		fc.assert(
			fc.property(
				anyCrossing({ groups: { min: 1, max: 12 }, most: 24 }),
				fc.constantFrom(...needleCounts),
				(crossing, needles) => {
					const moves = constructed(groupingOf(crossing), needles);
					makes(crossing, moves);
					expect(needlesOf(moves)).toBeLessThanOrEqual(Math.min(1, needles));
				}
			),
			{ numRuns: 600 }
		);
	});
});

describe('found ways', () => {
	it('are looked for once, however often an equal crossing is asked about', () => {
		const again = structuredClone(closed);
		expect(foundScripts(again, 2)).toBe(foundScripts(closed, 2));
		expect(foundScripts(again, 1)).toEqual(drained(finding(closed, 1)));
	});
	it('stand where no known way fits, best first, one for each number of needles that helps', () => {
		const ways = waysOf(closed);
		expect(ways.map(({ id }) => id)).toEqual(ways.map((_, i) => `found-${i + 1}`));
		expect(ways.every((way) => way.agrees)).toBe(true);
		expect(new Set(ways.map((way) => way.needles))).toEqual(new Set([0, 1, 2]));
		expect(waysOf(closed, { needles: 0 }).map((way) => way.needles)).toEqual([0]);
	});

	it('stand after the known ways when they are asked for, and for a row that crosses nothing', () => {
		const rc = layered([3, 4, 1, 2], [1, 1, 0, 0], () => 'k');
		expect(waysOf(rc, { search: true }).map(({ id }) => id)).toEqual([
			...waysOf(rc).map(({ id }) => id),
			'found-1',
			'found-2'
		]);
		const plain = layered([1, 2, 3], [0, 0, 0], () => 'p');
		expect(waysOf(plain)).toMatchObject([{ id: 'found-1', movements: 4, needles: 0, agrees: true }]);
	});

	it('are put together where the search is cut short, and say so', () => {
		const cut = foundWays(closed, drained(finding(closed, 2, 1)));
		expect(cut.map((way) => way.agrees)).toEqual([true, true]);
		expect(cut[0].gist).toContain('longer than need be');
		expect(longWays(closed, 0).map(({ needles }) => needles)).toEqual([0]);
	});

	it('are never more than a moment away, even for twelve groups in any depth', () => {
		fc.assert(
			fc.property(anyCrossing({ groups: { min: 7, max: 12 }, most: 24 }), (crossing) => {
				expect(waysOf(crossing)[0]).toMatchObject({ agrees: true });
			}),
			{ numRuns: 8 }
		);
	});
});

describe('a script of one’s own', () => {
	it('is played and measured like any way, or refused with its move', () => {
		const rc = layered([2, 1], [1, 0], () => 'k');
		const moves: Moves['moves'] = [
			{ do: 'slip', count: 1, from: 'left', to: 'cable1', hold: 'front' },
			{ do: 'work', from: 'left', stitches: ['k'] },
			{ do: 'work', from: 'cable1', stitches: ['k'] }
		];
		expect(ownWay(rc, { stitches: 2, moves })).toMatchObject({
			ok: true,
			value: { id: 'own', needles: 1, movements: 5, agrees: false }
		});
		expect(ownWay(rc, { stitches: 2, moves: moves.slice(2) })).toMatchObject({ ok: false, error: { at: 1 } });
	});
});
