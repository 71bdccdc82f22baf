import { describe, expect, it } from 'vitest';
import { lesson, parts } from '../../../tests/support/taughtLesson';
import type { Part } from '../lesson/lesson';
import { tallied } from './answering';
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
		expect(tallied([])).toEqual([]);
	});
});
