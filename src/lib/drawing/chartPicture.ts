import type { Working } from '$core/fabric/fabric';
import type { Voice } from '$core/hands/voice';
import { legendOf, type LegendEntry } from '$core/swatch/legend';
import { mirrorsFabric } from '$core/ways/handed';
import { paintSign, paintSymbol, type ChartView } from './chart';
import { chartFace } from './chartFace';
import type { TurningPen } from './pen';
import { MARGIN } from './swatch';

type Words = Pick<Voice, 'hand' | 'keep' | 'terms'>;

/** Boxes as print and stage have them. */
const BOX = { width: 26, height: 30 } as const;

export const chartViewFor = (
	{ hand, keep }: Omit<Words, 'terms'>,
	box: ChartView['box'] = BOX
): ChartView => ({ box, hand, keep, mirrored: mirrorsFabric({ hand, keep }) });

/** The chart of some rows of a swatch, from the row at place `first` of the plan up to, and without, `last`. */
export function chartPicture(
	working: Working,
	{ first, last }: { readonly first: number; readonly last: number },
	words: Omit<Words, 'terms'>
) {
	const face = chartFace(working, chartViewFor(words));
	const { size, pitch } = face;
	const to = Math.min(last, size.rows);
	const top = size.height - to * pitch.row;
	return {
		face,
		top,
		width: size.width,
		height: (to - first) * pitch.row,
		paint: (pen: TurningPen) =>
			pen.turned({ x: 0, y: -top }, () => face.paint(pen, { first, last: to, left: 0, right: size.width }))
	};
}

const LINE = 21;
const TEXT = 15;
/** Pixels that a letter takes, as a rule, in text of that size. */
const LETTER = 7.4;
const RIM = 12;

/** The whole chart with its legend below, as a drawing of its own. */
export function chartSheet(working: Working, words: Words) {
	const picture = chartPicture(working, { first: 0, last: Infinity }, words);
	const { chart } = picture.face;
	const width = Math.max(picture.width, 600);
	const entries = legendOf(chart, words);
	const symbol = Math.max(
		1,
		...entries.map((entry) => (entry.kind === 'cross' ? chart.crosses[entry.cross].crossing.stitches : 1))
	);
	const textX = MARGIN + symbol * BOX.width + 18;
	const told = entries.map((entry) => ({
		entry,
		lines: linesOf(entry).flatMap((line) => wrapped(line, Math.floor((width - textX - RIM) / LETTER)))
	}));
	const heights = told.map(({ lines }) => Math.max(BOX.height, lines.length * LINE) + RIM);
	const height = picture.height + 2 * RIM + heights.reduce((sum, one) => sum + one, 0);
	const mirrored = chartViewFor(words).mirrored;
	const paint = (pen: TurningPen) => {
		picture.paint(pen);
		let y = picture.height + 2 * RIM;
		told.forEach(({ entry, lines }, i) => {
			const place = { x: MARGIN, top: y, width: BOX.width, height: BOX.height };
			if (entry.kind === 'sign') paintSign(pen, entry.is, place, mirrored);
			else {
				const { crossing } = chart.crosses[entry.cross];
				paintSymbol(pen, crossing, { ...place, width: crossing.stitches * BOX.width });
			}
			lines.forEach((line, j) =>
				pen.text(textX, y + 19 + j * LINE, line, {
					size: TEXT,
					anchor: 'start',
					bold: j === 0 && entry.kind === 'cross'
				})
			);
			y += heights[i];
		});
	};
	return { width, height, paint };
}

const linesOf = (entry: LegendEntry): string[] =>
	entry.kind === 'sign'
		? [`${entry.name}: ${entry.says}`]
		: [entry.name, ...entry.says, ...(entry.look ? [entry.look] : [])];

/** A line in lines of at most so many letters. */
function wrapped(line: string, most: number): string[] {
	return line.split(' ').reduce<string[]>((lines, word) => {
		const last = lines.at(-1);
		if (last !== undefined && last.length + 1 + word.length <= most)
			return [...lines.slice(0, -1), `${last} ${word}`];
		return [...lines, word];
	}, []);
}
