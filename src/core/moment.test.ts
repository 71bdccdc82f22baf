import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { isLocalTime } from './moment';

describe('a local date and time', () => {
	it('is any that exists, in its written form', () =>
		fc.assert(
			fc.property(
				fc.date({
					min: new Date('0100-01-01T00:00Z'),
					max: new Date('9999-12-31T23:59Z'),
					noInvalidDate: true
				}),
				(at) => {
					expect(isLocalTime(at.toISOString().slice(0, 16))).toBe(true);
				}
			)
		));

	it.each([
		'2026-02-30T19:00',
		'2025-02-29T19:00',
		'2026-13-01T19:00',
		'2026-11-26T24:00',
		'2026-11-26T19:60',
		'0000-01-01T00:00',
		'12026-11-26T19:00',
		'2026-11-26',
		'2026-11-26T19:00Z',
		''
	])('is not “%s”', (text) => expect(isLocalTime(text)).toBe(false));
});
