import { describe, expect, it } from 'vitest';
import { emptyLesson, type Lesson } from './lesson';
import { soundLesson } from './sound';

const notes = (count: number, text = ''): Lesson => ({
	...emptyLesson('Full'),
	parts: Array.from({ length: count }, (_, n) => ({
		id: `p${n}`,
		kind: 'note' as const,
		title: `Note ${n}`,
		minutes: 1,
		text
	}))
});
const said = (lesson: Lesson) => {
	const sound = soundLesson(lesson);
	return sound.ok ? null : sound.error.message;
};

describe('a lesson that is to be kept', () => {
	it('is kept as large as it may be', () => {
		expect(said(notes(400))).toBeNull();
		expect(said(notes(19, 'x'.repeat(20_000)))).toBeNull();
	});

	it('has an end, said with its size', () => {
		expect(said(notes(401))).toMatch(/too many parts in this lesson/);
		expect(said(notes(21, 'x'.repeat(20_000)))).toMatch(/would hold 42\d kB, and it may hold 400 kB/);
	});

	it('says what of it does not fit, and where', () => {
		const [part] = notes(1).parts;
		expect(said({ ...notes(1), parts: [{ ...part, minutes: 7_000 }] })).toMatch(
			/^Part 1, “Note 0” has something in “minutes”/
		);
		expect(said({ ...notes(1), level: 'wizard' as never })).toMatch(/^“level” does not fit/);
	});

	it('has no id twice', () => {
		const [part] = notes(1).parts;
		expect(said({ ...notes(1), parts: [part, part] })).toContain('Two parts of this lesson have the same id');
	});
});
