import type { MeasuringStep } from '$core/teaching/point';
import { arrow, piece } from './paintPiece';
import { circle, rounded, type Pen } from './pen';

/** The steps of measuring: a piece on the table, and where the tape lies. */
export const MEASURING: Readonly<Record<MeasuringStep, (pen: Pen) => void>> = {
	lay(pen) {
		lying(pen);
		arrow(pen, 128, 150, -40, 0);
		arrow(pen, 392, 150, 40, 0);
	},
	across(pen) {
		lying(pen);
		tape(pen, 150, 138, 220, 'across');
	},
	up(pen) {
		lying(pen);
		tape(pen, 176, 34, 232, 'up');
	},
	panel(pen) {
		lying(pen);
		tape(pen, 223, 92, 74, 'across');
		tape(pen, 312, 196, 46, 'across');
	},
	weigh(pen) {
		pen.fill(rounded(120, 196, 280, 84, 16), 'steel');
		pen.line(rounded(120, 196, 280, 84, 16), 'steel-edge', 4);
		pen.fill(rounded(206, 218, 108, 40, 8), 'ground');
		pen.line('M226 246v-14m16 14v-20m16 20v-10m16 10v-16', 'halo', 4);
		pen.fill(rounded(96, 178, 328, 20, 10), 'steel');
		pen.line(rounded(96, 178, 328, 20, 10), 'steel-edge', 3);
		// Folded, so that nothing hangs off the pan.
		piece(pen, 170, 84, 180, 94);
	},
	write(pen) {
		piece(pen, 40, 40, 180, 220);
		pen.fill(rounded(280, 40, 200, 220, 10), 'ground');
		pen.line(rounded(280, 40, 200, 220, 10), 'ground-line', 2);
		for (let y = 84; y < 240; y += 36) pen.line(`M304 ${y}h${y % 72 === 12 ? 152 : 120}`, 'ground-line', 3);
		pen.line('M420 232L470 142', 'wood-edge', 11);
		pen.line('M420 232L470 142', 'wood', 8);
	}
};

const lying = (pen: Pen): void => piece(pen, 150, 34, 220, 232);

/** Marks of a tape are so far apart; every fifth is longer. */
const MARK = 9;

/** A tape from a point, so long, with its two ends said by dots. */
function tape(pen: Pen, x: number, y: number, length: number, way: 'across' | 'up'): void {
	const width = 22;
	const [w, h] = way === 'across' ? [length, width] : [width, length];
	pen.fill(rounded(x, y, w, h, 4), 'steel');
	pen.line(rounded(x, y, w, h, 4), 'steel-edge', 2);
	for (let at = MARK, n = 1; at < length - 3; at += MARK, n++) {
		const long = n % 5 === 0 ? 14 : 8;
		pen.line(
			way === 'across' ? `M${x + at} ${y}v${long}` : `M${x} ${y + length - at}h${long}`,
			'steel-edge',
			n % 5 === 0 ? 2.4 : 1.4
		);
	}
	const ends = way === 'across' ? [x, x + length] : [y, y + length];
	for (const end of ends)
		pen.fill(way === 'across' ? circle(end, y + width / 2, 7) : circle(x + width / 2, end, 7), 'halo');
}
