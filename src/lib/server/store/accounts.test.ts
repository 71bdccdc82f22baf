import { createHash, randomUUID } from 'node:crypto';
import { describe, expect, it } from 'vitest';
import { database } from '$lib/server/pool';
import { freshSchema, newTeacher } from '../../../../tests/support/database';
import {
	addSession,
	addTeacher,
	countCodes,
	countTry,
	deleteTeacher,
	endSession,
	endSessions,
	findPassword,
	findSession,
	forgetFailures,
	keepCodes,
	setPasswordByCode,
	takeBackTry,
	useSession,
	WINDOW_MINUTES
} from './accounts';

freshSchema();

const hash = (text: string) => createHash('sha256').update(text).digest();

describe('an account', () => {
	it('has a name to sign in with that nobody else has, also of two who ask at once', async () => {
		const made = await Promise.all(['a', 'b', 'c'].map((name) => addTeacher('heron', name, 'hash')));
		expect(made.filter((id) => id !== null)).toHaveLength(1);
		expect(await findPassword({ signIn: 'heron' })).toMatchObject({ password: 'hash' });
		expect(await findPassword({ signIn: 'bittern' })).toBeNull();
	});

	it('goes with everything that is its teacher’s', async () => {
		const teacher = (await addTeacher('otter', 'Otter', 'hash'))!;
		await addSession(hash('token'), teacher);
		await keepCodes(teacher, [hash('code')]);
		await deleteTeacher(teacher);
		expect([await findPassword({ id: teacher }), await findSession(hash('token'))]).toEqual([null, null]);
	});
});

describe('recovery codes', () => {
	it('set a password once each, for their own teacher only', async () => {
		const teacher = (await addTeacher('alder', 'Alder', 'old'))!;
		await addTeacher('willow', 'Willow', 'old');
		await keepCodes(teacher, ['one', 'two'].map(hash));
		expect(await setPasswordByCode('willow', hash('one'), 'theirs')).toBeNull();
		const used = await Promise.all(
			Array.from({ length: 5 }, (_, n) => setPasswordByCode('alder', hash('one'), `new ${n}`))
		);
		expect(used.filter((id) => id === teacher)).toHaveLength(1);
		expect([await countCodes(teacher), (await findPassword({ id: teacher }))?.password]).toEqual([
			1,
			`new ${used.indexOf(teacher)}`
		]);
		await keepCodes(teacher, [hash('three')]);
		expect([await countCodes(teacher), await setPasswordByCode('alder', hash('two'), 'x')]).toEqual([
			1,
			null
		]);
	});
});

describe('a session', () => {
	const age = (token: string, column: 'seen_at' | 'made_at', days: number) =>
		database().query(
			`update sessions set ${column} = now() - make_interval(days => $2) where token_hash = $1`,
			[hash(token), days]
		);

	it('is its teacher’s until it is ended, or was not used for a month, or is half a year old', async () => {
		const teacher = await newTeacher('Heron');
		for (const token of ['fresh', 'idle', 'old', 'ended']) await addSession(hash(token), teacher);
		await age('idle', 'seen_at', 31);
		await age('old', 'made_at', 181);
		await endSession(hash('ended'));
		const found = await Promise.all(
			['fresh', 'idle', 'old', 'ended', 'never'].map((one) => findSession(hash(one)))
		);
		expect(found.map((one) => one?.name ?? null)).toEqual(['Heron', null, null, null, null]);
		// The next one that begins forgets those that have run out.
		await addSession(hash('next'), teacher);
		const { rows } = await database().query<{ n: number }>(
			'select count(*)::int as n from sessions where teacher = $1',
			[teacher]
		);
		expect(rows[0].n).toBe(2);
		await endSessions(teacher);
		expect(await findSession(hash('fresh'))).toBeNull();
	});

	it('says whether it was used today', async () => {
		const teacher = await newTeacher();
		await addSession(hash('daily'), teacher);
		await age('daily', 'seen_at', 2);
		expect((await findSession(hash('daily')))?.used).toBe(false);
		await useSession(hash('daily'));
		expect((await findSession(hash('daily')))?.used).toBe(true);
	});
});

describe('tries at the door', () => {
	it('are counted before they are looked at: of two hundred at once as many go on as may', async () => {
		const who = randomUUID();
		const letIn = await Promise.all(Array.from({ length: 200 }, () => countTry([[who, 8]])));
		expect(letIn.filter(Boolean)).toHaveLength(8);
	});

	it('that are too many of one kind count for no other, so that nobody locks a room out', async () => {
		const [name, address] = [randomUUID(), randomUUID()];
		for (let n = 0; n < 20; n++)
			await countTry([
				[name, 3],
				[address, 10]
			]);
		const others = await Promise.all(Array.from({ length: 10 }, () => countTry([[address, 10]])));
		expect(others.filter(Boolean)).toHaveLength(7);
	});

	it('count no more after a while, when they were right, or when all is forgotten', async () => {
		const who = randomUUID();
		await countTry([[who, 1]]);
		expect(await countTry([[who, 1]])).toBe(false);
		await takeBackTry(who);
		expect(await countTry([[who, 1]])).toBe(true);
		await forgetFailures(who);
		expect(await countTry([[who, 1]])).toBe(true);
		await database().query(
			`update failed_sign_ins set tried_at = now() - make_interval(mins => $2) where who = $1`,
			[who, WINDOW_MINUTES + 1]
		);
		expect(await countTry([[who, 1]])).toBe(true);
	});
});
