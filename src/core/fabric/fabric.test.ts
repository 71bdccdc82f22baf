import fc from 'fast-check';
import type { Medium } from '../technique/medium';
import { describe, expect, it } from 'vitest';
import { range } from '../../../tests/support/arbitrary';
import { vectors } from '../../../tests/support/vectors';
import { readPattern } from '../pattern/pattern';
import { unwrap } from '../result';
import { fabricOf, workingOf } from './fabric';
import { answer, lastRow } from '../../../tests/support/rows';

interface RowsCase {
	text: string;
	args: string[];
	castOn?: number;
	rows: unknown[] | null;
	home?: number | null;
	codes: string[];
}

describe('rows in a technique', () => {
	const faults = (text: string, medium: Medium) =>
		unwrap(fabricOf(text, { medium })).problems.map(({ code }) => code);
	const double =
		'Cast on 24.\nRow 1 (RS): *k1, p1; rep from * to end.\nRow 3: [k1, p1] 4 times, 4/4 RC.\nRow 2: as they face.';

	it('count double knitting in stitches, two a pair, that travel no further than their layers', () => {
		const fabric = unwrap(fabricOf(double, { medium: 'double' }));
		expect(fabric.problems).toEqual([]);
		expect(fabric.rows[2].strands.slice(0, 16)).toEqual([
			16, 15, 14, 13, 12, 11, 10, 9, 24, 23, 22, 21, 20, 19, 18, 17
		]);
		expect(fabric.rows[2].faces).toBe('pk'.repeat(12));
		expect(faults(double, 'hand')).toContain('too-few');
	});

	it('take the key of a pattern in its technique', () => {
		const key = `${double.replace('4/4 RC', 'Otter')}\nKey:\nOtter: sl next 4 sts to cn and hold in back, k4, k4 from cn`;
		expect(faults(key, 'double')).toEqual([]);
	});

	it('let ropes lie on the plain fabric of a machine or loom, and nowhere else', () => {
		const rope = `Cast on 12.\nRow 1 (RS): k12.\n${[3, 9, 15, 21].map((n) => `Row ${n}: k4, 2/2 RC, k4.`).join('\n')}\nAll other rows: as they face.`;
		expect(faults(rope, 'hand')).toEqual(['sunk-rope']);
		expect(faults(rope, 'slipped')).toEqual(['sunk-rope']);
		expect(faults(rope, 'machine')).toEqual([]);
		expect(faults(rope, 'loom')).toEqual([]);
	});
});

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

describe('rows of m over n', () => {
	/** A right side row: knit stitches and crosses, so many in all. */
	const pieces = fc.array(
		fc.oneof(
			fc.record({ knit: fc.integer({ min: 1, max: 4 }) }),
			fc.record({
				front: fc.integer({ min: 1, max: 3 }),
				behind: fc.integer({ min: 1, max: 3 }),
				right: fc.boolean()
			})
		),
		{ minLength: 1, maxLength: 5 }
	);
	type Piece = { knit: number } | { front: number; behind: number; right: boolean };
	const width = (piece: Piece) => ('knit' in piece ? piece.knit : piece.front + piece.behind);
	const word = (piece: Piece) =>
		'knit' in piece ? `k${piece.knit}` : `${piece.front}/${piece.behind} ${piece.right ? 'R' : 'L'}C`;
	/** Strands from the right edge after a row, told without crossings: two runs change places. */
	const after = (row: Piece[], strands: number[]): number[] => {
		let at = 0;
		return row.flatMap((piece) => {
			const here = strands.slice(at, (at += width(piece)));
			if ('knit' in piece) return here;
			const first = piece.right ? piece.behind : piece.front;
			return [...here.slice(first), ...here.slice(0, first)];
		});
	};

	it('carry every strand where two runs that change places carry it, and come home when they say', () => {
		fc.assert(
			fc.property(pieces, fc.integer({ min: 1, max: 3 }), (row, times) => {
				const castOn = row.reduce((sum, piece) => sum + width(piece), 0);
				const text = `Cast on ${castOn}.\n${range(0, times)
					.map((i) => `Row ${2 * i + 1} (RS): ${row.map(word).join(', ')}.\nRow ${2 * i + 2}: purl.\n`)
					.join('')}`;
				const fabric = answer(text);
				let strands = range(1, castOn);
				for (let i = 0; i < times; i++) strands = after(row, strands);
				expect(fabric.rows.at(-1)!.strands).toEqual([...strands].reverse());
				expect(fabric.rows.every(({ faces }) => faces === 'k'.repeat(castOn))).toBe(true);
				expect(fabric.problems).toEqual([]);
				let home = range(1, castOn);
				for (let i = 0; i < fabric.home! * times; i++) home = after(row, home);
				expect(home).toEqual(range(1, castOn));
			}),
			{ numRuns: 200 }
		);
	});

	it('worked on a wrong side row are turned over: the same lean, seen from the other side', () => {
		expect(lastRow('Cast on 4.\nRow 1 (WS): 2/2 RC.')).toMatchObject({
			faces: 'pppp',
			strands: [2, 1, 4, 3]
		});
		expect(lastRow('Cast on 3.\nRow 1 (WS): 2/1 LPC.').faces).toBe('kpp');
	});
});

