import { join } from 'node:path';
import { root } from '../lib/root.mjs';
import { median } from './median.mjs';

const ROUNDS = 5;
/** Every size that a slider of the sums has, in millimetres. */
const SIZES = Array.from({ length: 400 }, (_, i) => 200 + 5 * i);

/**
 * The slowest step of a slider that plans an Aran panel of five ropes, over all its sizes, in milliseconds: the median of a
 * few rounds.
 * @returns {Promise<import('../bench.mjs').Figure>}
 */
export async function plan() {
	const { basisOf } = await import(join(root, 'src/core/measures/basis.ts'));
	const { planWish } = await import(join(root, 'src/core/measures/planWish.ts'));
	const swatch = aran();
	const wish = (/** @type {number} */ widthMm) => ({
		swatch,
		gauge: { stitches: 20, rows: 28 },
		wish: { widthMm, heightMm: widthMm, shape: 'flat' },
		edge: 2,
		ground: 8,
		yarn: { name: 'Reed', fibre: 'wool', gramsPerBall: 50, metresPerBall: 110 }
	});
	const basis = basisOf(swatch, false).value;
	const round = () =>
		Math.max(
			...SIZES.map((size) => {
				const began = performance.now();
				planWish(wish(size), basis);
				return performance.now() - began;
			})
		);
	round();
	return { name: 'plan-ms', value: median(Array.from({ length: ROUNDS }, round)), goal: 16, unit: 'ms' };
}

/** Five ropes of their own spacing, side by side. */
function aran() {
	const ropes = ['2/2 RC', '3/3 LC', '2/1/2 RC', '3/3 RC', '2/2 LC'];
	const widths = [4, 6, 5, 6, 4];
	const row = (/** @type {number} */ n) =>
		ropes.map((rope, i) => `p3, ${n % (2 * (i + 2)) === 3 ? rope : `k${widths[i]}`}`).join(', ');
	const rows = Array.from({ length: 24 }, (_, i) => i + 1).map((n) =>
		n % 2 === 0 ? `Row ${n}: as they face.` : `Row ${n} (RS): ${row(n)}, p3.`
	);
	return `Cast on ${widths.reduce((a, b) => a + b, 0) + 18}.\n${rows.join('\n')}\nRep rows 1-24 for pattern.`;
}
