import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anyCrossing, twoGroupCrossing } from '../../../tests/support/arbitrary';
import { crossing } from '../../../tests/support/taughtLesson';
import { sameCrossing } from '../crossing/crossing';
import type { Move } from '../hands/moves';
import { outcome, play } from '../hands/play';
import { unwrap } from '../result';
import { RIGHT_HANDS } from '../ways/handed';
import { waysOf } from '../ways/ways';
import { firstBedFault } from './bedSlips';
import { diagnose } from './diagnose';
import { faultOf, faultsOf, firstFault, looksOf } from './fault';
import { mendsOf, shortestWay } from './mends';
import { asMeant, seenOf, SEEN_FIELDS } from './seen';
import { BED_SLIPS, HAND_SLIPS } from './slip';

const crosses = fc.oneof(twoGroupCrossing, anyCrossing({ groups: { min: 2, max: 3 }, most: 8 }));

describe('a slip', () => {
	it('is played with every way that can make it, and its cause is found from what is seen', () => {
		fc.assert(
			fc.property(crosses, fc.nat(), (meant, pick) => {
				const all = faultsOf(meant, waysOf(meant));
				for (const [i, { slip, way, result, seen, moves }] of all.entries()) {
					expect(result.order).toHaveLength(meant.stitches - Number(seen.ladder));
					expect(seen.count).toBe(result.extraLoops - Number(seen.ladder));
					expect(seen.faces).toHaveLength(result.order.length);
					expect(moves.length).toBeGreaterThan(0);
					// Each is looked for from all that could be; one of them is enough for a cross.
					if (i !== pick % all.length) continue;
					const { causes } = diagnose(meant, seen);
					expect(causes.map((one) => `${one.way.id} ${one.slip}`)).toContain(`${way.id} ${slip}`);
					for (const cause of causes) expect(cause.seen).toEqual(seen);
				}
			}),
			{ numRuns: 40 }
		);
	});

	it('that is mended for good gives the cross that was meant, as often as the mend says so', () => {
		fc.assert(
			fc.property(crosses, fc.integer({ min: 0, max: 30 }), (meant, rows) => {
				const [fault] = faultsOf(meant, waysOf(meant).slice(0, 1));
				const mends = unwrap(mendsOf(meant, fault, { rows, width: 24, at: 1 }));
				for (const { moves, restores } of mends) {
					if (!moves) continue;
					const again = outcome(meant, unwrap(play(meant.stitches, moves as readonly Move[])));
					expect([again.agrees, again.twisted]).toEqual([true, []]);
					expect(restores).toBe(true);
				}
				const restoring = mends.filter((one) => one.restores).map(({ movements }) => movements);
				expect(restoring).toEqual([...restoring].sort((a, b) => a - b));
				expect(mends.findLastIndex((one) => one.restores)).toBe(restoring.length - 1);
			}),
			{ numRuns: 40 }
		);
	});

	const slipped = (name: string, slip: (typeof HAND_SLIPS)[number], way?: string) =>
		firstFault(crossing(name), slip, undefined, way);
	const made = (name: string, slip: (typeof HAND_SLIPS)[number], way?: string) =>
		unwrap(slipped(name, slip, way)).result;

	it('changes the script and nothing else, by hand', () => {
		expect(made('2/2 RC', 'wrong-hold').over).toEqual(crossing('2/2 LC').over);
		expect(made('2/2 LC', 'wrong-reach', 'free-reach').over).toEqual(crossing('2/2 RC').over);
		expect(made('2/2 RC', 'not-crossed')).toMatchObject({ order: [1, 2, 3, 4], over: [] });
		expect(made('2/1 LPC', 'not-crossed').work).toEqual(['k', 'k', 'p']);
		expect(made('2/2 RC', 'knitwise').twisted).toEqual([1, 2]);
		expect(made('2/1 RPC', 'wrong-face').work).toEqual(['p', 'p', 'k']);
		expect(made('2/2 RC', 'wrong-end')).toMatchObject({ order: [3, 4, 2, 1], twisted: [1, 2] });
		expect(made('3/3 RC', 'uneven').order).toEqual([3, 4, 5, 6, 1, 2]);
		expect(made('2/2 RC', 'extra-loop')).toMatchObject({ extraLoops: 1, stitches: 5 });
		expect(made('2/2 RC', 'left-behind')).toMatchObject({ order: [3, 4, 1], stitches: 3 });
		expect(made('2/2 RC', 'left-behind', 'free-reach')).toMatchObject({ order: [3, 4, 2], stitches: 3 });
		expect(made('2/2 RC', 'turned', 'free-reach')).toEqual(made('2/2 RC', 'knitwise', 'free-reach'));
		expect(made('3/3 LC', 'left-behind', 'cn-return').order).toEqual([4, 5, 6, 2, 3]);
	});

	it('that hands cannot make is refused, and says why', () => {
		for (const [slip, way] of [
			['wrong-reach', 'cn-off'],
			['wrong-hold', 'free-reach'],
			['turned', 'cn-off'],
			['left-behind', 'free-second-first']
		] as const) {
			const name = way === 'free-second-first' ? '1/1 RC' : '2/2 RC';
			expect(slipped(name, slip, way)).toMatchObject({ ok: false, error: { code: 'conflict' } });
		}
		expect(slipped('1/1 RC', 'uneven')).toMatchObject({ ok: false, error: { code: 'conflict' } });
		expect(slipped('2/2 RC', 'knitwise', 'nonsense')).toMatchObject({ error: { code: 'unreadable' } });
	});

	it('is told by what gives it away', () => {
		const meant = crossing('2/2 RC');
		const right = { seen: seenOf(meant, asMeant(meant), 0), result: asMeant(meant) };
		const looks = HAND_SLIPS.map((slip) => {
			const fault = firstFault(meant, slip);
			return fault.ok ? looksOf(meant, fault.value, RIGHT_HANDS) : '';
		});
		expect(looks[0]).toBe('The rope leans left, not right.');
		expect(looks[2]).toMatch(/no cross/);
		expect(looks[8]).toMatch(/one stitch more/);
		expect(looks[9]).toMatch(/ladder/);
		expect(looks[10]).toMatch(/2 rows too late/);
		expect(looksOf(meant, right, RIGHT_HANDS)).toMatch(/Nothing shows/);
	});
});

