import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { unwrap } from '../result';
import { planAsked } from '../formats/measures';
import { basisOf } from './basis';
import { working } from '../../../tests/support/swatch';
import { planRows } from './planRows';
import { acrossOn, planAt, upFrom, type Plan } from './plan';
import { planWish, yieldWish } from './planWish';
import { STAGES } from './lives';
import type { Piece, Wish } from './schema';
import { seamOf } from './seam';

const ROPE =
	'Multiple of 8 + 2.\nRow 1 (RS): p2, *k4, p4; rep from * to end.\nRow 2: as they face.\nRow 3: p2, *2/2 RC, p4; rep from * to end.\nRow 4: as they face.\nRep rows 1-4 for pattern.';
const YARN = { name: 'Reed', fibre: 'wool', gramsPerBall: 50, metresPerBall: 100 };
const wish = (more: Partial<Wish> = {}): Wish => ({
	swatch: ROPE,
	gauge: { stitches: 20, rows: 28 },
	wish: { widthMm: 400, heightMm: 300, shape: 'flat' },
	...more
});
const planned = (asked: Wish) => planWish(asked, unwrap(basisOf(asked.swatch, asked.wish.shape === 'round')));

describe('a plan', () => {
	it('comes in whole repeats nearest to the wish, each number with its reason', () => {
		const plan = unwrap(planned(wish({ edge: 2, ground: 6, yarn: YARN })));
		expect(plan.castOn).toBe(plan.repeatsAcross * 8 + 2 + 6 + 4);
		expect(plan.stitches).toEqual([
			{ of: 'edge', count: 2 },
			{ of: 'ground', count: 6 },
			{ of: 'repeats', count: plan.repeatsAcross * 8 + 2 }
		]);
		expect(plan.rows).toBe(plan.repeatsUp * 4);
		expect(plan.yarn.metres).toBeCloseTo(plan.yarn.grams * 2);
		expect(plan.yarn.balls).toBe(Math.ceil(plan.yarn.grams / 50));
		expect(plan.why.join(' ')).toMatch(/rule of thumb/);
		expect(plan.others.map(({ repeatsAcross }) => repeatsAcross - plan.repeatsAcross)).toEqual([-1, 1]);
		expect(unwrap(planned(wish())).yarn.balls).toBeNull();
	});

	it('goes round without edges and what stands once, on the longest needle that leaves it room', () => {
		const round = wish({ edge: 2, wish: { widthMm: 600, heightMm: 300, shape: 'round' } });
		const plan = unwrap(planned(round));
		expect(plan.castOn % 8).toBe(0);
		expect(plan).toMatchObject({ needle: 500, seam: null });
		const small = { ...round, wish: { ...round.wish, widthMm: 200 } };
		expect(unwrap(planned(small)).needle).toBe('double-pointed');
	});

	it('worked flat, counts an odd number of rows twice; and takes all rows and the whole cast-on where nothing repeats', () => {
		const odd = 'Cast on 10.\nRow 1 (RS): p3, 2/2 RC, p3.\nRow 2: as they face.\nRow 3: p3, k4, p3.';
		expect(unwrap(basisOf(odd, false))).toMatchObject({ across: { of: 10, plus: 0 }, up: 6 });
		expect(unwrap(basisOf(odd, true)).up).toBe(3);
		expect(unwrap(basisOf(ROPE, false))).toMatchObject({ across: { of: 8, plus: 2 }, up: 4 });
		expect(basisOf('nonsense', false).ok).toBe(false);
	});

	it('refuses what is smaller than one repeat by more than half, and says the smallest', () => {
		const small = planned(wish({ wish: { widthMm: 10, heightMm: 300, shape: 'flat' } }));
		expect(small).toMatchObject({ ok: false, error: { code: 'conflict' } });
		expect(small.ok ? '' : small.error.message).toMatch(/too narrow.*smallest is \d+ mm wide/);
		const low = planned(wish({ wish: { widthMm: 400, heightMm: 3, shape: 'flat' } }));
		expect(low.ok ? '' : low.error.message).toMatch(/too short/);
		const one = unwrap(planned(wish({ wish: { widthMm: 45, heightMm: 20, shape: 'flat' } })));
		expect([one.repeatsAcross, one.others.length]).toEqual([1, 1]);
	});

	it('takes a yarn without a name, and a gauge as it was measured: washed, or over ropes', () => {
		const nameless = { gramsPerBall: 50, metresPerBall: 100 };
		expect(unwrap(planAsked({ ...wish(), yarn: nameless })).yarn.balls).toBeGreaterThan(0);
		const washes = (more: object) =>
			yieldWish(
				{ ...wish({ pieces: measuredTwice }), gauge: { stitches: 20, rows: 28, ...more } },
				bases.flat
			);
		const [unwashed, washed, cabled] = [washes({}), washes({ stage: 'dry' }), washes({ of: 'panel' })];
		expect(unwashed.washed.width).toBeGreaterThan(1);
		expect(washed.plainMm).toBeCloseTo(5);
		expect(unwashed.plainMm).toBeCloseTo(5 * unwashed.washed.width);
		expect(cabled.panelMm).toBeCloseTo(5 * cabled.washed.width);
	});

	it('rests on what pieces of the very same rows measured, and says so where they do not hold', () => {
		fc.assert(
			fc.property(
				fc.integer({ min: 1, max: 12 }),
				fc.double({ min: 2, max: 9, noNaN: true }),
				fc.constantFrom('panel' as const, 'whole' as const),
				fc.constantFrom(...STAGES),
				(repeats, stitchMm, of, stage) => {
					const stitches = repeats * 8 + 2;
					const widthMm = stitches * stitchMm;
					const own = pieceOf({ stage, of, stitches, widthMm });
					const plan = unwrap(
						planned(wish({ pieces: [own], yarn: YARN, wish: { widthMm, heightMm: 300, shape: 'flat' } }))
					);
					expect(plan.castOn).toBe(stitches);
					const again = stage === 'needle' ? plan.onNeedle : plan.dry;
					expect(Math.abs(again.widthMm / widthMm - 1)).toBeLessThan(0.02);
					expect(plan.why.join(' ')).toContain('These very rows were measured on Strip');
				}
			),
			{ numRuns: 80 }
		);
		const other = pieceOf({ stage: 'dry', of: 'panel', stitches: 26, widthMm: 200 });
		const why = unwrap(planned(wish({ pieces: [other], yarn: { ...YARN, name: 'Sedge' } }))).why.join(' ');
		expect(why).toMatch(/another yarn or on another needle these rows measured 76.9 mm for ten stitches/);
	});

	const pieceOf = (...measured: Partial<Piece['measured'][number]>[]): Piece => ({
		...{ format: 'pond-loop/piece@1', title: 'Strip', swatch: ROPE, yarn: YARN, needleMm: 5 },
		measured: measured.map((one) => ({
			...{ stage: 'off', of: 'panel', widthMm: 100, heightMm: 100, stitches: 26, rows: 28 },
			...{ on: '2026-11-20' },
			...one
		}))
	});
	/** Two pieces of other rows that washing made wider. */
	const measuredTwice = [100, 101].map((widthMm) => ({
		...pieceOf({ widthMm }, { stage: 'dry', widthMm: widthMm * 1.2 }),
		swatch: ROPE.replace('2/2 RC', '2/2 LC')
	}));

	const wishes = fc.record({
		widthMm: fc.integer({ min: 60, max: 3_000 }),
		heightMm: fc.integer({ min: 30, max: 3_000 }),
		stitches: fc.double({ min: 8, max: 60, noNaN: true }),
		rows: fc.double({ min: 8, max: 80, noNaN: true }),
		edge: fc.nat(6),
		ground: fc.nat(20),
		round: fc.boolean(),
		spare: fc.double({ min: 0, max: 1, noNaN: true })
	});
	const asked = (one: typeof wishes extends fc.Arbitrary<infer T> ? T : never): Wish => ({
		...{ swatch: ROPE, gauge: { stitches: one.stitches, rows: one.rows }, yarn: YARN, spare: one.spare },
		...{ edge: one.edge, ground: one.ground },
		wish: { widthMm: one.widthMm, heightMm: one.heightMm, shape: one.round ? 'round' : 'flat' }
	});
	const bases = { flat: unwrap(basisOf(ROPE, false)), round: unwrap(basisOf(ROPE, true)) };

	it('comes within half a repeat of every wish, or says what the smallest is', () => {
		fc.assert(
			fc.property(wishes, (one) => {
				const wished = asked(one);
				const basis = bases[wished.wish.shape];
				const { panelMm, rowMm } = yieldWish(wished, basis);
				const plan = planWish(wished, basis);
				const smallest = planAt(wished, basis, yieldWish(wished, basis), { across: 1, up: 1 });
				const [wide, high] = [(basis.across.of * panelMm) / 2, (basis.up * rowMm) / 2];
				if (!plan.ok) {
					expect(
						one.widthMm < smallest.dry.widthMm - wide + 1e-6 ||
							one.heightMm < smallest.dry.heightMm - high + 1e-6
					).toBe(true);
					return;
				}
				expect(Math.abs(plan.value.dry.widthMm - one.widthMm)).toBeLessThanOrEqual(wide + 1e-6);
				expect(Math.abs(plan.value.dry.heightMm - one.heightMm)).toBeLessThanOrEqual(high + 1e-6);
			}),
			{ numRuns: 10_000 }
		);
	});

	it('agrees the other way round: the size from the yarn, and the width from the needle', () => {
		fc.assert(
			fc.property(wishes, (one) => {
				const wished = asked(one);
				const basis = bases[wished.wish.shape];
				const plan = planWish(wished, basis);
				if (!plan.ok) return;
				const { repeatsAcross: across, repeatsUp: up, yarn } = plan.value;
				const yielded = yieldWish(wished, basis);
				expect(upFrom(yarn.grams, wished, basis, yielded, across)).toBe(up);
				expect(upFrom(yarn.grams * 0.999, wished, basis, yielded, across)).toBe(up - 1);
				if (one.round) return;
				expect(acrossOn(plan.value.onNeedle.widthMm, wished, basis, yielded)).toBe(across);
			}),
			{ numRuns: 1_000 }
		);
	});

	it('rests on pieces where they were measured', () => {
		const piece = (title: string, panel: number, dry: number): Piece => ({
			...{ format: 'pond-loop/piece@1', title, swatch: ROPE, yarn: YARN, needleMm: 4 },
			measured: (['off', 'dry'] as const).flatMap((stage) => [
				{ ...AT, stage, of: 'panel' as const, widthMm: panel * (stage === 'dry' ? dry : 1) },
				{ ...AT, stage, of: 'ground' as const, widthMm: 100 * (stage === 'dry' ? dry : 1) }
			])
		});
		const AT = { heightMm: 100, stitches: 20, rows: 28, on: '2026-11-20' };
		const pieces = [piece('a', 70, 1.05), piece('b', 72, 1.04), piece('c', 71, 1.06)];
		const by = (more: Partial<Wish>): Plan => unwrap(planned(wish(more)));
		expect(by({ pieces }).castOn).toBeGreaterThan(by({}).castOn);
		expect(by({ pieces }).onNeedle.widthMm).toBeLessThan(by({ pieces }).dry.widthMm);
		expect(by({ pieces }).why.join(' ')).toMatch(/3 pieces say so/);
		// What was measured on the swatch itself knows better.
		const own = { ...unwrap(basisOf(ROPE, false)), drawIn: 0.5 };
		expect(unwrap(planWish(wish({ pieces }), own)).why.join(' ')).toMatch(
			/draw in to 0.50.*measured on this swatch/
		);
	});
});

