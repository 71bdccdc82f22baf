import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { applyChange } from './change';
import { lessonDifferences, inShort } from './differences';
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

describe('differences', () => {
	it('tell what was changed, added, removed and moved, with the words then and now', () => {
		const now = [
			set('a', { title: 'Reeds', text: 'Stand *tall*.' }),
			{ kind: 'remove-part', part: 'b' } as const,
			{ kind: 'add-part', part: note('d'), after: null } as const,
			{ kind: 'set', fields: { minutes: 60 } } as const
		].reduce<Lesson>(applyChange, lesson);
		expect(lessonDifferences(lesson, now)).toEqual([
			{ part: null, title: 'Ropes', what: 'changed', fields: [{ field: 'minutes', then: '90', now: '60' }] },
			{ part: 'd', title: 'Note d', what: 'added', fields: [] },
			{
				part: 'a',
				title: 'Reeds',
				what: 'changed',
				fields: [
					{ field: 'title', then: 'Note a', now: 'Reeds' },
					{ field: 'text', then: '', now: 'Stand *tall*.' }
				]
			},
			{ part: 'b', title: 'Note b', what: 'removed', fields: [] }
		]);
		expect(inShort(lessonDifferences(lesson, now))).toBe('1 part changed, 1 added, 1 removed, minutes');
	});

	it('name only the part that was moved, not those it passed', () => {
		const now = applyChange(lesson, { kind: 'move-part', part: 'a', after: 'c' });
		expect(lessonDifferences(lesson, now)).toEqual([
			{ part: 'a', title: 'Note a', what: 'moved', fields: [] }
		]);
	});

	it('are none exactly where nothing that is told is other', () => {
		fc.assert(
			fc.property(fc.array(anyChange, { maxLength: 6 }), (changes) => {
				const now = changes.reduce<Lesson>(applyChange, lesson);
				const same = JSON.stringify(now) === JSON.stringify(lesson);
				expect(lessonDifferences(lesson, now).length === 0).toBe(same);
			})
		);
	});
});