describe('a slip at the bed', () => {
	const made = (slip: (typeof BED_SLIPS)[number], medium: 'machine' | 'loom' = 'machine') =>
		firstBedFault(crossing('2/2 RC'), slip, medium);

	it('is played by tools and pegs', () => {
		expect(unwrap(made('set-order')).result.over).toEqual(crossing('2/2 LC').over);
		expect(unwrap(made('set-order', 'loom')).result.over).toEqual(crossing('2/2 LC').over);
		expect(unwrap(made('parked-wrong', 'loom')).seen.lean).toBe('left');
		expect(unwrap(made('not-forward')).result.work).toEqual(['sl', 'sl', 'sl', 'sl']);
		expect(unwrap(made('fallen'))).toMatchObject({ result: { stitches: 3 }, seen: { ladder: true } });
		for (const [slip, medium] of [
			['parked-wrong', 'machine'],
			['not-forward', 'loom'],
			['wrong-needles', 'machine']
		] as const)
			expect(made(slip, medium)).toMatchObject({ ok: false, error: { code: 'conflict' } });
	});

	it('is found from what is seen, and priced with the way of the bed', () => {
		const { causes } = diagnose(
			crossing('2/2 RC'),
			{ lean: 'left' },
			{ medium: 'loom', rowsSince: 2, width: 20 }
		);
		expect(causes.map(({ slip }) => slip)).toEqual(['set-order', 'parked-wrong']);
		expect(causes[0].mend).toMatchObject({ id: 'ladder', restores: true });
		expect(diagnose(crossing('2/2 RC'), { ladder: true }, { medium: 'machine' }).causes).toHaveLength(1);
	});
});

