import type { Working } from '../fabric/fabric';
import type { Voice } from '../hands/voice';
import { swatchOf } from '../lesson/rows';
import type { Lesson } from '../lesson/lesson';
import { chartOf } from '../swatch/chart';
import { legendOf } from '../swatch/legend';
import { lookSaid, writtenSentences } from '../swatch/look';
import { gaugeOf, repeatIn, repeatsTo } from '../swatch/measure';
import { numbersText } from '../swatch/rows';
import { rowTold } from '../swatch/told';
import { beginsAt, handsAt } from '../ways/handed';
import { lengthSaid } from '../hands/voice';
import type { Block, Picture } from './schema';

/** How long a piece is to be, and the row gauge that says how many rows that is. */
export interface Length {
	/** in millimetres */
	readonly wishedMm: number;
	/** rows to 10 cm, where somebody measured them */
	readonly rows?: number;
}

/** Most boxes that are drawn: past that, nobody ticks them. */
const MOST_BOXES = 200;
/** Most rows that a picture shows. */
const MOST_DRAWN = 32;

/** Rows to carry home: as cloth, written, as pictures, and boxes to the wished length; as a chart where the class reads one. */
export function swatchBlocks(
	lesson: Lesson,
	id: string,
	voice: Voice,
	length: Length,
	charted = false
): Block[] {
	const swatch = lesson.swatches.find((one) => one.id === id);
	const working = swatch && swatchOf(lesson, id);
	if (!working) return [];
	const { text, title } = swatch;
	const rows = rowsIn(lesson, text);
	const { pattern, steps, fabric } = working;
	const word = pattern.rounds ? 'Round' : 'Row';
	const side = (of: 'RS' | 'WS') => (pattern.rounds ? '' : of === 'RS' ? ', right side' : ', wrong side');
	const wanted = writtenSentences(working);
	const label = (numbers: readonly number[]) =>
		`${word}${numbers.length > 1 ? 's' : ''} ${numbersText(numbers)}`;
	const hands = { hand: voice.hand, keep: voice.keep };
	const told = { ...handsAt(hands, lesson.medium), terms: voice.terms };
	return [
		{
			kind: 'figure',
			pictures: [
				{
					kind: 'cloth',
					alt: `${title}: ${steps.length} rows of cloth`,
					...rows,
					first: 0,
					last: Math.min(steps.length, MOST_DRAWN),
					...hands
				}
			],
			caption: title
		},
		{
			kind: 'rows',
			rows: [
				{ label: '', text: `Cast on ${fabric.castOn}.` },
				...wanted.map(({ step, numbers }) => {
					const { row } = steps[step];
					return {
						label: `${label(numbers)}${side(row.side)}`,
						text: rowTold(text, steps[step], told)
					};
				}),
				...goingOn(working, word)
			]
		},
		...(charted ? chartBlocks(working, rows, title, voice) : []),
		...(wanted.some(({ step }) => steps[step].worked.crossings.length > 0)
			? [
					{
						kind: 'picture-rows' as const,
						rows: wanted
							.filter(({ step }) => steps[step].worked.crossings.length > 0)
							.map(({ step, numbers }) => ({
								label: label(numbers),
								picture: {
									kind: 'row' as const,
									alt: lookSaid(steps[step], told),
									...rows,
									step,
									...hands
								},
								says: lookSaid(steps[step], told)
							}))
					}
				]
			: []),
		...tallies(working, voice, length)
	];
}

/** Rows as a picture has them: what they are made in is said where it is not by hand. */
export const rowsIn = ({ medium }: Pick<Lesson, 'medium'>, text: string): RowsInMedium =>
	medium === 'hand' ? { text } : { text, medium };
type RowsInMedium = Pick<Extract<Picture, { kind: 'cloth' }>, 'text' | 'medium'>;

/** The chart with its legend. */
function chartBlocks(working: Working, rows: RowsInMedium, title: string, voice: Voice): Block[] {
	const { hand, keep } = voice;
	const chart = chartOf(working);
	const shown = Math.min(working.steps.length, MOST_DRAWN);
	const begins = beginsAt('RS', voice);
	return [
		{
			kind: 'figure',
			pictures: [
				{ kind: 'chart', alt: `${title}: chart of ${shown} rows`, ...rows, first: 0, last: shown, hand, keep }
			],
			caption: `The chart shows the right side, from below upwards. Right side rows begin at the ${begins} edge; a number stands where its row begins.`
		},
		{
			kind: 'picture-rows',
			rows: legendOf(chart, voice).map((entry) => {
				if (entry.kind === 'sign')
					return {
						label: entry.name,
						picture: { kind: 'sign', alt: `${entry.name} on the chart`, is: entry.is, hand, keep },
						says: entry.says
					};
				const { crossing } = chart.crosses[entry.cross];
				return {
					label: entry.name,
					picture: { kind: 'sign', alt: `${entry.name} on the chart`, is: 'cross', crossing, hand, keep },
					says: [...entry.says.map((one) => `${one}.`), entry.look].join(' ').trim()
				};
			})
		}
	];
}

/** What the rows do after the last one written. */
function goingOn({ fabric, pattern }: Working, word: string): { label: string; text: string }[] {
	const { open } = fabric;
	const again = pattern.repeats.filter(({ more }) => more !== null);
	return [
		...again.map(({ numbers, more }) => ({
			label: '',
			text: `Repeat ${word.toLowerCase()}s ${numbersText(numbers)} ${more} more ${more === 1 ? 'time' : 'times'}.`
		})),
		...(open
			? [
					{
						label: '',
						text: `Go on with ${word.toLowerCase()}s ${numbersText(open.rows)}${open.until ? ` until ${open.until}` : ' to the wished length'}.`
					}
				]
			: [])
	];
}

/** A box for every repeat to the wished length where rows go on; else one for every row. */
function tallies(working: Working, voice: Voice, { wishedMm, rows }: Length): Block[] {
	const { fabric, pattern, steps } = working;
	const word = pattern.rounds ? 'round' : 'row';
	if (fabric.open) {
		const { repeatRows, otherRows } = repeatIn(working);
		const gauge = gaugeOf({ gauge: rows === undefined ? {} : { rows } });
		const assumed = rows === undefined ? ', which is assumed: measure yours' : '';
		const { repeats, rows: all, mm } = repeatsTo(wishedMm, repeatRows, otherRows, gauge);
		return [
			{
				kind: 'tally',
				says: `A box for every repeat of ${repeatRows} ${word}s: ${all} ${word}s in all, about ${lengthSaid(mm, voice)} at ${gauge.rows} ${word}s to ${lengthSaid(100, voice)}${assumed}.`,
				boxes: Math.min(MOST_BOXES, repeats),
				of: 'repeat'
			}
		];
	}
	return steps.length <= MOST_BOXES
		? [{ kind: 'tally', says: `A box for every ${word}.`, boxes: steps.length, of: word }]
		: [];
}