describe('words', () => {
	it.each([
		['k2tog, k2', 'kkk', [4, 3, 2]],
		['ssk, k2', 'kkk', [4, 3, 1]],
		['p2tog, k2', 'kkp', [4, 3, 1]],
		['k3tog, k1', 'kk', [4, 3]],
		['sk2p, k1', 'kk', [4, 1]],
		['cdd, k1', 'kk', [4, 2]],
		['kfb, k3', 'kkkpk', [4, 3, 2, 0, 1]],
		['k1, yo, k1, m1, k2', 'kkkkkk', [4, 3, 0, 2, 0, 1]],
		['k1, pm, p1, sm, k2', 'kkpk', [4, 3, 2, 1]],
		['sl1 (wyif), k to last 1 st, p1', 'pkkk', [4, 3, 2, 1]],
		['[k1, p1] twice', 'pkpk', [4, 3, 2, 1]],
		['*k1, p1; rep from * once more', 'pkpk', [4, 3, 2, 1]],
		['*p1; rep from * to last 2 sts, k2', 'kkpp', [4, 3, 2, 1]],
		['*k3; rep from * to end, k1', 'kkkk', [4, 3, 2, 1]]
	])('“%s” on four stitches shows %s', (row, faces, strands) => {
		expect(lastRow(`Cast on 4.\nRow 1 (RS): ${row}.`)).toMatchObject({ faces, strands });
	});

	it('show the other face when they are worked on the wrong side, and again as they face', () => {
		expect(lastRow('Cast on 3.\nRow 1 (WS): kfb, p1, k1.')).toMatchObject({
			faces: 'pkkp',
			strands: [3, 0, 2, 1]
		});
		const moss = answer('Cast on 4.\nRow 1: *k1, p1; rep from * to end.\nRows 2-4: against their face.');
		expect(moss.rows.map(({ faces }) => faces)).toEqual(['pkpk', 'kpkp', 'pkpk', 'kpkp']);
	});
});

