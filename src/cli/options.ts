import { parseArgs } from 'node:util';
import * as z from 'zod/mini';
import { WRITTEN_SCHOOLS } from '../core/naming/schools';
import { fault, good, type Result } from '../core/result';
import { LEVELS, YARNS } from '../core/ways/cautions';

const NAME_OPTIONS = {
	count: z.enum(['all', 'held']),
	centre: z.enum(['between', 'behind']),
	medium: z.enum(['hand', 'brioche', 'double', 'double-front', 'machine', 'loom']),
	groups: z.enum(['2', '3']),
	width: z.string().check(z.regex(/^[1-9]\d{0,2}$/)),
	parked: z.enum(['outside', 'inside'])
};

const NAMING_OPTIONS = { school: z.enum(WRITTEN_SCHOOLS) };

const SAY_OPTIONS = {
	...NAME_OPTIONS,
	hand: z.enum(['right', 'left']),
	keep: z.enum(['words', 'fabric']),
	terms: z.enum(['us', 'uk'])
};

const WAY_OPTIONS = {
	...SAY_OPTIONS,
	needles: z.enum(['0', '1', '2']),
	yarn: z.enum(YARNS),
	level: z.enum(LEVELS),
	mounts: z.enum(['right', 'left'])
};

const HANDOUT_OPTIONS = {
	as: z.enum(['html', 'pdf', 'epub', 'md', 'json']),
	out: z.string().check(z.minLength(1)),
	paper: z.enum(['a4', 'letter']),
	hand: SAY_OPTIONS.hand,
	keep: SAY_OPTIONS.keep,
	'yarn-hand': z.enum(['left', 'right']),
	terms: SAY_OPTIONS.terms,
	school: NAMING_OPTIONS.school
};

/** Options that are given by their name alone. */
const FLAGS = ['search'];

/** What options take that are no choice among a few. */
const WANTED: Readonly<Record<string, string>> = {
	width: 'a number from 1 to 999',
	out: 'a path to write to'
};

/** The words of a command and its options, as text. */
export interface Given {
	readonly words: readonly string[];
	readonly options: Readonly<Record<string, string | undefined>>;
	readonly flags: readonly string[];
}

const GIVEN = {
	read: givenBy(NAME_OPTIONS),
	name: givenBy(NAMING_OPTIONS),
	say: givenBy(SAY_OPTIONS),
	ways: givenBy(WAY_OPTIONS, FLAGS),
	play: givenBy(WAY_OPTIONS, FLAGS),
	rows: givenBy({ count: NAME_OPTIONS.count, centre: NAME_OPTIONS.centre }),
	draft: givenBy({}),
	'check-lesson': givenBy({}),
	handout: givenBy(HANDOUT_OPTIONS, ['large'])
};

/** Reads a command's words and options: `words` are named for the message when one is missing or too many. */
export function given(verb: keyof typeof GIVEN, args: readonly string[], words: readonly string[]) {
	const parsed = GIVEN[verb](args);
	if (!parsed.ok || parsed.value.words.length === words.length) return parsed;
	return fault(
		'unreadable',
		`“${verb}” wants ${words.join(' and ') || 'its text on standard input'}, then options; it got ${parsed.value.words.length} words. Put a name with spaces in quotes.`
	);
}

function givenBy(choices: Readonly<Record<string, z.ZodMiniType<string>>>, flags: readonly string[] = []) {
	const names = [...Object.keys(choices), ...flags];
	const config = Object.fromEntries(
		names.map((name) => [name, { type: flags.includes(name) ? ('boolean' as const) : ('string' as const) }])
	);
	return (args: readonly string[]): Result<Given> => {
		let parsed;
		try {
			parsed = parseArgs({ args: [...args], options: config, allowPositionals: true });
		} catch (error) {
			return fault(
				'unreadable',
				`${(error as Error).message.split('.')[0]}. Options here: ${names.map((name) => `--${name}`).join(' ')}.`
			);
		}
		const options: Record<string, string> = {};
		for (const [name, value] of Object.entries(parsed.values)) {
			if (typeof value !== 'string') continue;
			options[name] = value;
			if (z.safeParse(choices[name], value).success) continue;
			const choice = choices[name];
			const wanted = choice instanceof z.ZodMiniEnum ? choice.options.join(', ') : WANTED[name];
			return fault('unreadable', `“--${name} ${value}” is not understood; give ${wanted}.`);
		}
		return good({
			words: parsed.positionals,
			options,
			flags: flags.filter((name) => parsed.values[name])
		});
	};
}
