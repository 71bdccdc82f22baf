import { randomBytes } from 'node:crypto';
import { hash, verify } from '@node-rs/argon2';
import type { Cookies } from '@sveltejs/kit';
import * as z from 'zod/mini';
import { fault, good, type Result } from '$core/result';
import { env } from '$env/dynamic/private';
import { hashOf, newCode, plainCode } from './codes';
import { isGuessable } from './guessable';
import { keepable } from './keepable';
import {
	addSession,
	addTeacher,
	countTry,
	demoTeacher,
	endSession,
	endSessions,
	findPassword,
	findSession,
	forgetFailures,
	keepCodes,
	setPasswordByCode,
	takeBackTry,
	useSession,
	WINDOW_MINUTES,
	type Limits
} from './store/accounts';
import { SHORTEST_PASSWORD } from '$lib/wire/account';
import { isFull } from './pool';
import { teacherOf, type Teacher } from './store/teachers';

const COOKIE = 'pond_session';
const COOKIE_SECONDS = 60 * 60 * 24 * 180;
/** Wrong passwords for one name, and from one address, before a rest. */
const MOST_FOR_NAME = 8;
const MOST_FROM_ADDRESS = 40;
/** Wrong codes from one address before a rest; as many may come in at once that are right. */
const MOST_CODES = 400;
/** Accounts that are made from one address in a while: a room full of teachers, not a machine. */
const MOST_JOINS = 60;

/** Argon2id with the least memory and time that OWASP advises: 19 MiB, two rounds. */
const hashed = (password: string) => hash(password, { memoryCost: 19_456, timeCost: 2, parallelism: 1 });

/** Something to compare with when there is no such teacher, so that both answers take as long. */
let nobodysHash: Promise<string> | undefined;

export const signInShape = z
	.string()
	.check(z.trim(), z.toLowerCase(), z.regex(/^[a-z0-9][a-z0-9._@+-]{2,79}$/));
const passwordShape = z.string().check(z.minLength(SHORTEST_PASSWORD), z.maxLength(200));
// Something of a name is to be seen: letters or digits, and none of the signs that only look like nothing.
const nameShape = z
	.string()
	.check(z.trim(), z.maxLength(80), z.regex(/[\p{L}\p{N}]/u), z.regex(/^[^\p{Cc}\p{Cf}\p{Zl}\p{Zp}]*$/u));

/** Whether the demo may be opened on this server at all. */
export const demoAllowed = (): boolean => env.POND_DEMO !== 'off';

/**
 * A new password as it is kept, or what is wrong with it.
 * @param known what is known of its owner, and so tried first
 */
export async function newPassword(password: unknown, known: readonly string[] = []): Promise<Result<string>> {
	if (!passwordShape.safeParse(password).success)
		return fault(
			'size',
			`A password has ${SHORTEST_PASSWORD} to 200 characters. A short sentence is a good one.`
		);
	if (isGuessable(password as string, known))
		return fault(
			'size',
			'That is one of the passwords that are guessed first. A short sentence of your own is a good one.'
		);
	return good(await hashed(password as string));
}

/** A teacher's name, or what is wrong with it. */
export function newName(name: unknown): Result<string> {
	const read = nameShape.safeParse(name);
	return read.success
		? good(read.data)
		: fault(
				'size',
				'Write the name your learners know you by: up to 80 characters, with letters or digits that can be seen.'
			);
}

/** Makes an account; gives the teacher's id. */
export async function join(
	signIn: unknown,
	name: unknown,
	password: unknown,
	address: string
): Promise<Result<string>> {
	const wanted = signInShape.safeParse(signIn);
	if (!wanted.success)
		return fault(
			'unreadable',
			'A sign-in name has 3 to 80 letters, digits, dots, dashes or an @, and begins with a letter or digit.'
		);
	const called = newName(name);
	if (!called.ok) return called;
	const tries = await counted([[`join ${address}`, MOST_JOINS]]);
	if (!tries.ok) return tries;
	const kept = await newPassword(password, [wanted.data, called.value]);
	if (!kept.ok) return kept;
	const teacher = await addTeacher(wanted.data, called.value, kept.value);
	return teacher
		? good(teacher)
		: fault('conflict', `“${wanted.data}” is taken. Choose another sign-in name.`);
}

/** Checks a name and a password; gives the teacher's id. */
export async function checkSignIn(
	signIn: string,
	password: string,
	address: string
): Promise<Result<string>> {
	const tries = await counted(signInLimits(signIn, address));
	if (!tries.ok) return tries;
	const wanted = signInShape.safeParse(signIn);
	const found = wanted.success ? await findPassword({ signIn: wanted.data }) : null;
	nobodysHash ??= hashed(randomBytes(16).toString('hex'));
	const right = await verify(found?.password ?? (await nobodysHash), password);
	if (!found || !right) return fault('conflict', 'Wrong name or password. Look at both once more.');
	await forgotten(signIn, address);
	return good(found.id);
}

