import { expect, test } from 'vitest';
import { forLearners } from './forLearners';
import { emptyLesson } from './lesson';

test('learners get the lesson, and nothing of who else comes', () => {
	const lesson = {
		...emptyLesson('Two leans'),
		people: 2,
		leftHanded: 1,
		learners: [{ id: 'a', name: 'Isolde', hand: 'left' as const, remark: 'sore wrist' }],
		more: 'Ask Isolde about her wrist.',
		homework: 'Six rows.'
	};
	const theirs = forLearners(lesson);
	expect(JSON.stringify(theirs)).not.toMatch(/Isolde|wrist|leftHanded/);
	expect(theirs).toMatchObject({ title: 'Two leans', homework: 'Six rows.' });
});
