import { describe, expect, it } from 'vitest';
import { unwrap } from '../core/result';
import { run } from './run';

const asked = (args: readonly string[], input?: object) =>
	unwrap(run(args, input && JSON.stringify(input))) as Record<string, never>;
const refused = (args: readonly string[], input?: string) => {
	const answer = run(args, input);
	return answer.ok ? null : answer.error.code;
};

describe('slips on the command line', () => {
	it('are played, with the first way that can make them', () => {
		const answer = asked(['slip', '2/2 RC', 'wrong-reach']);
		expect(answer).toMatchObject({ slip: 'wrong-reach', way: 'free-reach', seen: { lean: 'left' } });
		expect(answer.moves).toContainEqual({ do: 'reach', needle: 'right', past: 2, take: 2, pass: 'behind' });
		expect(answer.looks).toBe('The rope leans left, not right.');
		expect(asked(['slip', '2/2 RC', 'wrong-row', '--off', '-4'])).toMatchObject({ seen: { offset: -4 } });
		expect(asked(['slip', '2/2 RC', 'set-order', '--medium', 'machine'])).toMatchObject({
			way: 'machine-tools',
			result: { stitches: 4 }
		});
	});

	it('are found from what is seen, with the next question', () => {
		const answer = asked(['diagnose'], { name: '2/2 RC', ways: ['cn-off', 'cn-return'], seen: { count: 1 } });
		expect(answer.causes).toMatchObject([
			{ slip: 'extra-loop', way: 'cn-off' },
			{ slip: 'extra-loop', way: 'cn-return' }
		]);
		expect(answer.ask).toBeNull();
		const open = asked(['diagnose'], { name: '2/2 RC', ways: ['cn-off'], seen: { count: 0 } });
		expect(open.ask).toMatchObject({ field: expect.any(String), because: expect.any(String) });
	});

	it('are priced, the row’s width never taken for the name’s', () => {
		const place = ['--rows', '5', '--width', '20', '--at', '9'];
		const { mends } = asked(['mends', '2/2 RC', 'not-crossed', ...place]);
		expect(mends).toMatchObject([
			{ id: 'ladder', movements: 56, restores: true },
			{ id: 'unpick', movements: 224, restores: true },
			{ id: 'leave', movements: 0, restores: false },
			{ id: 'fake', movements: 8, restores: false }
		]);
		expect(asked(['mends', '2/2 RC', 'knitwise', ...place, '--worked', 'no']).mends).toMatchObject([
			{ id: 'turn', movements: 2, restores: true },
			{ id: 'column' },
			{ id: 'ladder' },
			{ id: 'unpick' },
			{ id: 'leave' }
		]);
	});

	it('that nobody can make, or place, or understand, are refused', () => {
		expect(refused(['slip', '2/2 RC', 'wrong-reach', '--way', 'cn-off'])).toBe('conflict');
		expect(refused(['slip', '2/2 RC', 'marmalade'])).toBe('unreadable');
		expect(refused(['slip', '2/2 RC', 'set-order'])).toBe('unreadable');
		expect(refused(['slip', '2/2 RC', 'wrong-hold', '--medium', 'brioche'])).toBe('conflict');
		expect(refused(['mends', '2/2 RC', 'wrong-hold'])).toBe('unreadable');
		expect(refused(['mends', '2/2 RC', 'wrong-hold', '--rows', '1', '--width', '8', '--at', '6'])).toBe(
			'conflict'
		);
		expect(refused(['diagnose'], '{"seen":{}}')).toBe('unreadable');
		expect(refused(['diagnose'], '{"name":"2/2 RC","seen":{"colour":"blue"}}')).toBe('unreadable');
	});
});
