import { randomUUID } from 'node:crypto';
import { describe, expect, it } from 'vitest';
import { applyChange } from '$core/lesson/change';
import { emptyLesson, type Change, type Lesson, type Part } from '$core/lesson/lesson';
import { fault, good } from '$core/result';
import { freshSchema, newTeacher } from '../../../../tests/support/database';
import {
	addLesson,
	changesOf,
	copyLesson,
	deleteLesson,
	findLesson,
	findTaught,
	lessonTags,
	listLessons,
	noteTaught,
	removeLesson,
	tagLesson,
	takeChange
} from './lessons';

freshSchema();

const note = (id: string, text = ''): Part => ({ id, kind: 'note', title: id, minutes: 5, text });
const titled = (title: string): Change => ({ kind: 'set', fields: { title } });
const SHELF = { away: false, tag: null, most: 10 };

/** A lesson of a new teacher's, and how changes are sent to it. */
async function made(parts: Part[] = []) {
	const owner = await newTeacher();
	const id = randomUUID();
	await addLesson(owner, id, { ...emptyLesson('Reeds'), parts });
	const send = (change: Change, since: number, page = 'a', changeId = randomUUID()) =>
		takeChange(owner, id, { id: changeId, change, since, page }, good);
	const lesson = async () => (await findLesson(owner, id))!;
	return { owner, id, send, lesson };
}

describe('a lesson that is kept', () => {
	it('is found by its teacher alone, and made once however often it is sent', async () => {
		const { owner, id, lesson } = await made();
		await addLesson(owner, id, emptyLesson('Another'));
		expect(await lesson()).toMatchObject({ id, version: 0, lesson: { title: 'Reeds' }, tags: [] });
		const other = await newTeacher();
		expect(await findLesson(other, id)).toBeNull();
		await addLesson(other, id, emptyLesson('Theirs'));
		expect([await findLesson(other, id), (await lesson()).lesson.title]).toEqual([null, 'Reeds']);
	});

	it('is put away, brought back, and deleted for good only from where it was put', async () => {
		const { owner, id } = await made();
		const shelves = async () => [
			(await listLessons(owner, SHELF)).length,
			(await listLessons(owner, { ...SHELF, away: true })).length
		];
		expect([await deleteLesson(owner, id), await shelves()]).toEqual([false, [1, 0]]);
		expect([await removeLesson(owner, id, true), await shelves()]).toEqual([true, [0, 1]]);
		expect(await findLesson(owner, id)).toBeNull();
		expect([await removeLesson(owner, id, false), await shelves()]).toEqual([true, [1, 0]]);
		await removeLesson(owner, id, true);
		const other = await newTeacher();
		expect([await removeLesson(other, id, false), await deleteLesson(other, id)]).toEqual([false, false]);
		expect([await deleteLesson(owner, id), await shelves()]).toEqual([true, [0, 0]]);
	});

	it('is listed by its tags, the one changed last first', async () => {
		const { owner, id, send } = await made();
		const second = randomUUID();
		await addLesson(owner, second, emptyLesson('Ropes'));
		await tagLesson(owner, id, ['winter', 'eel']);
		await send(titled('Reeds again'), 0);
		expect((await listLessons(owner, SHELF)).map(({ title }) => title)).toEqual(['Reeds again', 'Ropes']);
		expect((await listLessons(owner, { ...SHELF, tag: 'eel' })).map((one) => one.id)).toEqual([id]);
		expect([await lessonTags(owner), (await listLessons(owner, { ...SHELF, most: 1 })).length]).toEqual([
			['eel', 'winter'],
			1
		]);
		expect(await tagLesson(await newTeacher(), id, ['mine'])).toBe(false);
	});

	it('is copied with its tags, without its day, and never over another', async () => {
		const { owner, id, send } = await made([note('n')]);
		await send({ kind: 'set', fields: { starts: '2026-11-26T19:00' } }, 0);
		await tagLesson(owner, id, ['eel']);
		const copy = randomUUID();
		expect(await copyLesson(owner, id, copy, 'A copy')).toBe(true);
		const copied = (await findLesson(owner, copy))!;
		expect(copied).toMatchObject({
			version: 0,
			tags: ['eel'],
			lesson: { title: 'A copy', parts: [note('n')] }
		});
		expect(copied.lesson.starts).toBeUndefined();
		expect([
			await copyLesson(owner, id, copy, 'x'),
			await copyLesson(await newTeacher(), id, randomUUID(), 'x')
		]).toEqual([false, false]);
	});

	it('is kept as it was taught', async () => {
		const { owner, id, lesson, send } = await made();
		expect([await findTaught(owner, id), (await lesson()).taughtAt]).toEqual([null, null]);
		await noteTaught(owner, id, (await lesson()).lesson);
		await send(titled('After'), 0);
		expect((await findTaught(owner, id))?.title).toBe('Reeds');
		expect((await lesson()).taughtAt).toBeGreaterThan(Date.now() - 60_000);
	});
});

