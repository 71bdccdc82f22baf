import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { storage } from '../../../tests/support/storage';
import { Outbox } from './outbox.svelte';

/** A server that can be away, refuse, and remember what it was sent. */
class Server {
	away = false;
	isFull = false;
	refuses = '';
	breaksAt = '';
	taken: { to: string; body: Record<string, unknown> }[] = [];

	fetch = async (to: string, { body }: { body: string }) => {
		if (this.away) throw new TypeError('away');
		const saying = (status: number, message: string) => ({
			ok: false,
			status,
			json: async () => ({ error: { message } })
		});
		if (this.isFull) return saying(507, 'The disk is full.');
		if (this.breaksAt === to) return saying(500, 'Something broke on our side.');
		if (this.refuses === to) return saying(422, 'Too long by half.');
		this.taken.push({ to, body: JSON.parse(body) });
		return { ok: true, status: 200, json: async () => ({ version: this.taken.length }) };
	};
}

describe('the outbox', () => {
	let server: Server;
	/** what a page does when it is being left */
	let leave = () => {};

	beforeEach(() => {
		vi.useFakeTimers();
		server = new Server();
		vi.stubGlobal('localStorage', storage());
		vi.stubGlobal('addEventListener', (name: string, listener: () => void) => {
			if (name === 'beforeunload') leave = listener;
		});
		vi.stubGlobal('fetch', server.fetch);
	});
	afterEach(() => {
		vi.useRealTimers();
		vi.unstubAllGlobals();
	});

	const opened = () => {
		const outbox = new Outbox();
		outbox.open('warden');
		return outbox;
	};
	const bodies = () => server.taken.map(({ body }) => body.text);
	const kept = () => Object.keys(localStorage).length;

	it('sends letters in the order they were written, and forgets what was taken', async () => {
		const outbox = opened();
		outbox.post('/a', { text: 'one' });
		outbox.post('/b', { text: 'two' });
		expect(kept()).toBe(2);
		await vi.runAllTimersAsync();
		expect(server.taken.map(({ to }) => to)).toEqual(['/a', '/b']);
		expect([kept(), outbox.letters.length, outbox.state]).toEqual([0, 0, 'saved']);
	});

	it('remembers what was taken lately, for a page that begins to listen after', async () => {
		const outbox = opened();
		outbox.post('/a', { text: 'one' });
		outbox.post('/b', { text: 'two' });
		outbox.post('/a', { text: 'three' });
		await vi.runAllTimersAsync();
		expect(outbox.recent('/a').map(({ letter, answer }) => [letter.body.text, answer.version])).toEqual([
			['one', 1],
			['three', 3]
		]);
	});

	it('sends typing once it rests, the last words only', async () => {
		const outbox = opened();
		for (const text of ['T', 'Ti', 'Title']) outbox.post('/a', { text }, 'title');
		outbox.post('/a', { text: 'other' }, 'text');
		await vi.runAllTimersAsync();
		expect(bodies()).toEqual(['Title', 'other']);
	});

	it('keeps what was written while the server is away, and sends it when it is back', async () => {
		const outbox = opened();
		server.away = true;
		outbox.post('/a', { text: 'first' }, 'title');
		await vi.advanceTimersByTimeAsync(1_000);
		expect(outbox.state).toBe('away');
		// The first may have arrived, so what is typed now is a letter of its own.
		outbox.post('/a', { text: 'second' }, 'title');
		outbox.post('/a', { text: 'third' }, 'title');
		expect(outbox.letters.map(({ body }) => body.text)).toEqual(['first', 'third']);
		server.away = false;
		await vi.advanceTimersByTimeAsync(10_000);
		expect(bodies()).toEqual(['first', 'third']);
		expect(outbox.state).toBe('saved');
	});

	it('is taken up by the next page, under the same ids', async () => {
		server.away = true;
		const closed = opened();
		closed.post('/a', { text: 'left behind' });
		await vi.advanceTimersByTimeAsync(100);
		const [{ id }] = closed.letters;
		vi.clearAllTimers();
		server.away = false;
		const next = opened();
		next.post('/a', { text: 'and on' });
		await vi.runAllTimersAsync();
		expect(bodies()).toEqual(['left behind', 'and on']);
		expect(server.taken[0].body.id).toBe(id);
	});

	it('throws away what is no letter, and takes up the rest', async () => {
		localStorage.setItem('pond-loop:outbox:warden:000000001:x', '{');
		localStorage.setItem('pond-loop:outbox:warden:000000002:y', '{"id":1}');
		localStorage.setItem(
			'pond-loop:outbox:warden:000000003:z',
			'{"id":"z","to":"/a","body":{"text":"good"}}'
		);
		localStorage.setItem('another program', 'stays');
		const outbox = opened();
		await vi.runAllTimersAsync();
		expect(bodies()).toEqual(['good']);
		expect([outbox.state, kept()]).toEqual(['saved', 1]);
	});

	it('holds up the document of a refusal and no other, and goes on when the change is let go', async () => {
		const outbox = opened();
		server.refuses = '/api/lessons/1/changes';
		outbox.post('/api/lessons/1/changes', { text: 'too long' });
		outbox.post('/api/lessons/1/taught', { text: 'behind it' });
		outbox.post('/api/lessons/2/changes', { text: 'another lesson' });
		await vi.runAllTimersAsync();
		expect(outbox.refusals.map(({ message }) => message)).toEqual(['Too long by half.']);
		expect([bodies(), outbox.state]).toEqual([['another lesson'], 'refused']);
		outbox.letGo(outbox.refusals[0]);
		await vi.runAllTimersAsync();
		expect([bodies(), outbox.state]).toEqual([['another lesson', 'behind it'], 'saved']);
	});

	it('sends what is written in the place of a refusal instead of it', async () => {
		const outbox = opened();
		server.refuses = '/api/lessons/1/changes';
		outbox.post('/api/lessons/1/changes', { text: 'too long' }, 'title');
		await vi.runAllTimersAsync();
		server.refuses = '';
		outbox.post('/api/lessons/1/changes', { text: 'short' }, 'title');
		await vi.runAllTimersAsync();
		expect([bodies(), outbox.refusals, kept()]).toEqual([['short'], [], 0]);
	});

	it('gives a change up to its writer that breaks the server again and again, and sends the others', async () => {
		const outbox = opened();
		server.breaksAt = '/api/swatches/1/versions';
		outbox.post('/api/swatches/1/versions', { text: 'breaks' });
		outbox.post('/api/swatches/2/versions', { text: 'does not' });
		await vi.advanceTimersByTimeAsync(10_000);
		expect([outbox.refusals.length, bodies()]).toEqual([1, ['does not']]);
	});

	it('says what the server lacks, and waits', async () => {
		const outbox = opened();
		server.isFull = true;
		outbox.post('/a', { text: 'one' });
		await vi.advanceTimersByTimeAsync(1_000);
		expect([outbox.state, outbox.need]).toEqual(['away', 'The disk is full.']);
		server.isFull = false;
		await vi.advanceTimersByTimeAsync(10_000);
		expect([outbox.state, outbox.need, bodies()]).toEqual(['saved', null, ['one']]);
	});

	it('leaves what is taken while a page is being left to the next page, which may not know it', async () => {
		const outbox = opened();
		outbox.post('/a', { text: 'one' });
		leave();
		await vi.advanceTimersByTimeAsync(100);
		expect([bodies(), outbox.letters.length, kept()]).toEqual([['one'], 0, 1]);
		const next = opened();
		expect(next.waiting('/a').length).toBe(1);
		await vi.runAllTimersAsync();
		expect(server.taken.map(({ body }) => body.id)).toEqual([
			server.taken[0].body.id,
			server.taken[0].body.id
		]);
		expect(kept()).toBe(0);
	});

	it('tells who asked what the server answered', async () => {
		const outbox = opened();
		const answers: unknown[] = [];
		const stop = outbox.onTaken((letter, answer) => answers.push([letter.body.text, answer.version]));
		outbox.post('/a', { text: 'one' });
		await vi.runAllTimersAsync();
		stop();
		outbox.post('/a', { text: 'two' });
		await vi.runAllTimersAsync();
		expect(answers).toEqual([['one', 1]]);
	});

	it('tells which letters wait for an address, and the same nothing while there are none', async () => {
		const outbox = opened();
		const nothing = outbox.waiting('/a');
		outbox.post('/b', { text: 'elsewhere' });
		expect(outbox.waiting('/a')).toBe(nothing);
		outbox.post('/a', { text: 'here' });
		expect(outbox.waiting('/a').map(({ body }) => body.text)).toEqual(['here']);
		await vi.runAllTimersAsync();
		expect(outbox.waiting('/a')).toBe(nothing);
	});
});
