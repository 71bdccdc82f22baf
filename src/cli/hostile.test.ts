import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { hostileCommand } from '../../tests/support/hostile';
import { run } from './run';

const RUNS = Number(process.env.FUZZ_RUNS ?? 1_500);
const CODES = ['unreadable', 'size', 'parity', 'conflict'];

describe('any input to any verb', () => {
	it(
		'ends in an answer that can be printed, or in one of the four errors with a message',
		() => {
			fc.assert(
				fc.property(hostileCommand, (args) => {
					const answer = run(args);
					if (answer.ok) return void JSON.stringify(answer.value);
					expect(CODES).toContain(answer.error.code);
					expect(answer.error.message).toMatch(/\S.*[.?!…]$/s);
					expect(answer.error.message).not.toMatch(/\bat .*\.(ts|js):\d+|undefined|\[object/);
				}),
				{ numRuns: RUNS }
			);
		},
		60_000 + RUNS * 20
	);
});
