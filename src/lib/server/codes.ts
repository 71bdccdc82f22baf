import { createHash, randomBytes } from 'node:crypto';

/** Letters and digits that nobody mistakes for each other when they are written by hand (Crockford's base 32). */
const LETTERS = '0123456789ABCDEFGHJKMNPQRSTVWXYZ';

/** A code of so many letters, each of five bits that nobody can foresee. */
export const newCode = (length: number): string =>
	[...randomBytes(length)].map((byte) => LETTERS[byte % LETTERS.length]).join('');

/** A link that nobody guesses: 128 bits, as an address holds them. */
export const newLink = (): string => randomBytes(16).toString('base64url');

/** Whether something from an address can be such a link at all. */
export const isLink = (text: string): boolean => /^[\w-]{22}$/.test(text);

/** No code is longer, however much was typed. */
const LONGEST = 40;

/** A code as it was typed: what is no letter or digit left out, letters that look like digits set right. */
export const plainCode = (code: string): string =>
	code
		.slice(0, LONGEST)
		.toUpperCase()
		.replace(/[^0-9A-Z]/g, '')
		.replace(/O/g, '0')
		.replace(/[IL]/g, '1');

/** What is kept of a token or code: read from the database, it opens nothing. */
export const hashOf = (token: string): Buffer => createHash('sha256').update(token).digest();
