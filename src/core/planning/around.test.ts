import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { applyChange } from '../lesson/change';
import { minutesOf, type Change, type Lesson, type Part } from '../lesson/lesson';
import { unwrap } from '../result';
import { askedCrossings, draftAround, taughtOtherwise } from './around';
import type { Brief } from './brief';
import { checkLesson } from './check';
import { draftLesson } from './draft';
import { USUAL_RATES } from './rates';
import { note, set } from '../../../tests/support/changes';

describe('a lesson drafted again', () => {
	const brief: Brief = { crossings: ['2/2 RC', '2/2 LC'], level: 'beginner', minutes: 150 };
	const draft = (() => {
		const answer = unwrap(draftLesson(brief));
		return answer.lesson;
	})();
	let count = 0;
	const again = (now: Lesson) => draftAround(now, draft, USUAL_RATES, () => `n${count++}`);
	const good = (now: Lesson) => {
		const answer = again(now);
		if (!answer.ok) throw new Error(answer.error.message);
		return answer.value;
	};
	const kinds = ({ parts }: Lesson) => parts.map(({ kind }) => kind);
	const show = draft.parts.find(({ kind }) => kind === 'show')!;

	it('says the same where nothing was changed', () => {
		const { lesson: now, own } = good(draft);
		expect(own).toEqual([]);
		expect(now.parts.map(({ title, minutes }) => [title, minutes])).toEqual(
			draft.parts.map(({ title, minutes }) => [title, minutes])
		);
	});

	it('takes parts for its own in whatever order their fields come', () => {
		const turned = (value: unknown): unknown =>
			Array.isArray(value)
				? value.map(turned)
				: value !== null && typeof value === 'object'
					? Object.fromEntries(
							Object.entries(value)
								.reverse()
								.map(([key, one]) => [key, turned(one)])
						)
					: value;
		expect(good(turned(draft) as Lesson).own).toEqual([]);
	});

	it('keeps a part that was written over, in the place of the drafted one', () => {
		const mine = applyChange(draft, set(show.id, { title: 'Show it with the big wool', minutes: 12 }));
		const { lesson: now, own } = good(mine);
		expect(own).toEqual([show.id]);
		expect(kinds(now).filter((kind) => kind === 'show')).toHaveLength(
			kinds(draft).filter((kind) => kind === 'show').length
		);
		const kept = now.parts.find(({ id }) => id === show.id)!;
		expect(kept).toMatchObject({ title: 'Show it with the big wool', minutes: 12 });
		const at = now.parts.indexOf(kept);
		expect(now.parts[at - 1].title).toBe(draft.parts[draft.parts.indexOf(show) - 1].title);
	});

	it('leaves away what was removed, and keeps what was added behind what it stood behind', () => {
		const explain = draft.parts.find(({ kind }) => kind === 'explain')!;
		const mine = [
			{ kind: 'remove-part', part: explain.id } as const,
			{ kind: 'add-part', part: { ...note('own'), title: 'The kettle' }, after: show.id } as const
		].reduce<Lesson>(applyChange, draft);
		const { lesson: now } = good(mine);
		expect(now.parts.some(({ title }) => title === explain.title)).toBe(false);
		const at = now.parts.findIndex(({ id }) => id === 'own');
		expect(now.parts[at - 1].title).toBe(show.title);
	});

	it('fits what it drafts into the time that is left, and has no problems of its own', () => {
		fc.assert(
			fc.property(fc.integer({ min: 1, max: 30 }), fc.integer({ min: 60, max: 150 }), (minutes, all) => {
				const mine = [
					{ kind: 'set', fields: { minutes: all } } as const,
					{ kind: 'add-part', part: note('own', minutes), after: show.id } as const
				].reduce<Lesson>(applyChange, draft);
				const answer = again(mine);
				if (!answer.ok) return;
				const { lesson: now } = answer.value;
				expect(minutesOf(now)).toBeLessThanOrEqual(all);
				expect(now.parts.some(({ id }) => id === 'own')).toBe(true);
				const codes = checkLesson(now).problems.map(({ code }) => code);
				expect(codes.filter((code) => code === 'dangling' || code === 'over-time')).toEqual([]);
			}),
			{ numRuns: 25 }
		);
	});

	describe('after a cross was taken out and the class made shorter', () => {
		const about = (id: string) => (part: Part) => 'crossing' in part && part.crossing === id;
		/** All that teaches a cross removed by hand, one part after the other, and a shorter class. */
		const without = (id: string, minutes: number): Lesson =>
			draft.parts
				.filter((part) => about(id)(part) && part.kind !== 'mend')
				.map(({ id }): Change => ({ kind: 'remove-part', part: id }))
				.reduce<Lesson>(applyChange, { ...draft, minutes });
		const spoken = (lesson: Lesson) =>
			[lesson.title, lesson.homework, ...lesson.parts.map(({ title }) => title)].join(' ');

		it('speaks no longer of it, and uses the class', () => {
			for (const [id, gone, stays] of [
				['a', '2/2 RC', '2/2 LC'],
				['b', '2/2 LC', '2/2 RC']
			] as const) {
				const mine = without(id, 75);
				const { lesson: now, own, dropped } = good(mine);
				expect([own, dropped]).toEqual([[], [gone]]);
				expect(now.crossings.map(({ name }) => name)).toEqual([stays]);
				expect(spoken(now)).not.toContain(gone);
				expect(now.title).toBe(stays);
				expect(kinds(now)).toEqual(expect.arrayContaining(['picture', 'show', 'practice', 'mend', 'check']));
				expect(checkLesson(now).problems).toEqual([]);
				expect(minutesOf(now)).toBeGreaterThan(30);
			}
		});

		it('has no two rests together and none at an end, whatever was taken out', () => {
			fc.assert(
				fc.property(
					fc.subarray(draft.parts.map(({ id }) => id)),
					fc.integer({ min: 50, max: 150 }),
					(ids, minutes) => {
						const mine = ids
							.map((part): Change => ({ kind: 'remove-part', part }))
							.reduce<Lesson>(applyChange, { ...draft, minutes });
						const answer = again(mine);
						if (!answer.ok) return void expect(answer.error.code).toBe('conflict');
						const now = kinds(answer.value.lesson);
						expect(now.at(0)).not.toBe('care');
						expect(now.at(-1)).not.toBe('care');
						expect(now.some((kind, i) => kind === 'care' && now[i + 1] === 'care')).toBe(false);
						const codes = checkLesson(answer.value.lesson).problems.map(({ code }) => code);
						expect(codes.filter((code) => ['stale', 'dangling', 'over-time'].includes(code))).toEqual([]);
					}
				),
				{ numRuns: 60 }
			);
		});

		it('keeps words of the teacher’s own, without the name', () => {
			const mine = applyChange(without('b', 90), {
				kind: 'set',
				fields: { title: 'Bench cushions: 2/2 RC and 2/2 LC', homework: 'Bring wool. Knit 2/2 LC at home.' }
			});
			const { lesson: now } = good(mine);
			expect([now.title, now.homework]).toEqual(['Bench cushions: 2/2 RC', 'Bring wool.']);
		});

		it('says what stays away', () => {
			const explain = draft.parts.find(({ kind }) => kind === 'explain')!;
			expect(good(applyChange(draft, { kind: 'remove-part', part: explain.id })).away).toEqual([
				explain.title
			]);
			expect(good(draft).away).toEqual([]);
		});
	});

	it('drops a cross and takes another in its place, with all that speaks of them', () => {
		const [rapid] = unwrap(askedCrossings(['3/3 LC'], 'hand', () => 'new'));
		const mine = taughtOtherwise({ ...draft, minutes: 240 }, ['a'], [rapid]);
		const answer = unwrap(draftAround(mine, draft, USUAL_RATES, () => `n${count++}`, ['new']));
		expect(answer.dropped).toEqual(['2/2 RC']);
		const { lesson: now } = answer;
		expect(now.crossings.map(({ name }) => name)).toEqual(['2/2 LC', '3/3 LC']);
		expect(now.title).toBe('2/2 LC, 3/3 LC');
		expect(JSON.stringify(now)).not.toContain('2/2 RC');
		for (const kind of ['picture', 'show', 'practice', 'check'] as const)
			expect(now.parts.some((part) => part.kind === kind && part.crossing === 'new')).toBe(true);
		expect(checkLesson(now).problems).toEqual([]);
		expect(askedCrossings(['C4F'], 'hand', () => 'x')).toMatchObject({ error: { code: 'unreadable' } });
		expect(askedCrossings(['otter'], 'hand', () => 'x')).toMatchObject({ error: { code: 'unreadable' } });
	});

	it('says so where the teacher’s own parts leave no room', () => {
		const mine = applyChange(draft, { kind: 'add-part', part: note('own', 145), after: null });
		expect(again(mine)).toMatchObject({ ok: false, error: { code: 'conflict' } });
	});
});
