import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { layered, type WorkWord } from '../crossing/crossing';
import { apply } from './apply';
import type { Move } from './moves';
import { outcome } from './play';
import { heldOf } from './state';
import { slip, work, workCable, played } from '../../../tests/support/moves';

describe('which lies in front', () => {
	it('is what is held in front, then what is on a needle, then what is held behind', () => {
		expect(played(2, [slip(1, 'back'), work('k'), workCable('k')]).made.over).toEqual([[2, 1]]);
		expect(played(2, [slip(1, 'front'), work('k'), workCable('k')]).made.over).toEqual([[1, 2]]);
	});

	it('is, of two held on one side, the one placed nearer the viewer', () => {
		const two = (at: 'front' | 'back') => {
			const moves: Move[] = [
				slip(1, at),
				slip(1, at, 'cable2'),
				work('k'),
				{ do: 'work', from: 'cable2', stitches: ['k'] },
				workCable('k')
			];
			return played(3, moves).made;
		};
		expect(two('back')).toMatchObject({
			order: [3, 2, 1],
			over: [
				[1, 2],
				[3, 1],
				[3, 2]
			]
		});
		expect(two('front')).toMatchObject({
			order: [3, 2, 1],
			over: [
				[1, 3],
				[2, 1],
				[2, 3]
			]
		});
	});

	it('changes when the cable needle is swung to the other side in between', () => {
		const moves: Move[] = [
			slip(2, 'back'),
			work('k'),
			{ do: 'return', count: 1, from: 'cable1' },
			{ do: 'hold', needle: 'cable1', at: 'front' },
			work('k'),
			workCable('k')
		];
		expect(played(3, moves).made.over).toEqual([
			[1, 2],
			[3, 1],
			[3, 2]
		]);
	});

	it('is, for a second stitch worked first, the side it was entered from', () => {
		const second = (behind: boolean): Move[] => [
			{ do: 'work', from: 'left', stitches: ['k'], at: 2, stay: true, behind },
			{ do: 'work', from: 'left', stitches: ['k'], stay: true },
			{ do: 'drop', count: 2 }
		];
		expect(played(2, second(false)).made).toMatchObject({ order: [2, 1], over: [[2, 1]], finished: true });
		expect(played(2, second(true)).made.over).toEqual([[1, 2]]);
	});

	it('is the side on which far stitches of a cable needle swing past the near ones', () => {
		const swung = (swing: 'front' | 'behind') =>
			played(3, [
				slip(2, 'back'),
				work('k'),
				{ do: 'work', from: 'cable1', stitches: ['k', 'k'], end: 'far', swing }
			]).made;
		expect(swung('front')).toMatchObject({
			order: [3, 2, 1],
			over: [
				[2, 1],
				[3, 1],
				[3, 2]
			],
			twisted: [1, 2]
		});
		expect(swung('behind').over).toEqual([
			[1, 2],
			[3, 1],
			[3, 2]
		]);
	});

	it('works in the mirror when the left needle reaches into the right one', () => {
		const moves: Move[] = [
			{ do: 'slip', count: 4, from: 'left', to: 'right' },
			{ do: 'reach', needle: 'left', past: 2, take: 2, pass: 'behind' },
			{ do: 'withdraw', needle: 'right', count: 4 },
			{ do: 'catch', needle: 'right', count: 2 },
			{ do: 'slip', count: 2, from: 'right', to: 'left' },
			work('k', 'k', 'k', 'k')
		];
		const { made } = played(4, moves);
		expect(made).toMatchObject({
			order: [3, 4, 1, 2],
			over: [
				[3, 1],
				[3, 2],
				[4, 1],
				[4, 2]
			],
			twisted: []
		});
	});
});

