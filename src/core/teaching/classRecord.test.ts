import { describe, expect, it } from 'vitest';
import { CLASS_FORMAT, latestRecords, type ClassRecord } from './classRecord';

const kept = (id: string, ended: string | null, level: ClassRecord['level'] = 'beginner') => ({
	id,
	record: { format: CLASS_FORMAT, level, began: '2026-11-26T19:00', ended, parts: [] } as ClassRecord
});

describe('records of classes', () => {
	it('are as they were noted last, each once', () => {
		const [one, other, again] = [kept('a', null), kept('b', null), kept('a', null, 'improver')];
		expect(latestRecords([one, other, again])).toEqual([again, other]);
	});

	it('that have ended stay so, until one that has ended as well', () => {
		const [over, late, corrected] = [
			kept('a', '2026-11-26T20:30'),
			kept('a', null),
			kept('a', '2026-11-26T20:31')
		];
		expect(latestRecords([over, late])).toEqual([over]);
		expect(latestRecords([late, over, late, corrected])).toEqual([corrected]);
	});
});
