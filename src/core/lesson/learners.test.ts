import { describe, expect, it } from 'vitest';
import { sheetOf } from '../handout/options';
import { applyChange } from './change';
import { leftHandersSaid, setLearners } from './learners';
import { emptyLesson, type Learner } from './lesson';

const uta: Learner = { id: 'u', name: 'Uta', hand: 'left', large: true };
const bo: Learner = { id: 'b', name: 'Bo', hand: 'right', yarnHand: 'left', terms: 'uk' };

describe('who comes', () => {
	it('is counted, with how many are left-handed', () => {
		const lesson = applyChange(emptyLesson('Evening'), setLearners([uta, bo]));
		expect(lesson).toMatchObject({ learners: [uta, bo], people: 2, leftHanded: 1 });
		expect(leftHandersSaid(lesson)).toBe('Uta');
	});

	it('may be a number alone, or nobody', () => {
		expect(leftHandersSaid({ leftHanded: 2 })).toBe('2 of the class');
		expect(leftHandersSaid({})).toBe('');
		expect(leftHandersSaid({ learners: [{ ...uta, name: ' ' }], leftHanded: 1 })).toBe('1 of the class');
	});

	it('gets a sheet in her own hands, words and print, all else as it is chosen', () => {
		const chosen = { paper: 'a4', terms: 'us', yarnHand: 'right', by: 'Ada', compact: true } as const;
		expect(sheetOf(uta, chosen)).toEqual({
			...{ paper: 'a4', terms: 'us', yarnHand: 'right', by: 'Ada' },
			...{ hand: 'left', keep: 'fabric', large: true, compact: false, learner: 'Uta' }
		});
		expect(sheetOf(bo, chosen)).toMatchObject({
			hand: 'right',
			yarnHand: 'left',
			terms: 'uk',
			compact: true
		});
	});
});
