import { randomUUID } from 'node:crypto';
import { afterEach, describe, expect, it } from 'vitest';
import type { Asked } from '$core/handout/asked';
import { emptyLesson } from '$core/lesson/lesson';
import { database } from '$lib/server/pool';
import { freshSchema, newTeacher } from '../../../../tests/support/database';
import {
	addJob,
	cancelJob,
	claimJob,
	failJob,
	fileOfJob,
	findJob,
	finishJob,
	jobsOf,
	MOST_WAITING,
	noteProgress
} from './jobs';
import { addLesson } from './lessons';

freshSchema();
afterEach(() => database().query('delete from jobs'));

const ASKED: Asked = { kind: 'sheets', as: 'md', variants: [{}] };
const FILE = { name: 'sheet.md', type: 'text/markdown', bytes: Buffer.from('# Reeds') };

/** A teacher with a lesson, and how she asks for sheets of it. */
async function asker() {
	const owner = await newTeacher();
	const lesson = randomUUID();
	await addLesson(owner, lesson, emptyLesson('Reeds'));
	const ask = (id = randomUUID()) => addJob(owner, lesson, id, ASKED);
	return { owner, lesson, ask };
}

describe('jobs that are asked for', () => {
	it('are taken once, and of a lesson that is there', async () => {
		const { owner, lesson, ask } = await asker();
		const id = randomUUID();
		expect([await ask(id), await ask(id), (await jobsOf(owner, lesson)).length]).toEqual([
			'added',
			'added',
			1
		]);
		expect(await addJob(owner, randomUUID(), randomUUID(), ASKED)).toBe('missing');
		const other = await newTeacher();
		expect([await addJob(other, lesson, randomUUID(), ASKED), await findJob(other, id)]).toEqual([
			'missing',
			null
		]);
	});

	it('wait ten at most, also when many are asked for at once', async () => {
		const { ask } = await asker();
		const answers = await Promise.all(Array.from({ length: 30 }, () => ask()));
		expect(answers.filter((answer) => answer === 'added')).toHaveLength(MOST_WAITING);
		expect(new Set(answers)).toEqual(new Set(['added', 'full']));
	});
});

describe('jobs that are made', () => {
	it('are had by one maker at a time, until that lets go', async () => {
		const { ask } = await asker();
		await ask();
		const claimed = await Promise.all([claimJob(), claimJob(), claimJob()]);
		const mine = claimed.filter((job) => job !== null);
		expect(mine).toHaveLength(1);
		expect(await claimJob()).toBeNull();
		await mine[0].release();
		const again = await claimJob();
		expect(again?.id).toBe(mine[0].id);
		await again!.release();
	});

	it('come in turn by teacher, whoever asked for more', async () => {
		const [greedy, modest] = [await asker(), await asker()];
		for (let n = 0; n < 4; n++) await greedy.ask();
		const hers = randomUUID();
		await modest.ask(hers);
		const order: string[] = [];
		for (let job = await claimJob(); job; job = await claimJob()) {
			order.push(job.owner);
			await finishJob(job.id, FILE);
			await job.release();
		}
		expect(order.indexOf(modest.owner)).toBe(1);
		expect(order).toHaveLength(5);
	});

	it('that break off three times are given up, in words', async () => {
		const { owner, ask } = await asker();
		const id = randomUUID();
		await ask(id);
		for (let tries = 0; tries < 3; tries++) await (await claimJob())!.release();
		expect(await claimJob()).toBeNull();
		expect(await findJob(owner, id)).toMatchObject({
			state: 'failed',
			said: expect.stringContaining('broke off again and again')
		});
	});

	it('that nobody came for are told so', async () => {
		const { owner, ask } = await asker();
		const id = randomUUID();
		await ask(id);
		await database().query(`update jobs set asked_at = now() - interval '2 hours' where id = $1`, [id]);
		expect([await claimJob(), (await findJob(owner, id))?.state]).toEqual([null, 'failed']);
	});

	it('say how far they are, and have a file at the end for their teacher alone', async () => {
		const { owner, ask } = await asker();
		const id = randomUUID();
		await ask(id);
		expect(await noteProgress(id, 1, 3)).toBe(true);
		expect(await findJob(owner, id)).toMatchObject({ state: 'waiting', done: 1, of: 3 });
		expect(await fileOfJob(owner, id)).toBeNull();
		await finishJob(id, FILE);
		expect(await findJob(owner, id)).toMatchObject({ state: 'done', done: 3, name: FILE.name });
		expect(await fileOfJob(owner, id)).toEqual(FILE);
		expect(await fileOfJob(await newTeacher(), id)).toBeNull();
	});

	it('that are called off meanwhile are not made', async () => {
		const { owner, ask } = await asker();
		const id = randomUUID();
		await ask(id);
		const job = (await claimJob())!;
		expect(await cancelJob(await newTeacher(), id)).toBe(true);
		expect(await noteProgress(id, 1, 3)).toBe(true);
		expect(await cancelJob(owner, id)).toBe(true);
		expect(await noteProgress(id, 2, 3)).toBe(false);
		await finishJob(id, FILE);
		await failJob(id, 'too late');
		expect(await findJob(owner, id)).toMatchObject({ state: 'cancelled', said: null });
		await job.release();
		// Once more throws it away.
		await cancelJob(owner, id);
		expect(await findJob(owner, id)).toBeNull();
	});
});
