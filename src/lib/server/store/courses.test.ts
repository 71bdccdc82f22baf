import { randomUUID } from 'node:crypto';
import { describe, expect, it } from 'vitest';
import { emptyLesson } from '$core/lesson/lesson';
import { COURSE_FORMAT, type Course } from '$core/planning/course';
import { freshSchema, newTeacher } from '../../../../tests/support/database';
import { addCourse, findCourse, keepCourse, listCourses, removeCourse } from './courses';
import { addLesson, removeLesson } from './lessons';

freshSchema();

const course = (title: string, lessons: string[] = []): Course => ({
	format: COURSE_FORMAT,
	title,
	lessons,
	known: [],
	every: 7
});

async function made(lessons: string[] = []) {
	const owner = await newTeacher();
	const id = randomUUID();
	await addCourse(owner, id, course('Reeds', lessons));
	return { owner, id };
}

describe('a course', () => {
	it('is made once, and is its teacher’s alone', async () => {
		const { owner, id } = await made();
		expect(await addCourse(owner, id, course('Another'))).toBe(true);
		expect(await findCourse(owner, id)).toMatchObject({
			version: 1,
			course: { title: 'Reeds' },
			lessons: []
		});
		const other = await newTeacher();
		expect([await addCourse(other, id, course('Theirs')), await findCourse(other, id)]).toEqual([
			false,
			null
		]);
	});

	it('has those of its lessons that are not put away, in its order', async () => {
		const owner = await newTeacher();
		const ids = [randomUUID(), randomUUID(), randomUUID()];
		for (const [n, id] of ids.entries()) await addLesson(owner, id, emptyLesson(`Lesson ${n}`));
		const id = randomUUID();
		await addCourse(owner, id, course('Reeds', [ids[2], 'nothing', ids[0], ids[1]]));
		await removeLesson(owner, ids[0], true);
		expect((await findCourse(owner, id))!.lessons.map(({ title }) => title)).toEqual([
			'Lesson 2',
			'Lesson 1'
		]);
	});

	it('is kept from the version that stands; of many at once exactly one is', async () => {
		const { owner, id } = await made();
		const kept = await Promise.all(
			Array.from({ length: 8 }, (_, n) => keepCourse(owner, id, 1, course(`Page ${n}`)))
		);
		expect(kept.filter((version) => version !== null)).toEqual([2]);
		expect((await findCourse(owner, id))!.course.title).toBe(`Page ${kept.indexOf(2)}`);
		expect([
			await keepCourse(owner, id, 1, course('Late')),
			await keepCourse(owner, id, 2, course('Next'))
		]).toEqual([null, 3]);
		expect(await keepCourse(await newTeacher(), id, 3, course('Theirs'))).toBeNull();
	});

	it('is taken away and brought back by its teacher', async () => {
		const { owner, id } = await made();
		expect(await removeCourse(await newTeacher(), id, true)).toBe(false);
		expect([
			await removeCourse(owner, id, true),
			await findCourse(owner, id),
			await listCourses(owner)
		]).toEqual([true, null, []]);
		expect(await keepCourse(owner, id, 1, course('Away'))).toBeNull();
		await removeCourse(owner, id, false);
		expect((await listCourses(owner)).map((one) => one.id)).toEqual([id]);
	});
});
