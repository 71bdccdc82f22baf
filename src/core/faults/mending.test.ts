import { describe, expect, it } from 'vitest';
import { crossing } from '../../../tests/support/taughtLesson';
import type { Crossing } from '../crossing/crossing';
import { readName } from '../naming/read';
import { unwrap } from '../result';
import { bedWaysOf } from '../ways/bed';
import { waysOf } from '../ways/ways';
import { bedFaultsOf } from './bedSlips';
import { agreeingWith, bestQuestion, diagnose, looksAmong } from './diagnose';
import { faultsOf, firstFault } from './fault';
import { foundState, isMended, mendScript, playMend, type MendMove } from './mending';
import { leastMends, mendsOf, shortestWay } from './mends';
import { seenOf, SEEN_FIELDS, type Seen } from './seen';
import { HAND_SLIPS } from './slip';
import { bedSlipSteps, handSlipSteps } from './slipSteps';
import { leastSaid, tellMend } from './words';

const voice = { hand: 'right', yarnHand: 'right', terms: 'us', keep: 'fabric', units: 'cm' } as const;

/** Every cross of two groups up to 4 over 4, and of three up to 4/4/4, at both depths. */
function named(): Crossing[] {
	const sizes = [1, 2, 3, 4];
	const two = sizes.flatMap((m) =>
		sizes.flatMap((n) => ['RC', 'LC', 'RPC', 'LPC'].map((lean) => `${m}/${n} ${lean}`))
	);
	const three = sizes.flatMap((a) =>
		sizes.flatMap((b) => sizes.flatMap((c) => ['RC', 'LC', 'LPC'].map((lean) => `${a}/${b}/${c} ${lean}`)))
	);
	return [...two, ...three].flatMap((name) => {
		const read = readName(name);
		return read.ok ? read.value.readings.map((one) => one.crossing) : [];
	});
}

const sameSeen = (a: Seen, b: Seen) => SEEN_FIELDS.every((field) => a[field] === b[field]);
const place = { rows: 3, width: 20, at: 5 };

describe('every slip of every way of every cross up to 4/4', () => {
	const all = named();
	it('are many', () => expect(all.length).toBeGreaterThan(400));

	// One after the other, so that a failure names its cross.
	for (const [part, crosses] of [0, 1, 2, 3].map((k) => [k, all.filter((_, i) => i % 4 === k)] as const))
		it(`is played, told, found again and mended as it says (${part + 1} of 4)`, { timeout: 60_000 }, () => {
			for (const meant of crosses) {
				const faults = faultsOf(meant, waysOf(meant));
				const again = shortestWay(meant);
				for (const fault of faults) {
					const { slip, way, seen, result } = fault;
					const id = `${meant.order.join(' ')} ${way.id} ${slip}`;
					const found = agreeingWith(faults, seen).map((one) => `${one.way.id} ${one.slip}`);
					expect(found, id).toContain(`${way.id} ${slip}`);
					expect(seenOf(meant, result, seen.offset), id).toEqual(seen);
					for (const mend of unwrap(mendsOf(meant, fault, place, again))) {
						const script = mendScript(meant, fault, mend, place);
						const states = unwrap(playMend(meant, foundState(meant, fault, place.rows), script));
						expect(isMended(meant, fault, states.at(-1)!), `${id} ${mend.id}`).toBe(mend.restores);
					}
				}
			}
		});

	it('is told step by step, and the moment when it happens says so', () => {
		for (const meant of all.filter((_, i) => i % 9 === 0))
			for (const fault of faultsOf(meant, waysOf(meant))) {
				const { told, states, steps, slipsAt } = handSlipSteps(meant, fault, voice);
				expect(told).toHaveLength(steps.length + 1);
				expect(states).toHaveLength(steps.length + 1);
				for (const { sentence, short } of told) expect(`${short} ${sentence}`).not.toMatch(/undefined|null/);
				expect(told[slipsAt].detail).toMatch(/Here it goes wrong|wrong row/);
			}
	});
});

describe('a slip that is looked for', () => {
	it('is found by two questions, from which most is learned, and a look at what is left', () => {
		const meant = crossing('2/2 RC');
		const faults = faultsOf(meant, waysOf(meant));
		for (const slip of HAND_SLIPS) {
			const { seen: truth } = unwrap(firstFault(meant, slip));
			let seen: Partial<typeof truth> = {};
			let asked = 0;
			// Six clothes are told apart at a glance.
			while (looksAmong(agreeingWith(faults, seen)).length > 6) {
				const field = bestQuestion(agreeingWith(faults, seen), seen, [])!;
				seen = { ...seen, [field]: truth[field] };
				asked++;
			}
			expect(asked, slip).toBeLessThanOrEqual(2);
			const alike = looksAmong(agreeingWith(faults, seen)).find(([one]) => sameSeen(one.seen, truth))!;
			expect(alike.map((one) => one.slip)).toContain(slip);
		}
		expect(bestQuestion([], {}, [])).toBeNull();
		expect(diagnose(meant, { lean: 'left' }).causes).toEqual(agreeingWith(faults, { lean: 'left' }));
	});
});

