import { describe, expect, it } from 'vitest';
import { localeOf, momentSaid, startSaid, timeSaid } from './locale';

describe('the locale of a browser', () => {
	it('is what it says of itself, else what it asks for first, else a usual one', () => {
		expect(localeOf('de-DE', 'en-US,en;q=0.9')).toBe('de-DE');
		expect(localeOf(undefined, 'en-US,en;q=0.9')).toBe('en-US');
		expect(localeOf('no such thing!', ' fr-CH ; q=1')).toBe('fr-CH');
		for (const languages of [null, '', '*', '%%%']) expect(localeOf(undefined, languages)).toBe('en-GB');
	});
});

describe('a time', () => {
	it('has 12 or 24 hours as the reader has them', () => {
		const evening = new Date(2026, 10, 26, 19, 5);
		expect(timeSaid(evening, 'en-US')).toMatch(/^7:05\sPM$/);
		expect(timeSaid(evening, 'de-DE')).toBe('19:05');
		expect(startSaid('2026-11-26T19:05', 'en-US')).toMatch(/^Thursday, November 26 at 7:05\sPM$/);
		expect(startSaid('2026-11-26T19:05', 'de-DE')).toMatch(/^Donnerstag, 26\. November um 19:05/);
		expect(momentSaid(evening, 'en-GB')).toMatch(/^26 Nov, 19:05:00$/);
	});
});
