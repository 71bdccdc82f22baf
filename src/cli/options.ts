import { parseArgs } from 'node:util';
import * as z from 'zod/mini';
import { HANDOUT_FILES } from '../core/handout/asked';
import { WRITTEN_SCHOOLS } from '../core/naming/schools';
import { fault, good, type Result } from '../core/result';
import { LEVELS, YARNS } from '../core/ways/cautions';

/** Every option by its name: what its word is read as, and what a wrong word is told instead. */
const OPTIONS = {
	count: oneOf('all', 'held'),
	centre: oneOf('between', 'behind'),
	medium: oneOf('hand', 'slipped', 'brioche', 'double', 'double-front', 'machine', 'loom'),
	groups: numbered(2, 3),
	width: {
		shape: z.pipe(z.string().check(z.regex(/^[1-9]\d{0,2}$/)), z.transform(Number)),
		wants: 'a number from 1 to 999'
	},
	size: {
		shape: z.pipe(z.string().check(z.regex(/^[1-9]\d?$/)), z.transform(Number)),
		wants: 'a number from 1 to 99'
	},
	parked: oneOf('outside', 'inside'),
	school: oneOf(...WRITTEN_SCHOOLS),
	hand: oneOf('right', 'left'),
	keep: oneOf('words', 'fabric'),
	terms: oneOf('us', 'uk'),
	needles: numbered(0, 1, 2),
	yarn: oneOf(...YARNS),
	level: oneOf(...LEVELS),
	mounts: oneOf('right', 'left'),
	as: oneOf(...HANDOUT_FILES),
	out: { shape: z.string().check(z.minLength(1)), wants: 'a path to write to' },
	paper: oneOf('a4', 'letter'),
	'yarn-hand': oneOf('left', 'right'),
	way: { shape: z.string().check(z.minLength(1)), wants: 'the id of a way' },
	rows: whole(0),
	at: whole(1),
	worked: oneOf('yes', 'no'),
	off: {
		shape: z.pipe(z.string().check(z.regex(/^-?[1-9]\d{0,3}$/)), z.transform(Number)),
		wants: 'how many rows too late, negative too early'
	}
};
type OptionName = keyof typeof OPTIONS;

/** Options that are given by their name alone. */
const FLAGS = ['search', 'large', 'compact'] as const;
type Flag = (typeof FLAGS)[number];

const NAME: readonly OptionName[] = ['count', 'centre', 'medium', 'groups', 'width', 'parked'];
const HANDS: readonly OptionName[] = ['hand', 'keep'];
const SAY: readonly OptionName[] = [...NAME, ...HANDS, 'terms'];
const WAY: readonly (OptionName | Flag)[] = [...SAY, 'needles', 'yarn', 'level', 'mounts', 'search'];

/** What each verb takes. */
const TAKEN = {
	read: NAME,
	name: ['school'],
	say: SAY,
	ways: WAY,
	play: WAY,
	rows: ['count', 'centre', 'size', 'medium', ...HANDS],
	chart: ['count', 'centre', 'size', 'medium'],
	draft: [],
	'check-lesson': [],
	claims: [],
	learn: [],
	plan: [],
	drill: HANDS,
	grade: HANDS,
	slip: [...NAME, ...HANDS, 'way', 'off'],
	diagnose: [...NAME, ...HANDS],
	mends: [...NAME, ...HANDS, 'way', 'off', 'rows', 'at', 'worked'],
	handout: ['as', 'out', 'paper', ...HANDS, 'yarn-hand', 'terms', 'school', 'large', 'compact']
} satisfies Record<string, readonly (OptionName | Flag)[]>;

/** Options as they were given, each read into its type. */
export type Options = {
	readonly [Name in OptionName]?: z.infer<(typeof OPTIONS)[Name]['shape']>;
} & { readonly [Name in Flag]?: boolean };

/** The words of a command, as text, and its options. */
export interface Given {
	readonly words: readonly string[];
	readonly options: Options;
}

/** Reads a command's words and options: `words` are named for the message when one is missing or too many. */
export function given(
	verb: keyof typeof TAKEN,
	args: readonly string[],
	words: readonly string[]
): Result<Given> {
	const taken: readonly (OptionName | Flag)[] = TAKEN[verb];
	const config = Object.fromEntries(
		taken.map((name) => [name, { type: isFlag(name) ? ('boolean' as const) : ('string' as const) }])
	);
	let parsed;
	try {
		parsed = parseArgs({ args: withNegatives(args), options: config, allowPositionals: true });
	} catch (error) {
		return fault(
			'unreadable',
			`${(error as Error).message.split('.')[0]}. Options here: ${taken.map((name) => `--${name}`).join(' ')}.`
		);
	}
	if (parsed.positionals.length !== words.length)
		return fault(
			'unreadable',
			`“${verb}” wants ${words.join(' and ') || 'its text on standard input'}, then options; it got ${parsed.positionals.length} words. Put a name with spaces in quotes.`
		);
	const options: Record<string, unknown> = {};
	for (const name of taken) {
		const word = parsed.values[name];
		if (word === undefined) continue;
		const read = isFlag(name) ? { success: true, data: word } : z.safeParse(OPTIONS[name].shape, word);
		if (!read.success)
			return fault(
				'unreadable',
				`“--${name} ${word}” is not understood; give ${OPTIONS[name as OptionName].wants}.`
			);
		options[name] = read.data;
	}
	return good({ words: parsed.positionals, options: options as Options });
}

/** A number below nothing behind its option is no option itself: `--off -2` is `--off=-2`. */
const withNegatives = (args: readonly string[]): string[] =>
	args.flatMap((arg, i) => {
		if (/^-\d+$/.test(arg) && args[i - 1]?.startsWith('--')) return [];
		const below = arg.startsWith('--') && /^-\d+$/.test(args[i + 1] ?? '');
		return [below ? `${arg}=${args[i + 1]}` : arg];
	});

const isFlag = (name: OptionName | Flag): name is Flag => (FLAGS as readonly string[]).includes(name);

function oneOf<const Words extends readonly [string, ...string[]]>(...words: Words) {
	return { shape: z.enum(words), wants: words.join(', ') };
}

function whole(least: 0 | 1) {
	const digits = least === 0 ? /^(?:0|[1-9]\d{0,4})$/ : /^[1-9]\d{0,4}$/;
	return {
		shape: z.pipe(z.string().check(z.regex(digits)), z.transform(Number)),
		wants: `a whole number from ${least} to 99999`
	};
}

function numbered<const Numbers extends readonly number[]>(...numbers: Numbers) {
	const words = numbers.map(String);
	const number = (word: string) => Number(word) as Numbers[number];
	return { shape: z.pipe(z.enum(words), z.transform(number)), wants: words.join(', ') };
}
