import { monitorEventLoopDelay } from 'node:perf_hooks';

const RESOLUTION_MS = 5;
const delays = monitorEventLoopDelay({ resolution: RESOLUTION_MS });
delays.enable();

/**
 * How long whoever asked something had to wait at worst for its turn in this process, in milliseconds, since this was asked
 * last: the longest wait, and the longest of 99 in 100.
 */
export function loopDelay(): { readonly p99: number; readonly max: number } {
	const ms = (ns: number) => Math.max(0, Math.round(ns / 1e4) / 100 - RESOLUTION_MS);
	const told = { p99: ms(delays.percentile(99)), max: ms(delays.max) };
	delays.reset();
	return told;
}
