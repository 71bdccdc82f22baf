import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { listenTo } from './events';

/** A stream as a browser opens it, led by the test. */
class FakeSource {
	static readonly CLOSED = 2;
	static all: FakeSource[] = [];
	readyState = 1;
	closed = false;
	onmessage: ((event: { data: string }) => void) | null = null;
	onerror: (() => void) | null = null;
	#beat: (() => void) | null = null;

	constructor(readonly address: string) {
		FakeSource.all.push(this);
	}
	addEventListener(_: 'beat', hear: () => void) {
		this.#beat = hear;
	}
	close() {
		this.closed = true;
	}
	beat() {
		this.#beat?.();
	}
	says(value: unknown) {
		this.onmessage?.({ data: JSON.stringify(value) });
	}
	breaks(refused = false) {
		if (refused) this.readyState = FakeSource.CLOSED;
		this.onerror?.();
	}
}

const listeners = new Map<string, () => void>();
const heard: unknown[] = [];
const away: boolean[] = [];
let tries = true;
const latest = () => FakeSource.all.at(-1)!;
const listen = () =>
	listenTo('/events', {
		onevent: (event) => void heard.push(event),
		onaway: (is) => void away.push(is),
		onrefused: async () => tries
	});

beforeEach(() => {
	vi.useFakeTimers();
	vi.stubGlobal('EventSource', FakeSource);
	vi.stubGlobal('document', {
		visibilityState: 'visible',
		addEventListener: (name: string, hear: () => void) => listeners.set(name, hear),
		removeEventListener: (name: string) => listeners.delete(name)
	});
	vi.stubGlobal('addEventListener', (name: string, hear: () => void) => listeners.set(name, hear));
	vi.stubGlobal('removeEventListener', (name: string) => listeners.delete(name));
	FakeSource.all = [];
	heard.length = away.length = 0;
	tries = true;
});
afterEach(() => {
	vi.unstubAllGlobals();
	vi.useRealTimers();
});

describe('a stream of events', () => {
	it('comes back when it breaks, later each time, and says so meanwhile', async () => {
		const stop = listen();
		latest().says({ n: 1 });
		expect([heard, away]).toEqual([[{ n: 1 }], [false]]);
		latest().breaks();
		expect(away.at(-1)).toBe(true);
		await vi.advanceTimersByTimeAsync(1_000);
		expect(FakeSource.all).toHaveLength(2);
		latest().breaks();
		await vi.advanceTimersByTimeAsync(1_000);
		expect(FakeSource.all).toHaveLength(2);
		await vi.advanceTimersByTimeAsync(1_000);
		expect(FakeSource.all).toHaveLength(3);
		latest().beat();
		expect(away.at(-1)).toBe(false);
		stop();
		expect(latest().closed).toBe(true);
		expect(listeners.size).toBe(0);
	});

	it('is opened anew when it was silent for long, or the phone slept', async () => {
		const stop = listen();
		for (let n = 0; n < 10; n++) {
			await vi.advanceTimersByTimeAsync(3_000);
			latest().beat();
		}
		expect(FakeSource.all).toHaveLength(1);
		expect(away.at(-1)).toBe(false);
		// A network that fell silent is noticed, and said, within ten seconds.
		await vi.advanceTimersByTimeAsync(10_000);
		expect(FakeSource.all).toHaveLength(2);
		expect(away.at(-1)).toBe(true);
		// Timers stand still while a phone sleeps.
		vi.setSystemTime(Date.now() + 3_600_000);
		listeners.get('visibilitychange')!();
		expect(FakeSource.all).toHaveLength(3);
		stop();
	});

	it('gives up where there never will be news, and goes on where there may be', async () => {
		const stop = listen();
		latest().breaks(true);
		await vi.advanceTimersByTimeAsync(2_000);
		expect(FakeSource.all).toHaveLength(2);
		tries = false;
		latest().breaks(true);
		await vi.advanceTimersByTimeAsync(120_000);
		expect(FakeSource.all).toHaveLength(2);
		stop();
	});
});
