import type { WorkWord } from '../../src/core/crossing/crossing';
import type { BedMove } from '../../src/core/hands/bed';
import type { Move } from '../../src/core/hands/moves';

/**
 * Reads a step's sentence back as the move it tells of, knowing nothing but the words: what a learner has who works from
 * the sheet. Left-handed words are read in the mirror, as those hands are.
 *
 * @throws when a sentence tells of no movement that hands know
 */
export function readStep(sentence: string, hand: 'right' | 'left'): Move {
	const said =
		hand === 'right'
			? sentence
			: sentence.replace(/right|left/g, (side) => (side === 'right' ? 'left' : 'right'));
	for (const [shape, move] of SHAPES) {
		const found = shape.exec(said);
		if (found) return move(found.groups ?? {});
	}
	throw new Error(`no movement is told of in “${sentence}”`);
}

type Found = Readonly<Record<string, string | undefined>>;

const LIST = String.raw`\d+(?:, \d+)*(?: and \d+)?`;
const STITCHES = `stitch(?:es)? (?<these>${LIST})`;
const numbers = (list: string | undefined): number[] => (list?.match(/\d+/g) ?? []).map(Number);
const count = ({ these }: Found): number => numbers(these).length;
const as = ({ knitwise }: Found) => (knitwise ? { as: 'knit' as const } : {});
const cable = ({ cable }: Found) => (cable === 'the cable needle' ? 'cable1' : 'cable2');
const side = ({ side }: Found) => (/back|behind/.test(side ?? '') ? 'back' : 'front');
const CABLE = '(?<cable>the (?:second )?cable needle)';
const IN_PLACE = '(?<side>(?:in|at the) (?:front|back))';
const KNITWISE = '(?<knitwise>knitwise )?';

const HOWS: Readonly<Record<string, WorkWord>> = {
	Knit: 'k',
	Purl: 'p',
	'Knit through the back loop': 'ktbl',
	'Purl through the back loop': 'ptbl',
	'Slip, yarn at the wrong side': 'sl',
	'Slip, yarn at the right side': 'slf',
	'Knit together with its yarn-over': 'brk',
	'Purl together with its yarn-over': 'brp',
	'Slip with a new yarn-over': 'slyo'
};

function words({ verb, how, these }: Found): WorkWord[] {
	const word = HOWS[`${verb}${how ?? ''}`];
	if (!word) throw new Error(`nothing is worked “${verb}${how}”`);
	return numbers(these).map(() => word);
}

const WORKED = `(?<verb>Knit|Purl|Slip) ${STITCHES}(?<how> through the back loop| together with its yarn-over| with a new yarn-over|, yarn at the (?:wrong|right) side)?(?: with the (?:first|second) yarn)?`;

