import { RIGHT_HANDS } from '../ways/handed';
import { describe, expect, it } from 'vitest';
import { lookSaid, writtenSentences } from './look';
import { ROPE, working } from '../../../tests/support/swatch';

describe('rows for those who read pictures', () => {
	it('say what to skip and what to look at, each sentence once', () => {
		const now = working(ROPE);
		expect(lookSaid(now.steps[2], { ...RIGHT_HANDS, terms: 'us' })).toBe(
			'Skip 2, look at these 4 (2/2 RC), skip 2.'
		);
		expect(lookSaid(now.steps[0], { ...RIGHT_HANDS, terms: 'uk' })).toBe('Miss 8.');
		expect(writtenSentences(now)).toEqual([
			{ step: 0, numbers: [1] },
			{ step: 1, numbers: [2, 4] },
			{ step: 2, numbers: [3] },
			{ step: 4, numbers: [5] }
		]);
	});
});
