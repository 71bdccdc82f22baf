import { expect, it } from 'vitest';
import { unwrap } from '../result';
import { ROPE } from '../../../tests/support/piece';
import { basisOf } from './basis';
import { materialsOf } from './materials';
import { planWish } from './planWish';

const length = (mm: number) => `${Math.round(mm / 10)} cm`;
const planned = (shape: 'flat' | 'round', widthMm: number) => {
	const wish = { swatch: ROPE, gauge: { stitches: 20, rows: 28 }, wish: { widthMm, heightMm: 300, shape } };
	return unwrap(planWish(wish, unwrap(basisOf(ROPE, shape === 'round'))));
};
const whats = (shape: 'flat' | 'round', widthMm: number, crosses = true) =>
	materialsOf(planned(shape, widthMm), { yarn: null, needleMm: 4, crosses }, length);

it('lists what a piece takes, needles by how it is worked, each with its reason', () => {
	expect(whats('flat', 400)[1]).toMatchObject({
		what: 'needles, 4 mm',
		why: expect.stringMatching(/cm lie on them/)
	});
	expect(whats('round', 600)[1]).toMatchObject({ what: 'a circular needle, 4 mm', amount: '50 cm' });
	expect(whats('round', 200)[1].what).toBe('double-pointed needles, 4 mm');
	expect(whats('flat', 400, false).some(({ what }) => what === 'a cable needle')).toBe(false);
	const yarn = { name: 'Reed', fibre: 'wool', colour: 'grey', gramsPerBall: 50, metresPerBall: 100 };
	const [first] = materialsOf(planned('flat', 400), { yarn, needleMm: null, crosses: true }, length);
	expect(first.what).toBe('Reed, grey, wool');
	expect(first.amount).toMatch(/^\d+ g, \d+ m$/);
});

it('asks for a marker at each edge of a repeat, and for no more than anybody can tell apart', () => {
	const markers = (plan: ReturnType<typeof planned>) =>
		materialsOf(plan, { yarn: null, needleMm: 4, crosses: true }, length).find(
			({ what }) => what === 'markers'
		)!.amount;
	const plan = planned('flat', 400);
	expect(markers({ ...plan, repeatsAcross: 1 })).toBe('2');
	expect(markers({ ...plan, repeatsAcross: 4 })).toBe('5');
	expect(markers({ ...plan, repeatsAcross: 11 })).toBe('12');
	expect(markers({ ...plan, repeatsAcross: 12 })).toBe('12');
	expect(markers({ ...plan, repeatsAcross: 40 })).toBe('12');
});
