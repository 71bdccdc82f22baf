import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { parseLesson } from '$core/formats/lesson';
import type { ClassRecord } from '$core/teaching/classRecord';
import { outbox } from '$lib/client/outbox.svelte';
import { DEFAULT_SETTINGS } from '$lib/wire/settings';
import type { SettingsHere } from '$lib/client/settings.svelte';
import { storage } from '../../../tests/support/storage';
import { Classroom } from './classroom.svelte';
import { FIRST_MOMENT } from './moment';
import { Lead } from './lead.svelte';
import { Stage } from './stage.svelte';
import { classesAt, type SentClass } from '$lib/wire/class';
import { followStage, leadWindows, type ClockShown, type PhonesShown } from './windows';
import { unwrap } from '$core/result';

const lesson = (() => {
	return unwrap(parseLesson(JSON.parse(readFileSync('db/demo/first-two-leans.json', 'utf8'))));
})();
const staged = () => new Stage(lesson, { value: DEFAULT_SETTINGS } as SettingsHere);

describe('a stage', () => {
	it('goes on past what is left of the repeats when they have it', () => {
		const stage = staged();
		while (!stage.repeatsLeft) stage.forward();
		const { at } = stage.moment;
		stage.skip(1);
		expect([stage.moment.at, stage.moment.repeat, stage.moment.step]).toEqual([at + 1, 0, 0]);
	});

	it('goes back the way it came, over every step and repeat', () => {
		const stage = staged();
		const seen = [stage.moment];
		while (!stage.isLast) {
			stage.forward();
			seen.push(stage.moment);
			expect(seen.length).toBeLessThan(200);
		}
		expect(stage.now?.part.id).toBe('home');
		const place = ({ at, step, repeat }: typeof FIRST_MOMENT) => `${at} ${repeat} ${step}`;
		for (const before of seen.slice(0, -1).reverse()) {
			stage.back();
			expect(place(stage.moment)).toBe(place(before));
		}
		expect(stage.isFirst).toBe(true);
		stage.back();
		expect(stage.isFirst).toBe(true);
	});

	it('stays inside the lesson, whatever is pressed', () => {
		const press = fc.constantFrom(
			'forward',
			'back',
			'again',
			'switchHand',
			'switchYarnHand',
			'switchSchool',
			'switchTerms'
		);
		fc.assert(
			fc.property(
				fc.array(press, { maxLength: 60 }),
				fc.subarray(lesson.parts.map(({ id }) => id)),
				(presses, dropped) => {
					const stage = staged();
					stage.set({ dropped });
					for (const key of presses) {
						stage[key]();
						const { at, step, repeat } = stage.moment;
						expect(stage.parts[at]).toBeDefined();
						expect(step).toBeGreaterThanOrEqual(0);
						expect(step).toBeLessThan(stage.steps);
						expect(repeat).toBeLessThan(stage.repeats.length);
					}
				}
			),
			{ numRuns: 40 }
		);
	});

	it('passes over what is left out today', () => {
		const stage = staged();
		stage.set({ dropped: ['see-rc', 'show-rc'] });
		stage.forward();
		expect(stage.now?.part.id).toBe('knit-rc');
		stage.back();
		expect(stage.now?.part.id).toBe('hello');
		// It can still be reached on purpose.
		stage.part(1);
		expect(stage.now?.part.id).toBe('see-rc');
	});

	it('comes through every school of names and back to its own', () => {
		const stage = staged();
		stage.part(2);
		const names = [];
		do {
			names.push(stage.seen?.taught.name);
			stage.switchSchool();
		} while (stage.moment.school !== null);
		expect(names).toEqual(['2/2 RC', '2/2 RC', 'C4B', 'C2B', 'C4R', 'two over two right cross']);
	});

	it('lets minutes run down, stops them where they are, and goes on from there', () => {
		const stage = staged();
		stage.part(3);
		stage.countDown(1_000);
		expect(stage.moment.countdown).toEqual({ until: 1_000 + 15 * 60_000 });
		stage.countDown(61_000);
		expect(stage.moment.countdown).toEqual({ left: 14 * 60_000 });
		stage.countDown(100_000);
		expect(stage.moment.countdown).toEqual({ until: 100_000 + 14 * 60_000 });
		stage.skip(1);
		expect(stage.moment.countdown).toBeNull();
	});

	it('shows the plan with what was shortened', () => {
		const stage = staged();
		stage.set({ minutes: { hello: 2 } });
		expect(stage.parts[1].from).toBe(2);
	});
});