describe('a seam', () => {
	it('takes every row', () => {
		fc.assert(
			fc.property(fc.integer({ min: 1, max: 5_000 }), (rows) => {
				const { ends, middle } = seamOf(rows);
				if (middle > 0) expect(2 * ends + middle).toBe(rows);
				else expect(2 * ends).toBeGreaterThanOrEqual(rows);
			})
		);
	});
});

describe('the rows of a plan', () => {
	const rowsFor = (asked: Wish) => {
		const plan = unwrap(planned(asked));
		const text = unwrap(planRows(asked.swatch, plan, asked.wish.shape === 'round'));
		return { plan, text, worked: working(text) };
	};

	it('are worked as they are planned, the first cross half a spacing up', () => {
		const { plan, text, worked } = rowsFor(wish({ edge: 2, ground: 6 }));
		expect(worked.fabric.problems.filter(({ severity }) => severity === 'error')).toEqual([]);
		expect([worked.fabric.castOn, worked.steps.length]).toEqual([plan.castOn, plan.rows]);
		const crosses = worked.steps.flatMap(({ row, worked: made }) =>
			made.crossings.length > 0 ? [row.n] : []
		);
		expect(crosses[0]).toBe(3);
		expect(crosses.length).toBe(plan.repeatsUp);
		for (const { worked: made } of worked.steps.filter(({ worked: { crossings } }) => crossings.length > 0))
			expect(made.crossings).toHaveLength(plan.repeatsAcross);
		expect(text).toContain('Row 1 (RS): k2, p4, [p1, k4, p3] 9 times, p4, k2.');
	});

	it('go round, stand side by side where nothing repeats, and are turned by whole pairs', () => {
		const round = rowsFor(wish({ wish: { widthMm: 300, heightMm: 200, shape: 'round' } }));
		expect(round.worked.fabric.castOn).toBe(round.plan.castOn);
		expect(round.worked.pattern.rounds).toBe(true);
		const early =
			'Cast on 8.\nRow 1 (RS): p2, 2/2 RC, p2.\nRows 2, 4, 6 and 8: as they face.\nRows 3, 5 and 7: p2, k4, p2.';
		const { worked, plan } = rowsFor(wish({ swatch: early }));
		const first = worked.steps.find(({ worked: made }) => made.crossings.length > 0)!;
		expect(first.row).toMatchObject({ n: 5, side: 'RS' });
		expect(first.worked.crossings).toHaveLength(plan.repeatsAcross);
	});

	it('cannot be written where stitches come and go, or where a repeat changes sides', () => {
		const of = (swatch: string) => {
			const plan = planned(wish({ swatch }));
			return plan.ok ? planRows(swatch, plan.value, false) : plan;
		};
		for (const swatch of [
			'Cast on 6.\nRow 1 (RS): k6.\nRow 2: p6.\nRow 3: k3, 1/1 RC, k1.',
			'Cast on 6.\nRow 1 (RS): k1, yo, k2tog, k3.\nRow 2: p6.'
		])
			expect(of(swatch)).toMatchObject({ ok: false, error: { code: 'conflict' } });
	});
});
