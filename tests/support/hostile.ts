import fc from 'fast-check';
import { anyCrossing } from './arbitrary';
import { vectors } from './vectors';

/** Good names that hostile ones are made from. */
const { good, bad } = vectors('read.json') as Record<'good' | 'bad', { args: string[] }[]>;
const NAMES = [...good, ...bad].map(({ args }) => args[1] ?? '');

const name = fc.constantFrom(...NAMES);
const pieces = fc.constantFrom(
	...[
		'sl',
		'slip',
		'next',
		'2',
		'sts',
		'to',
		'cn',
		'cn1',
		'cn13',
		'and',
		'hold',
		'in',
		'front',
		'back',
		',',
		';',
		'.'
	],
	...[
		'k2',
		'p1',
		'from',
		'(k1, p1)',
		'k 2nd st',
		'drop both',
		'0',
		'99',
		'left needle',
		'return',
		'swing',
		':',
		'/'
	],
	...[
		'C4F',
		'T',
		'RC',
		'twelve',
		'over',
		'12',
		'-1',
		'1e9',
		'½',
		'\u202e',
		'😀',
		'left',
		'tbl',
		'twisted',
		'{',
		'"'
	]
);
const sentence = fc.array(pieces, { maxLength: 24 }).map((words) => words.join(' '));
/** A good name with something cut out, doubled or put in. */
const damaged = fc
	.tuple(name, fc.nat(), fc.nat({ max: 6 }), fc.oneof(pieces, fc.string({ unit: 'binary', maxLength: 3 })))
	.map(([text, at, cut, put]) => {
		const from = text.length === 0 ? 0 : at % text.length;
		return text.slice(0, from) + put + text.slice(from + cut);
	});
const numbers = fc.array(fc.integer({ min: -1, max: 25 }), { maxLength: 26 });
const anyJson = fc.oneof(
	fc.json({ maxDepth: 3 }),
	fc
		.record({
			stitches: fc.oneof(fc.integer({ min: -1, max: 30 }), fc.double(), fc.string()),
			order: numbers,
			over: fc.array(fc.tuple(fc.nat(12), fc.nat(12)), { maxLength: 12 }),
			work: fc.array(fc.constantFrom('k', 'p', 'sl', 'brk', 'x'), { maxLength: 24 })
		})
		.map((value) => JSON.stringify(value))
);
const small = anyCrossing({ groups: { min: 1, max: 3 }, most: 10 }).map((crossing) =>
	JSON.stringify(crossing)
);
const wide = anyCrossing({ groups: { min: 4, max: 12 }, most: 24 }).map((crossing) =>
	JSON.stringify(crossing)
);
const subject = fc.oneof(
	{ weight: 30, arbitrary: name },
	{ weight: 40, arbitrary: damaged },
	{ weight: 40, arbitrary: sentence },
	{ weight: 20, arbitrary: fc.string({ unit: 'binary', maxLength: 80 }) },
	{ weight: 30, arbitrary: small },
	{ weight: 30, arbitrary: anyJson },
	{ weight: 1, arbitrary: wide }
);

const side = fc.constantFrom(
	'front',
	'back',
	'behind',
	'left',
	'right',
	'inside',
	'outside',
	'cable1',
	'cable2',
	'cable3'
);
const count = fc.oneof(
	{ weight: 8, arbitrary: fc.integer({ min: 1, max: 4 }) },
	fc.integer({ min: -2, max: 99 })
);
const move = fc
	.record(
		{
			do: fc.constantFrom(
				...[
					'slip',
					'return',
					'hold',
					'work',
					'drop',
					'let-go',
					'reach',
					'withdraw',
					'catch',
					'pinch',
					'yarn',
					'lift'
				],
				...['park', 'hang', 'forward', 'pass', 'fly']
			),
			count,
			from: fc.oneof(side, fc.array(count, { maxLength: 4 })),
			to: side,
			hold: side,
			at: fc.oneof(side, count),
			needle: side,
			needles: fc.array(count, { maxLength: 4 }),
			on: fc.array(count, { maxLength: 4 }),
			tool: fc.constantFrom('a', 'b', 'c', 'd'),
			past: count,
			take: count,
			pass: side,
			stitches: fc.array(fc.constantFrom('k', 'p', 'ktbl', 'sl', 'zz'), { maxLength: 4 }),
			end: fc.constantFrom('far', 'near'),
			swing: side,
			stay: fc.boolean(),
			turned: fc.boolean()
		},
		{ requiredKeys: ['do'] }
	)
	.map((value) => value as Record<string, unknown>);
