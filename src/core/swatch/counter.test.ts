import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { foundPlace, nowAt, rowsDone, type CounterEvent } from './counter';
import { ROPE, working } from '../../../tests/support/swatch';

describe('a counter', () => {
	const event = (
		id: string,
		at: number,
		done: { do: 'count'; by: 1 | -1 } | { do: 'set'; row: number }
	): CounterEvent => ({ id, at, counter: 'rows', ...done });

	it('counts every tap once, in whatever order and however often it comes', () => {
		const taps = fc.uniqueArray(fc.record({ id: fc.uuid(), at: fc.nat(1000) }), {
			selector: ({ id }) => id,
			maxLength: 30
		});
		fc.assert(
			fc.property(taps, fc.nat(40), fc.integer(), (list, row, seed) => {
				const events = list.map(({ id, at }) => event(id, at, { do: 'count', by: 1 }));
				const set = event('set', 500.5, { do: 'set', row });
				const sent = [...events, set, ...events].sort(
					(a, b) => ((a.at * 7919 + seed) % 13) - ((b.at * 7919 + seed) % 13)
				);
				expect(rowsDone(sent, 'rows')).toBe(row + list.filter(({ at }) => at > 500).length);
				expect(rowsDone(sent, 'other')).toBe(0);
			})
		);
	});

	it('says which row comes, what it crosses and how far the next cross is', () => {
		const open = working(`${ROPE}\nRow 6: as they face.\nRep rows 3-6 for pattern.`);
		expect(nowAt(open, 0)).toMatchObject({ n: 1, side: 'RS', crosses: [], toCross: 2, sinceCross: null });
		expect(nowAt(open, 2)).toMatchObject({ n: 3, crosses: ['2/2 RC'], toCross: 0 });
		expect(nowAt(open, 4)).toMatchObject({ n: 5, toCross: 2, sinceCross: 1 });
		expect(nowAt(open, 6)).toMatchObject({
			n: 3,
			side: 'RS',
			repeats: { done: 1, row: 1, of: 4, left: null }
		});
		expect(nowAt(open, 11)).toMatchObject({ n: 4, repeats: { done: 2, row: 2, of: 4 } });
		expect(nowAt(working(ROPE), 5)).toMatchObject({ step: null });
	});

	it('finds a lost place from the bars on the cloth, wherever the work stands', () => {
		const open = working(`${ROPE}\nRow 6: as they face.\nRep rows 3-6 for pattern.`);
		for (let done = 0; done < 30; done++) {
			const crosses = Array.from({ length: done }, (_, i) => nowAt(open, i)).filter(
				({ toCross }) => toCross === 0
			).length;
			const above = nowAt(open, done).sinceCross ?? done;
			expect(foundPlace(open, { bar: crosses > 0, above, crosses, side: nowAt(open, done).side })).toEqual({
				done
			});
		}
		expect(foundPlace(open, { bar: true, above: 9, crosses: 1, side: null })).toMatchObject({
			wrong: expect.stringContaining('only 3 plain rows')
		});
		// However much is typed, the answer comes at once.
		expect(foundPlace(open, { bar: true, above: 0, crosses: 90_000, side: null })).toEqual({
			done: 4 * 90_000 - 1
		});
		const plainRows = working('Cast on 4.\nRow 1: k4.\nRow 2: p4.\nRep rows 1-2 for pattern.');
		expect(foundPlace(plainRows, { bar: true, above: 0, crosses: 90_000, side: null })).toMatchObject({
			wrong: expect.stringContaining('0 rows with a cross')
		});
		expect(foundPlace(open, { bar: true, above: 1, crosses: 1, side: 'WS' })).toMatchObject({
			wrong: expect.stringContaining('right side')
		});
	});
});
