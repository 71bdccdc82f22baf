import { describe, expect, it } from 'vitest';
import { readPattern } from '../pattern/pattern';
import type { Result } from '../result';
import { within } from './effort';
import { fabricOf, working, workingOf } from './fabric';

const valueOf = <T>(result: Result<T>): T => {
	if (!result.ok) throw new Error(result.error.message);
	return result.value;
};

describe('work that may be long', () => {
	it('tells how far it is, and can be given up', () => {
		const pattern = readPattern(
			'CO 40. Row 1 (RS): *2/2 RC; rep from * to end. Row 2: purl. Rep rows 1-2 99 times.'
		);
		expect(within(working(pattern), 4_000)).toBeNull();
		const whole = within(working(pattern), 20_000);
		expect(whole).toEqual(workingOf(pattern));
		expect(whole?.ok && whole.value.steps).toHaveLength(200);
	});

	it('can be sent from one thread to another and gone on with there', () => {
		const text = 'CO 14. Row 1 (RS): C4F, C4B, k to end.\nRow 2: purl.\nRow 3: C4F, k to end.';
		const sent = structuredClone(valueOf(workingOf(readPattern(text))));
		const next = valueOf(workingOf(readPattern(`${text}\nRow 4: purl.`, sent.pattern), sent.options, sent));
		// Rows that stand are not worked again.
		expect(next.steps.slice(0, 3).map(({ worked }, i) => worked === sent.steps[i].worked)).toEqual([
			true,
			true,
			true
		]);
		expect(next.fabric).toEqual(valueOf(fabricOf(`${text}\nRow 4: purl.`)));
	});
});
