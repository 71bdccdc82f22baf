import { randomUUID } from 'node:crypto';
import { describe, expect, it } from 'vitest';
import { emptyLesson } from '$core/lesson/lesson';
import { CLASS_FORMAT, type ClassRecord } from '$core/teaching/classRecord';
import { freshSchema, newTeacher } from '../../../../tests/support/database';
import { classesOf, dropClass, keepClass, latestClasses } from './classes';
import { bytesHeld } from './held';
import { addLesson } from './lessons';

freshSchema();

const record = (began: string): ClassRecord => ({
	format: CLASS_FORMAT,
	level: 'beginner',
	began,
	ended: null,
	parts: []
});

async function lessonOf(owner: string) {
	const lesson = randomUUID();
	await addLesson(owner, lesson, emptyLesson('Reeds'));
	return lesson;
}

describe('the record of a class', () => {
	it('is thrown away by its owner alone, and may come back', async () => {
		const [owner, other] = [await newTeacher(), await newTeacher()];
		const lesson = await lessonOf(owner);
		const id = randomUUID();
		await keepClass(owner, lesson, id, record('2026-11-26T19:00'));
		expect(await dropClass(other, lesson, id)).toBe(false);
		expect(await classesOf(owner, lesson)).toHaveLength(1);
		expect(await dropClass(owner, lesson, id)).toBe(true);
		expect(await classesOf(owner, lesson)).toEqual([]);
		// A letter that comes twice is taken twice.
		expect(await dropClass(owner, lesson, id)).toBe(true);
		await keepClass(owner, lesson, id, record('2026-11-26T19:00'));
		expect(await classesOf(owner, lesson)).toHaveLength(1);
	});

	it('takes the place of an earlier one of the same class, and is told with the latest class first', async () => {
		const owner = await newTeacher();
		const [lesson, other] = [await lessonOf(owner), await lessonOf(owner)];
		const [early, late] = [randomUUID(), randomUUID()];
		await keepClass(owner, lesson, early, record('2026-11-19T19:00'));
		await keepClass(owner, lesson, late, record('2026-11-26T19:00'));
		await keepClass(owner, lesson, early, { ...record('2026-11-19T19:00'), ended: '2026-11-19T20:30' });
		expect((await classesOf(owner, lesson)).map(({ id, record: { ended } }) => [id, ended])).toEqual([
			[late, null],
			[early, '2026-11-19T20:30']
		]);
		await keepClass(owner, other, randomUUID(), record('2026-11-27T19:00'));
		expect((await latestClasses(owner, 2)).map((one) => one.record.began)).toEqual([
			'2026-11-27T19:00',
			'2026-11-26T19:00'
		]);
	});

	it('stays as it ended, whatever a page that noted less sends late', async () => {
		const owner = await newTeacher();
		const lesson = await lessonOf(owner);
		const id = randomUUID();
		const over = { ...record('2026-11-26T19:00'), ended: '2026-11-26T20:30' };
		await keepClass(owner, lesson, id, over);
		expect(await keepClass(owner, lesson, id, record('2026-11-26T19:00'))).toBe(true);
		expect((await classesOf(owner, lesson))[0].record).toEqual(over);
		const later = { ...over, ended: '2026-11-26T20:31' };
		await keepClass(owner, lesson, id, later);
		expect((await classesOf(owner, lesson))[0].record).toEqual(later);
	});

	it('is of a lesson that its teacher has, and moves to no other', async () => {
		const [owner, other] = [await newTeacher(), await newTeacher()];
		const [mine, theirs] = [await lessonOf(owner), await lessonOf(other)];
		const id = randomUUID();
		expect(await keepClass(other, mine, id, record('2026-11-26T19:00'))).toBe(false);
		await keepClass(owner, mine, id, record('2026-11-26T19:00'));
		expect(await keepClass(other, theirs, id, record('2026-11-27T19:00'))).toBe(false);
		expect(await keepClass(owner, await lessonOf(owner), id, record('2026-11-27T19:00'))).toBe(false);
		expect([await classesOf(other, mine), (await classesOf(owner, mine)).length]).toEqual([[], 1]);
	});
});

describe('what a teacher holds', () => {
	it('grows with what she keeps, and with nobody else’s', async () => {
		const [owner, other] = [await newTeacher(), await newTeacher()];
		expect(await bytesHeld(owner)).toBe(0);
		const lesson = await lessonOf(owner);
		const before = await bytesHeld(owner);
		await keepClass(owner, lesson, randomUUID(), record('2026-11-26T19:00'));
		expect([before > 0, (await bytesHeld(owner)) > before, await bytesHeld(other)]).toEqual([true, true, 0]);
	});
});
