import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { printedPattern } from '../../tests/support/printed';
import { everyRow, readPattern } from '../core/pattern/pattern';
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
	/** Every line that says something is worked, part of the key, or said to be passed over or not understood. */
	const spokenFor = (text: string) => {
		const pattern = readPattern(text);
		const { castOn, multiple, repeats, key, ownAt, panels, odd, passed } = pattern;
		const spoken = [...everyRow(pattern), ...repeats, ...key, ...ownAt, ...panels, ...odd, ...passed];
		let from = 0;
		for (const line of text.split('\n')) {
			const to = from + line.length;
			const silent = line.trim() !== '' && !spoken.some((one) => one.from < to && one.to > from);
			if (silent) expect(line).toMatch(/^(?:CO|Cast on|Multiple|Abbreviations|BO all|k2, p2)/);
			if (silent && /^(?:CO|Cast)/.test(line)) expect(castOn).not.toBeNull();
			if (silent && /^Multiple/.test(line)) expect(multiple).not.toBeNull();
			from = to + 1;
		}
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
		'does so for patterns as they are printed, and for their charts; every sentence is worked, or something is said of it',
		() =>
			fc.assert(
				fc.property(printedPattern, fc.constantFrom('1', '2', '3'), (text, size) => {
					printable(['rows', '--size', size], text);
					printable(['chart', '--size', size], text);
					spokenFor(text);
				}),
				{ numRuns: numRuns / 2 }
			),
		patience
	);

	it.each([
		['words without commas', 'Row 1: ', 'k2 p2 '],
		['brackets', 'Row 1: ', '('],
		['stars', 'Row 1: ', '*k2, '],
		['prose', '', 'This is a line of prose\n'],
		['rows of one number', '', 'Row 1: k8.\n'],
		['headings and calls', '', 'Otter (2 sts)\nRow 1: k2.\nNext row: work Otter over next 2 sts.\n'],
		['stitches bound off', 'Row 1: ', 'BO 2, k1, '],
		['words of a key', 'Key:\n', 'MB: (k1, yo, k1) in next st, turn, p3tog\n'],
		['repeats', 'Row 1: k8.\n', 'Rep last 4 rows twice.\n'],
		['blanks', 'Row 1', ' '],
		['digits', 'Row 1: ', '1'],
		['heads', '', 'Row 1 (RS '],
		['sizes', 'Row 1: ', 'k2 (3, 4), ']
	])('answers 200,000 characters of %s', (_, before, again) => {
		const text = `Cast on 8.\n${before}${again.repeat(200_000 / again.length)}`;
		printable(['rows'], text);
	});

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
			'[[pm] 9999 times] 9999 times',
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