describe('the clock of a class that is given', () => {
	beforeEach(() => {
		vi.useFakeTimers();
		vi.stubGlobal('localStorage', storage());
		vi.stubGlobal('fetch', async () => ({ ok: true, status: 200, json: async () => ({}) }));
	});
	afterEach(async () => {
		await vi.dynamicImportSettled();
		outbox.letters = [];
		vi.unstubAllGlobals();
		vi.useRealTimers();
	});
	const sent = () => outbox.letters.at(-1)?.body.record as ClassRecord;
	const took = (part: string) => sent().parts.find((one) => one.part === part)!.seconds;

	it('counts what was on, pauses left out', async () => {
		const room = new Classroom('l', staged());
		await room.comes;
		room.start(0);
		room.tick(60_000, 'hello');
		room.pause(90_000, 'hello');
		room.tick(500_000, 'hello');
		room.pause(600_000, 'hello');
		room.tick(630_000, 'see-rc');
		room.tick(640_000, 'hello');
		expect(room.spent).toEqual({ hello: 100, 'see-rc': 30 });
		expect(room.stretches.map(({ part }) => part)).toEqual(['hello', 'see-rc', 'hello']);
		room.end(640_000);
		expect(took('hello')).toBe(100);
		expect(sent()).toMatchObject({ level: 'beginner', ended: expect.stringMatching(/^1970-/) });
		expect(room.isOn).toBe(false);
	});

	it('goes on after the page was closed, with the moment it showed; hours later it is another class', () => {
		const stage = staged();
		const room = new Classroom('l', stage);
		room.start(0);
		stage.part(4);
		room.tick(120_000, 'rest-1');
		room.mark(120_000, 'rest-1', { note: 'Tea' });

		const [again, later] = [staged(), staged()];
		const back = new Classroom('l', again);
		back.resume(180_000);
		back.tick(180_000, 'rest-1');
		expect(again.moment.at).toBe(4);
		expect(back.spent).toEqual({ 'rest-1': 180 });
		expect(back.marks).toEqual({ 'rest-1': { note: 'Tea' } });

		const other = new Classroom('l', later);
		other.resume(10 * 3_600_000);
		expect(other.isOn).toBe(false);
		expect(later.moment).toEqual(FIRST_MOMENT);
	});

	it('is sent once what its parts come to is known, however early it is ended', async () => {
		const room = new Classroom('l', staged());
		room.start(0);
		room.tick(60_000, 'hello');
		room.end(60_000);
		expect(outbox.letters).toEqual([]);
		await room.comes;
		expect(took('hello')).toBe(60);
		expect(sent().ended).not.toBeNull();
	});

	it('does not count a long time in which the page was closed, and forgets what is no class', () => {
		const room = new Classroom('l', staged());
		room.start(0);
		room.tick(60_000, 'hello');
		const back = new Classroom('l', staged());
		back.resume(60_000 + 3_600_000);
		back.tick(60_000 + 3_600_000, 'hello');
		expect(back.spent).toEqual({ hello: 60 });
		localStorage.setItem('pond-loop:class:l', '{broken');
		const broken = new Classroom('l', staged());
		broken.resume(0);
		expect(broken.isOn).toBe(false);
	});

	it('is taken over by another device as the server has it, and the one that led it sends nothing any more', async () => {
		const room = new Classroom('l', staged());
		await room.comes;
		const stop = room.listen();
		room.start(0);
		room.stage.part(4);
		room.tick(120_000, 'rest-1');
		room.mark(120_000, 'rest-1', { note: 'Tea' });
		room.stage.set({ dropped: ['ask'] });
		room.tick(150_000, 'rest-1');
		room.stage.set({ step: 0 });
		room.send();
		const { classId, record, lead } = outbox.letters.at(-1)!.body as unknown as SentClass;
		expect(lead).toMatchObject({ part: 'rest-1', running: true });

		vi.stubGlobal('localStorage', storage());
		const on = { id: classId, record, lead, age: 20 };
		vi.stubGlobal('fetch', async () => ({ ok: true, status: 200, json: async () => ({ on }) }));
		const tablet = new Classroom('l', staged());
		await tablet.comes;
		await tablet.takeUp(() => 170_000);
		expect(tablet.stage.moment).toMatchObject({ at: 4, dropped: ['ask'] });
		expect(tablet.spent).toEqual({ 'rest-1': 170 });
		expect(tablet.marks).toEqual({ 'rest-1': { note: 'Tea' } });
		const taken = outbox.letters.at(-1)!.body as unknown as SentClass;
		expect([taken.classId, taken.takes, taken.lead!.leader === lead!.leader]).toEqual([classId, true, false]);

		vi.stubGlobal('fetch', async () => ({
			...{ ok: true, status: 200 },
			json: async () => ({ classId, led: taken.lead!.leader })
		}));
		room.tick(200_000, 'hello');
		await vi.advanceTimersByTimeAsync(1_000);
		expect([room.ledElsewhere, room.running]).toEqual([true, false]);
		outbox.letters = [];
		room.tick(300_000, 'hello');
		room.mark(300_000, 'hello', { note: 'late' });
		expect(outbox.letters).toEqual([]);
		stop();
	});

	it('begins by itself when something is noted first, and keeps what was dropped', async () => {
		const stage = staged();
		const room = new Classroom('l', stage);
		await room.comes;
		stage.set({ dropped: ['ask'] });
		room.mark(5_000, 'hello', { struggled: 'Fern' });
		expect(room.isOn).toBe(true);
		expect(sent().parts.find(({ part }) => part === 'ask')).toMatchObject({ dropped: true });
		expect(sent().parts[0]).toMatchObject({ struggled: 'Fern', planned: lesson.parts[0].minutes });
		expect(sent().parts[0].units).toEqual({ talk: 1 });
	});
});

