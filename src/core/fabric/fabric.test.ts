import { describe, expect, it } from 'vitest';
import { vectors } from '../../../tests/support/vectors';
import { run } from '../../cli/run';
import type { Fabric } from './fabric';

interface RowsCase {
	text: string;
	args: string[];
	castOn?: number;
	rows: unknown[] | null;
	home?: number | null;
	codes: string[];
}

const answer = (text: string, ...args: string[]): Fabric => {
	const fabric = run(['rows', ...args], text);
	if (!fabric.ok) throw new Error(fabric.error.message);
	return fabric.value as Fabric;
};

describe('the vectors of rows', () => {
	it.each(vectors('rows.json') as RowsCase[])(
		'$text',
		({ text, args, castOn, rows, home, codes: wanted }) => {
			const fabric = answer(text, ...args);
			expect(fabric.problems.map(({ code }) => code)).toEqual(wanted);
			if (castOn !== undefined) expect(fabric.castOn).toBe(castOn);
			if (rows) expect(fabric.rows).toEqual(rows);
			if (home !== undefined) expect(fabric.home).toBe(home);
		}
	);
});