/** Every shape a sentence may have, and the move it tells of, for right hands. */
const SHAPES: readonly (readonly [RegExp, (found: Found) => Move])[] = (
	[
		[
			`Slip ${STITCHES} ${KNITWISE}to ${CABLE} and hold (?:it|them) ${IN_PLACE}`,
			(found) => ({
				do: 'slip',
				count: count(found),
				from: 'left',
				to: cable(found),
				hold: side(found),
				...as(found)
			})
		],
		[
			`Slip ${STITCHES} ${KNITWISE}to the right needle`,
			(found) => ({ do: 'slip', count: count(found), from: 'left', to: 'right', ...as(found) })
		],
		[
			`Pass ${STITCHES} ${KNITWISE}back to the left needle`,
			(found) => ({ do: 'slip', count: count(found), from: 'right', to: 'left', ...as(found) })
		],
		[
			`Put ${STITCHES} back on the left needle(?:, off(?<near> the right-hand end of)? ${CABLE})?`,
			(found) => ({
				do: 'return',
				count: count(found),
				from: found.cable ? cable(found) : 'cable1',
				...(found.near ? { end: 'near' } : {})
			})
		],
		[
			`Bring ${CABLE} to the (?<side>front|back)`,
			(found) => ({ do: 'hold', needle: cable(found), at: side(found) })
		],
		[
			`(?<verb>Knit|Purl) ${STITCHES} together(?<how> through the back loop)?, and leave them on the left needle`,
			(found) => ({
				do: 'work',
				from: 'left',
				stitches: words(found).slice(0, 1),
				at: count(found),
				stay: true,
				together: true
			})
		],
		[
			`${WORKED}(?:, (?<pass>in front of|behind) stitch(?:es)? (?<past>${LIST}))?, and leave it on the left needle`,
			(found) => ({
				do: 'work',
				from: 'left',
				stitches: words(found),
				stay: true,
				...(found.past ? { at: numbers(found.past).length + 1 } : {}),
				...(found.pass === 'behind' ? { behind: true } : {})
			})
		],
		[
			`${WORKED}, straight from the left needle`,
			(found) => ({ do: 'work', from: 'left', stitches: words(found) })
		],
		[
			`${WORKED}, straight off ${CABLE}(?:, its far end first, passing (?<pass>in front of|behind) the others)?`,
			(found) => ({
				do: 'work',
				from: cable(found),
				stitches: words(found),
				...(found.pass ? { end: 'far', swing: found.pass === 'behind' ? 'behind' : 'front' } : {})
			})
		],
		[`Let ${STITCHES} slide off the left needle`, (found) => ({ do: 'drop', count: count(found) })],
		[
			`Let ${STITCHES} slip off the left needle and hang ${IN_PLACE}`,
			(found) => ({ do: 'let-go', count: count(found), at: side(found) })
		],
		[
			`With the (?<needle>right|left) needle, reach (?<pass>in front of|behind) (?<past>${LIST}) and enter (?<these>${LIST})`,
			(found) => ({
				do: 'reach',
				needle: found.needle === 'right' ? 'right' : 'left',
				past: numbers(found.past).length,
				take: count(found),
				pass: found.pass === 'behind' ? 'behind' : 'front'
			})
		],
		['Pinch the cloth just below these stitches', () => ({ do: 'pinch' })],
		[
			`Draw the (?<needle>right|left) needle out of (?:both|all (?<all>\\d+)): ${LIST} hangs? free (?:behind|in front)`,
			(found) => ({
				do: 'withdraw',
				needle: found.needle === 'right' ? 'right' : 'left',
				count: Number(found.all ?? 2)
			})
		],
		[
			`Catch ${STITCHES} with the (?<needle>right|left) needle, (?:behind|in front)(?<turned>, from the other side)?`,
			(found) => ({
				do: 'catch',
				needle: found.needle === 'right' ? 'right' : 'left',
				count: count(found),
				...(found.turned ? { turned: true } : {})
			})
		],
		[
			`(?:Bring|Take) (?:the yarn|both yarns) (?<to>forward|back), between the needles`,
			({ to }) => ({ do: 'yarn', to: to === 'forward' ? 'front' : 'back' })
		]
	] satisfies [string, (found: Found) => Move][]
).map(([shape, move]) => [new RegExp(`^${shape}\\.$`), move] as const);

/** Reads the sentences of a script at a machine or loom, which name a tool where it takes stitches up. */
export function readBedSteps(sentences: readonly string[]): BedMove[] {
	const tools = new Map<number, 'a' | 'b' | 'c'>();
	return sentences.map((sentence): BedMove => {
		const lift =
			/^Lift stitch(?:es)? ([\d, and]+) off (?:needle|peg)s? ([\d, and]+) with (?:tool|spare pin) (a|b|c)\.$/.exec(
				sentence
			);
		if (lift) {
			const tool = lift[3] as 'a' | 'b' | 'c';
			for (const stitch of numbers(lift[1])) tools.set(stitch, tool);
			return { do: 'lift', tool, from: numbers(lift[2]) };
		}
		const hang = /^(?:Hang|Re-seat) ([\d, and]+) on (?:needle|peg)s? ([\d, and]+)\.$/.exec(sentence);
		if (hang) return { do: 'hang', tool: tools.get(numbers(hang[1])[0])!, on: numbers(hang[2]) };
		const park = /^Let ([\d, and]+) wait (inside|outside), (?:in front of|behind) the pegs\.$/.exec(sentence);
		if (park)
			return {
				do: 'park',
				tool: tools.get(numbers(park[1])[0])!,
				at: park[2] === 'inside' ? 'inside' : 'outside'
			};
		const forward = /^Push needles? ([\d, and]+) fully forward\.$/.exec(sentence);
		if (forward) return { do: 'forward', needles: numbers(forward[1]) };
		if (sentence === 'Knit the row, slowly.') return { do: 'pass' };
		throw new Error(`no movement is told of in “${sentence}”`);
	});
}
