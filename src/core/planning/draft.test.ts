import { describe, expect, it } from 'vitest';
import { run } from '../../cli/run';
import { draftAround } from './around';
import type { Brief } from './brief';
import { checkLesson, LESSON_PROBLEMS, type LessonProblemCode } from './check';
import { draftLesson, draftLessons, type Draft } from './draft';
import { estimateOf } from './estimate';
import { applyChange } from '../lesson/change';
import type { Lesson, Part } from '../lesson/lesson';
import { lessonMends } from './mend';
import { KINDS_OF_PART } from '../lesson/kinds';
import { addableTo } from './addable';
import { newPart } from './palette';
import { ratesWith, USUAL_RATES } from './rates';
import { renamings, schoolsOf } from '../telling/renamings';
import { nextBrief } from './subject';
import { unwrap } from '../result';

const PLAIT =
	'Cast on 10.\nRow 1 (RS): p2, k6, p2.\nRow 2 and all WS rows: as they face.\nRow 3 (RS): p2, 2/2 RC, k2, p2.\nRow 5 (RS): p2, k2, 2/2 LC, p2.\nRow 6: as they face.';

function drafted(brief: Brief): Draft {
	const answer = unwrap(run(['draft'], JSON.stringify(brief)));
	return answer as Draft;
}
const codes = (lesson: Lesson) => checkLesson(lesson).problems.map(({ code }) => code);

describe('names of one’s own', () => {
	const OTTER = 'Otter: sl next 2 sts to cn and hold in back, k2, k2 from cn';
	const VOLE = 'Vole: sl next 3 sts to cn and hold in front, k3, k3 from cn';

	it('go by their label, and stay beside those of a school', () => {
		const { lesson } = drafted({ crossings: [OTTER, '2/2 LC'], level: 'improver', minutes: 180 });
		expect(lesson.crossings.map(({ name }) => name)).toEqual(['Otter', '2/2 LC']);
		expect(lesson.crossings[0].crossing.over).toEqual([
			[3, 1],
			[3, 2],
			[4, 1],
			[4, 2]
		]);
		expect(lesson.title).toBe('Otter, 2/2 LC');
		expect(codes(lesson)).toEqual([]);
		const { lesson: named } = drafted({
			crossings: [OTTER],
			level: 'improver',
			minutes: 90,
			names: { school: 'over', terms: 'us' }
		});
		expect(named.crossings.map(({ name }) => name)).toEqual(['2/2 RC']);
	});

	it('are drafted again under their names, around what was changed', () => {
		const { lesson } = drafted({
			crossings: [OTTER, 'C4F'],
			level: 'improver',
			minutes: 180,
			names: { terms: 'uk' }
		});
		expect(lesson.names).toEqual({ school: 'hold', terms: 'uk' });
		const own = { ...lesson.parts[0], title: 'Told by me' };
		const edited = { ...lesson, parts: [own, ...lesson.parts.slice(1)] };
		let count = 0;
		const again = unwrap(draftAround(edited, lesson, USUAL_RATES, () => `n${count++}`));
		expect(again.own).toEqual([own.id]);
		expect(again.lesson.crossings).toEqual(lesson.crossings);
		expect(again.lesson.parts.filter(({ kind }) => kind === 'show').map(({ title }) => title)).toEqual(
			lesson.parts.filter(({ kind }) => kind === 'show').map(({ title }) => title)
		);
		expect(codes(again.lesson)).toEqual([]);
	});

	it('take their definitions with them into the lessons after', () => {
		const brief: Brief = { crossings: [OTTER, VOLE], level: 'beginner', minutes: 75 };
		const first = drafted(brief);
		expect(first.left).toEqual(['Vole']);
		const next = nextBrief(brief, first);
		expect(next.crossings).toEqual([expect.stringMatching(/^Vole: /)]);
		expect(next.known).toEqual([expect.stringMatching(/^Otter: /)]);
		const drafts = draftLessons(brief);
		expect(drafts.ok && drafts.value.map(({ lesson }) => lesson.crossings.map(({ name }) => name))).toEqual([
			['Otter'],
			['Vole']
		]);
	});
});

