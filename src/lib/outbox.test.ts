import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { storage } from '../../tests/support/storage';
import { Outbox } from './outbox.svelte';

/** A server that can be away, refuse, and remember what it was sent. */
class Server {
	away = false;
	refuses = false;
	taken: { to: string; body: Record<string, unknown> }[] = [];

	fetch = async (to: string, { body }: { body: string }) => {
		if (this.away) throw new TypeError('away');
		if (this.refuses)
			return { ok: false, status: 422, json: async () => ({ error: { message: 'Too long by half.' } }) };
		this.taken.push({ to, body: JSON.parse(body) });
		return { ok: true, status: 200, json: async () => ({ version: this.taken.length }) };
	};
}

describe('the outbox', () => {
	let server: Server;

	beforeEach(() => {
		vi.useFakeTimers();
		server = new Server();
		vi.stubGlobal('localStorage', storage());
		vi.stubGlobal('addEventListener', () => {});
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

	it('stops at a refusal, says it, and goes on when the change is given up', async () => {
		const outbox = opened();
		server.refuses = true;
		outbox.post('/a', { text: 'too long' });
		outbox.post('/a', { text: 'fine' });
		await vi.runAllTimersAsync();
		expect(outbox.refusal?.message).toBe('Too long by half.');
		expect(outbox.letters.length).toBe(2);
		server.refuses = false;
		outbox.discardRefused();
		await vi.runAllTimersAsync();
		expect(bodies()).toEqual(['fine']);
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
