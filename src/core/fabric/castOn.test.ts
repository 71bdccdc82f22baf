import { describe, expect, it } from 'vitest';
import { run } from '../../cli/run';
import { answer } from '../../../tests/support/rows';

describe('the count to begin with', () => {
	it('is the smallest multiple that works', () => {
		expect(answer('Multiple of 6 + 2.\nRow 1: p2, *k4, p2; rep from * to end.').castOn).toBe(8);
		expect(answer('Cast on a multiple of 6 sts +2 sts.\nRow 1: p2, *k4, p2; rep from * to end.').castOn).toBe(
			8
		);
		expect(answer('Multiple of 4.\nRow 1: k6, *k2; rep from * to end.').castOn).toBe(8);
	});

	it('is asked for where nothing says it', () => {
		for (const text of [
			'Row 1: k to end.',
			'Row 1: *k2; rep from * to end.',
			'Row 1: C4F.',
			'Cast on 8.',
			''
		])
			expect(run(['rows'], text)).toMatchObject({ ok: false, error: { code: 'unreadable' } });
		expect(run(['rows', 'extra'], 'Row 1: k2.')).toMatchObject({ error: { code: 'unreadable' } });
	});
});
