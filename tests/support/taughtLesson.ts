import type { ClassRecord, Taken } from '../../src/core/teaching/classRecord';
import { CLASS_FORMAT } from '../../src/core/teaching/classRecord';
import { emptyLesson, type Lesson, type Part } from '../../src/core/lesson/lesson';
import { readName } from '../../src/core/naming/read';
import { groundsOf } from '../../src/core/planning/estimate';
import { USUAL_RATES, type RateId } from '../../src/core/planning/rates';
import { unwrap } from '../../src/core/result';

/** A lesson as a class is given it, and what was noted of such classes. */

export const crossing = (name: string) => {
	const answer = unwrap(readName(name));
	return answer.readings[0].crossing;
};

export const parts: Part[] = [
	{ id: 'hello', kind: 'explain', title: 'Hello', minutes: 6 },
	{
		id: 'show',
		kind: 'show',
		title: 'Show 2/2 RC',
		minutes: 9,
		crossing: 'a',
		way: 'cn-off',
		times: 2,
		pace: 'slow'
	},
	{ id: 'knit', kind: 'practice', title: 'Knit it', minutes: 15, crossing: 'a', times: 3 },
	{ id: 'rest', kind: 'care', title: 'Rest', minutes: 3 },
	{ id: 'again', kind: 'show', title: 'Without', minutes: 8, crossing: 'a', way: 'free-left-start' },
	{
		id: 'ask',
		kind: 'check',
		title: 'Ask',
		minutes: 3,
		crossing: 'a',
		question: 'What lies in front of 2/2 RC?',
		answer: 'a'
	},
	{ id: 'rope', kind: 'swatch', title: 'Rows', minutes: 30, swatch: 's', from: 2, to: 4 },
	{ id: 'end', kind: 'note', title: 'A note', minutes: 5, text: 'Mind the gauge of 2/2 RC and 3/1 LPC.' }
];

export const lesson: Lesson = {
	...emptyLesson('Two over two'),
	crossings: [{ id: 'a', name: '2/2 RC', crossing: crossing('2/2 RC') }],
	swatches: [
		{
			id: 's',
			title: 'A rope',
			text: 'Cast on 8.\nRow 1: p2, k4, p2.\nRow 2: k2, p4, k2.\nRow 3: p2, 2/2 RC, p2.\nRow 4: k2, p4, k2.'
		}
	],
	parts
};

export const taken = (part: Part, seconds: number, more: Partial<Taken> = {}): Taken => ({
	part: part.id,
	title: part.title,
	planned: part.minutes,
	seconds,
	...groundsOf(lesson, part),
	...more
});

export const record = (...took: Taken[]): ClassRecord => ({
	format: CLASS_FORMAT,
	level: 'beginner',
	began: '2026-11-26T19:00',
	ended: '2026-11-26T20:30',
	parts: took
});

/** A part that rests on one rate alone, and took so many times what it should. */
export const alone = (rate: RateId, times: number): Taken => ({
	part: rate,
	title: rate,
	planned: 10,
	seconds: Math.round(times * 10 * USUAL_RATES[rate].beginner * 60),
	units: { [rate]: 10 },
	fixed: 0
});
