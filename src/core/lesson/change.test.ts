import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import * as z from 'zod/mini';
import { readName } from '../naming/read';
import { unwrap } from '../result';
import { applyChange, invertChange } from './change';
import { emptyLesson, type Change, type Lesson, type Part } from './lesson';
import { changeShape } from './schema';

const note = (id: string, minutes = 5): Part => ({ id, kind: 'note', title: id, minutes });

const lessonOf = (...ids: string[]): Lesson => ({
	...emptyLesson('Ropes'),
	parts: ids.map((id) => note(id))
});

const order = ({ parts }: Lesson) => parts.map(({ id }) => id).join('');

const crossing = (name: string) => {
	const answer = unwrap(readName(name));
	return answer.readings[0].crossing;
};

const show = (id: string, name: string, crossingId: string): Change => ({
	kind: 'add-part',
	part: { id, kind: 'show', title: id, minutes: 5, crossing: crossingId, way: 'cn-off' },
	after: 'end',
	teaches: { id: crossingId, name, crossing: crossing(name) }
});

describe('a change', () => {
	const lesson = lessonOf('a', 'b', 'c');

	it.each<[string, Change, string]>([
		['moves a part behind another', { kind: 'move-part', part: 'a', after: 'b' }, 'bac'],
		['moves a part to the front', { kind: 'move-part', part: 'c', after: null }, 'cab'],
		['leaves a part that is to come behind itself', { kind: 'move-part', part: 'b', after: 'b' }, 'abc'],
		['removes a part', { kind: 'remove-part', part: 'b' }, 'ac'],
		['adds a part', { kind: 'add-part', part: note('d'), after: 'a' }, 'adbc'],
		[
			'adds behind a part that is gone: at the end',
			{ kind: 'add-part', part: note('d'), after: 'x' },
			'abcd'
		],
		['moves a part that is gone: not at all', { kind: 'move-part', part: 'x', after: 'a' }, 'abc']
	])('%s', (_, change, after) => expect(order(applyChange(lesson, change))).toBe(after));

	it('sets what its kind has: a practice is of a cross or of rows, and rows need not be said', () => {
		const of = (part: Part, fields: Extract<Change, { kind: 'set-part' }>['fields']) =>
			applyChange({ ...lesson, parts: [part] }, { kind: 'set-part', part: part.id, fields }).parts[0];
		const practice: Part = { id: 'p', kind: 'practice', title: '', minutes: 5, crossing: 'c', times: 3 };
		const onRows = of(practice, { swatch: 's' });
		expect(onRows).toEqual({ id: 'p', kind: 'practice', title: '', minutes: 5, swatch: 's', times: 3 });
		expect(of(onRows, { crossing: 'c' })).toEqual(practice);
		const rows: Part = { id: 'r', kind: 'swatch', title: '', minutes: 5, swatch: 's', from: 2, to: 4 };
		expect(of(rows, { to: null, from: 3 })).toEqual({ ...rows, from: 3, to: undefined });
		expect(of(rows, { question: 'Which?', row: 3 })).toEqual(rows);
		// A shawl has more rows than a class has times.
		const far: Change = { kind: 'set-part', part: 'r', fields: { from: 120, to: 300 } };
		expect(z.safeParse(changeShape, far).success).toBe(true);
		const check: Part = { id: 'k', kind: 'check', title: '', minutes: 5, question: '', answer: '' };
		expect(of(check, { question: 'Which?', answer: '3 and 4', crossing: 'c' })).toEqual({
			...check,
			question: 'Which?',
			answer: '3 and 4',
			crossing: 'c'
		});
	});

	it('sets what it names and nothing else', () => {
		const set = applyChange(lesson, { kind: 'set-part', part: 'b', fields: { text: 'Slowly.' } });
		expect(set.parts[1]).toEqual({ ...note('b'), text: 'Slowly.' });
		expect(applyChange(lesson, { kind: 'set', fields: { title: 'Eels' } })).toEqual({
			...lesson,
			title: 'Eels'
		});
	});

	it('brings the crossing of a part along once, and points at the one that is there', () => {
		const twice = [
			show('a', '2/2 RC', 'one'),
			show('b', '2/2 RC', 'two'),
			show('c', '2/2 LC', 'three')
		].reduce(applyChange, emptyLesson('Ropes'));
		expect(twice.crossings.map(({ id }) => id)).toEqual(['one', 'three']);
		expect(twice.parts.map((part) => 'crossing' in part && part.crossing)).toEqual(['one', 'one', 'three']);
	});

	const anyChange: fc.Arbitrary<Change> = fc.oneof(
		fc.record({ kind: fc.constant('remove-part' as const), part: fc.constantFrom('a', 'b', 'c', 'd') }),
		fc.record({
			kind: fc.constant('move-part' as const),
			part: fc.constantFrom('a', 'b', 'c', 'd'),
			after: fc.constantFrom('a', 'b', 'c', null)
		}),
		fc.record({
			kind: fc.constant('add-part' as const),
			part: fc.constantFrom('d', 'e').map((id) => note(id)),
			after: fc.constantFrom('a', 'b', null)
		}),
		fc.record({
			kind: fc.constant('set' as const),
			fields: fc.record({ title: fc.string({ maxLength: 20 }) })
		})
	);

	it('does no harm when it comes twice', () => {
		fc.assert(
			fc.property(anyChange, (change) => {
				const once = applyChange(lesson, change);
				expect(applyChange(once, change)).toEqual(once);
			})
		);
	});

	it('is taken back whole where it can be taken back', () => {
		fc.assert(
			fc.property(anyChange, (change) => {
				const back = invertChange(lesson, change);
				if (back) expect(applyChange(applyChange(lesson, change), back)).toEqual(lesson);
			})
		);
	});

	it('has a shape that the edge checks', () => {
		fc.assert(
			fc.property(anyChange, (change) => {
				expect(z.safeParse(changeShape, change).error?.issues ?? []).toEqual([]);
			})
		);
		const bad = [
			{ kind: 'burn' },
			{ kind: 'set', fields: { parts: [] } },
			{ kind: 'set-part', part: 'a', fields: { minutes: -1 } }
		];
		expect(bad.map((change) => z.safeParse(changeShape, change).success)).toEqual([false, false, false]);
	});
});
