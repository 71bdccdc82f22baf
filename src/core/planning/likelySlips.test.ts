import { describe, expect, it } from 'vitest';
import { crossing } from '../../../tests/support/taughtLesson';
import type { Lesson, Part } from '../lesson/lesson';
import { likelySlips } from './likelySlips';

describe('the slips that learners make most', () => {
	const taught = (name: string) => ({ id: 'a', crossing: crossing(name) });
	const shown = (way: string, level: Lesson['level'] = 'beginner', medium: Lesson['medium'] = 'hand') => ({
		...{ level, medium },
		parts: [{ id: '1', kind: 'show', title: '', minutes: 1, crossing: 'a', way } as Part]
	});

	it('go by the way that is shown and by the level', () => {
		expect(likelySlips(shown('cn-off'), taught('2/2 RC'))[0]).toBe('wrong-hold');
		expect(likelySlips(shown('cn-off', 'confident'), taught('2/2 RC'))[0]).toBe('wrong-row');
		expect(likelySlips(shown('free-reach'), taught('2/2 RC')).slice(0, 2)).toEqual(['wrong-reach', 'turned']);
		expect(likelySlips(shown('free-second-first'), taught('1/1 RC'))).toEqual([
			...['not-crossed', 'extra-loop', 'wrong-row']
		]);
		expect(likelySlips(shown('cn-off'), taught('3/1 LC'))[0]).toBe('uneven');
	});

	it('are those of tools at a bed, and what a class was seen to make comes first', () => {
		expect(likelySlips(shown('machine-tools', 'beginner', 'machine'), taught('2/2 RC'), ['turned'])).toEqual([
			...['not-crossed', 'wrong-row', 'dropped']
		]);
		expect(likelySlips(shown('cn-off'), taught('2/2 RC'), ['turned'])[0]).toBe('turned');
		expect(likelySlips({ ...shown('cn-off'), parts: [] }, taught('2/2 RC'))[0]).toBe('wrong-hold');
	});
});
