import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { applyChange, invertChange } from './change';
import { draftedAs, historyOf, lessonAt, type Dated } from './history';
import { type Change, type Lesson } from './lesson';
import { anyChange, lesson, set } from '../../../tests/support/changes';

describe('a history', () => {
	const MINUTE = 60_000;
	const dated = (changes: readonly Change[], at: (i: number) => number): Dated[] =>
		changes.map((change, i) => ({ version: i + 1, at: at(i), change }));

	it('tells what was done in one sitting together, the newest first', () => {
		const changes = dated(
			[set('a', { title: 'x' }), set('b', { title: 'y' }), { kind: 'remove-part', part: 'c' }],
			(i) => [0, MINUTE, 60 * MINUTE][i]
		);
		expect(historyOf(lesson, changes)).toEqual([
			{ version: 3, at: 60 * MINUTE, said: '1 part removed' },
			{ version: 2, at: MINUTE, said: '2 parts changed' }
		]);
	});

	it('knows what it was drafted as: the draft that most of its parts come from, without what was the teacher’s own', () => {
		const redrawn: Lesson = {
			...lesson,
			parts: lesson.parts.map((part) => ({ ...part, id: `new-${part.id}` }))
		};
		const [mine] = redrawn.parts;
		const again: Change = { kind: 'restore', lesson: redrawn, own: [mine.id] };
		const ids = (one: Lesson) => one.parts.map(({ id }) => id);
		expect(draftedAs(lesson, [])).toBe(lesson);
		const taken = dated([set('a', { title: 'x' }), again], () => 0);
		expect(ids(draftedAs(lesson, taken))).toEqual(ids(redrawn).slice(1));
		expect(historyOf(lesson, taken)[0].said).toMatch(/^Drafted again: /);
		// A draft that was taken back is none of it.
		const back = dated([again, { kind: 'restore', lesson }], () => 0);
		expect(ids(draftedAs(lesson, back))).toEqual(ids(lesson));
	});

	it('gives back any version, and bringing one back is one more version', () => {
		fc.assert(
			fc.property(fc.array(anyChange, { minLength: 1, maxLength: 8 }), fc.nat(), (list, pick) => {
				const changes = dated(list, () => 0);
				const version = pick % (list.length + 1);
				const then = lessonAt(lesson, changes, version);
				expect(then).toEqual(list.slice(0, version).reduce<Lesson>(applyChange, lesson));
				const now = lessonAt(lesson, changes, list.length);
				const back: Change = { kind: 'restore', lesson: then };
				expect(applyChange(now, back)).toEqual(then);
				expect(applyChange(applyChange(now, back), invertChange(now, back)!)).toEqual(now);
			})
		);
	});
});
