import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { sameCrossing } from '../crossing/crossing';
import { checkCrossing } from '../crossing/validity';
import { rope } from '../crossing/lean';
import { readName } from '../naming/read';
import { applyChange } from './change';
import { emptyLesson, type Lesson } from './lesson';
import { newPart } from '../planning/palette';
import { sidesOf, stepsIn } from '../teaching/showing';
import { SLIPS, slipped, type SlipId } from './slip';
import { unwrap } from '../result';

const crossing = (name: string) => {
	const answer = unwrap(readName(name));
	return answer.readings[0].crossing;
};
const VOICE = { hand: 'right', keep: 'fabric', yarnHand: 'right', terms: 'us', units: 'cm' } as const;
const NAMES = ['1/1 RC', '2/2 RC', '2/2 LC', '3/2 LC', '2/1 LPC', '3/3 RPC', '2/1/2 RC'] as const;

describe('a slip on the cloth', () => {
	it.each<[string, SlipId, string]>([
		['2/2 RC', 'wrong-hold', '2/2 LC'],
		['3/3 LC', 'wrong-reach', '3/3 RC'],
		['2/2 RC', 'uneven', '3/1 RC'],
		['2/2 LC', 'uneven', '1/3 LC']
	])('%s, %s, looks like %s', (name, slip, looks) =>
		expect(sameCrossing(slipped(crossing(name), slip)!, crossing(looks))).toBe(true)
	);

	it('lays a group over itself when it is worked from the wrong end', () => {
		const wrong = slipped(crossing('2/2 RC'), 'wrong-end')!;
		expect(wrong.order).toEqual([3, 4, 2, 1]);
		expect(wrong.over).toContainEqual([2, 1]);
	});

	it('goes straight on where nothing was crossed, and shows the other face where knit and purl changed places', () => {
		expect(slipped(crossing('2/1 LPC'), 'not-crossed')).toMatchObject({ order: [1, 2, 3], over: [] });
		expect(slipped(crossing('2/1 LPC'), 'wrong-face')!.work).toEqual(['k', 'p', 'p']);
	});

	it('is always a crossing that cloth can have, of as many stitches, and never the one that was meant', () => {
		fc.assert(
			fc.property(
				fc.constantFrom(...NAMES),
				fc.constantFrom(...(Object.keys(SLIPS) as SlipId[])),
				(name, slip) => {
					const meant = crossing(name);
					const wrong = slipped(meant, slip);
					if (!wrong) return;
					expect(checkCrossing(wrong).ok).toBe(true);
					expect(wrong.stitches).toBe(meant.stitches);
					expect(sameCrossing(wrong, meant)).toBe(false);
					if (slip === 'wrong-hold') expect(rope(wrong)).not.toBe(rope(meant));
				}
			)
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
