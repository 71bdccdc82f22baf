import { randomUUID } from 'node:crypto';
import { describe, expect, it } from 'vitest';
import { emptyLesson, type Lesson } from '$core/lesson/lesson';
import { database } from '$lib/server/pool';
import { pictureAt } from '$lib/wire/picture';
import { freshSchema, newTeacher } from '../../../../tests/support/database';
import { addLesson, deleteLesson, removeLesson, takeChange } from './lessons';
import { addPicture, findPicture } from './pictures';

freshSchema();

const PICTURE = { bytes: Buffer.from([1, 2, 3]), type: 'image/png', width: 2, height: 1 };

async function pictureOf(owner: string, days = 2) {
	const id = randomUUID();
	await addPicture(owner, id, PICTURE);
	await database().query('update pictures set made_at = now() - make_interval(days => $2) where id = $1', [
		id,
		days
	]);
	return id;
}
const showing = (...pictures: string[]): Lesson => ({
	...emptyLesson('Reeds'),
	parts: pictures.map((id) => ({
		id,
		kind: 'note',
		title: 'Look',
		minutes: 1,
		text: `![A reed](${pictureAt(id)})`
	}))
});
async function lessonWith(owner: string, ...pictures: string[]) {
	const id = randomUUID();
	await addLesson(owner, id, showing(...pictures));
	return id;
}
async function destroy(owner: string, lesson: string) {
	await removeLesson(owner, lesson, true);
	await deleteLesson(owner, lesson);
}

describe('a picture', () => {
	it('is kept once under its id, and is its teacher’s alone', async () => {
		const [owner, other] = [await newTeacher(), await newTeacher()];
		const id = await pictureOf(owner);
		expect([await addPicture(owner, id, { ...PICTURE, width: 9 }), await findPicture(owner, id)]).toEqual([
			true,
			PICTURE
		]);
		expect([await addPicture(other, id, PICTURE), await findPicture(other, id)]).toEqual([false, null]);
	});
});

describe('pictures of a lesson that is deleted for good', () => {
	it('go, but for those that stand in another, or did once, or are of today', async () => {
		const owner = await newTeacher();
		const [alone, shared, once, young] = [
			await pictureOf(owner),
			await pictureOf(owner),
			await pictureOf(owner),
			await pictureOf(owner, 0)
		];
		const gone = await lessonWith(owner, alone, shared, once, young);
		await lessonWith(owner, shared);
		const edited = await lessonWith(owner, once);
		const change = { kind: 'remove-part', part: once } as const;
		await takeChange(owner, edited, { id: randomUUID(), change, since: 0, page: 'a' }, (lesson) => ({
			ok: true,
			value: lesson
		}));
		await destroy(owner, gone);
		const there = await Promise.all([alone, shared, once, young].map((id) => findPicture(owner, id)));
		expect(there.map((picture) => picture !== null)).toEqual([false, true, true, true]);
	});

	it('are nobody else’s', async () => {
		const [owner, other] = [await newTeacher(), await newTeacher()];
		const theirs = await pictureOf(other);
		await destroy(owner, await lessonWith(owner, theirs));
		expect(await findPicture(other, theirs)).not.toBeNull();
	});
});
