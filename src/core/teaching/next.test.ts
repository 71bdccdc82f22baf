import { describe, expect, it } from 'vitest';
import { draftLesson } from '../planning/draft';
import { unwrap } from '../result';
import type { ClassRecord } from './classRecord';
import { nextLesson } from './next';
import { settlingRates } from './settling';
import { namesIn, toggledName, withSlips, withTaken, writtenUp } from './writeUp';

const lesson = unwrap(
	draftLesson({ crossings: ['2/2 RC', '2/2 LC'], level: 'improver', minutes: 180, leftHanded: 1 })
).lesson;
const record = writtenUp(lesson, '2026-11-26T19:00');
const about = (name: string) => {
	const { id } = lesson.crossings.find((one) => one.name === name)!;
	return lesson.parts.flatMap((part) => ('crossing' in part && part.crossing === id ? [part.id] : []));
};

describe('a class written up afterwards', () => {
	it('begins as it was planned, and learns nothing from that', () => {
		expect(record.ended).toBe('2026-11-26T19:00');
		expect(record.parts.map(({ planned, seconds }) => seconds / 60 - planned)).toEqual(
			lesson.parts.map(() => 0)
		);
		const longer = withTaken(record, lesson.parts[1].id, { seconds: 900 });
		expect(longer.parts[1].seconds).toBe(900);
		expect(longer.parts[0]).toEqual(record.parts[0]);
	});

	it('notes who struggled by name, on and off', () => {
		expect(toggledName('', 'Uta')).toBe('Uta');
		expect(toggledName('Uta, Bo', 'Ida')).toBe('Uta, Bo, Ida');
		expect(toggledName('Uta, Bo', 'Uta')).toBe('Bo');
		expect(namesIn(' Uta ,, Bo ')).toEqual(['Uta', 'Bo']);
	});
});

describe('the lesson after a class', () => {
	it('goes on where all sat: the wider cross, with what sat as known', () => {
		const { brief, because } = nextLesson(lesson, record);
		expect(brief).toMatchObject({ crossings: ['3/3 RC'], known: ['2/2 RC', '2/2 LC'], leftHanded: 1 });
		expect(because.join(' ')).toMatch(/2\/2 RC and 2\/2 LC sat.*3\/3 RC: a stitch wider/);
		expect(draftLesson(brief).ok).toBe(true);
	});

	it('begins with what was left out, and takes what was hard again, by the names of those it was hard for', () => {
		let noted = record;
		for (const part of about('2/2 LC')) noted = withTaken(noted, part, { dropped: true, seconds: 0 });
		noted = withTaken(noted, about('2/2 RC')[1], { struggled: 'Uta, Bo' });
		const { brief, because } = nextLesson(lesson, noted);
		expect(brief.crossings).toEqual(['2/2 LC', '2/2 RC']);
		expect(brief.known).toEqual([]);
		expect(because).toEqual([
			'2/2 LC was left out: it is taught first.',
			'Uta and Bo struggled with 2/2 RC: it is shown and practised again.'
		]);
	});

	it('takes again what does not sit by practice, whatever the class was', () => {
		const practised = [
			{ of: '2/2 LC', asked: 4, sits: 1, not: ['Wren', 'Siskin', 'Dunnock'] },
			{ of: '2/2 RC', asked: 4, sits: 2, not: ['Wren', 'Siskin'] }
		];
		const { brief, because } = nextLesson(lesson, record, practised);
		expect(brief.crossings).toContain('2/2 LC');
		expect(brief.known).toEqual(['2/2 RC']);
		expect(because[0]).toBe(
			'2/2 LC does not sit yet with Wren, Siskin and Dunnock, who practised it: it is shown again.'
		);
	});

	it('takes the other lean where only one was taught', () => {
		const one = unwrap(draftLesson({ crossings: ['2/2 RC'], level: 'beginner', minutes: 60 })).lesson;
		const { brief } = nextLesson(one, writtenUp(one, '2026-11-26T19:00'));
		expect(brief.crossings).toEqual(['2/2 LC']);
	});
});

describe('rates as they settle', () => {
	it('are told after each class, the ones that moved most first', () => {
		const slow = (factor: number) => ({
			...record,
			parts: record.parts.map((part) => ({ ...part, seconds: Math.round(part.seconds * factor) }))
		});
		const settling = settlingRates([slow(1.4), slow(1.4), slow(1.4)]);
		expect(settling.length).toBeGreaterThan(0);
		for (const { after, usual } of settling) {
			expect(after).toHaveLength(3);
			expect(Math.abs(after[2] - usual)).toBeGreaterThanOrEqual(Math.abs(after[0] - usual));
		}
		expect(settlingRates([])).toEqual([]);
	});
});

describe('a slip that was seen in class', () => {
	const slip = { crossing: '2/2 RC', slip: 'extra-loop', way: 'cn-off', who: 'Fern' } as const;
	const seen = (of: ClassRecord) => withSlips(of, [slip, { ...slip, slip: 'wrong-hold' }, slip]);

	it('makes its cross hard, and is the one the next draft shows', () => {
		const { brief, because } = nextLesson(lesson, seen(record));
		expect(brief.slips?.[0]).toEqual({ name: '2/2 RC', slip: 'extra-loop' });
		expect(because.join(' ')).toMatch(/Fern struggled with 2\/2 RC/);
		expect(because.join(' ')).toMatch(/an extra loop/);
		const draft = unwrap(draftLesson(brief));
		const mend = draft.lesson.parts.find(({ kind }) => kind === 'mend');
		expect(mend).toMatchObject({ slip: 'extra-loop' });
		expect(draft.why.map(({ because: why }) => why)).toContain('The slip that was seen in class.');
	});

	it('can be taken back, and one without a name says only that it went wrong', () => {
		expect(withSlips(seen(record), [])).toEqual(record);
		const unnamed = { crossing: slip.crossing, slip: slip.slip, way: slip.way };
		expect(nextLesson(lesson, withSlips(record, [unnamed])).because.join(' ')).toMatch(
			/2\/2 RC went wrong in class/
		);
	});
});
