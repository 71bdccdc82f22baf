import { describe, expect, it } from 'vitest';
import { layered } from '../crossing/crossing';
import type { Move } from './moves';
import { outcome } from './play';
import { slip, work, workCable, played, refused } from '../../../tests/support/moves';

describe('a script that breaks a rule', () => {
	it.each<[string, number, number, Move[]]>([
		['takes what is not there', 2, 1, [slip(3, 'back')]],
		['works more than there is', 2, 1, [work('k', 'k', 'k')]],
		['works off an empty cable needle', 2, 1, [workCable('k')]],
		['returns more than is held', 3, 2, [slip(1, 'back'), { do: 'return', count: 2, from: 'cable1' }]],
		['moves an empty cable needle', 2, 1, [{ do: 'hold', needle: 'cable1', at: 'front' }]],
		['holds on both sides at once', 3, 2, [slip(1, 'back'), slip(1, 'front')]],
		['drops what was not worked', 2, 1, [{ do: 'drop', count: 1 }]],
		['withdraws what nobody reached into', 2, 1, [{ do: 'withdraw', needle: 'left', count: 2 }]],
		['catches what does not hang', 2, 1, [{ do: 'catch', needle: 'left', count: 1 }]],
		[
			'catches half a group',
			3,
			2,
			[
				{ do: 'let-go', count: 2, at: 'back' },
				{ do: 'catch', needle: 'left', count: 1 }
			]
		],
		['works the second stitch without staying', 2, 1, [{ do: 'work', from: 'left', stitches: ['k'], at: 2 }]],
		['reaches too far', 2, 1, [{ do: 'reach', needle: 'right', past: 1, take: 2, pass: 'front' }]],
		[
			'works with a needle reached in',
			3,
			2,
			[{ do: 'reach', needle: 'right', past: 1, take: 1, pass: 'front' }, work('k')]
		],
		[
			'works a stitch twice',
			2,
			3,
			[work('k'), { do: 'slip', count: 1, from: 'right', to: 'left' }, work('k')]
		],
		['leaves a stitch hanging', 2, 2, [{ do: 'let-go', count: 1, at: 'front' }, work('k')]]
	])('%s: refused with the number of the move', (_, stitches, at, moves) => {
		expect(refused(stitches, ...moves)).toEqual({ code: 'conflict', at });
	});

	it('changes a pair back: refused', () => {
		const across: Move[] = [
			slip(1, 'back'),
			{ do: 'slip', count: 1, from: 'left', to: 'right' },
			{ do: 'return', count: 1, from: 'cable1' },
			{ do: 'slip', count: 1, from: 'left', to: 'right' }
		];
		// 2 is on the right needle before 1; taking both back and crossing them again would change the pair twice.
		const back: Move[] = [
			{ do: 'slip', count: 2, from: 'right', to: 'left' },
			slip(1, 'front'),
			{ do: 'slip', count: 1, from: 'left', to: 'right' }
		];
		expect(refused(2, ...across, ...back)).toEqual({ code: 'conflict', at: 7 });
	});

	it('is incomplete: it plays, and does not agree', () => {
		const crossing = layered([2, 1], [1, 0], () => 'k');
		const half = played(2, [slip(1, 'back'), work('k')]);
		expect(outcome(crossing, half)).toMatchObject({ order: [2], agrees: false });
	});
});
