import { randomUUID } from 'node:crypto';
import { describe, expect, it } from 'vitest';
import { emptyLesson } from '$core/lesson/lesson';
import type { Practised } from '$core/practice/schedule';
import { MOST_LEARNERS } from '$core/practice/schema';
import { freshSchema, newTeacher } from '../../../../tests/support/database';
import { MOMENT } from '../../../../tests/support/documents';
import { database } from '../pool';
import { deleteTeacher } from './accounts';
import { addFollower, findFollower, keepSaid } from './followers';
import { openFollowing } from './followings';
import {
	deleteLearner,
	deleteLearnerClass,
	keepLearner,
	keepLearnerClass,
	keepPractised,
	learnerBehind,
	learnerClasses
} from './learners';
import { addLesson } from './lessons';

freshSchema();

const about = (title: string) => ({
	...{
		title,
		crossings: ['2/2 RC'],
		medium: 'hand' as const,
		level: 'beginner' as const,
		terms: 'us' as const
	}
});
const practised = (of = '2/2 RC', at = Date.UTC(2026, 10, 28)): Practised => ({
	...{ of, kind: 'front', medium: 'hand', right: true, at }
});
const newId = randomUUID;
/** A word that stands nowhere else. */
const marked = () => `m${randomUUID().replaceAll('-', '')}`;

async function classOf(owner: string, title = 'Thursdays') {
	const id = newId();
	expect(await keepLearnerClass(owner, id, about(title))).toBe(true);
	return id;
}
async function learnerOf(owner: string, classId: string, nickname = 'Wren') {
	const [id, link] = [newId(), marked()];
	expect(await keepLearner(owner, classId, id, { nickname, fresh: link })).toBe('kept');
	return { id, link };
}

/** Every table in which a word stands. */
async function tablesWith(word: string): Promise<string[]> {
	const { rows } = await database().query<{ name: string }>(
		`select table_name as name from information_schema.tables
		where table_schema = current_schema() and table_type = 'BASE TABLE' order by 1`
	);
	expect(rows.length).toBeGreaterThan(15);
	const found: string[] = [];
	for (const { name } of rows) {
		const { rowCount } = await database().query(
			`select from ${name} as kept where position($1 in kept::text) > 0 limit 1`,
			[word]
		);
		if (rowCount) found.push(name);
	}
	return found;
}