describe('a draft', () => {
	it('leaves the hardest for another day, and says how long even the easiest takes', () => {
		const { left, lesson } = drafted({
			crossings: ['3/3 LC', '2/2 RC', '4/4 RC'],
			level: 'beginner',
			minutes: 70,
			people: 8
		});
		expect(lesson.crossings.map((one) => one.name)).toEqual(['2/2 RC']);
		expect(left).toEqual(['3/3 LC', '4/4 RC']);
		expect(
			run(['draft'], JSON.stringify({ crossings: ['2/2 RC'], level: 'beginner', minutes: 10 }))
		).toMatchObject({
			error: { code: 'conflict', message: /takes \d+ minutes/ }
		});
	});

	it('teaches what was asked for before it shows any of it in a second method', () => {
		const kinds = (draft: Draft, id: string) =>
			draft.lesson.parts.flatMap((part) => ('crossing' in part && part.crossing === id ? [part.kind] : []));
		const both = unwrap(draftLesson({ crossings: ['2/2 RC', '2/2 LC'], level: 'beginner', minutes: 90 }));
		expect(both.left).toEqual([]);
		for (const id of ['a', 'b'])
			expect(kinds(both, id)).toEqual(expect.arrayContaining(['picture', 'show', 'practice', 'check']));
		const alone = unwrap(draftLesson({ crossings: ['2/2 RC'], level: 'beginner', minutes: 90 }));
		expect(kinds(alone, 'a').filter((kind) => kind === 'show')).toHaveLength(2);
	});

	it('keeps those that mirror each other together, and neighbours in size', () => {
		const taught = (crossings: string[], minutes: number) => {
			const { lesson, left } = unwrap(draftLesson({ crossings, level: 'beginner', minutes }));
			return [lesson.crossings.map(({ name }) => name), left];
		};
		expect(taught(['2/2 RC', '1/1 RC', '2/2 LC'], 90)).toEqual([['2/2 RC', '2/2 LC'], ['1/1 RC']]);
		expect(taught(['2/2 LC', '3/3 RC', '2/2 RC', '3/3 LC'], 90)).toEqual([
			['2/2 LC', '2/2 RC'],
			['3/3 RC', '3/3 LC']
		]);
		expect(taught(['2/2 RC', '2/2 LC'], 60)[0]).toHaveLength(1);
	});

	it('calls a cross by its common name that is given by its definition alone', () => {
		const named = (definition: string) =>
			unwrap(draftLesson({ crossings: [definition], level: 'improver', minutes: 90 })).lesson;
		const common = named('sl next 2 sts to cn and hold in back, k2, k2 from cn');
		expect([common.title, common.crossings[0].name]).toEqual(['2/2 RC', '2/2 RC']);
		const own = named('sl next 3 sts to cn and hold in front, k1, p1, k3 from cn');
		expect(own.crossings[0].name).toBe('This cross');
		expect(own.parts.some(({ title }) => /sl next/.test(title))).toBe(false);
		expect(own.swatches[0].text).toMatch(/\nThis cross: sl next 3 sts to cn/);
	});

	it('names nothing that it leaves out by a name of several readings', () => {
		const asked: Brief = { crossings: ['T3F', 'C6B'], level: 'beginner', minutes: 213, needles: 0 };
		const { lesson, left } = drafted(asked);
		expect(left).toEqual(['C6B']);
		expect(lesson.more).toMatch(/or begin what is left for another day\.$/);
		expect(codes(lesson)).toEqual([]);
		expect(drafted({ ...asked, crossings: ['T3F', '3/3 RC'] }).lesson.more).toMatch(/or begin 3\/3 RC\.$/);
	});
	it('knits a swatch: one practice for all that crosses in it, and the rows counted', () => {
		const { lesson } = drafted({ swatch: PLAIT, level: 'improver', minutes: 120, people: 6 });
		expect(codes(lesson)).toEqual([]);
		const kinds = lesson.parts.map(({ kind }) => kind);
		expect(kinds.filter((kind) => kind === 'practice').length).toBeGreaterThan(0);
		expect(kinds.lastIndexOf('show')).toBeLessThan(kinds.indexOf('practice'));
		expect(kinds).toContain('count');
		// One for each cross, and one of the slip that is shown.
		const asked = lesson.parts.flatMap((part) => (part.kind === 'check' ? [part.title] : []));
		expect(asked.filter((title) => title.startsWith('Ask: '))).toHaveLength(2);
		expect(asked.filter((title) => title.startsWith('What went wrong'))).toHaveLength(1);
	});

	it('does not teach again what is known, and calls things as the brief asks', () => {
		const { lesson } = drafted({
			swatch: PLAIT,
			level: 'improver',
			minutes: 120,
			known: ['2/2 RC'],
			names: { school: 'hold', terms: 'uk' }
		});
		expect(lesson.crossings.map((one) => one.name)).toEqual(['C4F']);
		expect(lesson.swatches[0].text).toContain('p2, C4B, k2, p2');
		expect(lesson.parts.some(({ title }) => title.startsWith('Practise'))).toBe(true);
		expect(
			drafted({ crossings: ['2/2 RC', 'C4F'], level: 'confident', minutes: 120 }).lesson.crossings.map(
				(one) => one.name
			)
		).toEqual(['2/2 RC', '2/2 LC']);
	});

	it('is made for a machine as well, without a cable needle', () => {
		const { lesson } = drafted({ crossings: ['2/2 RC'], level: 'confident', minutes: 60, medium: 'machine' });
		expect(lesson.parts.find(({ kind }) => kind === 'show')).toMatchObject({ way: 'machine-tools' });
		expect(lesson.materials.map(({ what }) => what)).toContain('two transfer tools');
	});

	it('refuses a brief that asks for nothing, for nonsense, or for rows that cannot be knitted', () => {
		const refused = (asked: object) => {
			const answer = run(['draft'], JSON.stringify(asked));
			return answer.ok ? null : answer.error.code;
		};
		expect(refused({ level: 'beginner', minutes: 60 })).toBe('unreadable');
		expect(refused({ crossings: ['marmalade'], level: 'beginner', minutes: 60 })).toBe('unreadable');
		expect(refused({ crossings: ['2/2 RC'], level: 'expert', minutes: 60 })).toBe('unreadable');
		expect(refused({ swatch: 'Cast on 8.\nRow 1: k9.', level: 'beginner', minutes: 60 })).toBe('conflict');
		expect(refused({ crossings: ['2/2 RC'], known: ['2/2 RC'], level: 'beginner', minutes: 60 })).toBe(
			'conflict'
		);
		expect(refused({ crossings: ['6/6 RC'], needles: 0, level: 'beginner', minutes: 600 })).toBe('conflict');
	});
});