describe('a change', () => {
	it('is taken once, however often it comes', async () => {
		const { send, lesson } = await made();
		const id = randomUUID();
		const add: Change = { kind: 'add-part', part: note('n'), after: null };
		const answers = await Promise.all([send(add, 0, 'a', id), send(add, 0, 'a', id), send(add, 0, 'a', id)]);
		expect(answers.map((answer) => answer && 'version' in answer && answer.version)).toEqual([1, 1, 1]);
		expect((await lesson()).lesson.parts).toEqual([note('n')]);
	});

	it('of many at once, each is taken in its turn, and the history tells them all', async () => {
		const { owner, id, send, lesson } = await made();
		await Promise.all(
			Array.from({ length: 20 }, (_, n) =>
				send({ kind: 'add-part', part: note(`n${n}`), after: null }, 0, `page ${n}`)
			)
		);
		const now = await lesson();
		expect([now.version, now.lesson.parts.length]).toEqual([20, 20]);
		const { original, first, changes } = (await changesOf(owner, id))!;
		expect([first, changes.map(({ version }) => version)]).toEqual([
			0,
			Array.from({ length: 20 }, (_, n) => n + 1)
		]);
		expect(changes.reduce((was: Lesson, { change }) => applyChange(was, change), original)).toEqual(
			now.lesson
		);
	});

	it('that writes where another page wrote is not taken, and the answer says where', async () => {
		const { send, lesson } = await made([note('n')]);
		await send({ kind: 'set-part', part: 'n', fields: { text: 'theirs' } }, 0, 'b');
		const answer = await send({ kind: 'set-part', part: 'n', fields: { text: 'mine' } }, 0, 'a');
		expect(answer).toMatchObject({ version: 1, clash: { part: 'n', fields: ['text'] } });
		expect((await lesson()).lesson.parts[0].text).toBe('theirs');
		// Whoever has seen it may write there, and so may the page that wrote it.
		expect(await send({ kind: 'set-part', part: 'n', fields: { text: 'seen' } }, 1, 'a')).toMatchObject({
			version: 2,
			clash: null
		});
		expect(await send({ kind: 'set-part', part: 'n', fields: { text: 'again' } }, 1, 'a')).toMatchObject({
			version: 3,
			clash: null
		});
	});

	it('that makes what may not be kept changes nothing', async () => {
		const { owner, id, lesson } = await made();
		const change = { id: randomUUID(), change: titled('Too long'), since: 0, page: 'a' };
		const answer = await takeChange(owner, id, change, () => fault('size', 'This lesson is full.'));
		expect(answer).toEqual({ error: { code: 'size', message: 'This lesson is full.' } });
		expect(await lesson()).toMatchObject({ version: 0, lesson: { title: 'Reeds' } });
		expect((await changesOf(owner, id))!.changes).toEqual([]);
	});

	it('of another teacher, or of a lesson that is put away, is for nothing there', async () => {
		const { owner, id, send } = await made();
		const change = { id: randomUUID(), change: titled('Theirs'), since: 0, page: 'a' };
		expect(await takeChange(await newTeacher(), id, change, good)).toBeNull();
		await removeLesson(owner, id, true);
		expect(await send(titled('Away'), 0)).toBeNull();
	});
});
