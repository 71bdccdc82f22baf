import { describe, expect, it } from 'vitest';
import { retold, toldIn } from './said';
import { lesson } from '../../../tests/support/taughtLesson';

describe('a lesson told in other names and words', () => {
	it('has the names of one school, its own and others that can be read', () => {
		const told = retold(lesson, { school: 'words', terms: 'uk' });
		expect(told.crossings[0].name).toBe('two over two right cross');
		expect(told.parts[1].title).toBe('Show two over two right cross');
		expect(told.parts[7].text).toBe(
			'Mind the tension of two over two right cross and three over one left purl cross.'
		);
		// Rows are read by their own names.
		expect(told.swatches[0].text).toBe(lesson.swatches[0].text);
	});

	it('leaves a name that is a part of another alone', () => {
		expect(toldIn(lesson, { school: 'lean' })('12/2 RC, x2/2 RC')).toBe('12/2 RC, x2/2 RC');
	});

	it('is the same when nothing is asked', () => expect(retold(lesson, {})).toEqual(lesson));
});
