import { randomUUID } from 'node:crypto';
import { describe, expect, it } from 'vitest';
import { emptyLesson } from '$core/lesson/lesson';
import { MOMENT } from '../../../../tests/support/documents';
import { freshSchema, newTeacher } from '../../../../tests/support/database';
import { database } from '../pool';
import {
	addFollower,
	beginFollowing,
	findFollower,
	goneFollowing,
	keepAnswer,
	keepSaid,
	MOST_FOLLOWING,
	roomOf
} from './followers';
import {
	closeFollowing,
	endFollowing,
	findFollowing,
	followingsOf,
	moveFollowing,
	openFollowing
} from './followings';
import { addLesson, removeLesson } from './lessons';

freshSchema();

async function opened(code = randomUUID().slice(0, 6)) {
	const owner = await newTeacher();
	const lessonId = randomUUID();
	const lesson = emptyLesson('Reeds');
	await addLesson(owner, lessonId, lesson);
	const leader = randomUUID();
	const kept = await openFollowing(owner, lessonId, {
		...{ id: randomUUID(), code, lesson, leader, moment: MOMENT }
	});
	return { owner, lessonId, lesson, code, leader, id: kept!.id };
}
const token = () => Buffer.from(randomUUID());
async function follower(code: string, following: string) {
	const hash = token();
	expect(await addFollower(following, hash)).toBe(true);
	return (await findFollower(code, hash))!;
}