describe('a cloth that is held up as wrong', () => {
	afterEach(() => {
		outbox.letters = [];
		vi.unstubAllGlobals();
	});

	it('has the place of the part once its cause is plain, and its mend is gone through by the same keys', async () => {
		const stage = staged();
		stage.set({ wrong: stage.wrongHere('w') });
		await stage.findingComes();
		const finding = stage.finding!;
		expect(stage.wrongShown).toBeNull();
		finding.choose(finding.slips.find(({ slip }) => slip === 'wrong-hold')!);
		expect(stage.wrongShown).toBe(finding);
		expect(finding.told[0].sentence).toMatch(/leans left, not right/);
		finding.show('ladder');
		const { at } = stage.moment;
		stage.forward();
		stage.forward();
		expect([finding.step, stage.moment.at]).toEqual([2, at]);
		expect(Object.values(finding.mendState!.open)).toEqual([0, 0, 5, 5]);
		stage.back();
		expect(finding.step).toBe(1);
		finding.go(999);
		expect(finding.told[finding.step].short).toBe('Mended');
		stage.putWrong({ ...stage.moment.wrong!, shown: false });
		expect(stage.wrongShown).toBeNull();
		stage.forward();
		expect(stage.moment.at).toBe(at + 1);
	});

	it('that looks like another says so, and whether it is mended the same', async () => {
		const stage = staged();
		stage.set({ wrong: stage.wrongHere('w') });
		await stage.findingComes();
		const finding = stage.finding!;
		const choose = (slip: string) => finding.choose(finding.slips.find((one) => one.slip === slip)!);
		const alike = () => finding.alike.map(({ cause, mended }) => [cause.slip, mended]);
		choose('wrong-end');
		expect(alike()).toContainEqual(['knitwise', false]);
		choose('wrong-hold');
		expect(alike()).toContainEqual(['wrong-reach', true]);
		choose('extra-loop');
		expect(alike()).toEqual([]);
	});

	it('is asked about by pictures until one look is left', async () => {
		const stage = staged();
		stage.set({ wrong: stage.wrongHere('w') });
		await stage.findingComes();
		const finding = stage.finding!;
		finding.answer('count', 1);
		expect(finding.cause).toMatchObject({ slip: 'extra-loop' });
		// Rows stand above it: the loop is a column by now. On the next row it only drops.
		expect(finding.mends[0]).toMatchObject({ id: 'column', restores: true });
		finding.place({ rows: 0 });
		expect(finding.mends[0]).toMatchObject({ id: 'drop-loop', restores: true });
		expect(finding.mends[0].minutes).toBeLessThan(1);
		finding.takeBack('count');
		expect(finding.cause).toBeNull();
		finding.answer('lean', 'mixed');
		expect([finding.looks, finding.question]).toEqual([[], null]);
		finding.begin();
		finding.cannotSee('lean');
		expect(finding.trouble).toMatchObject({ answers: {}, unseen: ['lean'] });
	});

	it('is kept with the class once its mend is shown, with whose it was', async () => {
		vi.stubGlobal('localStorage', storage());
		const stage = staged();
		const lead = new Lead('wrong', stage);
		lead.startOrPause(0);
		lead.wrong();
		await stage.findingComes();
		stage.finding!.choose(stage.finding!.slips[0]);
		lead.keepWrong(1);
		expect(kept().slips).toBeUndefined();
		stage.finding!.show('ladder');
		lead.keepWrong(2);
		stage.putWrong({ ...stage.moment.wrong!, who: 'Fern' });
		lead.keepWrong(3);
		expect(kept().slips).toEqual([
			{ crossing: '2/2 RC', slip: 'wrong-hold', way: expect.any(String) as string, who: 'Fern' }
		]);
		lead.wrong();
		expect(stage.moment.wrong).toBeNull();
	});

	const kept = () => (outbox.waiting(classesAt('wrong')).at(-1)!.body as { record: ClassRecord }).record;
});

