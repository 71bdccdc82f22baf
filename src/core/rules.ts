/** Trade rules of thumb: every default the craft's advice rests on, in one place, shown to the teacher and hers to change. */
export type Rules = Readonly<Record<RuleId, number>>;
export type RuleId = (typeof RULES)[number]['id'];

/** Each rule with its usual value, the range it may take, and its words: `%` stands for the number. */
export const RULES = [
	{
		id: 'freeBeginner',
		usual: 4,
		least: 0,
		most: 24,
		says: 'Without a needle, beginners cross up to % stitches'
	},
	{
		id: 'freeImprover',
		usual: 6,
		least: 0,
		most: 24,
		says: 'Without a needle, improvers cross up to % stitches'
	},
	{
		id: 'freeConfident',
		usual: 8,
		least: 0,
		most: 24,
		says: 'Without a needle, the confident cross up to % stitches'
	},
	{ id: 'slipperyLess', usual: 2, least: 0, most: 24, says: 'Slippery or inelastic yarn lowers that by %' },
	{
		id: 'freeShare',
		usual: 50,
		least: 0,
		most: 100,
		says: 'At most % in a hundred of the stitches hang free at once'
	},
	{
		id: 'freeShareFrom',
		usual: 5,
		least: 2,
		most: 24,
		says: 'How many hang free matters from % stitches on'
	},
	{
		id: 'plainRows',
		usual: 2,
		least: 1,
		most: 12,
		says: 'Machine: % plain rows between crosses for each stitch of a set'
	},
	{
		id: 'forwardFrom',
		usual: 4,
		least: 2,
		most: 24,
		says: 'Machine: needles fully forward from % stitches on'
	},
	{ id: 'strainFrom', usual: 3, least: 1, most: 12, says: 'Machine: sets of % and more strain the yarn' },
	{ id: 'loomMost', usual: 3, least: 1, most: 12, says: 'Loom: sets of more than % are beyond most looms' },
	{
		id: 'rowReach',
		usual: 1,
		least: 1,
		most: 6,
		says: 'Slipped: each row slipped lets a stitch reach % places aside'
	},
	{
		id: 'drawIn',
		usual: 25,
		least: 0,
		most: 100,
		says: 'A panel of which every stitch crosses at some time draws in by % in a hundred'
	},
	{
		id: 'roomMm',
		usual: 50,
		least: 0,
		most: 200,
		says: 'In the round, the fabric is larger than the needle by % mm'
	},
	{
		id: 'stitchYarn',
		usual: 370,
		least: 100,
		most: 1_000,
		says: 'A plain stitch takes yarn for % in a hundred of its own width'
	},
	{
		id: 'crossYarn',
		usual: 15,
		least: 0,
		most: 100,
		says: 'A stitch that crosses takes % in a hundred more'
	},
	{ id: 'spareYarn', usual: 20, least: 0, most: 200, says: 'Yarn kept spare: % in a hundred' }
] as const;

/** Every rule as it usually is. */
export const USUAL_RULES = Object.fromEntries(RULES.map(({ id, usual }) => [id, usual])) as Rules;

/** The usual rules with the teacher's own laid over them. */
export const rulesWith = (own: Partial<Rules> | undefined): Rules => ({ ...USUAL_RULES, ...own });
