import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { range } from '../../../tests/support/arbitrary';
import { vectors } from '../../../tests/support/vectors';
import { run } from '../../cli/run';
import { castOnCloth, homeOf } from './cloth';
import { readPattern } from '../pattern/pattern';
import { type Result, unwrap } from '../result';
import { within } from './effort';
import { fabricOf, working, workingOf, type Fabric } from './fabric';

interface RowsCase {
	text: string;
	args: string[];
	castOn?: number;
	rows: unknown[] | null;
	home?: number | null;
	codes: string[];
}

const answer = (text: string, ...args: string[]): Fabric => {
	const fabric = unwrap(run(['rows', ...args], text));
	return fabric as Fabric;
};
const valueOf = <T>(result: Result<T>): T => {
	if (!result.ok) throw new Error(result.error.message);
	return result.value;
};
const codes = (text: string) => answer(text).problems.map(({ code }) => code);
const lastRow = (text: string) => answer(text).rows.at(-1)!;

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

describe('problems', () => {
	it.each([
		['Cast on 6.\nRow 1: k5.', ['too-few']],
		['Cast on 6.\nRow 1: k7.', ['too-many']],
		['Cast on 6.\nRow 1: *k4; rep from * to end.', ['too-few']],
		['Cast on 6.\nRow 1: k1, nonsense, k1.', ['unknown-word']],
		[
			'Cast on 4.\nRow 1: C4B.\nKey:\nC4B: sl next 2 sts to cn and hold in front, k2, k2 from cn',
			['conflict']
		],
		['Cast on 4.\nRow 1: k4.\nRow 4: k4.', ['missing-row', 'missing-row']],
		['Cast on 4.\nRow 2 and all WS rows: purl.\nRow 3: k4.\nRow 5: k4.', ['missing-row']],
		['Cast on 8.\nRow 1: purl.\nRow 2: knit.\nRow 3: 1/1 RPC, k6.', ['rope-face']],
		['Cast on 8.\nRow 1: 1/4 RPC, k3.', ['long-travel']],
		['Cast on 8.\nRnd 1: 2/2 RC, k4.\nRnd 2: k2, 2/2 LC, k2.', ['tight-rest']],
		[
			'Cast on 4.\nRow 1 (RS): 2/2 RC.\nRow 2: purl.\nRow 3: knit.\nRep rows 1-3 twice.',
			['rope-face', 'wrong-side-repeat']
		],
		['Sing.\nCast on 2.\nRow 1: k2.', ['unknown-word']]
	])('%s', (text, wanted) => {
		expect(codes(text)).toEqual(wanted);
	});

	it('stand at their row, stitch and characters, and say what to do', () => {
		const text = 'Cast on 8.\nRow 1 (RS): p2, k9, p2.\n';
		const [first] = answer(text).problems;
		expect(first).toMatchObject({ code: 'too-many', row: 1, at: 3, severity: 'error' });
		expect(text.slice(first.from, first.to)).toBe('k9');
		expect(first.message).toContain('8 stitches');
		expect(answer(text).home).toBeNull();
	});

	it('leave what is over, drop what goes too far, and go on from there', () => {
		const fabric = answer('Cast on 4.\nRow 1: k3.\nRow 2: p6.\nRow 3: k4.');
		expect(fabric.rows.map(({ before, after }) => [before, after])).toEqual([
			[4, 4],
			[4, 4],
			[4, 4]
		]);
	});

	it('are none where a later row settles a name for the rows before', () => {
		const fabric = answer('Cast on 24.\nRow 1: k2, C4F, k to end.\nRow 2: purl.\nRow 3: k20, C4F.\n');
		expect(fabric.problems.map(({ code, row }) => [code, row])).toEqual([['settled-by-count', 1]]);
		expect(fabric.rows[0].strands.slice(-6)).toEqual([4, 3, 6, 5, 2, 1]);
	});
});

describe('the count to begin with', () => {
	it('is the smallest multiple that works', () => {
		expect(answer('Multiple of 6 + 2.\nRow 1: p2, *k4, p2; rep from * to end.').castOn).toBe(8);
		expect(answer('Cast on a multiple of 6 sts +2 sts.\nRow 1: p2, *k4, p2; rep from * to end.').castOn).toBe(
			8
		);
		expect(answer('Multiple of 4.\nRow 1: k6, *k2; rep from * to end.').castOn).toBe(8);
	});

	it('is asked for where nothing says it', () => {
		for (const text of [
			'Row 1: k to end.',
			'Row 1: *k2; rep from * to end.',
			'Row 1: C4F.',
			'Cast on 8.',
			''
		])
			expect(run(['rows'], text)).toMatchObject({ ok: false, error: { code: 'unreadable' } });
		expect(run(['rows', 'extra'], 'Row 1: k2.')).toMatchObject({ error: { code: 'unreadable' } });
	});
});

