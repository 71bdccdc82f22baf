import fc from 'fast-check';
import { emptyLesson, type Change, type Lesson, type Part } from '../../src/core/lesson/lesson';

/** A small lesson, and changes of every kind to it. */

export const note = (id: string, minutes = 5): Part => ({ id, kind: 'note', title: `Note ${id}`, minutes });

export const lesson: Lesson = { ...emptyLesson('Ropes'), parts: ['a', 'b', 'c'].map((id) => note(id)) };

export const set = (part: string, fields: object): Change => ({ kind: 'set-part', part, fields });

/** A change of any kind to a lesson whose parts are called a to e. */
export const anyChange = fc.oneof(
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