describe('a check', () => {
	const { lesson } = drafted({ swatch: PLAIT, level: 'beginner', minutes: 170, people: 6, needles: 1 });
	const without = (wanted: (part: Part) => boolean): Lesson => ({
		...lesson,
		parts: lesson.parts.filter((part) => !wanted(part))
	});
	const edited = (wanted: (part: Part) => boolean, fields: object): Lesson => ({
		...lesson,
		parts: lesson.parts.map((part) => (wanted(part) ? ({ ...part, ...fields } as Part) : part))
	});
	const shows = (part: Part) => part.kind === 'show';

	it.each<[LessonProblemCode, Lesson]>([
		['over-time', edited(({ id }) => id === '2', { minutes: 300 })],
		['not-shown', without(shows)],
		['never-practised', without(({ kind }) => kind === 'practice')],
		['no-check', without(({ kind }) => kind === 'check')],
		['two-schools', edited(({ id }) => id === '2', { title: 'C4B and 2/2 RC' })],
		['beyond-level', { ...lesson, needles: 0 }],
		['beyond-level', { ...edited(shows, { way: 'free-reach' }), yarn: 'slippery' }],
		['material', { ...lesson, materials: [] }],
		['no-rest', without(({ kind }) => kind === 'care')],
		['dangling', edited(shows, { crossing: 'zz' })],
		['dangling', edited(shows, { way: 'by-magic' })],
		['swatch', { ...lesson, swatches: [{ ...lesson.swatches[0], text: 'Cast on 4.\nRow 1: k9.' }] }]
	])('finds %s', (code, broken) => {
		expect(codes(lesson)).toEqual([]);
		const found = checkLesson(broken).problems.filter((one) => one.code === code);
		expect(found.length).toBeGreaterThan(0);
		for (const { severity, message } of found) {
			expect(severity).toBe(LESSON_PROBLEMS[code]);
			expect(message).toMatch(/^\S.*[.!?]$/);
		}
	});

	it('puts every part on the clock, with an estimate beside the teacher’s own minutes', () => {
		const { minutes, parts } = checkLesson(lesson);
		expect(parts.map(({ id }) => id)).toEqual(lesson.parts.map(({ id }) => id));
		expect(parts.at(-1)!.starts + parts.at(-1)!.minutes).toBe(minutes);
		for (const part of lesson.parts) expect(estimateOf(lesson, part)).toBeGreaterThan(0);
		expect(
			estimateOf(
				{ ...lesson, people: 20 },
				lesson.parts.find(({ kind }) => kind === 'practice')!
			)
		).toBeGreaterThan(
			estimateOf(
				{ ...lesson, people: 2 },
				lesson.parts.find(({ kind }) => kind === 'practice')!
			)
		);
	});

	it('rests on rates that a teacher may change', () => {
		const slow = ratesWith({ talk: { beginner: 10, improver: 10, confident: 10 } });
		const picture = lesson.parts.find(({ kind }) => kind === 'picture')!;
		expect([estimateOf(lesson, picture), estimateOf(lesson, picture, slow)]).toEqual([3, 10]);
		const times = (rates = ratesWith(undefined)) =>
			checkLesson(lesson, rates).parts.map(({ estimate }) => estimate);
		expect(times(slow)).not.toEqual(times());
		const brief = { crossings: ['2/2 RC'], level: 'beginner', minutes: 60, people: 4 } as const;
		const drafts = [
			draftLesson({ ...brief, crossings: [...brief.crossings] }),
			draftLesson({ ...brief, crossings: [...brief.crossings] }, slow)
		];
		expect(drafts.map((draft) => draft.ok)).toEqual([true, false]);
	});

	it('takes a lesson from the command line, and says what is no lesson', () => {
		expect(run(['check-lesson'], JSON.stringify(lesson))).toMatchObject({
			ok: true,
			value: { problems: [] }
		});
		expect(run(['check-lesson'], '{"format":"pond-loop/lesson@1"}')).toMatchObject({
			error: { code: 'unreadable' }
		});
		expect(run(['check-lesson'], 'knit')).toMatchObject({ error: { code: 'unreadable' } });
	});
});

