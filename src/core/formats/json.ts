import * as z from 'zod/mini';
import { fault, good, type Result } from '../result';

z.config(z.locales.en());

/**
 * A value of the shape, or `unreadable` with the place and what was expected there.
 *
 * @param what how the message calls the whole, as in “a crossing”
 */
export function parseShape<Shape extends z.ZodMiniType>(
	shape: Shape,
	value: unknown,
	what: string
): Result<z.infer<Shape>> {
	const parsed = z.safeParse(shape, value);
	if (parsed.success) return good(parsed.data);
	const [issue] = parsed.error.issues;
	const place = issue.path.length > 0 ? ` At “${issue.path.join('.')}”:` : '';
	const message = issue.message.replace('received undefined', 'and nothing is there').replace(/\.$/, '');
	return fault('unreadable', `This is not ${what}.${place} ${message}.`);
}

/** The value that JSON text holds, or `unreadable` with the character where it breaks off when that is known. */
export function parseJson(text: string): Result<unknown> {
	try {
		return good(JSON.parse(text));
	} catch (error) {
		const at = /position (\d+)/.exec(String(error));
		return fault(
			'unreadable',
			'This begins like JSON but does not end like it: check quotes, commas and brackets.',
			at ? Number(at[1]) + 1 : undefined
		);
	}
}
