import * as z from 'zod/mini';
import type { Voice } from '../hands/voice';
import type { Learner, Lesson } from '../lesson/lesson';
import type { Telling } from '../telling/said';
import { supportedLocale } from '../locale';
import { WRITTEN_SCHOOLS } from '../naming/schools';

/** For whom a sheet is made, and how: what a teacher, or the command line, says of it. */
export const handoutOptionsShape = z.readonly(
	z.partial(
		z.strictObject({
			paper: z.enum(['a4', 'letter']),
			hand: z.enum(['right', 'left']),
			keep: z.enum(['words', 'fabric']),
			yarnHand: z.enum(['right', 'left']),
			terms: z.enum(['us', 'uk']),
			school: z.enum(WRITTEN_SCHOOLS),
			large: z.boolean(),
			/** as few pages as can be read: small pictures, one sentence a step */
			compact: z.boolean(),
			/** the teacher's name */
			by: z.string().check(z.maxLength(80)),
			/** the learner's name */
			learner: z.string().check(z.maxLength(80)),
			/** the parts that go home, in their order; those that usually do, where nothing is said */
			parts: z.array(z.string().check(z.maxLength(64))).check(z.maxLength(400)),
			/** how long the piece is to be, in millimetres */
			wishedMm: z.number().check(z.minimum(20), z.maximum(5_000)),
			/** rows to 10 cm */
			rows: z.number().check(z.minimum(5), z.maximum(99)),
			/** how numbers are written, as in `de-DE`; as in English, where nothing is said */
			locale: z.string().check(
				z.maxLength(35),
				z.refine((locale) => supportedLocale(locale) !== undefined, 'no known locale')
			)
		})
	)
);
export type HandoutOptions = z.infer<typeof handoutOptionsShape>;

/** Whose hands and words a sheet is in: what the options leave open is as the lesson has it, or as most have it. */
export function voiceFor(lesson: Lesson, options: HandoutOptions): Voice {
	return {
		hand: options.hand ?? 'right',
		keep: options.keep ?? 'fabric',
		yarnHand: options.yarnHand ?? 'right',
		terms: options.terms ?? lesson.names?.terms ?? 'us',
		units: options.paper === 'letter' ? 'in' : 'cm',
		...(options.locale ? { locale: options.locale } : {})
	};
}

/** The sheet of somebody on the class list, all else as it is chosen. */
export const sheetOf = (
	{ name, hand, keep, yarnHand, terms, large }: Learner,
	chosen: HandoutOptions
): HandoutOptions => ({
	...chosen,
	hand,
	keep: hand === 'left' ? (keep ?? 'fabric') : undefined,
	yarnHand: yarnHand ?? chosen.yarnHand,
	terms: terms ?? chosen.terms,
	large: large ?? false,
	compact: large ? false : chosen.compact,
	learner: name.trim() || undefined
});

/** The names and words a sheet is told in. */
export const tellingFor = ({ school, terms }: HandoutOptions): Telling => ({ school, terms });

/** For whom a sheet is, in words; empty for everybody's. */
export function forSaid({ hand, keep, yarnHand, large, learner }: HandoutOptions): string {
	const words = [
		hand === 'left'
			? `for left-handed knitters, keeping the ${keep === 'words' ? 'words: the rope leans the other way' : 'fabric: the rope leans as everyone’s does'}`
			: '',
		yarnHand === 'left' ? 'yarn in the left hand' : '',
		large ? 'large print' : ''
	];
	const said = [learner ? `for ${learner}` : '', ...words].filter(Boolean).join(', ');
	return said && said[0].toUpperCase() + said.slice(1);
}
