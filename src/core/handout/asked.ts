import * as z from 'zod/mini';
import { handoutOptionsShape, type HandoutOptions } from './options';

/** The kinds of file a handout is made into. */
export const HANDOUT_FILES = ['html', 'pdf', 'epub', 'md', 'json'] as const;
export type HandoutFile = (typeof HANDOUT_FILES)[number];

/** Most sheets that are made in one go: one for each learner of a large class. */
export const MOST_VARIANTS = 60;

/** What a teacher asks to be made: sheets in one or more variants, those of a course in one, or a poster of a part that is shown. */
export const askedShape = z.readonly(
	z.discriminatedUnion('kind', [
		z.strictObject({
			kind: z.literal('sheets'),
			as: z.enum(HANDOUT_FILES),
			variants: z.array(handoutOptionsShape).check(z.minLength(1), z.maxLength(MOST_VARIANTS))
		}),
		/** the sheets of several lessons in one file, under one title */
		z.strictObject({
			kind: z.literal('course'),
			as: z.enum(HANDOUT_FILES),
			title: z.string().check(z.maxLength(200)),
			lessons: z.array(z.uuid()).check(z.minLength(1), z.maxLength(100)),
			options: handoutOptionsShape
		}),
		z.strictObject({
			kind: z.literal('poster'),
			part: z.string().check(z.maxLength(64)),
			options: handoutOptionsShape
		})
	])
);
export type Asked = z.infer<typeof askedShape>;

/** How a variant is told from the others, short enough for the name of a file; empty for everybody's. */
export function variantName({
	learner,
	hand,
	keep,
	yarnHand,
	terms,
	school,
	large,
	paper
}: HandoutOptions): string {
	return [
		learner ?? '',
		hand ? `${hand}-handed${keep ? `, same ${keep}` : ''}` : '',
		yarnHand ? `yarn ${yarnHand}` : '',
		terms?.toUpperCase() ?? '',
		school ? `names ${school}` : '',
		large ? 'large print' : '',
		paper === 'letter' ? 'letter' : ''
	]
		.filter(Boolean)
		.join(', ');
}

/** What is other in a variant than in the first of its go. */
export function differing(options: HandoutOptions, first: HandoutOptions): HandoutOptions {
	const other = Object.entries(options).filter(
		([key, value]) => JSON.stringify(value) !== JSON.stringify(first[key as keyof HandoutOptions])
	);
	return Object.fromEntries(other);
}

/** A name that any system takes for a file, with what it is told by behind its title. */
export function fileNameOf(title: string, variant: string, ending: string): string {
	const name = [title, variant].filter(Boolean).join(', ');
	const plain = name
		.replaceAll('/', '-')
		.replace(/[\p{Cc}<>:"/\\|?*]/gu, ' ')
		.replace(/\s+/g, ' ')
		.trim();
	return `${plain.slice(0, 120) || 'sheet'}.${ending}`;
}
