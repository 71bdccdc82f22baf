import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { minutesOf } from '../lesson/lesson';
import { readName } from '../naming/read';
import { good, unwrap } from '../result';
import {
	courseView,
	datesFrom,
	knownCrossings,
	nextInCourse,
	parseKnown,
	restsOn,
	swapLessons,
	type CourseLesson
} from './course';
import { draftLessons } from './draft';

const crossing = (name: string) => unwrap(readName(name)).readings[0].crossing;

const taught = (...names: string[]) =>
	names.map((name, i) => ({ id: String(i), name, crossing: crossing(name), saying: '' }));

const lesson = (id: string, ...names: string[]): CourseLesson => ({
	id,
	title: `Lesson ${id}`,
	level: 'improver',
	medium: 'hand',
	minutes: 90,
	crossings: taught(...names)
});

describe('a course', () => {
	it('says what each lesson teaches, takes as known and repeats', () => {
		const { steps, ladder } = courseView([
			lesson('a', '2/2 RC', '2/2 LC'),
			lesson('b', '2/2 RC', '3/3 RC'),
			lesson('c', '2/1 LPC')
		]);
		expect(steps).toEqual([
			{ lesson: 'a', teaches: ['2/2 RC', '2/2 LC'], takes: [], repeats: [] },
			{ lesson: 'b', teaches: ['3/3 RC'], takes: ['2/2 RC'], repeats: ['2/2 RC'] },
			{ lesson: 'c', teaches: ['2/1 LPC'], takes: ['2/2 LC'], repeats: [] }
		]);
		expect(ladder.map(({ name, gap }) => [name, gap])).toEqual([
			['2/2 RC', null],
			['2/2 LC', null],
			['3/3 RC', null],
			['2/1 LPC', null]
		]);
		expect(ladder[0].again).toEqual(['b']);
	});

	it('shows a gap where a hard cross comes before any that it rests on, unless learners bring one along', () => {
		const wide = [lesson('a', '4/4 LC')];
		expect(courseView(wide).ladder[0].gap).toBe('2/2 LC');
		const known = [{ name: '2/2 LC', crossing: crossing('2/2 LC') }];
		expect(courseView(wide, known).ladder[0]).toMatchObject({ gap: null, restsOn: ['2/2 LC'] });
		const other = [{ name: '2/2 RC', crossing: crossing('2/2 RC') }];
		expect(courseView(wide, other).ladder[0].gap).toBe('2/2 LC');
	});

	it('has a ladder that goes up: nothing rests on itself or in a ring', () => {
		const names = ['1/1 RC', '2/2 RC', '3/3 LC', '2/1 LPC', '2/1/2 RC', '4/4 RC', '2/1/2 LPC'].map(crossing);
		for (const one of names)
			for (const other of names) expect(restsOn(one, other) && restsOn(other, one)).toBe(false);
	});

	it('gives every lesson its day, over a change of the clocks as well', () => {
		expect(datesFrom('2026-10-20T19:00', 7, 3)).toEqual([
			'2026-10-20T19:00',
			'2026-10-27T19:00',
			'2026-11-03T19:00'
		]);
		expect(datesFrom('2026-12-28T19:00', 7, 2)[1]).toBe('2027-01-04T19:00');
	});

	it('has no class on days that are left out: that lesson and those after it come later', () => {
		expect(datesFrom('2026-12-17T19:00', 7, 3, ['2026-12-24', '2026-12-31'])).toEqual([
			'2026-12-17T19:00',
			'2027-01-07T19:00',
			'2027-01-14T19:00'
		]);
	});

	it('tells the same cross in two media apart', () => {
		const machine: CourseLesson = { ...lesson('b', '2/2 RC'), medium: 'machine' };
		const { steps, ladder } = courseView([lesson('a', '2/2 RC'), machine]);
		expect(steps[1].teaches).toEqual(['2/2 RC']);
		expect(ladder.map(({ medium }) => medium)).toEqual(['hand', 'machine']);
		// What learners bring along they have met, in whatever medium.
		expect(courseView([machine], knownCrossings(['2/2 RC'])).steps[0].teaches).toEqual([]);
	});

	it('goes on with what fills a gap, before the lesson that rests on it, else with the next step', () => {
		const gapped = [lesson('a', '3/3 LC')];
		expect(nextInCourse(courseView(gapped), gapped, [])).toMatchObject({
			crossings: ['2/2 LC'],
			before: 'a',
			known: []
		});
		const whole = [lesson('a', '2/2 RC')];
		expect(nextInCourse(courseView(whole), whole, ['1/1 RC'])).toMatchObject({
			crossings: ['2/2 LC'],
			before: null,
			known: ['1/1 RC', '2/2 RC']
		});
		expect(nextInCourse(courseView([]), [], [])).toBeNull();
	});

	it('is drafted from what one evening cannot hold: nothing twice, nothing lost, each in its time', () => {
		const names = ['2/2 RC', '2/2 LC', '3/3 RC', '3/3 LC', '1/1 RC', '2/1 LPC'];
		fc.assert(
			fc.property(
				fc.uniqueArray(fc.constantFrom(...names), { minLength: 1 }),
				fc.integer({ min: 60, max: 120 }),
				(crossings, minutes) => {
					const drafts = draftLessons({ crossings, level: 'improver', minutes });
					if (!drafts.ok) return;
					const all = drafts.value.flatMap((draft) => draft.lesson.crossings.map(({ name }) => name));
					expect([...all, ...drafts.value.at(-1)!.left].sort()).toEqual([...crossings].sort());
					for (const { lesson: one } of drafts.value) expect(minutesOf(one)).toBeLessThanOrEqual(minutes);
				}
			),
			{ numRuns: 15 }
		);
	});
});

describe('the order of a course', () => {
	it('changes for two lessons, and leaves one between them, put away, where it is', () => {
		expect(swapLessons(['a', 'away', 'b', 'c'], 'b', 'a')).toEqual(['b', 'away', 'a', 'c']);
	});
});

describe('what learners bring along', () => {
	it('is names with commas, semicolons or lines between', () => {
		expect(parseKnown(' 2/2 RC, C4F;\n1/1 LC ,')).toEqual(good(['2/2 RC', 'C4F', '1/1 LC']));
		expect(parseKnown('')).toEqual(good([]));
	});

	it('says which one is no cross', () => {
		expect(parseKnown('2/2 RC, marmalade')).toMatchObject({
			ok: false,
			error: { code: 'unreadable', message: expect.stringContaining('“marmalade” is no cross') }
		});
	});

	it('is read as the first reading of each name', () => {
		expect(
			knownCrossings(['2/2 RC', 'marmalade']).map(({ name, crossing }) => [name, crossing.stitches])
		).toEqual([['2/2 RC', 4]]);
	});
});
