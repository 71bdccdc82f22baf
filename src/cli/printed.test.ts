import { describe, expect, it } from 'vitest';
import { unwrap } from '../core/result';
import { vectors } from '../../tests/support/vectors';
import { run } from './run';

interface Printed {
	readonly read: { args: string[]; order: number[]; over?: number[][]; work?: string[] }[];
	readonly rows: {
		text: string;
		args?: string[];
		castOn: number;
		lastFaces?: string;
		lastStrands?: number[];
		problems: string[];
	}[];
}
interface Row {
	readonly faces: string;
	readonly strands: readonly number[];
}
interface Problem {
	readonly code: string;
	readonly severity: string;
}

const printed = vectors('printed.json') as Printed;

describe('names and definitions as patterns print them', () => {
	it.each(printed.read.map((one) => [one.args.slice(1).join(' '), one] as const))(
		'%s',
		(_, { args, ...wanted }) => {
			const { readings } = unwrap(run(args)) as { readings: { crossing: object }[] };
			expect(readings[0].crossing).toMatchObject(wanted);
		}
	);
});

describe('rows as patterns print them', () => {
	it.each(printed.rows.map((one) => [one.text, one] as const))('%s', (text, wanted) => {
		const answer = unwrap(run(['rows', ...(wanted.args ?? [])], text)) as {
			castOn: number;
			rows: readonly Row[];
			problems: readonly Problem[];
		};
		expect(answer.castOn).toBe(wanted.castOn);
		const last = answer.rows.at(-1)!;
		if (wanted.lastFaces) expect(last.faces).toBe(wanted.lastFaces);
		if (wanted.lastStrands) expect(last.strands).toEqual(wanted.lastStrands);
		const codes = answer.problems.map(({ code }) => code);
		for (const code of wanted.problems) expect(codes).toContain(code);
		const errors = answer.problems.filter(({ severity }) => severity === 'error');
		expect(errors.filter(({ code }) => !wanted.problems.includes(code))).toEqual([]);
	});
});
