import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { twoGroupCrossing } from '../../../tests/support/arbitrary';
import { lean } from '../crossing/lean';
import { checkCrossing } from '../crossing/validity';
import { inMedium } from './medium';

describe('double knitting', () => {
	it('shows the same cross on both faces when whole pairs cross, and a plain back when the front layer does', () => {
		fc.assert(
			fc.property(twoGroupCrossing, (single) => {
				const plain = { ...single, work: single.work.map(() => 'k' as const) };
				const whole = inMedium(plain, 'double');
				const front = inMedium(plain, 'double-front');
				if (!whole.ok || !front.ok) return expect(plain.stitches).toBeGreaterThan(12);
				expect(checkCrossing(whole.value).ok && checkCrossing(front.value).ok).toBe(true);
				expect(lean(whole.value)).toBe(lean(plain));
				const backLayer = front.value.order.filter((position) => position % 2 === 0);
				expect(backLayer).toEqual([...backLayer].sort((a, b) => a - b));
			})
		);
	});
});
