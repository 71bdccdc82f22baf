import type { Voice } from '../hands/voice';
import type { Lesson } from '../lesson/lesson';
import { howMade, slipIn } from '../lesson/slip';
import { nameIn, WRITTEN_SCHOOLS } from '../naming/schools';
import { likelySlips } from '../planning/likelySlips';
import { sayIn } from '../ways/sayIn';
import { slipPicture } from './partSections';
import type { Block, Section } from './schema';
import { knittedBefore, knittedBeforeSaid } from '../planning/knittedBefore';
import { USUAL_RATES } from '../planning/rates';

/** The key: each cross of the lesson by its name, how it is worked, and what other patterns call it. */
export function keySection(lesson: Lesson, voice: Voice): Section | null {
	if (lesson.crossings.length === 0) return null;
	const rows = lesson.crossings.map(({ name, crossing }) => {
		const said = sayIn(crossing, lesson.medium, voice);
		const others = WRITTEN_SCHOOLS.map((school) => nameIn(crossing, school, lesson.medium).name).filter(
			(other): other is string => other !== null && other !== name
		);
		return [
			name,
			said.ok ? said.value : `worked in the order ${crossing.order.join(' ')}`,
			others.join(', ')
		];
	});
	return {
		id: 'key',
		title: 'Key',
		blocks: [
			{ kind: 'table', head: ['Name', 'How it is worked', 'What other patterns call it'], rows },
			{
				kind: 'text',
				text: 'One name can mean two things: some patterns count all the stitches of a cross, some only those that are held. Look at the pattern’s own key before you trust a name.'
			}
		]
	};
}

/** What it may look like, where it comes from, and its mend: the slips that these learners make most, each as its cloth. */
export function slipSection(lesson: Lesson, voice: Voice): Section | null {
	const [taught] = lesson.crossings;
	if (!taught) return null;
	const { name, crossing } = taught;
	const mended = lesson.parts.flatMap((part) => (part.kind === 'mend' ? [part.slip] : []));
	const slips = likelySlips(lesson, taught)
		.filter((slip) => !mended.includes(slip))
		.slice(0, MOST_SLIPS)
		.map((slip) => ({ slip, ...slipIn(howMade(lesson), crossing, name, slip, voice) }));
	// Mended in class, or none that these hands make: nothing is left to look up.
	if (slips.length === 0) return null;
	const drawn = slips.filter(({ cloth }) => cloth);
	const blocks: Block[] = [
		{
			kind: 'figure',
			pictures: drawn.map(({ slip }) => slipPicture(lesson, name, crossing, slip, voice)),
			caption: 'From the left, as they are told below.'
		},
		{
			kind: 'text',
			text: slips.map(({ seen, cause, mend }, i) => `${i + 1}. **${seen}** ${cause} *${mend}*`).join('\n')
		}
	];
	return { id: 'slips', title: 'If it looks like this', blocks };
}

/** More slips than these nobody looks up on a sheet. */
const MOST_SLIPS = 3;

/** Short words of patterns. */
const SHORT_WORDS: readonly (readonly [word: RegExp, short: string, says: string])[] = [
	[/\bk(?=\d|\b)/i, 'k', 'knit'],
	[/\bp(?=\d|\b)/i, 'p', 'purl'],
	[/\bsts?\b/i, 'st, sts', 'stitch, stitches'],
	[/\bcn\b/i, 'cn', 'cable needle'],
	[/\bsl\b/i, 'sl', 'slip, purlwise'],
	[/\btbl\b/i, 'tbl', 'through the back loop'],
	[/\byo\b/i, 'yo', 'yarn over'],
	[/\bk2tog\b/i, 'k2tog', 'knit two together'],
	[/\bssk\b/i, 'ssk', 'slip, slip, knit the two together'],
	[/\bp2tog\b/i, 'p2tog', 'purl two together'],
	[/\bkfb\b/i, 'kfb', 'knit into the front and the back of one stitch'],
	[/\bm1[lr]?\b/i, 'm1', 'make one stitch between two'],
	[/\b[sp]m\b|\bslm\b/i, 'sm, pm', 'slip or place a marker'],
	[/\bRS\b/, 'RS', 'right side'],
	[/\bWS\b/, 'WS', 'wrong side'],
	[/\brnds?\b/i, 'rnd', 'round'],
	[/\brep\b/i, 'rep', 'repeat'],
	[/\bbrk\b/i, 'brk', 'brioche knit'],
	[/\bbrp\b/i, 'brp', 'brioche purl']
];

/** The short words that the sheet uses. */
export function shortWordSection(sections: readonly Section[]): Section | null {
	const text = sections.flatMap(({ blocks }) => blocks.flatMap(textOf)).join('\n');
	const rows = SHORT_WORDS.filter(([word]) => word.test(text)).map(([, short, says]) => [short, says]);
	if (rows.length === 0) return null;
	return { id: 'words', title: 'Short words', blocks: [{ kind: 'table', head: ['Short', 'Said'], rows }] };
}

/** What of a block is in the words of patterns. */
function textOf(block: Block): string[] {
	if (block.kind === 'rows') return block.rows.map(({ label, text }) => `${label} ${text}`);
	if (block.kind === 'table') return block.rows.flat();
	return [];
}

/** Hands come first: the usual cautions, and who knows more; a sheet for children tells them what to do with points. */
export const careSection = ({ children }: Pick<Lesson, 'children'>): Section => ({
	id: 'hands',
	title: 'Your hands',
	blocks: [
		{
			kind: 'list',
			items: [
				'Hold loosely. Rest and stretch every 20 to 30 minutes.',
				'Stop when something hurts; pain that stays is for a doctor or a hand therapist.',
				children
					? 'Points look down at the table. Use tools and not nails: nails tear. Count needles, hooks and pins before you stop.'
					: 'Keep needles, hooks and pins away from eyes and from children, and count them in and out.'
			]
		}
	]
});

/** What is needed, with amounts and reasons, and what is knitted before. */
export function materialSection(lesson: Lesson): Section | null {
	const items = [
		...lesson.materials.map(
			({ what, why, amount }) => `${what}${amount ? `, ${amount}` : ''}${why ? `: ${why}` : ''}`
		),
		...knittedBefore(lesson, USUAL_RATES).map((one) => `knitted before – ${knittedBeforeSaid(one)}`)
	];
	if (items.length === 0) return null;
	return { id: 'materials', title: 'What you need', blocks: [{ kind: 'list', items }] };
}
