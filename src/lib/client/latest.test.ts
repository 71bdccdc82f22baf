import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import { Latest } from './latest';

const sent: unknown[] = [];
let answers: (() => Promise<Response>)[] = [];
const response = (status: number) => async () =>
	new Response(JSON.stringify(status === 200 ? {} : { error: { code: 'x', message: 'No.' } }), { status });

beforeEach(() => {
	vi.useFakeTimers();
	sent.length = 0;
	answers = [];
	vi.stubGlobal('fetch', (_: string, { body }: { body: string }) => {
		sent.push(JSON.parse(body));
		return (answers.shift() ?? response(200))();
	});
});
afterEach(() => {
	vi.unstubAllGlobals();
	vi.useRealTimers();
});

test('only the newest is sent after one that is on its way', async () => {
	const latest = new Latest<number>('/x');
	for (const n of [1, 2, 3, 4]) latest.post(n);
	await vi.advanceTimersByTimeAsync(0);
	expect(sent).toEqual([1, 4]);
});

test('what nobody answers to is tried again, the newest of it; what is refused is let go', async () => {
	const away: boolean[] = [];
	const latest = new Latest<number>('/x', (is) => void away.push(is));
	answers = [() => Promise.reject(new TypeError()), response(503), response(200)];
	latest.post(1);
	await vi.advanceTimersByTimeAsync(0);
	expect([sent, away]).toEqual([[1], [true]]);
	latest.post(2);
	await vi.advanceTimersByTimeAsync(2_000);
	expect(sent).toEqual([1, 2, 2]);
	expect(away.at(-1)).toBe(false);
	answers = [response(404)];
	latest.post(3);
	await vi.advanceTimersByTimeAsync(60_000);
	expect(sent).toEqual([1, 2, 2, 3]);
	answers = [() => Promise.reject(new TypeError())];
	latest.post(4);
	await vi.advanceTimersByTimeAsync(0);
	latest.stop();
	await vi.advanceTimersByTimeAsync(60_000);
	expect(sent).toEqual([1, 2, 2, 3, 4]);
});
