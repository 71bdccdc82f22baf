import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { drillAsked, gradeAsked } from '../formats/practice';
import { unwrap } from '../result';
import { KINDS, type Exercise, type Kind } from './exercise';

const NAMES = ['2/2 RC', '2/2 LC', '3/3 RC', '2/1 LPC', '1/1 RC', '1/2 LC', '2/1/2 RC', 'C4F'];
const CHOSEN: readonly Kind[] = ['cloth', 'fault', 'next-row', 'chart'];

const drilled = (more: object = {}): Exercise[] =>
	unwrap(drillAsked({ crossings: ['2/2 RC', '2/1 LPC'], level: 'beginner', seed: 7, ...more }))
		.exercises as Exercise[];
const graded = (exercise: Exercise, answer: unknown) => unwrap(gradeAsked({ exercise, answer }));

describe('a drill', () => {
	it('asks as many as it was asked for, kinds in turn, and the same for the same seed', () => {
		const ten = drilled();
		expect(ten.map(({ kind }) => kind)).toEqual(KINDS);
		expect(new Set(ten.map(({ id }) => id)).size).toBe(10);
		expect(drilled()).toEqual(ten);
		expect(drilled({ seed: 8 })).not.toEqual(ten);
		expect(drilled({ count: 23 })).toHaveLength(23);
		expect(drilled({ kinds: ['front', 'numbers'], count: 4 }).map(({ kind }) => kind)).toEqual([
			...['numbers', 'front', 'numbers', 'front']
		]);
		expect(ten.every(({ of }) => ['2/2 RC', '2/1 LPC'].includes(of))).toBe(true);
	});

	it('leaves out what a crossing or a medium has not; asked for alone, says so', () => {
		const three = drilled({ crossings: ['2/1/2 RC'] }).map(({ kind }) => kind);
		expect(three).not.toContain('hold');
		const machine = drilled({ crossings: ['2/2 RC'], medium: 'machine' }).map(({ kind }) => kind);
		expect(machine).not.toContain('script');
		const alone = drillAsked({ crossings: ['2/1/2 RC'], level: 'beginner', seed: 1, kinds: ['hold'] });
		expect(alone).toMatchObject({ ok: false, error: { code: 'conflict' } });
		expect(drillAsked({ crossings: ['marmalade'], level: 'beginner', seed: 1 })).toMatchObject({ ok: false });
		expect(drillAsked({ crossings: [], level: 'beginner', seed: 1 })).toMatchObject({ ok: false });
	});

	it('holds as the learner’s own hand does: in the mirror, where the left-handed keep the fabric', () => {
		const held = (hand: 'right' | 'left') =>
			drilled({ crossings: ['2/2 RC'], kinds: ['hold'], hand, count: 1 })[0];
		expect([held('right').answer, held('left').answer]).toEqual(['back', 'front']);
		expect(graded(held('left'), 'front').right).toBe(true);
		expect(graded(held('left'), 'back')).toMatchObject({ right: false, slip: 'wrong-hold' });
	});
});

describe('a grade', () => {
	/** An answer that is wrong, whatever the exercise. */
	function wrongAnswer({ kind, answer, choices = [] }: Exercise): unknown {
		if (CHOSEN.includes(kind)) return ((answer as number) + 1) % choices.length;
		if (kind === 'numbers') return [...(answer as number[])].reverse();
		if (kind === 'front' || kind === 'script') return (answer as number[]).slice(1);
		if (kind === 'hold') return answer === 'back' ? 'front' : 'back';
		return kind === 'name' ? '7/3 RC' : (answer as number) + 1;
	}

	it.each(KINDS)('of a thousand “%s” is right for what is right, and wrong for what is wrong', (kind) => {
		for (const exercise of drilled({ crossings: NAMES, kinds: [kind], count: 1_000 })) {
			const { answer } = exercise;
			const says = `${exercise.id} of ${exercise.of}`;
			expect(graded({ ...exercise, answer: 'not to be trusted' }, answer), says).toMatchObject({
				right: true
			});
			const wrong = graded(exercise, wrongAnswer(exercise));
			expect(wrong.right, says).toBe(false);
			expect(wrong.because.length).toBeGreaterThan(10);
		}
	});

	it('holds for whoever asks, of any crosses, with either hand: choices differ, and one is right', () => {
		fc.assert(
			fc.property(
				fc.integer({ min: 0, max: 1_000_000 }),
				fc.subarray(NAMES, { minLength: 1, maxLength: 3 }),
				fc.constantFrom('right' as const, 'left' as const),
				(seed, crossings, hand) => {
					for (const exercise of drilled({ crossings, seed, hand, count: 20 })) {
						const { kind, answer, choices = [] } = exercise;
						expect(graded(exercise, answer).right).toBe(true);
						if (kind === 'front')
							expect(graded(exercise, [...(answer as number[])].reverse()).right).toBe(true);
						if (kind === 'count-rows')
							expect(graded(exercise, (answer as number) + 1)).toMatchObject({ slip: 'misread' });
						if (!CHOSEN.includes(kind)) continue;
						expect(choices.length).toBeGreaterThanOrEqual(3);
						expect(new Set(choices.map((one) => JSON.stringify(one))).size).toBe(choices.length);
						const others = choices.map((_, i) => i).filter((i) => i !== answer);
						for (const other of others) expect(graded(exercise, other).right).toBe(false);
					}
				}
			),
			{ numRuns: 10, seed: 20_261_128 }
		);
	});

	it('says which slip or misreading gives a wrong answer', () => {
		const [numbers, front, name] = drilled({
			crossings: ['2/2 RC'],
			kinds: ['numbers', 'front', 'name'],
			count: 3
		});
		expect(graded(front, [1, 2])).toMatchObject({ right: false, slip: 'wrong-hold' });
		expect(graded(name, '2/2 LC')).toMatchObject({ right: false, slip: 'wrong-hold' });
		expect(graded(numbers, [1, 2, 3, 4])).toMatchObject({ right: false, slip: 'not-crossed' });
		const ambiguous = drilled({ crossings: ['C4F'], kinds: ['cloth'], count: 1 })[0];
		const slips = ambiguous.choices!.map((_, i) => graded(ambiguous, i).slip);
		expect(slips.filter((slip) => slip === undefined)).toHaveLength(1);
	});

	it('takes another order of movements that gives the same cross', () => {
		const script = drilled({ crossings: ['2/2 RC'], kinds: ['script'], count: 1 })[0];
		const answer = script.answer as number[];
		expect(graded(script, answer).right).toBe(true);
		expect(graded(script, [...answer].reverse()).right).toBe(false);
	});

	it('says what an answer should be, where it is none', () => {
		const [numbers] = drilled({ kinds: ['numbers'], count: 1 });
		const error = (exercise: unknown, answer: unknown) => {
			const grade = gradeAsked({ exercise, answer });
			return grade.ok ? '' : grade.error.message;
		};
		expect(error(numbers, 'marmalade')).toContain('a list of positions');
		const [cloth] = drilled({ kinds: ['cloth'], count: 1 });
		expect(error(cloth, 9)).toMatch(/9 is none of them/);
		expect(error({ ...numbers, kind: 'juggle' }, [1])).toContain('kind');
		expect(error({ kind: 'script', of: '2/2 RC', given: {} }, [0])).toContain('given.moves');
	});
});