describe('a learner', () => {
	it('practises behind a link, which is withdrawn and made anew', async () => {
		const owner = await newTeacher();
		const classId = await classOf(owner);
		const { id, link } = await learnerOf(owner, classId);
		expect(await learnerBehind(link)).toMatchObject({
			nickname: 'Wren',
			about: about('Thursdays'),
			practised: []
		});
		const answer = newId();
		expect(await keepPractised(link, answer, practised())).toBe(true);
		expect(await keepPractised(link, answer, practised())).toBe(true);
		expect((await learnerBehind(link))!.practised).toEqual([practised()]);
		await keepLearner(owner, classId, id, { link: null, fresh: 'unused' });
		expect(await learnerBehind(link)).toBeNull();
		expect(await keepPractised(link, newId(), practised())).toBe(false);
		const other = marked();
		await keepLearner(owner, classId, id, { link: other, fresh: other });
		expect((await learnerBehind(other))!.practised).toHaveLength(1);
		await keepLearner(owner, classId, id, { nickname: 'Jenny', fresh: 'unused' });
		expect(await learnerBehind(other)).toMatchObject({ nickname: 'Jenny' });
	});

	it('is her teacher’s alone', async () => {
		const [owner, other] = [await newTeacher(), await newTeacher()];
		const classId = await classOf(owner);
		const { id, link } = await learnerOf(owner, classId);
		expect(await keepLearnerClass(other, classId, about('Taken'))).toBe(false);
		expect(await keepLearner(other, classId, id, { nickname: 'Taken', fresh: marked() })).toBe('missing');
		expect(await keepLearner(other, classId, newId(), { nickname: 'Mine', fresh: marked() })).toBe('missing');
		expect(await deleteLearner(other, classId, id)).toBe(false);
		expect(await deleteLearnerClass(other, classId)).toBe(false);
		// Nor does a learner move from one class to another.
		const theirs = await classOf(other);
		expect(await keepLearner(other, theirs, id, { nickname: 'Moved', fresh: marked() })).toBe('missing');
		expect(await learnerClasses(other)).toMatchObject([{ learners: [] }]);
		expect(await learnerBehind(link)).toMatchObject({ nickname: 'Wren' });
	});

	it('finds no room in a class that is full', async () => {
		const owner = await newTeacher();
		const classId = await classOf(owner);
		for (let n = 0; n < MOST_LEARNERS; n++) await learnerOf(owner, classId, `Wren ${n}`);
		expect(await keepLearner(owner, classId, newId(), { nickname: 'Late', fresh: marked() })).toBe('full');
		const [{ learners }] = await learnerClasses(owner);
		expect(learners).toHaveLength(MOST_LEARNERS);
		expect(await keepLearner(owner, classId, learners[0].id, { nickname: 'Renamed', fresh: marked() })).toBe(
			'kept'
		);
	});

	it('forgets answers after 400 days, and has an end to them', async () => {
		const owner = await newTeacher();
		const { id, link } = await learnerOf(owner, await classOf(owner));
		const now = Date.now();
		await keepPractised(link, newId(), practised('old', now - 401 * 86_400_000));
		await keepPractised(link, newId(), practised('new', now));
		await keepPractised(link, newId(), practised('newer', now));
		expect((await learnerBehind(link))!.practised.map(({ of }) => of).sort()).toEqual(['new', 'newer']);
		await database().query(
			`insert into practised (id, learner_id, record, at)
			select gen_random_uuid(), $1, '{}', now() - n * interval '1 second' from generate_series(1, 6000) as n`,
			[id]
		);
		await keepPractised(link, newId(), practised('newest', now + 1_000));
		const { rows } = await database().query(
			'select count(*)::int as count from practised where learner_id = $1',
			[id]
		);
		expect(rows[0].count).toBe(6_000);
	});
});

describe('what is deleted is in no table any more', () => {
	it('of a learner, of a class, and of a teacher', async () => {
		const owner = await newTeacher();
		const [title, wren, siskin, of, name] = [marked(), marked(), marked(), marked(), marked()];
		const classId = await classOf(owner, title);
		const [one, two] = [await learnerOf(owner, classId, wren), await learnerOf(owner, classId, siskin)];
		await keepPractised(one.link, newId(), practised(of));
		await keepPractised(two.link, newId(), practised(siskin));
		expect(await tablesWith(wren)).toEqual(['learners']);
		expect(await tablesWith(of)).toEqual(['practised']);
		expect(await deleteLearner(owner, classId, one.id)).toBe(true);
		for (const word of [wren, of, one.link]) expect(await tablesWith(word)).toEqual([]);
		expect(await tablesWith(siskin)).toEqual(['learners', 'practised']);
		expect(await deleteLearnerClass(owner, classId)).toBe(true);
		for (const word of [title, siskin, two.link]) expect(await tablesWith(word)).toEqual([]);

		// With an account goes all of it: learners, and those who follow a class.
		const again = await classOf(owner, title);
		const third = await learnerOf(owner, again, wren);
		await keepPractised(third.link, newId(), practised(of));
		const lessonId = newId();
		const lesson = emptyLesson(title);
		await addLesson(owner, lessonId, lesson);
		const following = (await openFollowing(owner, lessonId, {
			id: newId(),
			code: of.slice(0, 9),
			lesson,
			leader: newId(),
			moment: MOMENT
		}))!;
		const token = Buffer.from(marked());
		await addFollower(following.id, token);
		const follower = (await findFollower(following.code, token))!;
		await keepSaid(follower, { says: 'waits', n: 1, part: 'p', away: null, name: name.slice(0, 30) });
		expect(await tablesWith(name.slice(0, 30))).toEqual(['followers']);
		await deleteTeacher(owner);
		for (const word of [title, wren, of, third.link, name.slice(0, 30), following.code])
			expect(await tablesWith(word), word).toEqual([]);
		expect(await tablesWith(owner)).toEqual([]);
	});
});