const CODES = 8;
const CODE_LENGTH = 12;

/** New recovery codes in place of the old: 60 bits each, so that a plain hash of them opens nothing. */
export async function newCodes(teacher: string): Promise<string[]> {
	const codes = Array.from({ length: CODES }, () => newCode(CODE_LENGTH).replace(/(.{4})(?=.)/g, '$1-'));
	await keepCodes(
		teacher,
		codes.map((code) => hashOf(plainCode(code)))
	);
	return codes;
}

/** Chooses a new password with a recovery code; gives the teacher's id. Wrong codes count as wrong passwords do. */
export async function recover(
	signIn: string,
	code: string,
	password: unknown,
	address: string
): Promise<Result<string>> {
	const next = await newPassword(password, [signIn]);
	if (!next.ok) return next;
	const tries = await counted(signInLimits(signIn, address));
	if (!tries.ok) return tries;
	const wanted = signInShape.safeParse(signIn);
	const teacher = wanted.success
		? await setPasswordByCode(wanted.data, hashOf(plainCode(code)), next.value)
		: null;
	if (!teacher)
		return fault('conflict', 'This code is not one of yours, or was used before. Look at it once more.');
	// Whoever knew the old one is out.
	await endSessions(teacher);
	await forgotten(signIn, address);
	return good(teacher);
}

/** Counts a try before it is looked at, so that many at once are no more than many one by one; refuses one too many. */
const counted = async (limits: Limits): Promise<Result<null>> =>
	(await countTry(limits))
		? good(null)
		: fault('size', `Too many tries. Wait ${WINDOW_MINUTES} minutes, then try again.`);

/**
 * Looks for what a code opens. A try is counted before it is looked at and taken back where it was right, so that a room full
 * of phones behind one address comes in, and whoever guesses does not.
 */
export async function byCode<T>(address: string, find: () => Promise<T | null>): Promise<Result<T>> {
	const who = `code ${address}`;
	const tries = await counted([[who, MOST_CODES]]);
	if (!tries.ok) return tries;
	const found = await find();
	if (!found)
		return fault(
			'conflict',
			'Nothing is open under this code. Look at it once more; it has six letters and digits.'
		);
	await takeBackTry(who);
	return good(found);
}

const nameTried = (signIn: string) => `name ${keepable(signIn.trim().toLowerCase().slice(0, 80))}`;
const addressTried = (address: string) => `address ${address}`;
const signInLimits = (signIn: string, address: string): Limits => [
	[nameTried(signIn), MOST_FOR_NAME],
	[addressTried(address), MOST_FROM_ADDRESS]
];

/** What was right counts as no try of a name, and as none from its address: a whole class may sign in from one. */
async function forgotten(signIn: string, address: string): Promise<void> {
	await forgetFailures(nameTried(signIn));
	await takeBackTry(addressTried(address));
}

/** A teacher's password, asked for once more: wrong ones are counted as at the door. */
export async function provesPassword(teacher: string, password: string): Promise<Result<null>> {
	const who = `teacher ${teacher}`;
	const tries = await counted([[who, MOST_FOR_NAME]]);
	if (!tries.ok) return tries;
	const found = await findPassword({ id: teacher });
	if (!found || !(await verify(found.password, password)))
		return fault('conflict', 'That is not your password as it is now.');
	await forgetFailures(who);
	return good(null);
}

/** The demo teacher, where the demo is loaded and may be opened. */
export const openDemo = async (): Promise<string | null> => (demoAllowed() ? demoTeacher() : null);

/** Begins a session: this browser is the teacher's from now on. */
export async function begin(cookies: Cookies, teacher: string, secure: boolean): Promise<void> {
	const token = randomBytes(32).toString('base64url');
	await addSession(hashOf(token), teacher);
	cookies.set(COOKIE, token, {
		path: '/',
		httpOnly: true,
		sameSite: 'lax',
		secure,
		maxAge: COOKIE_SECONDS
	});
}

/** Ends this browser's session. */
export async function end(cookies: Cookies): Promise<void> {
	const token = cookies.get(COOKIE);
	if (token) await endSession(hashOf(token));
	cookies.delete(COOKIE, { path: '/' });
}

/** The session of this browser, as the store knows it. */
function sessionHash(cookies: Cookies): Buffer | undefined {
	const token = cookies.get(COOKIE);
	return token ? hashOf(token) : undefined;
}

/** What is only noted in passing may wait until a disk has room: reading goes on. */
export function unlessFull(error: unknown): void {
	if (!isFull(error)) throw error;
}

/** Who is signed in in this browser. */
export async function signedIn(cookies: Cookies): Promise<Teacher | null> {
	const session = sessionHash(cookies);
	const found = session && (await findSession(session));
	if (!found || (found.demo && !demoAllowed())) return null;
	if (!found.used) await useSession(session).catch(unlessFull);
	return teacherOf(found);
}
