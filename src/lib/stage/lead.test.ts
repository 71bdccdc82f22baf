import { readFileSync } from 'node:fs';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { parseLesson } from '$core/formats/lesson';
import { unwrap } from '$core/result';
import { outbox } from '$lib/client/outbox.svelte';
import type { SettingsHere } from '$lib/client/settings.svelte';
import { DEFAULT_SETTINGS } from '$lib/wire/settings';
import { storage } from '../../../tests/support/storage';
import { Lead } from './lead.svelte';
import { Stage } from './stage.svelte';
import { switchesOf } from './switches';

const lesson = unwrap(parseLesson(JSON.parse(readFileSync('db/demo/first-two-leans.json', 'utf8'))));
const MINUTE = 60_000;

describe('the stage that leads', () => {
	let lead: Lead;
	const at = (kind: string) => lesson.parts.findIndex((part) => part.kind === kind);

	beforeEach(() => {
		vi.useFakeTimers();
		vi.stubGlobal('localStorage', storage());
		vi.stubGlobal('fetch', async () => ({ ok: true, status: 200, json: async () => ({}) }));
		lead = new Lead('l', new Stage(lesson, { value: DEFAULT_SETTINGS } as SettingsHere));
	});
	afterEach(async () => {
		await vi.dynamicImportSettled();
		outbox.letters = [];
		vi.unstubAllGlobals();
		vi.useRealTimers();
	});

	it('notes the lesson as taught once, when its clock starts, and then pauses and goes on', () => {
		lead.startOrPause(0);
		expect(lead.room.running).toBe(true);
		lead.startOrPause(MINUTE);
		expect([lead.room.isOn, lead.room.running]).toEqual([true, false]);
		lead.startOrPause(2 * MINUTE);
		expect(outbox.letters.filter(({ to }) => to.endsWith('/taught'))).toHaveLength(1);
		lead.end(3 * MINUTE);
		expect([lead.room.isOn, lead.room.spent]).toEqual([false, {}]);
	});

	it('asks for a rest after 25 minutes of work, again 25 after one that was waved away, and anew after a real one', () => {
		let now = 0;
		const work = (minutes: number) => {
			for (let n = 0; n < minutes; n++) lead.tick((now += MINUTE));
			return lead.restDue;
		};
		lead.startOrPause(0);
		expect([work(24), work(1)]).toEqual([false, true]);
		lead.rest();
		expect([lead.restDue, work(24), work(1)]).toEqual([false, false, true]);
		lead.stage.part(at('care'));
		expect(work(2)).toBe(false);
		lead.stage.part(at('show'));
		expect([work(24), work(1)]).toEqual([false, true]);
	});

	it('says how late it is, and tells the windows its clock', () => {
		lead.startOrPause(0);
		lead.tick(lesson.parts[0].minutes * MINUTE + 2 * MINUTE);
		expect(lead.late).toBeCloseTo(2);
		expect(lead.clock).toMatchObject({
			isOn: true,
			running: true,
			seconds: (lesson.parts[0].minutes + 2) * 60,
			late: lead.late
		});
	});

	it('goes on by itself to the end of the part, and no further', () => {
		lead.stage.part(at('show'));
		lead.byItself = true;
		for (let steps = 0; lead.byItself; steps++) {
			lead.goOn(4);
			vi.advanceTimersByTime(6_000);
			expect(steps).toBeLessThan(100);
		}
		expect(lead.stage.moment.step).toBe(lead.stage.steps - 1);
		expect(lead.part?.kind).toBe('show');
	});

	it('looks in another way only at a crossing, and again the usual way', () => {
		lead.look('leans');
		expect(lead.stage.moment.look).toBe('work');
		lead.stage.part(at('show'));
		lead.look('leans');
		expect(lead.stage.moment.look).toBe('leans');
		lead.look('leans');
		expect(lead.stage.moment.look).toBe('work');
	});

	it('does what another window asks', () => {
		lead.ask('next-part');
		expect(lead.stage.moment.at).toBe(1);
		lead.ask('part-before');
		lead.ask('tell');
		lead.ask('blank');
		expect(lead.stage.moment).toMatchObject({ at: 0, told: true, blank: true });
		lead.ask('forward');
		expect(lead.stage.moment.blank).toBe(false);
	});

	it('has a key of its own for every switch, and says what pressing it will do', () => {
		const keys = switchesOf(lead, () => (lead.beside = true)).map(({ key }) => key);
		expect(new Set(keys).size).toBe(keys.length);
		const press = (key: string) =>
			switchesOf(lead, () => (lead.beside = true)).find((one) => one.key === key)!;
		for (const key of ['a', 'v', '.', 'o', 'n', 'i']) {
			press(key).run();
			expect(press(key).on, key).toBe(true);
		}
		expect(press('l').says).toBe('left-handed');
		press('l').run();
		expect(press('l').says).toBe('right-handed');
	});
});
