import type { FinishingStep } from '$core/teaching/point';
import { arrow, piece } from './paintPiece';
import { circle, rounded, type Pen } from './pen';

/** The steps of finishing: a piece with a rope, and what is done to it. */
export const FINISHING: Readonly<Record<FinishingStep, (pen: Pen) => void>> = {
	'bind-off': bindOff,
	wash,
	pin,
	dry,
	seam
};

/** A chain of stitches along an edge, from left to right; the last ones may rise. */
function chain(pen: Pen, x: number, y: number, count: number, rise = 0): void {
	for (let i = 0; i < count; i++) {
		const at = x + i * 24;
		const up = i >= count - 1 ? rise : 0;
		const link = `M${at} ${y - up}q12 ${-14 - up / 3} 24 0q-12 14 -24 0Z`;
		pen.fill(link, 'wool');
		pen.line(link, 'wool-edge', 2);
	}
}

function bindOff(pen: Pen): void {
	piece(pen, 110, 96, 300, 200);
	chain(pen, 112, 92, 12, 26);
	// The last loop is drawn long before the yarn goes through.
	pen.line('M388 74C398 52 420 44 470 40', 'working-edge', 7);
	pen.line('M388 74C398 52 420 44 470 40', 'working', 4);
	pen.line('M20 60L236 84', 'wood-edge', 11);
	pen.line('M20 60L234 84', 'wood', 8);
	arrow(pen, 436, 96, 0, -36);
}

function wash(pen: Pen): void {
	pen.fill('M70 110H450L420 270Q416 284 400 284H120Q104 284 100 270Z', 'steel');
	pen.line('M70 110H450L420 270Q416 284 400 284H120Q104 284 100 270Z', 'steel-edge', 4);
	piece(pen, 180, 150, 160, 110);
	for (const [y, from] of [
		[138, 96],
		[158, 110],
		[178, 104]
	])
		pen.line(`M${from} ${y}q20 -12 40 0t40 0t40 0t40 0t40 0t40 0t40 0`, 'steel-edge', 3, { opacity: 0.7 });
	arrow(pen, 212, 44, 0, 52);
	arrow(pen, 308, 44, 0, 52);
}

/** The wish, as a dashed frame. */
const wish = (pen: Pen): void => pen.line(rounded(145, 55, 230, 190, 6), 'halo', 3, { dash: '9 8' });

function pin(pen: Pen): void {
	piece(pen, 120, 34, 280, 232);
	wish(pen);
	const places = [0, 1, 2, 3, 4].flatMap((i) => [
		[132, 46 + i * 52],
		[388, 46 + i * 52],
		[132 + i * 64, 46],
		[132 + i * 64, 254]
	]);
	for (const [x, y] of places) {
		const [dx, dy] = [Math.sign(x - 260) * 15, Math.sign(y - 150) * 11];
		pen.line(`M${x} ${y}l${dx} ${dy}`, 'steel-edge', 3);
		pen.fill(circle(x + dx, y + dy, 6), 'steel');
		pen.line(circle(x + dx, y + dy, 6), 'steel-edge', 2);
	}
	arrow(pen, 84, 150, -52, 0);
	arrow(pen, 436, 150, 52, 0);
}

function dry(pen: Pen): void {
	pen.line(rounded(120, 34, 280, 232, 6), 'ground-line', 2, { dash: '3 7' });
	piece(pen, 145, 55, 230, 190);
	wish(pen);
	arrow(pen, 72, 150, 42, 0);
	arrow(pen, 448, 150, -42, 0);
}

function seam(pen: Pen): void {
	piece(pen, 20, 20, 210, 260);
	piece(pen, 290, 20, 210, 260);
	// Under both legs on either side, and drawn tight from below.
	const rungs = Array.from({ length: 9 }, (_, i) => 262 - i * 27);
	for (const [i, y] of rungs.entries()) {
		const gap = Math.min(34, 4 + i * 4.5);
		const bar = `M${260 - gap} ${y}L${260 + gap} ${y - 13}`;
		pen.line(bar, 'working-edge', 7);
		pen.line(bar, 'working', 4);
	}
	pen.line('M300 22L352 -4', 'steel-edge', 5);
	for (const y of [66, 158, 250]) {
		pen.line(`M150 ${y}H222`, 'halo', 2, { dash: '5 6' });
		pen.line(`M298 ${y}H370`, 'halo', 2, { dash: '5 6' });
	}
}
