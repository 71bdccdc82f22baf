import { describe, expect, it } from 'vitest';
import { layered } from '../crossing/crossing';
import { lookAt } from './look';

describe('the line for those who read pictures', () => {
	it('counts what to skip and what to look at', () => {
		const knit = () => 'k' as const;
		expect(lookAt(layered([3, 4, 1, 2], [1, 1, 0, 0], knit))).toBe(
			'Skip 2, look at these 2 (3 4): they pass in front; then look at these 2 (1 2).'
		);
		expect(lookAt(layered([3, 1, 2], [0, 0, 1], knit))).toBe(
			'Skip 2, look at this 1 (3): it passes behind; then look at these 2 (1 2).'
		);
		expect(lookAt(layered([3, 2, 1], [2, 0, 1], knit))).toContain('in front');
	});
});