describe('mounts', () => {
	const through = (word: WorkWord, mount: 'right' | 'left') => played(1, [work(word)], [mount]).made.twisted;

	it('twist a stitch worked through the leg that is not open', () => {
		expect(through('k', 'right')).toEqual([]);
		expect(through('ktbl', 'right')).toEqual([1]);
		expect(through('k', 'left')).toEqual([]);
		expect(through('ktbl', 'left')).toEqual([]);
	});

	it('turn with a knitwise slip and with a turned catch', () => {
		const knitwise: Move[] = [{ do: 'slip', count: 1, from: 'left', to: 'cable1', hold: 'back', as: 'knit' }];
		const { states, made } = played(2, [...knitwise, work('k'), workCable('k')]);
		expect(states[1].mounts.slice(1)).toEqual(['left', 'right']);
		expect(made.twisted).toEqual([1]);
		const caught: Move[] = [
			{ do: 'let-go', count: 1, at: 'front' },
			work('k'),
			{ do: 'catch', needle: 'left', count: 1, turned: true },
			work('k')
		];
		expect(played(2, caught).made.twisted).toEqual([1]);
	});

	it('wind a whole turn when the far end swings behind, whichever leg is used', () => {
		const behind: Move = { do: 'work', from: 'cable1', stitches: ['k', 'ktbl'], end: 'far', swing: 'behind' };
		expect(played(3, [slip(2, 'back'), work('k'), behind]).made.twisted).toEqual([1, 2]);
	});
});

describe('what agrees', () => {
	const twisted = layered([2, 1], [1, 0], (position) => (position === 1 ? 'ktbl' : 'k'));
	const script = [slip(1, 'back'), work('k'), workCable('ktbl')];

	it('is a stitch twisted where the crossing asks for it', () => {
		expect(outcome(twisted, played(2, script))).toMatchObject({ twisted: [], agrees: true });
	});

	it('is not one that was asked twisted and comes out open', () => {
		expect(outcome(twisted, played(2, script, ['left', 'left']))).toMatchObject({
			twisted: [],
			agrees: false
		});
	});

	it('is one that comes out twisted unasked, and says so', () => {
		const plain = layered([2, 1], [1, 0], () => 'k');
		expect(outcome(plain, played(2, script))).toMatchObject({ twisted: [1], agrees: true });
	});
});

describe('any script of random moves', () => {
	const side = fc.constantFrom('front' as const, 'back' as const);
	const cable = fc.constantFrom('cable1' as const, 'cable2' as const);
	const needle = fc.constantFrom('right' as const, 'left' as const);
	const count = fc.integer({ min: 1, max: 3 });
	const words = fc.array(fc.constantFrom<WorkWord>('k', 'p', 'ktbl', 'sl', 'slyo'), {
		minLength: 1,
		maxLength: 3
	});
	const anyMove: fc.Arbitrary<Move> = fc.oneof(
		fc.record({
			do: fc.constant('slip' as const),
			count,
			from: fc.constant('left' as const),
			to: cable,
			hold: side
		}),
		fc.record({
			do: fc.constant('slip' as const),
			count,
			from: fc.constant('left' as const),
			to: fc.constant('right' as const)
		}),
		fc.record({
			do: fc.constant('slip' as const),
			count,
			from: fc.constant('right' as const),
			to: fc.constant('left' as const)
		}),
		fc.record({
			do: fc.constant('return' as const),
			count,
			from: cable,
			end: fc.constantFrom('far' as const, 'near' as const)
		}),
		fc.record({ do: fc.constant('hold' as const), needle: cable, at: side }),
		fc.record({ do: fc.constant('work' as const), from: fc.constant('left' as const), stitches: words }),
		fc.record({ do: fc.constant('work' as const), from: cable, stitches: words }),
		fc.record({ do: fc.constant('let-go' as const), count, at: side }),
		fc.record({
			do: fc.constant('reach' as const),
			needle,
			past: count,
			take: count,
			pass: fc.constantFrom('front' as const, 'behind' as const)
		}),
		fc.record({ do: fc.constant('withdraw' as const), needle, count: fc.integer({ min: 2, max: 6 }) }),
		fc.record({ do: fc.constant('catch' as const), needle, count, turned: fc.boolean() }),
		fc.record({ do: fc.constant('yarn' as const), to: side })
	);

	it('keeps every stitch somewhere, once, whatever the hands try', () => {
		fc.assert(
			fc.property(fc.integer({ min: 2, max: 6 }), fc.array(anyMove, { maxLength: 25 }), (stitches, moves) => {
				let state = played(stitches, []).states[0];
				for (const move of moves) {
					const next = apply(state, move);
					if (!next.ok) continue;
					state = next.value;
					const held = heldOf(state).flatMap((group) => group.stitches);
					const everywhere = [...state.left, ...state.right, ...held].sort((a, b) => a - b);
					expect(everywhere).toEqual(Array.from({ length: stitches }, (_, i) => i + 1));
				}
			}),
			{ numRuns: 500 }
		);
	});
});