describe('a mend', () => {
	const meant = crossing('2/2 RC');
	const wrong = unwrap(firstFault(meant, 'wrong-hold'));
	const from = foundState(meant, wrong, 2);

	it('goes column by column, and crosses stitch by stitch', () => {
		const mend = unwrap(mendsOf(meant, wrong, { rows: 2, width: 20, at: 9 })).find(
			({ id }) => id === 'ladder'
		)!;
		const script = mendScript(meant, wrong, mend, { rows: 2, width: 20, at: 9 });
		expect(script.map(({ do: does }) => does)).toEqual([
			...Array<string>(4).fill('let-down'),
			...Array<string>(5).fill('cross'),
			...Array<string>(4).fill('hook-up')
		]);
		const states = unwrap(playMend(meant, from, script));
		expect(states[4].open).toEqual({ 1: 3, 2: 3, 3: 3, 4: 3 });
		expect(states[5].hands).toMatchObject({ left: [3, 4] });
		expect(states[9]).toMatchObject({ hands: null, open: { 1: 2, 2: 2, 3: 2, 4: 2 } });
		expect(isMended(meant, wrong, states[9])).toBe(false);
	});

	it('that asks for what is not there is refused, with the number of the movement', () => {
		const refused = (...moves: MendMove[]) => {
			const played = playMend(meant, from, moves);
			return played.ok ? null : [played.error.code, played.error.at];
		};
		expect(refused({ do: 'let-down', stitch: 1, rows: 4 })).toEqual(['conflict', 1]);
		expect(refused({ do: 'let-down', stitch: 1, rows: 2 }, { do: 'hook-up', stitch: 1, rows: 3 })).toEqual([
			'conflict',
			2
		]);
		expect(refused({ do: 'cross', move: { do: 'pinch' } })).toEqual(['conflict', 1]);
		expect(refused({ do: 'unpick', rows: 3 })).toEqual(['conflict', 1]);
		expect(refused({ do: 'unpick-row', stitches: 9 })).toEqual(['conflict', 1]);
		expect(refused({ do: 'knit-on', rows: 1 })).toEqual(['conflict', 1]);
		expect(refused({ do: 'drop-loop' })).toEqual(['conflict', 1]);
	});

	it('gives way to another further on', () => {
		const least = leastMends(meant, wrong, { width: 8, at: 5 });
		expect(least.map(({ id }) => id)).toEqual(['unpick', 'ladder']);
		expect(least[0].from).toBe(0);
		for (const { from: rows, id } of least)
			expect(unwrap(mendsOf(meant, wrong, { rows, width: 8, at: 5 }))[0].id).toBe(id);
		expect(leastSaid(least)).toMatch(
			/^At first unpicking is least; from the \w+ row on, laddering down wins\.$/
		);
		expect(leastSaid(least.slice(0, 1))).toMatch(/however many rows/);
		expect(leastSaid([])).toMatch(/beginning again/);
	});

	it('is told for knit and purl columns', () => {
		const up: MendMove = { do: 'hook-up', stitch: 2, rows: 1 };
		expect(tellMend(up, () => true).detail).toMatch(/smooth/);
		expect(tellMend(up, () => false).sentence).toBe('Hook stitch 2 up again, 1 rung.');
	});
});

describe('at the bed', () => {
	it('slips are told, and mends end as they say', () => {
		for (const medium of ['machine', 'loom'] as const)
			for (const name of ['1/1 RC', '2/2 RC', '2/2 LC', '3/3 RC', '2/1 LC']) {
				const meant = crossing(name);
				const again = bedWaysOf(meant, medium)[0];
				for (const fault of bedFaultsOf(meant, medium)) {
					const { told, slipsAt } = bedSlipSteps(meant, fault, medium);
					expect(told[slipsAt].detail).toMatch(/Here it goes wrong/);
					for (const mend of unwrap(mendsOf(meant, fault, place, again))) {
						const script = mendScript(meant, fault, mend, place);
						const states = unwrap(playMend(meant, foundState(meant, fault, place.rows), script, medium));
						expect(isMended(meant, fault, states.at(-1)!), `${name} ${fault.slip} ${mend.id}`).toBe(
							mend.restores
						);
					}
				}
			}
	});
});