it('the way home is the least common multiple of all the ways round', () => {
	const cloth = { strands: [2, 3, 1, 5, 4], from: 'right' as const };
	expect(homeOf(cloth, 5)).toBe(6);
	expect(homeOf(castOnCloth(7), 7)).toBe(1);
	expect(homeOf(cloth, 6)).toBeNull();
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
					if (now) expect(now.ok && now.value.fabric).toEqual(fabricOf(text).ok && valueOf(fabricOf(text)));
				}
			)
		);
	});

	it('works no row that it does not touch', () => {
		const before = readPattern(
			'Cast on 6.\nRow 1: p1, k4, p1.\nRow 2: as they face.\nRow 3: p1, 2/2 RC, p1.\nRow 4: as they face.'
		);
		const earlier = valueOf(workingOf(before));
		const text =
			'Cast on 6.\nRow 1: p1, k3, k1, p1.\nRow 2: as they face.\nRow 3: p1, 1/3 LC, p1.\nRow 4: as they face.';
		const { steps } = valueOf(workingOf(readPattern(text, before), {}, earlier));
		expect(steps.map(({ worked }, i) => worked === earlier.steps[i].worked)).toEqual([
			false,
			true,
			false,
			false
		]);
	});
});

describe('names that fit only together', () => {
	const shown = (text: string) => {
		const fabric = valueOf(fabricOf(text));
		return { after: fabric.rows[0].after, codes: fabric.problems.map(({ code }) => code) };
	};

	it('end, with the first reading of each', () => {
		expect(shown('CO 14. Row 1 (RS): C4F, C4B, k to end.')).toEqual({
			after: 14,
			codes: ['two-readings', 'two-readings']
		});
	});

	it('end in a row of many more than can be tried together', () => {
		const names = Array.from({ length: 24 }, (_, i) => `${'CT'[i % 2]}${4 + (i >> 1)}${'FB'[i % 2]}`);
		const fabric = valueOf(fabricOf(`CO 300. Row 1 (RS): ${names.join(', ')}, k to end.`));
		expect(fabric.rows[0].after).toBe(300);
	});

	it('end, however many there are in however many rows', () => {
		fc.assert(
			fc.property(
				fc.array(fc.array(fc.constantFrom('C4F', 'C4B', 'C6F', 'T3B', 'C5F', 'k2'), { maxLength: 7 }), {
					minLength: 1,
					maxLength: 4
				}),
				fc.integer({ min: 4, max: 40 }),
				(rows, count) => {
					const text = rows.map((words, i) => `Row ${i + 1}: ${[...words, 'k to end'].join(', ')}.`);
					const fabric = valueOf(fabricOf([`CO ${count}.`, ...text].join('\n')));
					expect(fabric.rows).toHaveLength(rows.length);
				}
			),
			{ numRuns: 200 }
		);
	});

	it('are no names where they are bare numbers, as in a list of sizes', () => {
		const fabric = valueOf(fabricOf('CO 30. Row 1 (RS): [k2, p2] 2 (3, 4) times.'));
		expect(fabric.problems.map(({ code, at }) => [code, at])).toContainEqual(['unknown-word', 5]);
		expect(fabric.rows[0].strands).toEqual(range(1, 30).reverse());
	});
});

describe('work that may be long', () => {
	it('tells how far it is, and can be given up', () => {
		const pattern = readPattern(
			'CO 40. Row 1 (RS): *2/2 RC; rep from * to end. Row 2: purl. Rep rows 1-2 99 times.'
		);
		expect(within(working(pattern), 4_000)).toBeNull();
		const whole = within(working(pattern), 20_000);
		expect(whole).toEqual(workingOf(pattern));
		expect(whole?.ok && whole.value.steps).toHaveLength(200);
	});

	it('can be sent from one thread to another and gone on with there', () => {
		const text = 'CO 14. Row 1 (RS): C4F, C4B, k to end.\nRow 2: purl.\nRow 3: C4F, k to end.';
		const sent = structuredClone(valueOf(workingOf(readPattern(text))));
		const next = valueOf(workingOf(readPattern(`${text}\nRow 4: purl.`, sent.pattern), sent.options, sent));
		// Rows that stand are not worked again.
		expect(next.steps.slice(0, 3).map(({ worked }, i) => worked === sent.steps[i].worked)).toEqual([
			true,
			true,
			true
		]);
		expect(next.fabric).toEqual(valueOf(fabricOf(`${text}\nRow 4: purl.`)));
	});
});

it('any text ends in an answer or an error, never in a crash', () => {
	const words = fc.constantFrom(
		...[
			'Cast on 8.',
			'Row 1 (RS):',
			'Row 2 and all WS rows:',
			'Rnd 3:',
			'Rep rows 1-2 twice.',
			'Key:',
			'C4F',
			'2/2 RC'
		],
		...[
			'k2',
			'p to end',
			'*',
			'rep from *',
			'to end',
			';',
			',',
			'.',
			'\n',
			'(',
			')',
			'3 times',
			'as they face',
			'kfb',
			'0',
			'😀'
		]
	);
	fc.assert(
		fc.property(
			fc.array(words, { maxLength: 40 }).map((list) => list.join(' ')),
			(text) => {
				const fabric = fabricOf(text);
				if (!fabric.ok) return void expect(fabric.error.code).toBe('unreadable');
				for (const { before, after, faces, strands } of fabric.value.rows) {
					expect(faces).toHaveLength(after);
					expect(strands).toHaveLength(after);
					expect(before).toBeGreaterThanOrEqual(0);
				}
			}
		),
		{ numRuns: 400 }
	);
});
