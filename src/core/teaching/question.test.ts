import { describe, expect, it } from 'vitest';
import { lesson, parts } from '../../../tests/support/taughtLesson';
import type { Part } from '../lesson/lesson';
import { isRight, tallied } from './answering';
import { questionOf } from './question';

const ask = (question: string): Part => ({
	id: 'q',
	kind: 'check',
	title: '',
	minutes: 2,
	question,
	answer: ''
});

describe('the question of a part', () => {
	it('is answered by a number, a few words, or one of several', () => {
		expect(questionOf(lesson, ask('How many lie in front?'))?.by).toBe('number');
		expect(questionOf(lesson, ask('How many do you skip, and what do your hands do?'))?.by).toBe('words');
		expect(questionOf(lesson, ask('Which way will the rope lean?'))?.by).toBe('words');
		expect(questionOf(lesson, parts[0])).toBeNull();
	});

	it('of rows is the plain rows since the cross', () => {
		const count = (row?: number): Part => ({
			id: 'c',
			kind: 'count',
			title: '',
			minutes: 2,
			swatch: 's',
			row
		});
		expect(questionOf(lesson, count(4))).toMatchObject({ by: 'number', right: '1' });
		expect(questionOf(lesson, count(3))).toMatchObject({ right: '0' });
		expect(questionOf(lesson, count(2))).toMatchObject({ right: null });
	});

	it('of a slip has the right one among others, each once, wherever it comes', () => {
		for (const slip of ['wrong-hold', 'extra-loop', 'wrong-row', 'dropped'] as const) {
			const question = questionOf(lesson, {
				id: 'm',
				kind: 'mend',
				title: '',
				minutes: 2,
				crossing: 'a',
				slip
			});
			if (question?.by !== 'choice') throw new Error('a choice');
			expect(question.choices).toContain(question.right);
			expect(new Set(question.choices).size).toBe(4);
			expect(question.choices).toEqual([...question.choices].sort());
		}
	});
});

describe('answers of a class', () => {
	it('that say the same are counted together, the most frequent first', () => {
		expect(tallied(['3', 'three.', 'Three', 'two', ' 2 ', 'to the left', '  ', '!'])).toEqual([
			{ answer: '3', count: 3 },
			{ answer: 'two', count: 2 },
			{ answer: 'to the left', count: 1 }
		]);
		expect(tallied(['3 and 4', '3, 4', 'Stitches 3 & 4', 'three, four', '4, 3'])).toEqual([
			{ answer: '3 and 4', count: 4 },
			{ answer: '4, 3', count: 1 }
		]);
		expect(tallied([])).toEqual([]);
	});
});

it('an answer is right as it is meant, and left to the teacher where words are', () => {
	const fronts = '3, 4: they pass over the others, counted from the tip of the needle.';
	expect(['3, 4', '3 and 4', 'stitches 4 and 3', '1, 2'].map((one) => isRight(one, fronts))).toEqual([
		...[true, true, true, false]
	]);
	expect([isRight('left', 'Left. They travel to the left.'), isRight('to the left', 'Left.')]).toEqual([
		true,
		null
	]);
	expect([isRight('2', '2'), isRight('two rows', '2'), isRight('3', '2')]).toEqual([true, true, false]);
});
