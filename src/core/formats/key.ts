import * as z from 'zod/mini';
import { crossingShape } from '../crossing/schema';
import { readKey } from '../naming/key';
import { mapResult, type Result } from '../result';
import { printCrossing } from './crossing';
import { parseShape } from './json';

export const KEY_FORMAT = 'pond-loop/key@1';

/** The shape of `pond-loop/key@1`: a pattern's key, each name with its definition and, where it has one, its crossing. */
export const keyShape = z.readonly(
	z.object({
		format: z.literal(KEY_FORMAT),
		title: z.string().check(z.maxLength(200)),
		lines: z.readonly(
			z
				.array(
					z.object({
						name: z.string().check(z.maxLength(200)),
						definition: z.optional(z.string().check(z.maxLength(2_000))),
						crossing: z.optional(crossingShape)
					})
				)
				.check(z.maxLength(200))
		)
	})
);

/** A key as it is typed: a title and one line a name. */
export interface KeyText {
	readonly title: string;
	readonly text: string;
}

/** A key as `pond-loop/key@1`; lines that settle one crossing carry it. */
export function printKey({ title, text }: KeyText): z.infer<typeof keyShape> {
	return {
		format: KEY_FORMAT,
		title,
		lines: readKey(text).map(({ label, definition, readings }) => ({
			name: label,
			...(definition ? { definition } : {}),
			...(readings.length === 1 ? { crossing: printCrossing(readings[0].crossing) } : {})
		}))
	};
}

/** A key from `pond-loop/key@1`. */
export function parseKey(value: unknown): Result<KeyText> {
	return mapResult(parseShape(keyShape, value, `a key in “${KEY_FORMAT}”`), ({ title, lines }) => ({
		title,
		text: lines.map(keyLineText).join('\n')
	}));
}

/** One line of a key as it is typed. */
export const keyLineText = ({ name, definition }: { name: string; definition?: string }): string =>
	(definition ? `${name}: ${definition}` : name).replace(/\s*\n\s*/g, ' ');
