import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { readName } from '../naming/read';
import { droppedLesson, minutesAsTaken } from './afterClass';
import { CLASS_FORMAT, classShape, minutesTaken, type ClassRecord, type Taken } from './classRecord';
import { lateBy, savings } from './clock';
import { estimateOf, groundsOf } from '../planning/estimate';
import { learnRates } from './learn';
import { emptyLesson, type Lesson, type Part } from '../lesson/lesson';
import { countSaid, lateSaid } from './minutes';
import { RATES, USUAL_RATES, type RateId, type Rates } from '../planning/rates';
import { repeatsOf } from './repeats';
import { minutesSinceRest } from './rest';
import { retold, toldIn } from '../telling/said';
import { rowsShown } from './showing';
import { unwrap } from '../result';

const crossing = (name: string) => {
	const answer = unwrap(readName(name));
	return answer.readings[0].crossing;
};

const parts: Part[] = [
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
const lesson: Lesson = {
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

const taken = (part: Part, seconds: number, more: Partial<Taken> = {}): Taken => ({
	part: part.id,
	title: part.title,
	planned: part.minutes,
	seconds,
	...groundsOf(lesson, part),
	...more
});
const record = (...took: Taken[]): ClassRecord => ({
	format: CLASS_FORMAT,
	level: 'beginner',
	began: '2026-11-26T19:00',
	ended: '2026-11-26T20:30',
	parts: took
});

/** A part that rests on one rate alone, and took so many times what it should. */
const alone = (rate: RateId, times: number): Taken => ({
	part: rate,
	title: rate,
	planned: 10,
	seconds: Math.round(times * 10 * USUAL_RATES[rate].beginner * 60),
	units: { [rate]: 10 },
	fixed: 0
});

describe('the grounds of an estimate', () => {
	it('add up to it again, at any rates', () => {
		const some = fc.double({ min: 0.1, max: 120, noNaN: true });
		const anyRates = fc
			.tuple(...RATES.map(() => some))
			.map((values) =>
				Object.fromEntries(
					RATES.map(({ id }, i) => [id, { beginner: values[i], improver: values[i], confident: values[i] }])
				)
			) as fc.Arbitrary<Rates>;
		fc.assert(
			fc.property(anyRates, fc.constantFrom(...parts), (rates, part) => {
				const { units, fixed } = groundsOf(lesson, part);
				const sum = RATES.reduce((all, { id }) => all + (units[id] ?? 0) * rates[id].beginner, fixed);
				expect(estimateOf(lesson, part, rates)).toBe(Math.max(1, Math.ceil(sum - 0.01)));
			})
		);
	});
});

describe('rates learned from classes', () => {
	it('stay as they are when classes take what was estimated', () => {
		const exact = parts.map((part) => {
			const { units, fixed } = groundsOf(lesson, part);
			const minutes = RATES.reduce((sum, { id }) => sum + (units[id] ?? 0) * USUAL_RATES[id].beginner, fixed);
			return taken(part, Math.round(minutes * 60));
		});
		expect(learnRates([record(...exact)], USUAL_RATES)).toEqual([]);
	});

	it('go half of the way for one part, and nearly all of it for many', () => {
		expect(learnRates([record(alone('stitch', 2))], USUAL_RATES)).toEqual([
			{ rate: 'stitch', level: 'beginner', was: 6, is: 9, parts: 1 }
		]);
		const many = Array.from({ length: 19 }, () => record(alone('stitch', 2)));
		expect(learnRates(many, USUAL_RATES)[0]).toMatchObject({ is: 11.5, parts: 19 });
	});

	it('are the same however often they are taken up, and say nothing once they are', () => {
		const records = [record(alone('movement', 1.5), taken(parts[2], 1_500)), record(alone('hands', 0.5))];
		const once = learnRates(records, USUAL_RATES);
		expect(once.length).toBeGreaterThan(0);
		const rates = { ...USUAL_RATES } as Record<RateId, Rates[RateId]>;
		for (const { rate, level, is } of once) rates[rate] = { ...rates[rate], [level]: is };
		expect(learnRates(records, rates)).toEqual([]);
	});

	it('pass over what was dropped, skipped, or about something else', () => {
		const odd = [
			alone('stitch', 8),
			{ ...alone('stitch', 2), dropped: true },
			{ ...alone('stitch', 2), seconds: 5 }
		];
		expect(learnRates([record(...odd)], USUAL_RATES)).toEqual([]);
	});

	it('lie between the usual ones and what was seen', () => {
		fc.assert(
			fc.property(
				fc.array(fc.double({ min: 0.4, max: 2.5, noNaN: true }), { minLength: 1, maxLength: 12 }),
				(times) => {
					const [found] = learnRates(
						times.map((one) => record(alone('movement', one))),
						USUAL_RATES
					);
					const usual = USUAL_RATES.movement.beginner;
					const mean = times.reduce((sum, one) => sum + one, 0) / times.length;
					const is = found?.is ?? usual;
					expect(is).toBeGreaterThanOrEqual(Math.min(usual, usual * mean) - 0.5);
					expect(is).toBeLessThanOrEqual(Math.max(usual, usual * mean) + 0.5);
				}
			)
		);
	});
});

describe('the clock of a class', () => {
	it('is on time inside a part’s own minutes, and late past them', () => {
		expect(lateBy(lesson, 0, { hello: 300 })).toBe(0);
		expect(lateBy(lesson, 0, { hello: 480 })).toBe(2);
		expect(lateBy(lesson, 1, { hello: 240, show: 60 })).toBe(-2);
		expect(lateBy(lesson, 1, { hello: 240, show: 660 })).toBe(0);
		expect(lateBy(lesson, 9, {})).toBe(0);
	});

	it('offers what can be spared, and never the rest, the practice or the question', () => {
		const found = savings(lesson, 1, 200, USUAL_RATES);
		const dropped = found.filter(({ does }) => does === 'drop').map(({ part }) => part.id);
		expect(dropped).toEqual(['end', 'again']);
		for (const { part, does, to, saves } of found) {
			if (does === 'shorten') expect(to).toBe(estimateOf(lesson, part));
			expect(saves).toBe(part.minutes - to);
		}
		expect(new Set(found.map(({ part }) => part.id)).size).toBe(found.length);
	});

	it('offers no more than is wanted', () => {
		fc.assert(
			fc.property(fc.integer({ min: 1, max: 40 }), fc.integer({ min: 0, max: 6 }), (late, at) => {
				const found = savings(lesson, at, late, USUAL_RATES);
				const all = found.reduce((sum, { saves }) => sum + saves, 0);
				expect(all - (found.at(-1)?.saves ?? 0)).toBeLessThan(late);
			})
		);
	});

	it('says when hands rested last', () => {
		expect(minutesSinceRest(lesson, [{ part: 'knit', seconds: 600 }])).toBe(10);
		const after = [
			{ part: 'knit', seconds: 600 },
			{ part: 'rest', seconds: 90 },
			{ part: 'again', seconds: 120 }
		];
		expect(minutesSinceRest(lesson, after)).toBe(2);
		// Passed over is not rested.
		expect(
			minutesSinceRest(lesson, [
				{ part: 'knit', seconds: 600 },
				{ part: 'rest', seconds: 5 }
			])
		).toBeGreaterThan(10);
	});

	it.each([
		[0, '0:00'],
		[1, '0:01'],
		[59_001, '1:00'],
		[900_000, '15:00'],
		[-5, '0:00']
	])('counts %d ms down as %s', (ms, said) => expect(countSaid(ms)).toBe(said));

	it.each([
		[0.4, 'on time'],
		[1.2, '1 minute late'],
		[-2, '2 minutes ahead']
	])('says %d as %s', (late, said) => expect(lateSaid(late)).toBe(said));
});

describe('the times a part is shown', () => {
	const show = parts[1] as Extract<Part, { kind: 'show' }>;
	const said = (fields: Partial<typeof show>) =>
		repeatsOf({ ...show, ...fields }, { yarnHand: 'right' }).map((one) => one.said);

	it('are said, the second slower', () => expect(said({})).toEqual(['first time', 'second time, slower']));
	it('are silent when there is one', () => expect(said({ times: 1, pace: 'steady' })).toEqual(['']));
	it('come for both hands that carry the yarn', () => {
		expect(said({ yarnHands: 'both', times: 1, pace: 'steady' })).toEqual([
			'yarn in the right hand',
			'yarn in the left hand'
		]);
		const both = repeatsOf({ ...show, yarnHands: 'both' }, { yarnHand: 'left' });
		expect(both.map(({ yarnHand }) => yarnHand)).toEqual(['left', 'left', 'right', 'right']);
	});
	it('have words past the tenth', () => {
		const many = said({ times: 23, pace: 'steady' });
		expect([many[10], many[12], many[20], many[21], many[22]]).toEqual([
			'11th time',
			'13th time',
			'21st time',
			'22nd time',
			'23rd time'
		]);
	});
});

describe('a lesson told in other names and words', () => {
	it('has the names of one school, its own and others that can be read', () => {
		const told = retold(lesson, { school: 'words', terms: 'uk' });
		expect(told.crossings[0].name).toBe('two over two right cross');
		expect(told.parts[1].title).toBe('Show two over two right cross');
		expect(told.parts[7].text).toBe(
			'Mind the tension of two over two right cross and three over one left purl cross.'
		);
		// Rows are read by their own names.
		expect(told.swatches[0].text).toBe(lesson.swatches[0].text);
	});

	it('leaves a name that is a part of another alone', () => {
		expect(toldIn(lesson, { school: 'lean' })('12/2 RC, x2/2 RC')).toBe('12/2 RC, x2/2 RC');
	});

	it('is the same when nothing is asked', () => expect(retold(lesson, {})).toEqual(lesson));
});

describe('rows of a part', () => {
	it('are those it knits', () => {
		expect(rowsShown(lesson, parts[6])?.steps).toEqual([1, 2, 3]);
		expect(rowsShown(lesson, parts[0])).toBeNull();
	});
});

describe('after class', () => {
	const given = record(
		taken(parts[0], 500),
		taken(parts[1], 0),
		taken(parts[2], 905),
		taken(parts[4], 0, { dropped: true })
	);

	it('is kept in its open format', () => {
		expect(classShape.safeParse(JSON.parse(JSON.stringify(given))).success).toBe(true);
		expect(minutesTaken(given)).toBe(23);
	});

	it('gives parts the minutes they took, those alone that were on', () => {
		expect(minutesAsTaken(lesson, given)).toEqual([{ part: 'hello', title: 'Hello', was: 6, minutes: 9 }]);
	});

	it('puts what was left out into a lesson of its own', () => {
		expect(droppedLesson(lesson, given)).toMatchObject({
			title: 'Two over two: what was left',
			parts: [{ id: 'again' }],
			minutes: 15
		});
		expect(droppedLesson(lesson, record(taken(parts[0], 500)))).toBeNull();
	});
});
