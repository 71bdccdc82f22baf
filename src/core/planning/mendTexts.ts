import { rulesWith } from '../rules';
import { stripOf } from '../swatch/strip';
import { minutesOf, type Change, type Lesson, type Part } from '../lesson/lesson';
import { claimsOf } from './claimed';
import { LEFT_HANDED, leftSaid } from './leftSaid';
import type { LessonMend } from './lessonMend';
import { otherMediumIn } from './otherMedium';
import { unsettledNames } from './unsettled';

/** What is written in place of claims that do not hold, those of one part. */
export const claimMends = (lesson: Lesson, part: string | null): LessonMend[] =>
	claimsOf(lesson)
		.filter(({ holds, where, mend }) => holds === false && where.part === part && mend !== null)
		.map(({ where, mend }) => {
			const { from, to, text } = mend!;
			const written = `${where.text.slice(0, from)}${text}${where.text.slice(to)}`;
			return {
				says: `Write “${written.slice(from, from + text.length) || 'nothing'}” there`,
				changes: [where.put(written)]
			};
		});

/** One clear name in place of one that may mean several crossings. */
export const unsettledMends = (lesson: Lesson, part: string | null): LessonMend[] =>
	unsettledNames(lesson)
		.filter((one) => one.part === part)
		.flatMap(({ clear }) => clear.map(({ name, changes }) => ({ says: `Write ${name}`, changes })));

export const mediumMends = (lesson: Lesson, part: string | null): LessonMend[] =>
	otherMediumIn(lesson).flatMap(({ part: at, mend }) => (at === part && mend ? [mend] : []));

/** The minutes that there are, or words for those that are left. */
export function fillingMends(lesson: Lesson): LessonMend[] {
	const total = minutesOf(lesson);
	const longest = lesson.parts
		.filter(({ kind }) => kind === 'practice')
		.sort((a, b) => b.minutes - a.minutes)
		.at(0);
	const spare = lesson.minutes - total;
	return [
		...(longest
			? [
					{
						says: `Give “${longest.title}” ${spare} minutes more`,
						changes: [
							{ kind: 'set-part' as const, part: longest.id, fields: { minutes: longest.minutes + spare } }
						]
					}
				]
			: []),
		{ says: `Make the class ${total} minutes long`, changes: [{ kind: 'set', fields: { minutes: total } }] },
		{
			says: 'Say what there is more to do',
			changes: [
				{
					kind: 'set',
					fields: {
						more: `There are ${spare} minutes more: knit the strip on, and show each other what you do.`
					}
				}
			]
		}
	];
}

/** A tip for left hands in every part that shows a cross and has none; where nothing is shown, in the first picture. */
export function leftHandedMends(lesson: Lesson): LessonMend[] {
	const shows = lesson.parts.flatMap((part) => (part.kind === 'show' ? [part] : []));
	const pictures = lesson.parts.flatMap((part) => (part.kind === 'picture' ? [part] : []));
	const parts = (shows.length > 0 ? shows : pictures.slice(0, 1)).filter(
		({ text }) => !LEFT_HANDED.test(text ?? '')
	);
	const changes = parts.flatMap(({ id, text, crossing }): Change[] => {
		const taught = lesson.crossings.find((one) => one.id === crossing);
		if (!taught) return [];
		const told = [text, leftSaid(lesson, taught.crossing)].filter(Boolean).join('\n\n');
		return [{ kind: 'set-part', part: id, fields: { text: told } }];
	});
	const where =
		parts.length === 1 ? `in “${parts[0].title}”` : `in each of the ${parts.length} parts that show`;
	return changes.length > 0 ? [{ says: `Say ${where} what changes for left hands`, changes }] : [];
}

/** A strip to practise a cross on. */
export function stripMends(lesson: Lesson, part: Part | undefined): LessonMend[] {
	if (part?.kind !== 'practice') return [];
	const taught = lesson.crossings.find(({ id }) => id === part.crossing) ?? lesson.crossings.at(0);
	if (!taught) return [];
	const times = Math.min(part.times ?? 2, 8);
	const strip = stripOf([{ ...taught, times }], lesson.medium, rulesWith(lesson.rules));
	if (!strip.ok) return [];
	const id = `strip-${taught.id}`.slice(0, 64);
	const swatch = { id, title: `A strip for ${taught.name}`.slice(0, 200), text: strip.value.text };
	return [
		{
			says: `Write a strip for it: ${strip.value.castOn} stitches`,
			changes: [
				{ kind: 'put-swatch', swatch },
				{ kind: 'set-part', part: part.id, fields: { swatch: id, crossing: taught.id } }
			]
		}
	];
}
