import fc from 'fast-check';

/** Patterns as publishers print them, made by a grammar: heads, sides, sizes, repeats, keys and prose in many spellings. */

const side = fc.constantFrom(
	'',
	' (RS)',
	' [WS]',
	' (wrong side)',
	' (WS, set-up)',
	' (RS facing)',
	' (dec)',
	' (RSS)'
);
const number = fc.integer({ min: 0, max: 30 });
const head = fc.oneof(
	fc
		.tuple(fc.constantFrom('Row', 'Rnd', 'Round'), number, side)
		.map(([word, n, says]) => `${word} ${n}${says}`),
	fc.tuple(number, side).map(([n, says]) => `${n}th row${says}`),
	fc.tuple(number, number).map(([from, to]) => `Rows ${from}-${to} (even rows)`),
	fc.constantFrom(
		...['Next row', 'Set-up row (WS)', 'Dec row', 'Row 2 and every alt row', 'All WS rows'],
		...['All other rnds', 'WS', 'Next 3 rows', 'Row 1, 3 and 5', 'Every other row']
	)
);
const word = fc.oneof(
	fc.constantFrom(
		...['k2', 'P2', '2p', 'k1-tbl', 'k2tog tbl', 'sl 1, k1, psso', 'm1p', 'pfb', 'yfwd', 'sm', 'pm'],
		...[
			'2/2 RC',
			'C4F',
			'T3B',
			'Cr2R',
			'RT',
			'C4F (4 sts)',
			'T2R',
			'otter',
			'MB',
			'knit all sts',
			'k to marker'
		],
		...[
			'k2 (3, 4)',
			'k0 (1, 2)',
			'[k2, p2] 2 (3, 4) times',
			'(k1, p1) x 3',
			'*k2, p2* twice',
			'p to last 3 sts'
		],
		...[
			'*k2, p2; rep from * across, end k2',
			'*k1; rep from * 2 times',
			'as they face',
			'work sts as they appear',
			'work Otter Panel over next 6 sts',
			'BO 2 sts',
			'turn',
			'brk1, sl1yo'
		]
	),
	fc.tuple(fc.constantFrom('k', 'p', 'sl'), number).map(([verb, count]) => `${verb}${count}`)
);
const body = fc.oneof(
	fc.array(word, { minLength: 1, maxLength: 6 }).map((words) => words.join(', ')),
	fc.array(word, { minLength: 1, maxLength: 4 }).map((words) => words.join(' ')),
	fc.constantFrom(
		'as row 1',
		'As 2nd row',
		'rep rows 1-4',
		'rep Row 2',
		'purl',
		'k across',
		'K8 (8 sts)',
		'p7—8 sts'
	)
);
const row = fc
	.tuple(head, fc.constantFrom(': ', ' ', '. ', ' – ', ':\n'), body, fc.constantFrom('.', '', '..'))
	.map((parts) => parts.join(''));
const line = fc.oneof(
	{ weight: 6, arbitrary: row },
	fc.constantFrom(
		...[
			'CO 8.',
			'Cast on 8 (12, 16) sts.',
			'Multiple of 4 + 2.',
			'Rep rows 1-4 twice more.',
			'Rep last 2 rows.'
		],
		...[
			'Work rows 1-2 three times.',
			'Rep rows 1–8 until piece measures 20 cm.',
			'BO all sts in patt.',
			'BO 4 sts.'
		],
		...[
			'Abbreviations:',
			'C4F = sl 2 to cn, hold in front, k2, k2 from cn',
			'MB: (k1, yo, k1) in next st, turn',
			'MB: (k1, yo, k1) in next st, turn, p3tog',
			'Otter Panel (6 sts)',
			'Otter Panel:',
			'BO 2 sts at beg of next 2 rows.'
		],
		...['Gauge: 20 sts = 10 cm', 'Reed Mitts', '', 'Continue as set.', 'k2, p2, k2.', 'Repeat as you like.']
	)
);

export const printedPattern: fc.Arbitrary<string> = fc
	.array(line, { minLength: 1, maxLength: 14 })
	.map((lines) => lines.join('\n'));