describe('a cloth that went wrong', () => {
	const meant = crossing('2/2 RC');

	it('is asked about until one thing is left, each time the question that tells most apart', () => {
		let seen = {};
		const first = diagnose(meant, seen);
		expect(first.causes.length).toBeGreaterThan(20);
		const lefts = firstFault(meant, 'left-behind');
		for (let asked = 0; asked < SEEN_FIELDS.length; asked++) {
			const { ask } = diagnose(meant, seen);
			if (!ask) break;
			seen = { ...seen, [ask.field]: unwrap(lefts).seen[ask.field] };
		}
		const { causes } = diagnose(meant, seen);
		expect(new Set(causes.map(({ slip }) => slip))).toEqual(new Set(['left-behind']));
	});

	it('comes from another row by however many', () => {
		const causes = (offset: number) => diagnose(meant, { offset }).causes.map(({ slip }) => slip);
		expect(new Set(causes(-6))).toEqual(new Set(['wrong-row']));
		expect(causes(0)).not.toContain('wrong-row');
	});

	it('carries its cheapest mend where it is known how far on the work is', () => {
		const { causes } = diagnose(meant, { lean: 'left' }, { ids: ['cn-off'], rowsSince: 4, width: 20 });
		expect(causes.map(({ slip }) => slip)).toEqual(['wrong-hold']);
		expect(causes[0].mend).toMatchObject({ id: 'ladder', movements: 2 * 4 * 5 + 8, restores: true });
	});
});

describe('the mends of a slip', () => {
	const meant = crossing('2/2 RC');
	const place = { rows: 5, width: 20, at: 9 };
	const ids = (slip: (typeof HAND_SLIPS)[number], more: Partial<typeof place & { worked: boolean }> = {}) =>
		unwrap(mendsOf(meant, unwrap(firstFault(meant, slip)), { ...place, ...more })).map(
			({ id, movements, restores }) => [id, movements, restores]
		);

	it('cost what hands do, those that restore first', () => {
		expect(shortestWay(meant).id).toBe('cn-off');
		expect(ids('wrong-hold')).toEqual([
			['ladder', 2 * 4 * 6 + 8, true],
			['unpick', 2 * (5 * 20 + 12), true],
			['leave', 0, false],
			['fake', 8, false]
		]);
		expect(ids('extra-loop', { rows: 0 })[0]).toEqual(['drop-loop', 1, true]);
		// Worked since, the loop is a column: it runs, and nothing drops off.
		expect(ids('extra-loop')[0]).toEqual(['column', 2 * 6, true]);
		expect(ids('extra-loop').map(([id]) => id)).not.toContain('drop-loop');
		expect(ids('knitwise')[0]).toEqual(['column', 2 * 6 * 2, true]);
		expect(ids('knitwise', { worked: false })[0]).toEqual(['turn', 2, true]);
		expect(ids('wrong-end').find(([id]) => id === 'column')).toEqual(['column', 24, false]);
		// Two rows too late: its columns go down to the row where it belongs.
		expect(ids('wrong-row').filter(([, , restores]) => restores)).toEqual([
			['ladder', 2 * 4 * 8 + 8, true],
			['unpick', 224, true]
		]);
		expect(ids('left-behind')[0]).toEqual(['column', 12, true]);
	});

	it('are refused where the cross does not fit', () => {
		const fault = unwrap(faultOf(meant, waysOf(meant)[0], 'wrong-hold'));
		expect(mendsOf(meant, fault, { ...place, at: 18 })).toMatchObject({ error: { code: 'conflict' } });
	});

	it('cross again what was meant', () => {
		expect(sameCrossing(meant, { ...meant, ...shortestWay(meant).result })).toBe(true);
	});
});
