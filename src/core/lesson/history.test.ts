import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { applyChange, invertChange } from './change';
import { historyOf, lessonAt, type Dated } from './history';
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
