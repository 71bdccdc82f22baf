import { describe, expect, it } from 'vitest';
import { readName } from '../naming/read';
import { answeredAcross, answerFor, frontsSaid } from './answers';
import { draftLesson } from '../planning/draft';
import type { Lesson, Part } from './lesson';
import { unwrap } from '../result';

const first = (name: string, centre?: 'between' | 'behind') => {
	const answer = unwrap(readName(name, { centre }));
	return answer.readings[0].crossing;
};

describe('the answer to which stitches lie in front', () => {
	it('names all that lie over at least one other', () => {
		const said = (name: string, centre?: 'between' | 'behind') =>
			frontsSaid(first(name, centre)).split(':')[0];
		expect([said('2/2 RC'), said('2/2 LC'), said('1/2 RC')]).toEqual(['3, 4', '1, 2', '3']);
		expect([said('2/1/2 RPC', 'between'), said('2/1/2 RC', 'behind'), said('2/1/2 LC', 'behind')]).toEqual([
			'3, 4, 5',
			'1, 2, 4, 5',
			'1, 2, 4, 5'
		]);
	});
});

describe('an answer for left hands', () => {
	const { lesson } = unwrap(draftLesson({ crossings: ['2/2 RC'], level: 'improver', minutes: 60 }));
	const asked = lesson.parts.find((part) => part.kind === 'check') as Extract<Part, { kind: 'check' }>;
	const told = (
		answer: string,
		hand: 'right' | 'left',
		keep: 'fabric' | 'words' = 'fabric',
		on: Lesson = lesson
	) => answerFor(on, { ...asked, answer }, { hand, keep });

	it('counts from their end when they keep the fabric', () => {
		expect(told(asked.answer, 'right')).toMatch(/^3, 4: /);
		expect(told(asked.answer, 'left')).toMatch(/^1, 2: /);
		expect(told(asked.answer, 'left', 'words')).toMatch(/^3, 4: /);
		expect(told('Stitches 3 and 4, of course: see 2/2 RC.', 'left')).toBe(
			'Stitches 1 and 2, of course: see 2/2 RC.'
		);
	});

	it('joins what left hands answered with what the others did, and tells it back in theirs', () => {
		const left = { hand: 'left', keep: 'fabric' } as const;
		expect(answeredAcross(lesson, asked, '1 and 2', left)).toBe('3 and 4');
		expect(answeredAcross(lesson, asked, '4, 1', left)).toBe('1, 4');
		expect(answeredAcross(lesson, asked, '1, 2', { ...left, keep: 'words' })).toBe('1, 2');
		expect(answeredAcross(lesson, { ...asked, answer: 'The right pair.' }, '1, 2', left)).toBe('1, 2');
	});

	it('says how to count where other numbers stand, and leaves words and beds alone', () => {
		expect(told('3 4 1 2', 'left')).toBe('3 4 1 2 (Counted from the right; left hands count from the left.)');
		expect(told('The right pair.', 'left')).toBe('The right pair.');
		expect(told('3, 4', 'left', 'fabric', { ...lesson, medium: 'machine' })).toBe('3, 4');
	});
});
