import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { layered, type WorkWord } from '../crossing/crossing';
import { parseMoves } from '../formats/moves';
import { anyCrossing } from '../../../tests/support/arbitrary';
import { apply } from './apply';
import { movementsOf, type Move } from './moves';
import { framesOf, mostLoose, outcome, play } from './play';
import { scriptOf, scriptSteps } from './steps';
import { withYarn } from './yarn';
import { heldOf } from './state';
import type { Voice } from './voice';
import { unwrap } from '../result';

const slip = (count: number, hold: 'front' | 'back', to: 'cable1' | 'cable2' = 'cable1'): Move => ({
	do: 'slip',
	count,
	from: 'left',
	to,
	hold
});
const work = (...stitches: WorkWord[]): Move => ({ do: 'work', from: 'left', stitches });
const workCable = (...stitches: WorkWord[]): Move => ({ do: 'work', from: 'cable1', stitches });

const played = (stitches: number, moves: readonly Move[], mounts?: ('right' | 'left')[]) => {
	return unwrap(play(stitches, moves, mounts));
};
const refused = (stitches: number, ...moves: Move[]) => {
	const answer = play(stitches, moves);
	return answer.ok ? null : { code: answer.error.code, at: answer.error.at };
};

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

describe('yarn', () => {
	it('is brought forward while the hands are free, and moved only where a stitch wants it', () => {
		const moves = [slip(2, 'front'), work('p', 'k', 'k', 'p'), workCable('k', 'k')];
		expect(withYarn(moves).map((move) => (move.do === 'yarn' ? move.to : move.do))).toEqual([
			...['slip', 'front', 'work', 'back', 'work', 'front', 'work', 'back', 'work']
		]);
	});

	it('comes forward before everything else when no needle is held', () => {
		const moves: Move[] = [{ do: 'reach', needle: 'right', past: 1, take: 1, pass: 'behind' }, work('p')];
		expect(withYarn(moves)[0]).toEqual({ do: 'yarn', to: 'front' });
	});

	it('waits for the word that wants it behind a slipped stitch with a yarn-over', () => {
		expect(withYarn([work('slyo', 'p')])).toEqual([{ do: 'yarn', to: 'front' }, work('slyo', 'p')]);
	});

	it('makes an extra loop where a script that moves it leaves it on the wrong side', () => {
		const crossing = layered([2, 1], [1, 0], () => 'k');
		const moves: Move[] = [{ do: 'yarn', to: 'front' }, slip(1, 'back'), work('k'), workCable('k')];
		const play = played(2, moves);
		expect(play.states.map((state) => state.extraLoops)).toEqual([0, 0, 0, 1, 1]);
		expect(play.states[3].yarn).toBe('back');
		expect(outcome(crossing, play)).toMatchObject({ order: [2, 1], agrees: false });
	});

	it('never makes one, nor a needless move, in a script without yarn moves', () => {
		fc.assert(
			fc.property(anyCrossing({ most: 8 }), (crossing) => {
				const moves = withYarn([work(...crossing.work)]);
				const { states } = played(crossing.stitches, moves);
				expect(states[states.length - 1].extraLoops).toBe(0);
				const sides = moves.flatMap((move) => (move.do === 'yarn' ? [move.to] : []));
				expect(sides.every((side, i) => side === (i % 2 === 0 ? 'front' : 'back'))).toBe(true);
			})
		);
	});
});

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

describe('movements', () => {
	it('count taking a cable needle up and laying it down, each time', () => {
		const put: Move = { do: 'return', count: 2, from: 'cable1' };
		expect(movementsOf([slip(2, 'back'), work('k', 'k'), workCable('k', 'k')])).toBe(8);
		expect(movementsOf([slip(2, 'back'), work('k', 'k'), put, work('k', 'k')])).toBe(10);
		// Stitch by stitch it is the same needle, taken up once.
		expect(movementsOf([slip(1, 'back'), slip(1, 'back'), workCable('k'), workCable('k')])).toBe(6);
		expect(movementsOf([slip(1, 'back'), workCable('k'), slip(1, 'back'), workCable('k')])).toBe(8);
	});
});

