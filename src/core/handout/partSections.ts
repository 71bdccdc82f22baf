import type { Crossing } from '../crossing/crossing';
import type { Voice } from '../hands/voice';
import type { Lesson, LessonCrossing, Part } from '../lesson/lesson';
import { countingSaid } from '../swatch/counting';
import { finishingOf } from '../teaching/finishing';
import { measuringOf } from '../teaching/measuring';
import type { Point } from '../teaching/point';
import { ropesOf } from '../teaching/ropes';
import { tensionOf } from '../teaching/tension';
import { repeatsOf } from '../teaching/repeats';
import { showingOf, sidesOf, type Showing } from '../teaching/showing';
import { textFor } from '../lesson/forHands';
import { howMade, slipIn } from '../lesson/slip';
import type { TaughtSlip } from '../faults/slip';
import { counted, inWords } from '../naming/numbers';
import type { Hands } from '../ways/handed';
import type { Block, Picture, Section } from './schema';
import { sayingOn } from './sayingOn';
import { rowsIn } from './swatchBlocks';

/** The section of a part; `null` where it has nothing to carry home. */
export function partSection(lesson: Lesson, part: Part, voice: Voice): Section | null {
	const told = textFor(part.text ?? '', voice);
	const text: Block[] = told ? [{ kind: 'text', text: told }] : [];
	const blocks = [...text, ...blocksOf(lesson, part, voice)];
	return blocks.length > 0 ? { id: part.id, title: part.title, blocks } : null;
}

function blocksOf(lesson: Lesson, part: Part, voice: Voice): Block[] {
	const seen = showingOf(lesson, part, voice);
	switch (part.kind) {
		case 'show':
			return seen?.shown ? stepBlocks(part, seen, voice) : [];
		case 'picture':
			return seen ? [numbered(seen, voice)] : [];
		case 'compare':
			return [comparison(lesson, part, voice)];
		case 'swatch':
			return [{ kind: 'text', text: rowsSaid(part) }];
		case 'practice':
			return practice(part, seen, voice);
		case 'count':
			return [
				{
					kind: 'text',
					text: countingSaid(lesson.medium)
				}
			];
		case 'mend':
			return seen ? mending(lesson, part, seen, voice) : [];
		case 'check':
			return [
				{ kind: 'text', text: part.question },
				{ kind: 'room', lines: 2 }
			];
		case 'measure':
			return measuringBlocks(lesson, part, voice);
		case 'finish':
			return finishingBlocks(lesson, voice);
		case 'tension':
			return seen ? tensionBlocks(lesson, seen.taught, voice) : [];
		case 'explain':
		case 'care':
		case 'note':
			return [];
	}
}

/** Steps that are drawn, one after another. */
const drawnSteps = (points: readonly Required<Point>[], after: string): Block => ({
	kind: 'steps',
	steps: points.map(({ step, title, says }) => ({
		picture: { kind: 'finishing', step, alt: title },
		says: `${title}.`,
		detail: says
	})),
	after
});

/** What is measured, how, and room to write it down. */
const measuringBlocks = (lesson: Lesson, part: Extract<Part, { kind: 'measure' }>, voice: Voice): Block[] => [
	drawnSteps(measuringOf(lesson, part, voice), 'What I measured:'),
	{ kind: 'room', lines: 2 }
];

/** Finishing, as the craft has it, step by step. */
export const finishingBlocks = (lesson: Lesson, voice: Voice): Block[] => [
	drawnSteps(finishingOf(lesson, voice), 'Count your pins in and out.')
];

/** Where a cross gapes and what helps, with the rope tight and loose. */
function tensionBlocks(lesson: Lesson, taught: LessonCrossing, voice: Voice): Block[] {
	const points = tensionOf(lesson, taught, voice);
	const ropes = ropesOf(lesson, taught);
	const pictures = ropes.map(({ title, text, crosses }): Picture => ({
		...{ kind: 'cloth', alt: title, text, first: 0, last: crosses[crosses.length - 1] + 1 },
		...{ medium: lesson.medium, hand: voice.hand, keep: voice.keep }
	}));
	return [
		...(pictures.length > 0
			? [{ kind: 'figure' as const, pictures, caption: ropes.map(({ title }) => title).join('; ') }]
			: []),
		{ kind: 'text', text: points.map(({ title, says }) => `- **${title}.** ${says}`).join('\n') }
	];
}

/** A picture of a crossing, seen from the right side by the hands of the learner. */
export const cross = (
	crossing: Crossing,
	alt: string,
	{ hand }: Pick<Voice, 'hand'>,
	more: Partial<Extract<Picture, { kind: 'cross' }>> = {}
): Picture => ({ kind: 'cross', alt, crossing, side: 'right', from: hand, numbers: true, ...more });

const numbered = ({ taught, hands }: Showing, voice: Voice): Block => ({
	kind: 'figure',
	pictures: [cross(hands.cloth, `${taught.name}, worked ${hands.played.order.join(' ')}`, voice)],
	caption: `${taught.name}: the numbers below stand before the cross, those above after it.`
});

/** Both sides of a cross. */
export const crossPair = ({ taught, hands }: Showing, voice: Voice): Picture[] => [
	cross(hands.cloth, `${taught.name}, right side`, voice),
	cross(hands.cloth, `${taught.name}, wrong side`, voice, { side: 'wrong' })
];

