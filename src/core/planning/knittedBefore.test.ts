import { describe, expect, it } from 'vitest';
import { emptyLesson, type Lesson, type Part } from '../lesson/lesson';
import { unwrap } from '../result';
import { ROPE } from '../../../tests/support/piece';
import { draftLesson } from './draft';
import { knittedBefore, knittedBeforeSaid } from './knittedBefore';
import { USUAL_RATES } from './rates';

const practice = (from?: number): Part => ({
	...{ id: `p${from}`, title: 'Practice', minutes: 5, kind: 'practice', swatch: 's' },
	...(from ? { from } : {})
});
const lesson = (...parts: Part[]): Lesson => ({
	...emptyLesson('Reeds'),
	swatches: [{ id: 's', title: 'Strip', text: ROPE }],
	parts
});

describe('what is knitted before a class', () => {
	it('is what lies below the first row that the class works', () => {
		const [before] = knittedBefore(lesson(practice(3), practice(2)), USUAL_RATES);
		expect(before).toMatchObject({ castOn: 8, rows: 1 });
		expect(knittedBeforeSaid({ ...before, rows: 4, minutes: 7 })).toBe(
			'Strip: cast on 8 and knit rows 1 to 4, about 7 minutes.'
		);
		expect(knittedBefore(lesson(practice()), USUAL_RATES)).toEqual([]);
		expect(knittedBefore(lesson(), USUAL_RATES)).toEqual([]);
	});

	it('agrees with what a draft that takes the strip as prepared says in its homework', () => {
		const { lesson: drafted } = unwrap(
			draftLesson({ crossings: ['2/2 RC'], level: 'beginner', minutes: 60, prepared: true })
		);
		const [before] = knittedBefore(drafted, USUAL_RATES);
		expect(drafted.homework).toContain(`cast on ${before.castOn} and knit rows 1 to ${before.rows}`);
	});
});
