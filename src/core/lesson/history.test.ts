import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { applyChange, invertChange } from './change';
import { historyOf, lessonAt, type Dated } from './history';
import { emptyLesson, type Change, type Lesson, type Part } from './lesson';

const note = (id: string, minutes = 5): Part => ({ id, kind: 'note', title: `Note ${id}`, minutes });

const lesson: Lesson = { ...emptyLesson('Ropes'), parts: ['a', 'b', 'c'].map((id) => note(id)) };

const set = (part: string, fields: object): Change => ({ kind: 'set-part', part, fields });

/** A change of any kind to a lesson whose parts are called a to e. */
const anyChange = fc.oneof(
	fc.record({
		kind: fc.constant('set-part' as const),
		part: fc.constantFrom('a', 'b', 'c', 'd'),
		fields: fc.record({ title: fc.string({ maxLength: 8 }) })
	}),
	fc.record({ kind: fc.constant('remove-part' as const), part: fc.constantFrom('a', 'b', 'c', 'd') }),
	fc.record({
		kind: fc.constant('move-part' as const),
		part: fc.constantFrom('a', 'b', 'c', 'd'),
		after: fc.constantFrom('a', 'b', 'c', 'd', null)
	}),
	fc.record({
		kind: fc.constant('add-part' as const),
		part: fc.constantFrom('d', 'e').map((id) => note(id)),
		after: fc.constantFrom('a', 'b', null)
	}),
	fc.record({
		kind: fc.constant('set' as const),
		fields: fc.record({ title: fc.string({ maxLength: 8 }), minutes: fc.integer({ min: 1, max: 600 }) })
	})
);

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
