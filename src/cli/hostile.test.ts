import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { hostileCommand, hostileDocument, hostileRows } from '../../tests/support/hostile';
import { run } from './run';

const RUNS = Number(process.env.FUZZ_RUNS ?? 1_500);
const CODES = ['unreadable', 'size', 'parity', 'conflict'];

describe('any input to any verb', () => {
	const printable = (args: readonly string[], input?: string) => {
		const answer = run(args, input);
		if (answer.ok) return void JSON.stringify(answer.value);
		expect(CODES).toContain(answer.error.code);
		expect(answer.error.message).toMatch(/\S.*[.?!…”]$/s);
		expect(answer.error.message).not.toMatch(/\bat .*\.(ts|js):\d+|undefined|\[object/);
	};
	const numRuns = RUNS;
	const patience = 60_000 + RUNS * 20;

	it(
		'ends in an answer that can be printed, or in one of the four errors with a message',
		() =>
			fc.assert(
				fc.property(hostileCommand, (args) => printable(args)),
				{ numRuns }
			),
		patience
	);

	it(
		'does so for rows as well, however they are written',
		() =>
			fc.assert(
				fc.property(hostileRows, (text) => printable(['rows'], text)),
				{ numRuns: numRuns / 2 }
			),
		patience
	);

	it(
		'does so for briefs and lessons as well',
		() =>
			fc.assert(
				fc.property(fc.constantFrom('draft', 'check-lesson'), hostileDocument, (verb, text) =>
					printable([verb], text)
				),
				{ numRuns: numRuns / 5 }
			),
		patience
	);

	it('gives rows up that would never end', () => {
		for (const row of [
			'[yo] 99999999 times',
			'[[sm] 9999 times] 9999 times',
			'[[[k 0] 999 times] 999 times] 999 times'
		])
			expect(run(['rows'], `Cast on 4.\nRow 1: ${row}, k4.`)).toMatchObject({
				ok: true,
				value: { problems: [{ code: 'too-many' }] }
			});
		expect(run(['rows'], 'Cast on 2.\nRow 1: k2.\nRep row 1 99999999 times.')).toMatchObject({ ok: true });
		expect(run(['rows'], 'Multiple of 1.\nRow 1: [k2] 5000 times.\nRep row 1 1999 times.')).toMatchObject({
			error: { code: 'unreadable' }
		});
	});
});
