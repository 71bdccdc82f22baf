import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { readName } from '../naming/read';
import { good, unwrap } from '../result';
import {
	courseView,
	datesFrom,
	knownCrossings,
	parseKnown,
	restsOn,
	swapLessons,
	type CourseLesson
} from './course';
import { draftLessons } from './draft';
import { followSources, linkSwatch, type Sources } from '../lesson/follow';
import { emptyLesson, minutesOf, type Lesson } from '../lesson/lesson';
import { strangeWords, wordsInTerms } from '../telling/terms';

const crossing = (name: string) => unwrap(readName(name)).readings[0].crossing;
const taught = (...names: string[]) =>
	names.map((name, i) => ({ id: String(i), name, crossing: crossing(name), saying: '' }));
const lesson = (id: string, ...names: string[]): CourseLesson => ({
	id,
	title: `Lesson ${id}`,
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

describe('what a lesson follows', () => {
	const swatch = { id: 's', title: 'Eel', text: 'Cast on 8.' };
	const own: Lesson = { ...emptyLesson('Eels'), crossings: taught('2/2 RC', '2/2 LC'), swatches: [swatch] };
	const nothing: Sources = { swatches: [], sayings: [], keys: [] };

	it('stays as it is while its sources say the same, or are gone', () => {
		expect(followSources(own, nothing)).toBe(own);
		expect(followSources(own, { ...nothing, swatches: [swatch] })).toBe(own);
		const other = [{ crossing: crossing('3/3 RC'), saying: 'Not this one.' }];
		expect(
			followSources(own, {
				...nothing,
				sayings: other,
				keys: ['C6B: sl 3 to cn and hold in back, k3, k3 from cn']
			})
		).toBe(own);
	});

	it('is the swatch it was drafted from, where its rows are those', () => {
		const knit: Lesson = {
			...own,
			parts: [{ id: 'a', kind: 'practice', title: '', minutes: 5, swatch: 's', times: 2 }]
		};
		const source = { id: 'mine', title: 'Eel of mine', text: 'Cast on 8.' };
		const now = linkSwatch(knit, source);
		expect(now.swatches).toEqual([source]);
		expect(now.parts[0]).toMatchObject({ swatch: 'mine' });
		expect(followSources(now, { ...nothing, swatches: [source] })).toBe(now);
		expect(linkSwatch(knit, { ...source, text: 'Cast on 9.' })).toBe(knit);
	});

	it('takes new rows, a new saying, and what a key makes of a name', () => {
		const now = followSources(own, {
			swatches: [{ ...swatch, text: 'Cast on 12.' }],
			sayings: [{ crossing: crossing('2/2 RC'), saying: 'Back, and right it goes.' }],
			keys: ['2/2 LC: sl next 2 sts to cn and hold in back, k2, k2 from cn\nEel: 3/3 RC']
		});
		expect(now.swatches[0].text).toBe('Cast on 12.');
		expect(now.crossings[0].saying).toBe('Back, and right it goes.');
		// A line whose name and definition disagree settles nothing.
		expect(now.crossings[1].crossing.over).toEqual(own.crossings[1].crossing.over);
		const named = { ...own, crossings: [{ ...own.crossings[0], name: 'Eel' }] };
		const said = followSources(named, {
			...nothing,
			keys: ['Eel: sl next 2 sts to cn and hold in front, k2, k2 from cn']
		});
		expect(said.crossings[0].crossing.over).toEqual(crossing('2/2 LC').over);
	});
});

describe('words of either shore', () => {
	it('are put into the teacher’s own, with their capitals, and nothing else', () => {
		const text = 'Cast off loosely. Stocking stitch on grey wool; cast on first.';
		expect(wordsInTerms(text, 'us')).toBe('Bind off loosely. Stockinette on gray wool; cast on first.');
		expect(wordsInTerms(text, 'uk')).toBe(text);
		expect(wordsInTerms('Bind off. Check the gauge.', 'uk')).toBe('Cast off. Check the tension.');
	});

	it('are told once each, and not where both shores use them', () => {
		expect(strangeWords('Cast off, then cast off again.', 'us')).toEqual(['cast off']);
		expect(strangeWords('Mind your tension.', 'us')).toEqual([]);
		expect(strangeWords('Stockinette.', 'uk')).toEqual(['stockinette']);
	});

	it('say nothing strange once they are put into them', () => {
		const words = fc.constantFrom(
			'cast off',
			'bind off',
			'gauge',
			'tension',
			'colour',
			'stockinette',
			'k2,',
			'wool'
		);
		fc.assert(
			fc.property(fc.array(words), fc.constantFrom('us' as const, 'uk' as const), (list, terms) => {
				expect(strangeWords(wordsInTerms(list.join(' '), terms), terms)).toEqual([]);
			})
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