describe('stitches bound off within a row', () => {
	const row = (words: string, castOn = 8) => answer(`CO ${castOn}.\nRow 1 (RS): ${words}.`);

	it('leave one over, which the next word counts only where the row comes out so', () => {
		expect(row('BO 2 sts, k5').rows[0].strands).toEqual([8, 7, 6, 5, 4, 3]);
		expect(row('BO 2 sts, k6').rows[0].strands).toEqual([8, 7, 6, 5, 4, 3]);
		expect(row('BO 2 sts, k5').problems).toEqual([]);
		expect(row('BO 2 sts, k6').problems).toEqual([]);
		expect(row('k3, BO 2, k3, BO 2, k3', 13).problems).toEqual([]);
		expect(row('BO 2 sts, k4').problems.map(({ code }) => code)).toEqual(['too-few']);
	});

	it('are all there are where it says so, and end the piece where that is all it says', () => {
		expect(row('k2, cast off rem sts').rows[0]).toMatchObject({ after: 2, strands: [2, 1] });
		expect(answer('CO 4.\nRow 1: k4.\nNext row: BO all sts in patt.').rows).toHaveLength(1);
	});

	it('at the beginning of the next rows are bound off on both sides', () => {
		const { rows, problems } = answer('CO 9.\nRow 1 (RS): k9.\nBO 2 sts at beg of next 2 rows.\nRow 2: p5.');
		expect(problems.map(({ code }) => code)).toEqual([]);
		expect(rows.map(({ after }) => after)).toEqual([9, 7, 5, 5]);
		expect(rows[2]).toMatchObject({ faces: 'kkkkk', strands: [7, 6, 5, 4, 3] });
	});
});

describe('a row that turns before its end', () => {
	it('lets the rest wait, and the next row begins there', () => {
		const text = 'CO 6.\nRow 1 (RS): k4, turn.\nRow 2: p2, W&T.\nRow 3: k2, p2.\nRow 4: k2, p4.';
		const { rows, problems } = answer(text);
		expect(problems).toEqual([]);
		expect(rows[2].faces).toBe('ppkkkk');
		expect(rows[3].faces).toBe('ppkkkk');
	});

	it('says what stands behind it', () => {
		const { problems } = answer('CO 6.\nRow 1 (RS): k4, turn, p4.');
		expect(problems.map(({ code, at }) => [code, at])).toEqual([['unknown-word', 5]]);
	});
});

describe('a changed text', () => {
	const words = [
		'k2',
		'p2',
		'k1',
		'2/2 RC',
		'1/1 LC',
		'C4F',
		'as they face',
		'yo',
		'k2tog',
		'kitten',
		'p to end'
	];
	const rowText = fc
		.array(fc.constantFrom(...words), { minLength: 1, maxLength: 4 })
		.map((list) => list.join(', '));
	const lines = fc.array(rowText, { minLength: 2, maxLength: 7 });
	const textOf = (rows: string[], castOn: number, more: string) =>
		[`Cast on ${castOn}.`, ...rows.map((row, i) => `Row ${i + 1}: ${row}.`), more].join('\n');
	const ends = fc.constantFrom(
		'',
		'Rep rows 1-2 3 times.',
		'Key:\nC4F: sl next 4 sts to cn and hold in front, k4, k4 from cn'
	);

	it('worked on what stands gives what working it anew gives, places and all', () => {
		fc.assert(
			fc.property(
				lines,
				fc.nat(6),
				rowText,
				fc.constantFrom(8, 10),
				fc.constantFrom(8, 10),
				ends,
				ends,
				(rows, at, row, before, after, end, other) => {
					const was = readPattern(textOf(rows, before, end));
					const text = textOf(
						rows.map((old, i) => (i === at ? row : old)),
						after,
						other
					);
					const earlier = workingOf(was);
					const now = earlier.ok && workingOf(readPattern(text, was), {}, earlier.value);
					if (now) expect(now.ok && now.value.fabric).toEqual(fabricOf(text).ok && unwrap(fabricOf(text)));
				}
			)
		);
	});

	it('works no row that it does not touch', () => {
		const before = readPattern(
			'Cast on 6.\nRow 1: p1, k4, p1.\nRow 2: as they face.\nRow 3: p1, 2/2 RC, p1.\nRow 4: as they face.'
		);
		const earlier = unwrap(workingOf(before));
		const text =
			'Cast on 6.\nRow 1: p1, k3, k1, p1.\nRow 2: as they face.\nRow 3: p1, 1/3 LC, p1.\nRow 4: as they face.';
		const { steps } = unwrap(workingOf(readPattern(text, before), {}, earlier));
		expect(steps.map(({ worked }, i) => worked === earlier.steps[i].worked)).toEqual([
			false,
			true,
			false,
			false
		]);
	});
});