/** Every step of a part that shows, with its picture. */
export function stepsOfPart(
	part: Extract<Part, { kind: 'show' }>,
	{ hands, shown }: Showing,
	voice: Voice
): Extract<Block, { kind: 'steps' }> {
	const { told, steps } = shown!.script;
	const last = told.at(-1)!;
	const picture = (i: number): Picture => {
		const common = { alt: `After step ${i + 1}: ${told[i].sentence}`, crossing: hands.played, step: i + 1 };
		if (shown!.kind === 'bed')
			return { ...common, kind: 'bed', medium: shown!.medium, moves: shown!.way.moves };
		const { yarnHand } = repeatsOf(part, voice)[0];
		return { ...common, kind: 'rail', moves: shown!.way.moves, hand: voice.hand, yarnHand };
	};
	return {
		kind: 'steps',
		steps: steps.map((_, i) => ({
			picture: picture(i),
			says: told[i].sentence,
			detail: told[i].detail
		})),
		after: `${last.sentence} ${last.detail}`.trim()
	};
}

function stepBlocks(part: Extract<Part, { kind: 'show' }>, seen: Showing, voice: Voice): Block[] {
	const { taught, hands } = seen;
	const { way } = seen.shown!;
	const saying = sayingOn(taught, voice);
	return [
		{
			kind: 'text',
			text: `**${taught.name}**: ${way.title.toLowerCase()}, ${counted(way.movements, 'move')}, worked ${hands.played.order.join(' ')}.`
		},
		...(saying ? [{ kind: 'saying' as const, text: saying }] : []),
		{
			kind: 'figure',
			pictures: crossPair(seen, voice),
			caption: 'The right side, and the wrong side: it is meant to look so.'
		},
		stepsOfPart(part, seen, voice),
		...(way.cautions.length > 0
			? [{ kind: 'list' as const, items: way.cautions.map((caution) => `Mind: ${caution}`) }]
			: [])
	];
}

function comparison(lesson: Lesson, part: Extract<Part, { kind: 'compare' }>, voice: Voice): Block {
	const sides = sidesOf(lesson, part, voice).filter((side) => side !== null);
	return {
		kind: 'figure',
		pictures: sides.map((side): Picture =>
			'text' in side
				? {
						kind: 'cloth',
						alt: side.title,
						...rowsIn(lesson, side.text),
						first: 0,
						last: 24,
						hand: voice.hand,
						keep: voice.keep
					}
				: cross(side.showing.hands.cloth, side.title, voice)
		),
		caption: sides.map(({ title }) => title).join('; beside it: ')
	};
}

/** Which rows a part knits. */
const rowsSaid = ({ from, to }: Pick<Extract<Part, { kind: 'swatch' }>, 'from' | 'to'>): string =>
	from === undefined && to === undefined
		? 'All its rows, from cast-on to the last.'
		: `Rows ${from ?? 1} to ${to ?? 'the last'}.`;

/** `once`, `three times` */
const timesSaid = (times: number): string =>
	times === 1 ? 'once' : times === 2 ? 'twice' : `${inWords(times)} times`;

function practice(part: Extract<Part, { kind: 'practice' }>, seen: Showing | null, voice: Voice): Block[] {
	const { times } = part;
	const tally: Block[] = times
		? [{ kind: 'tally', says: `Knit it ${timesSaid(times)}.`, boxes: times, of: 'time' }]
		: [];
	const rows: Block[] =
		part.from === undefined && part.to === undefined ? [] : [{ kind: 'text', text: rowsSaid(part) }];
	if (!seen) return [...rows, ...tally];
	const { taught, hands } = seen;
	return [
		{
			kind: 'figure',
			pictures: [cross(hands.cloth, taught.name, voice, { numbers: false })],
			caption: `${taught.name}, as yours will look.`
		},
		...rows,
		...tally
	];
}

function mending(
	lesson: Lesson,
	part: Extract<Part, { kind: 'mend' }>,
	{ taught, hands }: Showing,
	voice: Voice
): Block[] {
	const { seen, cause, mend, cloth } = slipIn(
		howMade(lesson),
		taught.crossing,
		taught.name,
		part.slip,
		voice
	);
	return [
		...(cloth
			? [
					{
						kind: 'figure' as const,
						pictures: [
							slipPicture(lesson, taught.name, taught.crossing, part.slip, voice),
							cross(hands.cloth, `${taught.name} as it should be`, voice, { numbers: false })
						],
						caption: 'Gone wrong, and as it should be.'
					}
				]
			: []),
		{ kind: 'text', text: `**${seen}** ${cause} *${mend}*` }
	];
}

/** The cloth that a slip makes, by the ways the lesson shows. */
export function slipPicture(
	lesson: Lesson,
	name: string,
	crossing: Crossing,
	slip: TaughtSlip,
	{ hand, keep }: Hands
): Picture {
	const how = howMade(lesson);
	const { seen } = slipIn(how, crossing, name, slip, { hand, keep });
	return { kind: 'slip', alt: `${name} gone wrong: ${seen}`, crossing, ...how, slip, hand, keep };
}
