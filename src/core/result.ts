/**
 * What a user can get wrong: `unreadable` (not understood), `size` (a group of 0 or over 12 stitches,
 * or over 24 in all), `parity` (a brioche unit on the wrong kind of column), `conflict` (parts that disagree),
 * `away` (whoever was asked does not answer).
 */
export type FaultCode = 'unreadable' | 'size' | 'parity' | 'conflict' | 'away';

/** A fault says what was expected and what to do; `at` is the character or the move it speaks of, from 1. */
export interface Fault {
	readonly code: FaultCode;
	readonly message: string;
	readonly at?: number;
}

/** Faults of the user are values; what is thrown is a bug. */
export type Result<T> =
	| { readonly ok: true; readonly value: T }
	| { readonly ok: false; readonly error: Fault };

/** A value that was found. */
export const good = <T>(value: T): Result<T> => ({ ok: true, value });

/** What is wrong, in words for the user; `at` is the character of the text where it begins, from 1. */
export function fault(code: FaultCode, message: string, at?: number): Result<never> {
	return { ok: false, error: at === undefined ? { code, message } : { code, message, at } };
}

/** What is made of a good value; a fault stays as it is. */
export const mapResult = <T, R>(result: Result<T>, of: (value: T) => R): Result<R> =>
	result.ok ? good(of(result.value)) : result;

/** The good value; for tests, and where a fault would be a bug: that is thrown. */
export function unwrap<T>(result: Result<T>): T {
	if (!result.ok) throw new Error(result.error.message);
	return result.value;
}
