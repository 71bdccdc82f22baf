import type { Lesson } from '../lesson/lesson';
import { swatchOf } from '../lesson/rows';
import { knittingMinutes } from './knitting';
import type { Rates } from './rates';

/** Rows that learners bring along knitted: those of a swatch below the first that a part of the lesson works. */
export interface KnittedBefore {
	readonly title: string;
	readonly castOn: number;
	/** rows of the swatch, from 1 */
	readonly rows: number;
	/** how long that takes a learner, in whole minutes */
	readonly minutes: number;
}

/** What must be knitted before a class: swatches that it begins to knit in the middle of. */
export const knittedBefore = (lesson: Lesson, rates: Rates): KnittedBefore[] =>
	lesson.swatches.flatMap(({ id, title }) => {
		const begun = lesson.parts.flatMap((part) =>
			(part.kind === 'swatch' || part.kind === 'practice') && part.swatch === id ? [part.from ?? 1] : []
		);
		const rows = Math.min(...begun) - 1;
		const working = swatchOf(lesson, id);
		if (begun.length === 0 || rows < 1 || !working) return [];
		const { castOn } = working.fabric;
		const minutes = Math.ceil(knittingMinutes(castOn, rows, lesson.level, rates));
		return [{ title, castOn, rows, minutes }];
	});

/** That in a sentence: `A strip to practise on: cast on 18 and knit rows 1 to 4, about 9 minutes.` */
export const knittedBeforeSaid = ({ title, castOn, rows, minutes }: KnittedBefore): string =>
	`${title || 'The rows'}: cast on ${castOn} and knit ${rows === 1 ? 'row 1' : `rows 1 to ${rows}`}, about ${minutes === 1 ? 'a minute' : `${minutes} minutes`}.`;
