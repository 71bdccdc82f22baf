import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { applyChange } from './change';
import { lessonDifferences, inShort } from './differences';
import { type Lesson } from './lesson';
import { anyChange, lesson, note, set } from '../../../tests/support/changes';

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
