import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { applyChange } from './change';
import { emptyLesson, minutesOf, type Lesson, type Part } from './lesson';
import {
	besideRemoved,
	canJoin,
	canSplit,
	duplicatePart,
	joinParts,
	minutesBy,
	movePart,
	splitPart
} from './rearrange';
import { lessonShape } from './schema';

const note = (id: string, minutes = 10, text = ''): Part => ({ id, kind: 'note', title: id, minutes, text });
const lessonOf = (...parts: Part[]): Lesson => ({ ...emptyLesson('Reeds'), parts });
const after = (lesson: Lesson, changes: readonly Parameters<typeof applyChange>[1][]) =>
	changes.reduce(applyChange, lesson);
const ids = ({ parts }: Lesson) => parts.map(({ id }) => id);

const lesson = lessonOf(note('a', 7, 'Sit.'), note('b', 4, 'Knit.'), note('c'));
const [a, b, c] = lesson.parts;

describe('a part that is split', () => {
	it('keeps its minutes in two, the odd one in the first, and joined is as it was', () => {
		fc.assert(
			fc.property(fc.integer({ min: 2, max: 600 }), (minutes) => {
				const whole = lessonOf(note('a', minutes, 'Sit.'), c);
				const two = after(whole, splitPart(whole.parts[0], 'new'));
				expect(ids(two)).toEqual(['a', 'new', 'c']);
				expect(two.parts[0].minutes - two.parts[1].minutes).toBe(minutes % 2);
				const [first, second] = two.parts;
				const joined = after(two, joinParts(first, { ...second, text: '' }));
				expect(joined.parts).toEqual(whole.parts);
			})
		);
	});

	it('has two minutes at least', () => {
		expect([canSplit(note('a', 1)), canSplit(note('a', 2))]).toEqual([false, true]);
	});
});

describe('parts that are joined', () => {
	it('are of one kind', () => {
		const rest: Part = { id: 'd', kind: 'care', title: 'Rest', minutes: 3 };
		expect([canJoin(a, b), canJoin(a, rest), canJoin(a, undefined)]).toEqual([true, false, false]);
	});

	it('have the minutes and the words of both, as far as a part may', () => {
		const joined = after(lesson, joinParts(a, b));
		expect(joined.parts[0]).toMatchObject({ minutes: 11, text: 'Sit.\n\nKnit.' });
		const long = [note('a', 500, 'x'.repeat(15_000)), note('b', 500, 'y'.repeat(15_000))] as const;
		expect(lessonShape.safeParse(after(lessonOf(...long), joinParts(...long))).success).toBe(true);
	});
});

describe('a part that is put in once more', () => {
	it('comes behind itself, and its title stays as short as one may be', () => {
		const twice = after(lesson, [duplicatePart({ ...a, title: 'x'.repeat(200) }, 'new')]);
		expect(ids(twice)).toEqual(['a', 'new', 'b', 'c']);
		expect(lessonShape.safeParse(twice).success).toBe(true);
		expect(after(lesson, [duplicatePart(a, 'new')]).parts[1].title).toBe('a, again');
	});
});

describe('a part that is moved', () => {
	it('goes one place, comes back, and never over an end', () => {
		fc.assert(
			fc.property(fc.constantFrom('a', 'b', 'c'), fc.constantFrom<-1 | 1>(-1, 1), (id, by) => {
				const there = movePart(lesson, id, by);
				const at = ids(lesson).indexOf(id) + by;
				if (at < 0 || at > 2) return void expect(there).toBeNull();
				const moved = applyChange(lesson, there!);
				expect(ids(moved)[at]).toBe(id);
				expect(applyChange(moved, movePart(moved, id, -by as -1 | 1)!)).toEqual(lesson);
			})
		);
		expect(movePart(lesson, 'nobody', 1)).toBeNull();
	});
});

describe('what is looked at after a removal', () => {
	it('is the next part, or the one before the last', () => {
		expect(['a', 'c'].map((id) => besideRemoved(lesson, id))).toEqual(['b', 'b']);
		expect(besideRemoved(lessonOf(a), 'a')).toBeNull();
	});
});

describe('minutes', () => {
	it('stay within what a part may have', () => {
		expect([minutesBy(a, -20), minutesBy(a, 1), minutesBy(note('x', 600), 1)]).toEqual([0, 8, 600]);
		expect(minutesOf(lesson)).toBe(21);
	});
});
