import { describe, expect, it } from 'vitest';
import { readNameOrJson } from './name';

describe('a crossing in JSON', () => {
	const json = {
		format: 'pond-loop/crossing@1',
		stitches: 2,
		order: [2, 1],
		over: [[2, 1]],
		work: ['k', 'k']
	};

	it('stands where a name may stand', () => {
		const answer = readNameOrJson(JSON.stringify({ ...json, lean: 'left' }));
		expect(answer.ok && answer.value.readings[0]).toMatchObject({
			school: 'crossing',
			because: 'Given as a crossing: 1/1 RC.',
			crossing: { order: [2, 1] }
		});
	});

	it.each([
		['{', 'unreadable'],
		[JSON.stringify({ ...json, work: ['k', 'knit'] }), 'unreadable'],
		[JSON.stringify({ ...json, order: 'x' }), 'unreadable'],
		[JSON.stringify({ ...json, order: [1, 1] }), 'conflict'],
		[JSON.stringify({ ...json, over: [] }), 'conflict']
	])('%s is %s', (text, code) => {
		const answer = readNameOrJson(text);
		expect(answer.ok ? null : answer.error.code).toBe(code);
	});
});