describe('steps for a screen', () => {
	const crossing = layered([3, 4, 1, 2], [1, 1, 0, 0], () => 'k');
	const moves = [slip(2, 'back'), work('k', 'k'), workCable('k', 'k')];
	const right: Voice = { hand: 'right', keep: 'fabric', yarnHand: 'right', terms: 'us', units: 'cm' };

	it('work one stitch each and make the same', () => {
		const steps = scriptSteps(moves);
		expect(steps.length).toBe(5);
		expect(movementsOf(steps)).toBe(movementsOf(moves));
		expect(played(4, steps).made).toEqual(played(4, moves).made);
	});

	it('are told in the words of the hands that follow them', () => {
		const told = (voice: Partial<Voice>) =>
			scriptOf(crossing, moves, { ...right, ...voice }).told.map(({ sentence }) => sentence);
		expect(told({})).toEqual([
			'Slip stitches 1 and 2 to the cable needle and hold them in back.',
			'Knit stitch 3, straight from the left needle.',
			'Knit stitch 4, straight from the left needle.',
			'Knit stitch 1, straight off the cable needle.',
			'Knit stitch 2, straight off the cable needle.',
			'Crossed: 3 and 4 lie in front of 1 and 2.'
		]);
		expect(told({ terms: 'uk' })[0]).toContain('at the back');
		expect(told({ hand: 'left' })[1]).toBe('Knit stitch 3, straight from the right needle.');
	});

	it('say other things to the hand that carries the yarn', () => {
		const details = (yarnHand: 'right' | 'left') =>
			scriptOf(crossing, moves, { ...right, yarnHand }).told.map(({ detail }) => detail);
		expect(details('left')).not.toEqual(details('right'));
		expect(details('left')[0]).toContain('The left hand now holds needle, yarn and cable needle');
	});

	it('give lengths in the units asked for', () => {
		const reach: Move[] = [
			{ do: 'reach', needle: 'right', past: 2, take: 2, pass: 'front' },
			{ do: 'pinch' },
			{ do: 'withdraw', needle: 'left', count: 4 },
			{ do: 'catch', needle: 'left', count: 2 },
			{ do: 'slip', count: 2, from: 'right', to: 'left' },
			work('k', 'k', 'k', 'k')
		];
		const detail = (units: 'cm' | 'in') => scriptOf(crossing, reach, { ...right, units }).told[0].detail;
		expect([detail('cm'), detail('in')]).toEqual([
			'Purlwise, through all of them, until the tip shows about 1 cm beyond.',
			'Purlwise, through all of them, until the tip shows about ½ in beyond.'
		]);
		expect(mostLoose(played(4, reach))).toBe(2);
	});
});

describe('a script in JSON', () => {
	const script = (moves: unknown[], more = {}) =>
		parseMoves({ format: 'pond-loop/moves@1', stitches: 2, moves, ...more }, 2);

	it('is taken as it stands', () => {
		const answer = script([slip(1, 'back'), work('k'), workCable('k')]);
		expect(answer.ok && framesOf(played(2, answer.value.moves)).length).toBe(4);
	});

	it.each([
		['no move', [{ do: 'jump' }], 'unreadable', 1],
		['a slip that does not say where', [work('k'), { do: 'slip', count: 1, from: 'left' }], 'unreadable', 2],
		[
			'a slip to a cable needle without a hold',
			[{ do: 'slip', count: 1, from: 'left', to: 'cable1' }],
			'unreadable',
			1
		],
		['an unknown word', [{ do: 'work', from: 'left', stitches: ['weave'] }], 'unreadable', 1]
	])('with %s is refused with the number of the move', (_, moves, code, at) => {
		const answer = script(moves);
		expect(answer.ok ? null : answer.error).toMatchObject({ code, at });
	});

	it('for other stitches, or with mounts for others, is a conflict', () => {
		expect(script([], { stitches: 3 })).toMatchObject({ ok: false, error: { code: 'conflict' } });
		expect(script([], { mounts: ['right'] })).toMatchObject({ ok: false, error: { code: 'conflict' } });
	});
});
