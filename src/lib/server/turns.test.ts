import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { Turns } from './turns';

describe('turns', () => {
	beforeEach(() => void vi.useFakeTimers());
	afterEach(() => void vi.useRealTimers());

	it('let so many go at once under a name, and the others in the order they came', async () => {
		const turns = new Turns(2, 10, 1_000);
		const came: number[] = [];
		const all = [0, 1, 2, 3].map(async (n) => {
			const back = await turns.take('ida');
			came.push(n);
			return back;
		});
		await vi.advanceTimersByTimeAsync(0);
		expect(came).toEqual([0, 1]);
		(await all[0])!();
		await vi.advanceTimersByTimeAsync(0);
		expect(came).toEqual([0, 1, 2]);
		(await all[2])!();
		await vi.advanceTimersByTimeAsync(0);
		expect(came).toEqual([0, 1, 2, 3]);
	});

	it('do not make one wait for another', async () => {
		const turns = new Turns(1, 10, 1_000);
		await turns.take('ida');
		void turns.take('ida');
		expect(await turns.take('fern')).not.toBeNull();
	});

	it('end in no turn where too many wait, or it is long in coming, and go on after that', async () => {
		const turns = new Turns(1, 1, 1_000);
		const back = await turns.take('ida');
		const late = turns.take('ida');
		expect(await turns.take('ida')).toBeNull();
		await vi.advanceTimersByTimeAsync(1_001);
		expect(await late).toBeNull();
		back!();
		expect(await turns.take('ida')).not.toBeNull();
	});
});
