import fc from 'fast-check';
import { readFileSync, readdirSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import * as z from 'zod/mini';
import { checkCrossing } from '../crossing/validity';
import type { Voice } from '../hands/voice';
import { KEY_FORMAT, parseKey } from '../formats/key';
import { readKey } from '../naming/key';
import { readName } from '../naming/read';
import { applyChange, invertChange } from './change';
import { clockAt, emptyLesson, minutesOf, timed, type Change, type Lesson, type Part } from './lesson';
import { changeShape, LESSON_FORMAT, lessonShape } from './schema';
import { showingOf } from '../teaching/showing';
import { unwrap } from '../result';

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

describe('a part at a bed', () => {
	const voice = (hand: Voice['hand']): Voice => ({
		hand,
		keep: 'words',
		yarnHand: 'right',
		terms: 'us',
		units: 'cm'
	});

	it.each(['machine', 'loom'] as const)(
		'of a %s goes through tools or pegs, the same for either hand',
		(medium) => {
			const way = medium === 'machine' ? 'machine-tools' : 'loom-park';
			const taught = { id: 'c', name: '2/2 RC', crossing: crossing('2/2 RC') };
			const part: Part = { id: 's', kind: 'show', title: '', minutes: 5, crossing: 'c', way };
			const lesson: Lesson = { ...emptyLesson('Beds'), medium, crossings: [taught as never], parts: [part] };
			const seen = showingOf(lesson, part, voice('right'))!;
			expect(seen.shown).toMatchObject({ kind: 'bed', medium, way: { id: way } });
			const { states, steps, told } = seen.shown!.script;
			expect(states).toHaveLength(steps.length + 1);
			expect(told).toHaveLength(steps.length + 1);
			expect((states.at(-1) as { bed: unknown }).bed).toEqual([3, 4, 1, 2]);
			expect(showingOf(lesson, part, voice('left'))).toEqual(seen);
			expect(showingOf({ ...lesson, medium: 'hand' }, part, voice('right'))!.shown).toBeNull();
		}
	);
});

describe('the clock of a lesson', () => {
	const lesson = { ...lessonOf('a', 'b'), starts: '2026-11-26T23:50' };

	it('puts every part at its minute', () => {
		expect(timed(lesson).map(({ from }) => from)).toEqual([0, 5]);
		expect(minutesOf(lesson)).toBe(10);
	});

	it('runs over midnight, and counts minutes where no start is set', () => {
		expect([clockAt(lesson, 5), clockAt(lesson, 15)]).toEqual(['23:55', '0:05']);
		expect(clockAt(lessonOf('a'), 15)).toBe('0:15');
		expect(clockAt(lessonOf('a'), 75)).toBe('1:15');
		expect(clockAt(lesson, 15, 'en-US')).toMatch(/^12:05\sAM$/);
	});
});

describe('the demo lessons', () => {
	const folder = new URL('../../../db/demo/', import.meta.url);
	const voice: Voice = { hand: 'right', keep: 'fabric', yarnHand: 'right', terms: 'us', units: 'cm' };

	const documents = readdirSync(folder).map((file) => ({
		file,
		document: JSON.parse(readFileSync(new URL(file, folder), 'utf8'))
	}));

	it('lie beside keys that settle every name in them', () => {
		const keys = documents.filter(({ document }) => document.format === KEY_FORMAT);
		expect(keys.length).toBeGreaterThan(0);
		for (const { document } of keys) {
			const key = parseKey(document);
			for (const line of key.ok ? readKey(key.value.text) : []) expect(line.readings).toHaveLength(1);
			expect(key.ok).toBe(true);
		}
	});

	it.each(documents.filter(({ document }) => document.format === LESSON_FORMAT))(
		'$file is a lesson whose every show can be played',
		({ document }) => {
			const lesson = z.parse(lessonShape, document);
			for (const { name, crossing: kept } of lesson.crossings) {
				expect(checkCrossing(kept).ok).toBe(true);
				expect(kept).toMatchObject(crossing(name));
			}
			const shown = lesson.parts
				.filter(({ kind }) => kind === 'show')
				.map((part) => showingOf(lesson, part, voice));
			expect(shown.length).toBeGreaterThan(1);
			for (const seen of shown) expect(seen?.shown?.way.agrees).toBe(true);
			expect(minutesOf(lesson)).toBeLessThanOrEqual(lesson.minutes);
		}
	);
});
