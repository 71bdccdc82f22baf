import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { recipe } from '../../../tests/support/swatch';
import type { Working } from '$core/fabric/fabric';
import { generate } from '$core/swatch/generate';
import { worked } from '../../../tests/support/swatch';
import { TONES, type Pen, type Tone } from './pen';
import { SvgPen } from './pens';
import {
	boxOf,
	columnX,
	crossingsSeen,
	strandPath,
	MARGIN,
	paintNumbers,
	paintRows,
	clothSize,
	spanOver,
	spotAt,
	wavePath,
	wholeOf,
	type View
} from './swatch';

const VIEW: View = { stitch: 20, row: 26, side: 'right', mirrored: false };
const views = fc.record({
	stitch: fc.constantFrom(12, 34),
	row: fc.constantFrom(16, 46),
	side: fc.constantFrom('right' as const, 'wrong' as const),
	mirrored: fc.boolean()
});
const rope = worked(
	'Cast on 6.\nRow 1 (RS): p1, k4, p1.\nRow 2: as they face.\nRow 3 (RS): p1, 2/2 RC, p1.'
)!;
const cloths: fc.Arbitrary<Working> = recipe.map((asked) => {
	const text = generate(asked);
	return worked(text.ok ? text.value : '')!;
});

/** A pen that takes down how much it was asked for. */
const counting = () => {
	const asked = { fills: [] as [string, Tone][], hatched: 0, numbers: [] as [number, string][] };
	const pen: Pen = {
		fill: (path, tone) => void (path && asked.fills.push([path, tone])),
		line: () => undefined,
		hatch: () => void asked.hatched++,
		hatchLine: () => undefined,
		text: (x, _, text) => void asked.numbers.push([x, text])
	};
	return { asked, pen };
};

describe('the cloth of a swatch', () => {
	it('gives every stitch a place, and every place its stitch, on both sides and in the mirror', () => {
		fc.assert(
			fc.property(cloths, views, fc.nat(), fc.nat(), (working, view, row, stitch) => {
				const size = clothSize(working, view);
				const step = row % working.steps.length;
				const count = working.steps[step].row.after;
				const column = stitch % count;
				const x = columnX(column, count, size, view);
				const y = size.height - (step + 0.5) * view.row;
				expect(spotAt(x, y, working, size, view)).toEqual({ step, column });
			}),
			{ numRuns: 40 }
		);
		expect(spotAt(5, 5, rope, clothSize(rope, VIEW), VIEW)).toBeNull();
		expect(spotAt(MARGIN + 5, -4, rope, clothSize(rope, VIEW), VIEW)).toBeNull();
	});

	it('paints the front strands of a cross over those behind, which are hatched', () => {
		const { asked, pen } = counting();
		const size = clothSize(rope, VIEW);
		paintRows(pen, rope, wholeOf(size), size, VIEW);
		const tones = asked.fills.map(([, tone]) => tone);
		expect(tones.slice(0, 2)).toEqual(['ground', 'rope']);
		expect(tones.slice(2)).toEqual(['behind-soft', 'behind-soft', 'front-soft', 'front-soft']);
		expect(asked.hatched).toBe(2);
	});

	it('paints only what is in the stretch', () => {
		const { asked, pen } = counting();
		const size = clothSize(rope, VIEW);
		paintRows(pen, rope, { ...wholeOf(size), last: 2 }, size, VIEW);
		expect(asked.hatched).toBe(0);
		const aside = counting();
		paintRows(aside.pen, rope, { ...wholeOf(size), right: MARGIN }, size, VIEW);
		expect(aside.asked.fills.map(([, tone]) => tone)).toEqual(['ground']);
	});

	it('shows a cross on the other side at its other end, with the other strand in front', () => {
		const cloth = worked('Cast on 6.\nRow 1 (RS): 1/2 RC, k3.')!;
		const [right] = crossingsSeen(cloth.steps[0], 'right');
		const [wrong] = crossingsSeen(cloth.steps[0], 'wrong');
		expect([right.column, wrong.column]).toEqual([3, 0]);
		expect([right.crossing.over, wrong.crossing.over]).toEqual([
			[
				[3, 1],
				[3, 2]
			],
			[
				[2, 1],
				[3, 1]
			]
		]);
	});

	it('writes the number of a row at the edge where it begins', () => {
		const size = clothSize(rope, VIEW);
		const at = (view: View) => {
			const { asked, pen } = counting();
			paintNumbers(pen, rope, wholeOf(size), size, view);
			return asked.numbers.map(([x, text]) => `${text} ${x > size.width / 2 ? 'right' : 'left'}`);
		};
		expect(at(VIEW)).toEqual(['1 right', '2 left', '3 right']);
		expect(at({ ...VIEW, side: 'wrong' })).toEqual(['1 left', '2 right', '3 left']);
		expect(at({ ...VIEW, mirrored: true })).toEqual(['1 left', '2 right', '3 left']);
	});

	it('follows a strand from edge to edge, and tells where it lies behind', () => {
		const size = clothSize(rope, VIEW);
		const behind = strandPath(rope, 2, size, VIEW);
		expect([behind.from, behind.to]).toEqual([4, 2]);
		expect(behind.behind.match(/M/g)).toHaveLength(1);
		expect(behind.seen.match(/M/g)).toHaveLength(2);
		expect(strandPath(rope, 4, size, VIEW).behind).toBe('');
		expect(strandPath(rope, 4, size, { ...VIEW, side: 'wrong' }).behind).not.toBe('');
		expect(strandPath(worked('Cast on 2.\nRow 1: k2tog.')!, 1, size, VIEW).to).toBeNull();
	});
});

it('a drawing of its own is one SVG with its title, colours written in', () => {
	const tones = Object.fromEntries(Object.keys(TONES).map((tone) => [tone, '#123456'])) as Record<
		Tone,
		string
	>;
	const pen = new SvgPen(tones);
	const size = clothSize(rope, VIEW);
	paintRows(pen, rope, wholeOf(size), size, VIEW);
	paintNumbers(pen, rope, wholeOf(size), size, VIEW);
	const svg = pen.svg(size.width, size.height, 'Rope & <eel>');
	expect(svg).toContain('<title>Rope &amp; &lt;eel></title>');
	expect(svg.match(/<text /g)).toHaveLength(3);
	expect(svg).not.toMatch(/var\(|undefined|NaN|\d\.\d{3}/);
});

describe('what is chosen on the cloth', () => {
	it('is boxed with the crossing over it, from either side', () => {
		fc.assert(
			fc.property(views, fc.integer({ min: 0, max: 5 }), (view, column) => {
				const size = clothSize(rope, view);
				const box = boxOf(rope, { step: 2, column }, size, view)!;
				const span = spanOver(rope, { step: 2, column });
				expect(span).toEqual(column >= 1 && column <= 4 ? [1, 4] : null);
				expect(box.width).toBe(span ? 4 * view.stitch : view.stitch);
				expect(spotAt(box.x + box.width / 2 - 1, box.y + 1, rope, size, view)?.step).toBe(2);
			})
		);
	});

	it('is nothing where the cloth has no such stitch', () => {
		const size = clothSize(rope, VIEW);
		expect([
			boxOf(rope, { step: 9, column: 0 }, size, VIEW),
			boxOf(rope, { step: 0, column: 6 }, size, VIEW)
		]).toEqual([null, null]);
	});

	it('lies over water whose waves reach from edge to edge', () => {
		expect(wavePath(100, 20)).toBe('M0 20q15 -7 30 0t30 0q15 -7 30 0t30 0');
	});
});