describe('a class that is followed', () => {
	it('goes on under its code where its stage is opened again, with the lesson as it is now', async () => {
		const { owner, lessonId, code, id } = await opened();
		const lesson = emptyLesson('Reeds and rushes');
		const again = await openFollowing(owner, lessonId, {
			id: randomUUID(),
			code: 'other',
			lesson,
			leader: randomUUID(),
			moment: { ...MOMENT, part: 'first' }
		});
		// It is where it was: no phone jumps back to the beginning.
		expect(again).toMatchObject({ id, code, moment: MOMENT });
		const found = await findFollowing(code);
		expect(found).toMatchObject({
			lesson: { title: 'Reeds and rushes' },
			now: { n: 2, lessonAt: 2, ended: false }
		});
		// After its end there is a new one.
		await endFollowing(owner, lessonId, id);
		const fresh = await openFollowing(owner, lessonId, {
			id: randomUUID(),
			code: 'fresh',
			lesson,
			leader: randomUUID(),
			moment: MOMENT
		});
		expect(fresh).toMatchObject({ code: 'fresh', moment: null });
		expect((await followingsOf(owner, lessonId)).map(({ ended }) => ended)).toEqual([false, true]);
	});

	it('is led from one page: another one takes it over where it is, and the first moves nothing any more', async () => {
		const { owner, lessonId, lesson, code, leader, id } = await opened();
		const other = randomUUID();
		const later = { ...MOMENT, step: 5 };
		expect(await moveFollowing(owner, lessonId, id, { moment: later, leader })).toBe(true);
		const taken = await openFollowing(owner, lessonId, {
			...{ id: randomUUID(), code: 'other', lesson, leader: other, moment: MOMENT }
		});
		expect(taken).toMatchObject({ id, moment: later });
		expect(await moveFollowing(owner, lessonId, id, { moment: MOMENT, leader })).toBe(false);
		expect((await findFollowing(code))!.now.moment).toEqual(later);
		expect(await moveFollowing(owner, lessonId, id, { moment: MOMENT, leader: other })).toBe(true);
	});

	it('is moved, ended and closed by its teacher alone', async () => {
		const { owner, lessonId, code, leader, id } = await opened();
		const other = await newTeacher();
		const later = { ...MOMENT, step: 3 };
		expect(await moveFollowing(other, lessonId, id, { moment: later, leader })).toBe(false);
		expect(await endFollowing(other, lessonId, id)).toBe(false);
		expect(await closeFollowing(other, lessonId, id)).toBe(false);
		expect((await findFollowing(code))!.now).toMatchObject({ n: 1, moment: MOMENT });
		expect(await moveFollowing(owner, lessonId, id, { moment: later, leader })).toBe(true);
		expect((await findFollowing(code))!.now).toMatchObject({ n: 2, moment: later });
		expect(await endFollowing(owner, lessonId, id)).toBe(true);
		// What comes late moves nothing any more.
		expect(await moveFollowing(owner, lessonId, id, { moment: MOMENT, leader })).toBe(false);
		expect(await closeFollowing(owner, lessonId, id)).toBe(true);
		expect(await closeFollowing(owner, lessonId, id)).toBe(true);
		expect(await findFollowing(code)).toBeNull();
	});

	it('is seen at a glance, with answers to the question that is on', async () => {
		const { owner, lessonId, code, id } = await opened();
		const [one, two] = [await follower(code, id), await follower(code, id)];
		expect(await roomOf(id)).toMatchObject({ following: 0 });
		expect(await beginFollowing(one)).toBe(true);
		expect(await beginFollowing(two)).toBe(true);
		await keepSaid(one, { says: 'has', n: 1, part: 'p', away: null, name: '' });
		await keepSaid(two, { says: 'waits', n: 1, part: 'p', away: { part: 'q', step: 2 }, name: 'Wren' });
		await keepAnswer(one, 'p', 'three');
		await keepAnswer(two, 'p', 'two');
		await keepAnswer(two, 'p', '3');
		await keepAnswer(two, 'q', 'elsewhere');
		expect(await roomOf(id)).toEqual({
			...{ following: 2, has: 1, wrong: { count: 0, names: [] }, waits: { count: 1, names: ['Wren'] } },
			elsewhere: [{ part: 'q', step: 2, count: 1 }],
			...{
				part: 'p',
				step: 0,
				answered: 2,
				answers: [{ answer: expect.stringMatching(/^(?:three|3)$/), count: 2 }]
			}
		});
		await goneFollowing(two);
		expect(await roomOf(id)).toMatchObject({ following: 1 });
		await endFollowing(owner, lessonId, id);
		for (const table of ['followers', 'follower_answers'])
			expect((await database().query(`select from ${table}`)).rowCount).toBe(0);
	});

	it('that nobody ended is over after a day, and its phones are forgotten', async () => {
		const { code, id, lessonId, owner } = await opened();
		const forgotten = await follower(code, id);
		await keepSaid(forgotten, { says: 'waits', n: 1, part: 'p', away: null, name: 'Wren' });
		await database().query(`update followings set opened_at = now() - interval '1 day' where id = $1`, [id]);
		expect((await findFollowing(code))!.now.ended).toBe(true);
		expect(await followingsOf(owner, lessonId)).toMatchObject([{ id, ended: true }]);
		// Whoever comes next anywhere sweeps it out.
		await follower((await opened('next')).code, (await findFollowing('next'))!.id);
		expect((await database().query(`select from followers where name = 'Wren'`)).rowCount).toBe(0);
	});

	it('has an end to its phones, however many come at once', async () => {
		const { code, id } = await opened();
		await database().query(
			`insert into followers (following_id, token_hash, seen_at)
			select $1, sha256(n::text::bytea), now() from generate_series(1, $2) as n`,
			[id, MOST_FOLLOWING - 2]
		);
		const many = await Promise.all(Array.from({ length: 8 }, () => follower(code, id)));
		const taken = await Promise.all(many.map(beginFollowing));
		expect(taken.filter(Boolean)).toHaveLength(2);
		// Who is counted already comes back.
		expect(await beginFollowing(many[taken.indexOf(true)])).toBe(true);
	});

	it('belongs to one code, and is shut with its lesson', async () => {
		const [mine, other] = [await opened(), await opened()];
		const hash = token();
		await addFollower(mine.id, hash);
		expect(await findFollower(other.code, hash)).toBeNull();
		expect(await findFollower(mine.code, token())).toBeNull();
		await removeLesson(mine.owner, mine.lessonId, true);
		expect(await findFollowing(mine.code)).toBeNull();
		expect(await findFollower(mine.code, hash)).toBeNull();
		await removeLesson(mine.owner, mine.lessonId, false);
		expect(await findFollowing(mine.code)).not.toBeNull();
	});
});