describe('a mend', () => {
	const { lesson } = drafted({
		crossings: ['2/2 RC', '2/2 LC'],
		level: 'improver',
		minutes: 120,
		people: 6,
		needles: 1
	});
	const broken: Partial<Record<LessonProblemCode, Lesson>> = {
		'over-time': { ...lesson, minutes: lesson.parts.reduce((sum, part) => sum + part.minutes, 0) - 10 },
		'not-shown': { ...lesson, parts: lesson.parts.filter(({ kind }) => kind !== 'show') },
		'never-practised': { ...lesson, parts: lesson.parts.filter(({ kind }) => kind !== 'practice') },
		'no-check': { ...lesson, parts: lesson.parts.filter(({ kind }) => kind !== 'check') },
		'beyond-level': { ...lesson, needles: 0 },
		material: { ...lesson, materials: [] },
		'no-rest': { ...lesson, parts: lesson.parts.filter(({ kind }) => kind !== 'care') },
		stale: {
			...lesson,
			swatches: [],
			parts: lesson.parts.filter(
				(part) =>
					part.kind !== 'compare' && (!('crossing' in part) || part.crossing !== 'b' || part.kind === 'check')
			)
		},
		dangling: { ...lesson, crossings: lesson.crossings.slice(1) },
		'two-schools': {
			...lesson,
			title: 'C4F and 2/2 RC',
			swatches: [{ id: 's', title: 'Rope with C4B', text: PLAIT.replace('2/2 LC', 'C4F') }]
		},
		swatch: {
			...lesson,
			swatches: [{ id: 's', title: 'Rope', text: PLAIT.replace('p2, 2/2 RC, k2, p2', 'p2, 2/2 RC, k1') }]
		},
		rests: {
			...lesson,
			parts: [{ id: 'r', kind: 'care', title: 'A rest', minutes: 2 }, ...lesson.parts]
		},
		'under-filled': { ...lesson, minutes: 300 },
		claim: { ...lesson, homework: 'For 2/2 RC hold the first two in front. It leans left.' },
		'left-handed': { ...lesson, leftHanded: 2 },
		unsettled: { ...lesson, homework: 'Then try C6F on a hat.', known: ['C6F'] },
		'no-strip': {
			...lesson,
			swatches: [],
			parts: lesson.parts
				.filter(({ kind }) => kind !== 'swatch' && kind !== 'count')
				.map((part) =>
					part.kind === 'practice'
						? {
								id: part.id,
								kind: 'practice',
								title: part.title,
								minutes: part.minutes,
								crossing: part.crossing
							}
						: part
				)
		},
		medium: { ...lesson, homework: 'Push the carriage slowly. Bring wool.' }
	};

	it('of every code is there to press', () => {
		expect(Object.keys(broken).sort()).toEqual(Object.keys(LESSON_PROBLEMS).sort());
	});

	it.each(Object.entries(broken) as [LessonProblemCode, Lesson][])(
		'of %s, pressed again and again, mends it',
		(code, start) => {
			let now = start;
			for (let presses = 0; presses < 20; presses++) {
				const checked = checkLesson(now);
				const problem = checked.problems.find((one) => one.code === code);
				if (!problem) break;
				const [mend] = lessonMends(now, checked, problem, `new-${presses}`);
				expect(mend?.says).toBeTruthy();
				now = mend.changes.reduce(applyChange, now);
			}
			expect(codes(start)).toContain(code);
			expect(codes(now)).not.toContain(code);
		}
	);
});

