import { randomUUID } from 'node:crypto';
import { describe, expect, it } from 'vitest';
import { emptyLesson } from '$core/lesson/lesson';
import { CLASS_FORMAT, type ClassRecord } from '$core/teaching/classRecord';
import { freshSchema, newTeacher } from '../../../../tests/support/database';
import { database } from '../pool';
import { classesOf, classOn, dropClass, keepClass, latestClasses } from './classes';
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
		expect(await keepClass(owner, lesson, id, record('2026-11-26T19:00'))).toEqual({ led: null });
		expect((await classesOf(owner, lesson))[0].record).toEqual(over);
		const later = { ...over, ended: '2026-11-26T20:31' };
		await keepClass(owner, lesson, id, later);
		expect((await classesOf(owner, lesson))[0].record).toEqual(later);
	});

	it('is of a lesson that its teacher has, and moves to no other', async () => {
		const [owner, other] = [await newTeacher(), await newTeacher()];
		const [mine, theirs] = [await lessonOf(owner), await lessonOf(other)];
		const id = randomUUID();
		expect(await keepClass(other, mine, id, record('2026-11-26T19:00'))).toBeNull();
		await keepClass(owner, mine, id, record('2026-11-26T19:00'));
		expect(await keepClass(other, theirs, id, record('2026-11-27T19:00'))).toBeNull();
		expect(await keepClass(owner, await lessonOf(owner), id, record('2026-11-27T19:00'))).toBeNull();
		expect([await classesOf(other, mine), (await classesOf(owner, mine)).length]).toEqual([[], 1]);
	});
});

describe('a class that is on', () => {
	const lead = (leader: string, step = 0) => ({ leader, part: 'hello', step, running: true });
	const noted = (title: string): ClassRecord => ({
		...record('2026-11-26T19:00'),
		parts: [{ part: 'hello', title, planned: 5, seconds: 60, units: {}, fixed: 5 }]
	});

	it('is led by the page that took it last, and what another one sends is not taken', async () => {
		const owner = await newTeacher();
		const lesson = await lessonOf(owner);
		const [id, tablet, laptop] = [randomUUID(), randomUUID(), randomUUID()];
		expect(await classOn(owner, lesson)).toBeNull();
		expect(await keepClass(owner, lesson, id, noted('tablet'), { lead: lead(tablet) })).toEqual({
			led: tablet
		});
		expect(await keepClass(owner, lesson, id, noted('laptop'), { lead: lead(laptop) })).toEqual({
			led: tablet
		});
		expect((await classOn(owner, lesson))!.record.parts[0].title).toBe('tablet');
		const took = await keepClass(owner, lesson, id, noted('laptop'), { lead: lead(laptop, 3), takes: true });
		expect(took).toEqual({ led: laptop });
		expect(await keepClass(owner, lesson, id, noted('tablet'), { lead: lead(tablet) })).toEqual({
			led: laptop
		});
		const on = (await classOn(owner, lesson))!;
		expect([on.id, on.lead.step, on.record.parts[0].title, on.age < 60]).toEqual([id, 3, 'laptop', true]);
		expect(await classOn(await newTeacher(), lesson)).toBeNull();
	});

	it('is on no more once it has ended, or was long not heard of', async () => {
		const owner = await newTeacher();
		const lesson = await lessonOf(owner);
		const [id, leader] = [randomUUID(), randomUUID()];
		await keepClass(owner, lesson, id, noted('now'), { lead: lead(leader) });
		await database().query(`update classes set changed_at = now() - interval '31 minutes' where id = $1`, [
			id
		]);
		expect(await classOn(owner, lesson)).toBeNull();
		await keepClass(owner, lesson, id, noted('now'), { lead: lead(leader) });
		expect(await classOn(owner, lesson)).not.toBeNull();
		await keepClass(
			owner,
			lesson,
			id,
			{ ...noted('now'), ended: '2026-11-26T20:30' },
			{ lead: lead(leader) }
		);
		expect(await classOn(owner, lesson)).toBeNull();
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
