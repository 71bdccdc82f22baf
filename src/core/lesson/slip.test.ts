import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { claimsIn } from '../claims/claims';
import { readName } from '../naming/read';
import { applyChange } from './change';
import { emptyLesson, type Lesson } from './lesson';
import { newPart } from '../planning/palette';
import { sidesOf, stepsIn } from '../teaching/showing';
import { slipShape } from './schema';
import { slipIn, type HowMade } from './slip';
import type { TaughtSlip } from '../faults/slip';
import { unwrap } from '../result';
import { RIGHT_HANDS } from '../ways/handed';

const crossing = (name: string) => {
	const answer = unwrap(readName(name));
	return answer.readings[0].crossing;
};
const VOICE = { hand: 'right', keep: 'fabric', yarnHand: 'right', terms: 'us', units: 'cm' } as const;
const NAMES = ['1/1 RC', '2/2 RC', '2/2 LC', '3/2 LC', '2/1 LPC', '3/3 RPC', '2/1/2 RC'] as const;

const BY_HAND = { medium: 'hand', ways: ['cn-off'] } as const;
const SLIPS = slipShape.options;

describe('a slip of a lesson', () => {
	const seenOf = (name: string, slip: TaughtSlip, how: HowMade = BY_HAND) =>
		slipIn(how, crossing(name), name, slip, RIGHT_HANDS);

	it('is told by the cloth it makes', () => {
		expect(seenOf('2/2 RC', 'wrong-hold')).toMatchObject({
			seen: 'The rope leans left, not right.',
			cause: 'What was put on the cable needle was held on the other side.',
			mend: expect.stringMatching(/^Let only its columns down.* Or cover it/) as string,
			question: 'If 2/2 RC leans the wrong way, what did the hands do?'
		});
		expect(seenOf('2/2 RC', 'uneven').seen).toMatch(/^3 stitches lie over 1, where 2 should lie over 2/);
		expect(seenOf('2/2 RC', 'extra-loop').mend).toMatch(/^Drop the extra loop/);
		expect(seenOf('2/2 RC', 'wrong-row').mend).toMatch(/^Let only its columns down/);
		expect(seenOf('2/2 RC', 'dropped')).toMatchObject({
			seen: expect.stringMatching(/ladder/) as string,
			mend: expect.stringMatching(/^Let only the wrong column down/) as string
		});
	});

	it('is made by the ways that the lesson shows, where they can make it', () => {
		const reached = { medium: 'hand', ways: ['free-reach'] } as const;
		expect(seenOf('2/2 RC', 'dropped', reached).cloth!.made.order).toEqual([3, 4, 2]);
		expect(seenOf('2/2 RC', 'dropped').cloth!.made.order).toEqual([3, 4, 1]);
		expect(seenOf('2/2 RC', 'wrong-reach').cloth!.made.over).toEqual(crossing('2/2 LC').over);
	});

	it('is named, and unpicked, where hands cannot make it', () =>
		expect(seenOf('1/1 RC', 'uneven')).toMatchObject({
			...{ seen: 'Split unevenly.', cloth: null, question: 'What happened to this 1/1 RC?' }
		}));

	it.each(['machine', 'loom'] as const)('is told in the words of the bed (%s)', (medium) => {
		for (const slip of ['not-crossed', 'wrong-row', 'dropped'] as const) {
			const { seen, cause, mend, cloth } = seenOf('2/2 RC', slip, { medium, ways: [] });
			expect(`${seen} ${cause} ${mend}`).not.toMatch(/cable needle|held/);
			expect(cloth).not.toBeNull();
		}
	});

	it('says what is seen of every cross, and asks without claiming', () => {
		fc.assert(
			fc.property(fc.constantFrom(...NAMES), fc.constantFrom(...SLIPS), (name, slip) => {
				const { seen, cause, mend, question } = seenOf(name, slip);
				expect([seen, cause, mend].every((said) => /\.$/.test(said))).toBe(true);
				const claims = claimsIn(question, [{ name, crossing: crossing(name) }]);
				expect(claims.every(({ holds }) => holds !== false)).toBe(true);
			})
		);
	});
});

describe('a comparison', () => {
	const taught = (id: string, name: string) => ({ id, name, crossing: crossing(name), saying: '' });
	const lesson: Lesson = {
		...emptyLesson('Two'),
		crossings: [taught('a', '2/2 RC'), taught('b', '2/2 LC')],
		swatches: [{ id: 's', title: 'Eel', text: 'Cast on 4.\nRow 1: k4.' }]
	};

	it('is of two crosses, of two ways of one, or of two swatches, as the lesson has them', () => {
		expect(newPart(lesson, 'compare', 'x', 'b')).toMatchObject({
			left: { crossing: 'b' },
			right: { crossing: 'a' }
		});
		const one = newPart({ ...lesson, crossings: lesson.crossings.slice(0, 1) }, 'compare', 'x');
		if (one?.kind !== 'compare') throw new Error('nothing to compare');
		const [left, right] = sidesOf(lesson, one, VOICE);
		expect(left && 'showing' in left && left.showing.shown).toBeTruthy();
		expect(right && 'showing' in right && right.showing.shown?.way.id).not.toBe(
			left && 'showing' in left && left.showing.shown?.way.id
		);
		expect(stepsIn(lesson, one, VOICE)).toBeGreaterThan(2);
		expect(newPart({ ...lesson, crossings: [] }, 'compare', 'x')).toBeNull();
	});

	it('may be of a cross and a swatch, and says where a side points to nothing', () => {
		const part = newPart(lesson, 'compare', 'x')!;
		const now = applyChange(
			{ ...lesson, parts: [part] },
			{
				kind: 'set-part',
				part: 'x',
				fields: { left: { swatch: 's' }, right: { crossing: 'gone' }, slip: 'uneven' }
			}
		);
		expect(now.parts[0]).not.toHaveProperty('slip');
		const [left, right] = sidesOf(now, now.parts[0] as never, VOICE);
		expect(left).toMatchObject({ title: 'Eel' });
		expect(right).toBeNull();
	});

	it('leaves fields to the kinds that have them', () => {
		const show = newPart(lesson, 'show', 'x')!;
		const fields = { pace: 'slow', sides: 'both', yarnHands: 'left', left: { swatch: 's' } } as const;
		const now = applyChange({ ...lesson, parts: [show] }, { kind: 'set-part', part: 'x', fields });
		expect(now.parts[0]).toEqual({ ...show, pace: 'slow', sides: 'both', yarnHands: 'left' });
	});
});