describe('the palette', () => {
	it('makes a part of every kind that the lesson has something for, on the clock', () => {
		const { lesson } = drafted({ swatch: PLAIT, level: 'improver', minutes: 120 });
		for (const kind of KINDS_OF_PART) {
			const part = newPart(lesson, kind, 'fresh', 'b')!;
			expect(part).toMatchObject({ id: 'fresh', kind });
			expect(part.minutes).toBeGreaterThan(0);
			expect(codes({ ...lesson, minutes: 600, parts: [...lesson.parts, part] })).not.toContain('dangling');
		}
		const empty = { ...lesson, crossings: [], swatches: [] };
		expect(KINDS_OF_PART.filter((kind) => newPart(empty, kind, 'x') === null)).toEqual([
			'picture',
			'show',
			'compare',
			'swatch',
			'practice',
			'check',
			'mend',
			'count',
			'tension'
		]);
		for (const bare of [lesson, empty])
			expect(addableTo(bare)).toEqual(KINDS_OF_PART.filter((kind) => newPart(bare, kind, 'x') !== null));
	});
});

describe('names in one school', () => {
	const { lesson } = drafted({ swatch: PLAIT, level: 'improver', minutes: 120 });
	const inSchool = (school: Parameters<typeof renamings>[1]) =>
		renamings(lesson, school).reduce(applyChange, lesson);

	it('are written everywhere: in titles, rows, questions and beside the crossings', () => {
		const now = inSchool('hold');
		expect(now.crossings.map(({ name }) => name)).toEqual(['C4B', 'C4F']);
		expect(now.swatches[0].text).toContain('p2, C4B, k2, p2');
		expect(JSON.stringify(now)).not.toMatch(/2\/2 [RL]C/);
		expect(schoolsOf(now)).toEqual([{ school: 'hold', example: expect.stringMatching(/^C4/) }]);
		expect(now.names).toMatchObject({ school: 'hold' });
		expect(codes(now)).toEqual([]);
	});

	it('are the same again when they are written back', () => {
		const back = renamings(inSchool('hold'), 'over').reduce(applyChange, inSchool('hold'));
		expect({ ...back, names: lesson.names }).toEqual({ ...lesson, names: lesson.names });
	});

	it('change nothing but the note of the school where they are so already', () => {
		expect(renamings(inSchool('over'), 'over').map(({ kind }) => kind)).toEqual(['set']);
	});
});
