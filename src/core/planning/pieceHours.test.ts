import { expect, it } from 'vitest';
import { working } from '../../../tests/support/swatch';
import { movementsPerStitch, pieceMinutes } from './pieceHours';
import { USUAL_RATES } from './rates';

it('counts plain stitches and the movements of crosses, each at its own pace', () => {
	const plain = working('Cast on 8.\nRow 1 (RS): k8.\nRow 2: as they face.');
	expect(movementsPerStitch(plain, 'improver')).toBe(0);
	const rope = working(
		'Cast on 8.\nRow 1 (RS): p2, k4, p2.\nRow 2: as they face.\nRow 3: p2, 2/2 RC, p2.\nRow 4: as they face.'
	);
	const share = movementsPerStitch(rope, 'improver');
	expect(share * 32).toBeGreaterThanOrEqual(4);
	const plan = {
		castOn: 100,
		rows: 60,
		stitches: [
			{ of: 'ground' as const, count: 20 },
			{ of: 'repeats' as const, count: 80 }
		]
	};
	const without = pieceMinutes(plan, 0, 'improver', USUAL_RATES);
	expect(without).toBeCloseTo((100 * 5 + 6_000 * 3.5) / 60);
	expect(pieceMinutes(plan, share, 'improver', USUAL_RATES) - without).toBeCloseTo(
		(80 * 60 * share * 7) / 60
	);
});