const FIELDS: Readonly<Record<string, readonly string[]>> = {
	slip: ['count', 'from', 'to', 'hold'],
	return: ['count', 'from', 'end'],
	hold: ['needle', 'at'],
	work: ['from', 'stitches', 'end', 'swing', 'stay', 'at'],
	drop: ['count'],
	'let-go': ['count', 'at'],
	reach: ['needle', 'past', 'take', 'pass'],
	withdraw: ['needle', 'count'],
	catch: ['needle', 'count', 'turned'],
	yarn: ['to'],
	lift: ['tool', 'from'],
	park: ['tool', 'at'],
	hang: ['tool', 'on'],
	forward: ['needles']
};
/** Mostly moves with the fields they take, so that many get past their shape and reach the hands. */
const shapedMove = move.map((value) =>
	Object.fromEntries(
		Object.entries(value).filter(
			([field]) => field === 'do' || (FIELDS[String(value.do)] ?? []).includes(field)
		)
	)
);
const script = fc
	.record({
		stitches: fc.integer({ min: 1, max: 6 }),
		moves: fc.array(fc.oneof({ weight: 6, arbitrary: shapedMove }, move), { maxLength: 8 }),
		mounts: fc.option(fc.array(fc.constantFrom('right', 'left', 'up'), { maxLength: 6 }), { nil: undefined })
	})
	.map((value) => JSON.stringify(value));
const way = fc.oneof(
	fc.constantFrom('cn-off', 'cn-two', 'free-reach', 'found-1', 'machine-tools', 'loom-park', 'own', ''),
	script,
	anyJson
);

const VALUES = fc.constantFrom(
	...[
		'all',
		'held',
		'between',
		'behind',
		'hand',
		'brioche',
		'double',
		'double-front',
		'machine',
		'loom',
		'2',
		'3'
	],
	...[
		'0',
		'1',
		'right',
		'left',
		'words',
		'fabric',
		'us',
		'uk',
		'grippy',
		'slippery',
		'beginner',
		'over',
		'hold',
		'lean'
	],
	...['outside', 'inside', '', '-', '999', '__proto__']
);
const OPTIONS = fc.constantFrom(
	...[
		'count',
		'centre',
		'medium',
		'groups',
		'width',
		'parked',
		'hand',
		'keep',
		'terms',
		'needles',
		'yarn',
		'level'
	],
	...['mounts', 'school', 'search', 'bogus', '']
);
/** Options that fit their values, so that most commands get past them. */
const fitting = fc.constantFrom(
	...[
		['--medium', 'brioche'],
		['--medium', 'double'],
		['--medium', 'double-front'],
		['--medium', 'machine']
	],
	...[
		['--medium', 'loom'],
		['--count', 'held'],
		['--groups', '3'],
		['--width', '4'],
		['--hand', 'left'],
		['--search']
	],
	...[
		['--needles', '0'],
		['--mounts', 'left'],
		['--school', 'over'],
		['--parked', 'inside'],
		['--keep', 'words']
	]
);
const option = fc.oneof(
	{ weight: 4, arbitrary: fitting },
	fc.tuple(OPTIONS, VALUES).map(([key, value]) => [`--${key}`, value]),
	OPTIONS.map((key) => [`--${key}`])
);
const verb = fc.oneof(
	{ weight: 20, arbitrary: fc.constantFrom('read', 'name', 'say', 'ways', 'play') },
	fc.constantFrom('rows', 'batch', '', '--help', 'constructor')
);