describe('windows', () => {
	it('show what the stage shows, from the moment they open, and ask it', async () => {
		const clock: ClockShown = { isOn: false, running: false, seconds: 0, late: 0 };
		let moment = FIRST_MOMENT;
		const phones: PhonesShown = { code: 'K7', address: 'http://x/follow/K7', asksIn: true, room: null };
		const asked: string[] = [];
		const marked: unknown[] = [];
		const stage = leadWindows('x', () => ({ moment, clock, phones, marks: { note: 'slowly' } }), {
			does: (what) => asked.push(what),
			mark: (part, marks) => marked.push([part, marks]),
			putWrong: (wrong) => marked.push(wrong)
		});
		const shown: number[] = [];
		const view = followStage('x', ({ moment: { at }, marks, phones: told }) => {
			expect([marks.note, told]).toEqual(['slowly', phones]);
			shown.push(at);
		});
		await vi.waitFor(() => expect(shown.length).toBeGreaterThan(0));
		moment = { ...moment, at: 3 };
		stage.tell();
		await vi.waitFor(() => expect(shown.at(-1)).toBe(3));
		view.ask('next-part');
		await vi.waitFor(() => expect(asked).toEqual(['next-part']));
		view.mark('show', { struggled: 'Uta' });
		await vi.waitFor(() => expect(marked).toEqual([['show', { struggled: 'Uta' }]]));
		view.putWrong(null);
		await vi.waitFor(() => expect(marked.at(-1)).toBeNull());
		stage.close();
		view.close();
	});
});
