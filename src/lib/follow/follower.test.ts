import { readFileSync } from 'node:fs';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { parseLesson } from '$core/formats/lesson';
import { unwrap } from '$core/result';
import type { ClassNow, FollowPage } from '$lib/wire/follow';
import { storage } from '../../../tests/support/storage';
import { Follower } from './follower.svelte';
import { OwnHands } from './ownHands.svelte';

const HERE = { locale: 'en-GB', pseudo: false };

const lesson = unwrap(parseLesson(JSON.parse(readFileSync('db/demo/first-two-leans.json', 'utf8'))));
const moment = (part: string, step: number, more: Partial<ClassNow['moment']> = {}): ClassNow['moment'] => ({
	...{ part, step, told: false, blank: false, look: 'work', school: null, wrong: null },
	voice: { hand: 'right', keep: 'fabric', yarnHand: 'right' },
	...more
});
const at = (n: number, part: string, step: number, more: Partial<ClassNow> = {}): ClassNow => ({
	...{ n, moment: moment(part, step), ended: false, lessonAt: 1 },
	...more
});
const page = (now: ClassNow): FollowPage => ({
	code: 'ABCDEF',
	by: 'A',
	lesson,
	texts: {},
	now,
	closesAt: 0
});
const told = ({ stage }: Follower) => stage.script?.told[stage.moment.step].sentence;

describe('a phone that follows', () => {
	let sent: Record<string, unknown>[] = [];
	beforeEach(() => {
		sent = [];
		vi.stubGlobal('localStorage', storage());
		vi.stubGlobal('document', { cookie: '' });
		vi.stubGlobal('fetch', async (_: string, { body }: { body: string }) => {
			sent.push(JSON.parse(body));
			return new Response('{}');
		});
	});
	afterEach(() => vi.unstubAllGlobals());

	function phone(now: ClassNow, hand: 'right' | 'left' = 'right') {
		const hands = new OwnHands('us', HERE);
		hands.change({ hand });
		return { hands, follower: new Follower(page(now), hands) };
	}

	it('has the step of the stage in its own hands, and only news that is newer', () => {
		const right = phone(at(1, 'show-lc', 0)).follower;
		const { follower: left, hands } = phone(at(1, 'show-lc', 0), 'left');
		expect(told(right)).toContain('hold them in front');
		expect(told(left)).toContain('hold them in back');
		left.hear(at(3, 'show-lc', 2));
		left.hear(at(2, 'show-lc', 1));
		expect(left.stage.moment.step).toBe(2);
		// Other hands, chosen in the middle of it.
		left.hear(at(4, 'show-lc', 0));
		hands.change({ hand: 'right' });
		left.show();
		expect(told(left)).toContain('hold them in front');
	});

	it('goes back by itself, stays there while the class goes on, and comes back by itself or by a press', async () => {
		const { follower } = phone(at(1, 'show-lc', 2));
		follower.forward();
		expect([follower.isWithClass, follower.stage.moment.step]).toEqual([true, 2]);
		follower.back();
		expect([follower.isWithClass, follower.stage.moment.step]).toEqual([false, 1]);
		follower.hear(at(2, 'show-lc', 3));
		expect(follower.stage.moment.step).toBe(1);
		follower.forward();
		expect(follower.isWithClass).toBe(false);
		follower.forward();
		expect([follower.isWithClass, follower.stage.moment.step]).toEqual([true, 3]);
		follower.back();
		follower.rejoin();
		expect([follower.isWithClass, follower.stage.moment.step]).toEqual([true, 3]);
		await vi.waitFor(() => expect(sent.at(-1)).toMatchObject({ away: null }));
		expect(sent[0]).toMatchObject({ away: { part: 'show-lc', step: 1 }, name: '' });
	});

	it('has a step until the next, and waits until the next part or until it is taken back', () => {
		const { follower } = phone(at(1, 'show-lc', 0));
		follower.say('has');
		expect(follower.says).toBe('has');
		follower.hear(at(2, 'show-lc', 1));
		expect(follower.says).toBeNull();
		follower.say('waits');
		follower.hear(at(3, 'show-lc', 2));
		expect(follower.says).toBe('waits');
		follower.say('waits');
		expect(follower.says).toBeNull();
		follower.say('waits');
		follower.hear(at(4, 'knit-rc', 0));
		expect(follower.says).toBeNull();
	});

	it('walks by itself once the class is over, or where there is no room in it', () => {
		const { follower } = phone(at(1, 'show-lc', 1));
		follower.hear(at(2, 'show-lc', 1, { ended: true }));
		expect([follower.follows, follower.stage.moment.step]).toEqual([false, 1]);
		follower.forward();
		expect(follower.stage.moment.step).toBe(2);
		follower.go(0);
		expect(follower.stage.moment.at).toBe(0);
		expect(sent).toEqual([]);
		expect(phone(at(1, 'show-lc', 1, { full: true })).follower.follows).toBe(false);
	});

	it('looks up when the stage is blank or a cloth went wrong, but not where it went by itself', () => {
		const { follower } = phone(at(1, 'show-lc', 1));
		follower.hear({ ...at(2, 'show-lc', 1), moment: moment('show-lc', 1, { blank: true, wrong: '2/2 LC' }) });
		expect([follower.looksUp, follower.wrong]).toEqual([true, '2/2 LC']);
		follower.back();
		expect([follower.looksUp, follower.wrong]).toEqual([false, null]);
	});
});

describe('one’s own hands', () => {
	beforeEach(() => {
		vi.stubGlobal('localStorage', storage());
		vi.stubGlobal('document', { cookie: '' });
	});
	afterEach(() => vi.unstubAllGlobals());

	it('are remembered on the phone, and what is no choice is forgotten', () => {
		const first = new OwnHands('uk', HERE);
		first.recall();
		expect([first.chosen, first.value.terms]).toEqual([false, 'uk']);
		first.change({ hand: 'left', keep: 'words' });
		first.choose({ print: 'large', locale: 'de-DE', name: 'Wren' });
		first.done();
		const later = new OwnHands('us', HERE);
		later.recall();
		expect(later).toMatchObject({ chosen: true, print: 'large', locale: 'de-DE', name: 'Wren' });
		expect(later.value).toMatchObject({ hand: 'left', keep: 'words', terms: 'uk', locale: 'de-DE' });
		localStorage.setItem('pond-loop:own-hands', '{broken');
		const broken = new OwnHands('us', HERE);
		broken.recall();
		expect([broken.chosen, broken.value.hand]).toEqual([false, 'right']);
	});
});
