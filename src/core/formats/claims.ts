import * as z from 'zod/mini';
import { RIGHT, claimsIn } from '../claims/claims';
import type { Claim } from '../claims/claim';
import { crossingShape } from '../crossing/schema';
import { good, type Result } from '../result';
import { parseCrossing } from './crossing';
import { parseShape } from './json';

const about = z.strictObject({
	name: z.string().check(z.maxLength(2_000)),
	crossing: z.optional(crossingShape)
});

/** A text whose claims are asked for, the crossings it is about, and whose hands read it. */
export const claimsAskedShape = z.strictObject({
	text: z.string().check(z.maxLength(20_000)),
	about: z.array(about).check(z.maxLength(24)),
	terms: z.optional(z.enum(['us', 'uk'])),
	hand: z.optional(z.enum(['right', 'left'])),
	keep: z.optional(z.enum(['words', 'fabric']))
});

/** The claims of a text from JSON; its crossings are proved first. */
export function claimsAsked(value: unknown): Result<{ claims: Claim[] }> {
	const asked = parseShape(claimsAskedShape, value, 'a text to read for claims');
	if (!asked.ok) return asked;
	for (const { crossing } of asked.value.about) {
		const proved = crossing ? parseCrossing(crossing) : null;
		if (proved && !proved.ok) return proved;
	}
	const { text, about: spokenOf, hand = RIGHT.hand, keep = RIGHT.keep } = asked.value;
	return good({ claims: claimsIn(text, spokenOf, { hand, keep }) });
}
