import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { applyChange } from '$core/lesson/change';
import { emptyLesson, type Change, type Lesson, type Part } from '$core/lesson/lesson';
import { changesAt, type LessonPage } from '$lib/wire/lesson';
import { fakePage, leavePage, rested, waitingTo } from '../../../tests/support/page';
import { isOnItsWay, makeLesson, OpenLesson } from './openLesson.svelte';

const note = (id: string, text = ''): Part => ({ id, kind: 'note', title: id, minutes: 5, text });
const say = (text: string): Change => ({ kind: 'set-part', part: 'n', fields: { text } });
const NO_SOURCES = { swatches: [], sayings: [], keys: [] };

describe('an open lesson', () => {
	/** what the server has, and what it says to the next change instead */
	let kept: { version: number; lesson: Lesson };
	let refusing: { status: number; json: unknown } | null;
	let away: boolean;
	let sources: LessonPage['sources'];
	let stop: () => void;
	/** the outbox remembers what it sent, so each is another lesson */
	let id: string;
	const opened = () => {
		const open = new OpenLesson({ id, ...kept, sources, taughtAt: null });
		stop = open.watch();
		return open;
	};

	beforeEach(() => {
		id = crypto.randomUUID();
		kept = { version: 3, lesson: { ...emptyLesson('Reeds'), parts: [note('n')] } };
		[refusing, away, sources, stop] = [null, false, NO_SOURCES, () => {}];
		fakePage((to, body) => {
			if (away) return null;
			if (to.includes('/news')) return { json: { ...kept, sources } };
			if (refusing) return refusing;
			if (to !== changesAt(id)) return { json: {} };
			kept = { version: kept.version + 1, lesson: applyChange(kept.lesson, body.change as Change) };
			return { json: kept.version === (body.since as number) + 1 ? { version: kept.version } : kept };
		});
	});
	afterEach(() => {
		stop();
		leavePage();
	});

	it('shows what is typed at once, also while the server is away, and keeps it once it is back', async () => {
		const open = opened();
		away = true;
		open.change(say('Sit'), { topic: 't' });
		open.change(say('Sit down'), { topic: 't' });
		expect(open.lesson.parts[0].text).toBe('Sit down');
		await rested();
		expect([open.lesson.parts[0].text, waitingTo(changesAt(id)).length]).toEqual(['Sit down', 1]);
		away = false;
		await rested(10_000);
		expect([kept.lesson.parts[0].text, open.lesson.parts[0].text]).toEqual(['Sit down', 'Sit down']);
		expect(waitingTo(changesAt(id))).toEqual([]);
	});

	it('takes what other pages did, in the answer to its own change and when it asks', async () => {
		const open = opened();
		kept = { version: 4, lesson: { ...kept.lesson, title: 'Theirs' } };
		open.change(say('Mine'));
		await rested(500);
		expect([open.lesson.title, open.lesson.parts[0].text]).toEqual(['Theirs', 'Mine']);
		kept = { version: 9, lesson: { ...kept.lesson, title: 'Later' } };
		await rested(5_000);
		expect(open.lesson.title).toBe('Later');
	});

	it('asks who wrote in one place which stands: mine goes out again from the newer version', async () => {
		const open = opened();
		kept = { version: 4, lesson: applyChange(kept.lesson, say('theirs')) };
		const clash = { part: 'n', fields: ['text'] };
		refusing = { status: 409, json: { error: { code: 'clash', message: 'x' }, clash, ...kept } };
		open.change(say('mine'));
		await rested();
		expect(open.clash).toMatchObject({ part: 'n', fields: ['text'], mine: say('mine') });
		expect(open.clash?.theirs.parts[0].text).toBe('theirs');
		refusing = null;
		open.choose('mine');
		await rested();
		expect([open.clash, kept.lesson.parts[0].text]).toEqual([null, 'mine']);
	});

	it('lets go of what it wrote there where theirs is chosen, and of nothing else', async () => {
		const open = opened();
		kept = { version: 4, lesson: applyChange(kept.lesson, say('theirs')) };
		const clash = { part: 'n', fields: ['text'] };
		refusing = { status: 409, json: { error: { code: 'clash', message: 'x' }, clash, ...kept } };
		open.change({ kind: 'set-part', part: 'n', fields: { text: 'mine', title: 'Sit' } });
		await rested();
		refusing = null;
		open.choose('theirs');
		await rested();
		expect(kept.lesson.parts[0]).toMatchObject({ text: 'theirs', title: 'Sit' });
	});

	it('is no clash where a change is refused for another reason', async () => {
		const open = opened();
		refusing = { status: 422, json: { error: { code: 'size', message: 'This lesson is full.' } } };
		open.change(say('mine'));
		await rested();
		expect([open.clash, open.lesson.parts[0].text]).toEqual([null, 'mine']);
	});

	it('takes a removal back', () => {
		const open = opened();
		open.change({ kind: 'remove-part', part: 'n' }, { said: '“n” removed.' });
		expect([open.lesson.parts, open.undo?.said]).toEqual([[], '“n” removed.']);
		open.takeBack();
		expect([open.lesson.parts, open.undo]).toEqual([[note('n')], null]);
	});

	it('follows its sources: rows are what the swatch says, and no change to them would be seen', async () => {
		const swatch = { id: 's', title: 'Eel', text: 'CO 4.' };
		kept = { ...kept, lesson: { ...kept.lesson, swatches: [swatch] } };
		sources = { ...NO_SOURCES, swatches: [swatch] };
		const open = opened();
		expect([open.follows('s'), open.takes({ kind: 'put-swatch', swatch })]).toEqual([true, false]);
		sources = { ...NO_SOURCES, swatches: [{ ...swatch, text: 'CO 8.' }] };
		await rested(5_000);
		expect([open.lesson.swatches[0].text, open.written.swatches[0].text]).toEqual(['CO 8.', 'CO 4.']);
	});
});

describe('a lesson that was made here', () => {
	afterEach(leavePage);

	it('is on its way until the server has it', async () => {
		fakePage(() => ({ json: { version: 0 } }));
		makeLesson('7', 'Ropes');
		expect([isOnItsWay('7'), isOnItsWay('8')]).toEqual([true, false]);
		await rested();
		expect(isOnItsWay('7')).toBe(false);
	});
});