/** Commands as a careless or hostile hand gives them: some good, most broken somewhere. */
export const hostileCommand: fc.Arbitrary<string[]> = fc
	.tuple(verb, subject, way, fc.array(option, { maxLength: 3 }), fc.nat(9))
	.map(([said, named, by, options, spare]) => [
		...(spare === 0 ? [] : [said]),
		named,
		...(said === 'play' || spare === 1 ? [by] : []),
		...options.flat()
	]);

/** Written rows as a careless or hostile hand types them. */
export const hostileRows: fc.Arbitrary<string> = fc
	.array(
		fc.oneof(
			fc.constantFrom(
				...[
					'Cast on 8.',
					'Cast on 99999.',
					'Multiple of 1.',
					'multiple of 6 + 2.',
					'Row 1 (RS):',
					'Row 2 and all WS rows:'
				],
				...[
					'Rnd 3:',
					'Rows 1-99999:',
					'Rep rows 1-2 99999999 times.',
					'Rep rows 9-1 for pattern.',
					'Key:',
					'C4F:',
					'\n',
					'.'
				],
				...[
					'k2',
					'p to end',
					'k to last 99 sts',
					'*',
					'rep from *',
					'to end',
					'99999999 times',
					'[yo]',
					'[sm]',
					'(',
					')',
					'[',
					']'
				],
				...[
					'as they face',
					'against their face 3',
					'kfb',
					'k0',
					'm1',
					',',
					';',
					':',
					'k2tog twice',
					'2/2 RC',
					'24/24 LC'
				]
			),
			name,
			sentence,
			fc.string({ unit: 'binary', maxLength: 12 })
		),
		{ maxLength: 30 }
	)
	.map((words) => words.join(' '));

/** Briefs and lessons with anything where something was expected. */
export const hostileDocument: fc.Arbitrary<string> = fc.oneof(
	fc.json(),
	fc
		.record(
			{
				crossings: fc.oneof(fc.array(name, { maxLength: 4 }), fc.jsonValue()),
				swatch: fc.oneof(hostileRows, fc.jsonValue()),
				level: fc.constantFrom('beginner', 'confident', 'expert', null),
				minutes: fc.oneof(fc.integer({ min: -5, max: 700 }), fc.jsonValue()),
				needles: fc.constantFrom(0, 1, 2, 3),
				medium: fc.constantFrom('hand', 'machine', 'loom', 'brioche', 'tin'),
				names: fc.jsonValue(),
				known: fc.array(name, { maxLength: 2 })
			},
			{ requiredKeys: [] }
		)
		.map((brief) => JSON.stringify(brief)),
	fc
		.record({
			format: fc.constant('pond-loop/lesson@1'),
			title: fc.string(),
			level: fc.constantFrom('beginner', 'improver'),
			medium: fc.constantFrom('hand', 'loom', 'double'),
			minutes: fc.nat(900),
			crossings: fc.array(fc.record({ id: fc.constantFrom('a', 'b'), name, crossing: fc.jsonValue() }), {
				maxLength: 2
			}),
			swatches: fc.array(
				fc.record({ id: fc.constantFrom('s', 't'), title: fc.string(), text: hostileRows }),
				{ maxLength: 2 }
			),
			materials: fc.constant([]),
			parts: fc.array(
				fc.record({
					id: fc.constantFrom('1', '2', '3'),
					kind: fc.constantFrom('show', 'practice', 'count', 'swatch', 'mend', 'care', 'check'),
					title: fc.string(),
					minutes: fc.nat(90),
					crossing: fc.constantFrom('a', 'b', 'c'),
					swatch: fc.constantFrom('s', 't', 'u'),
					way: fc.constantFrom('cn-off', 'found-1', 'by-magic'),
					slip: fc.constant('dropped'),
					question: fc.string(),
					answer: fc.string()
				}),
				{ maxLength: 6 }
			)
		})
		.map((lesson) => JSON.stringify(lesson))
);
