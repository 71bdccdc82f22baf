import { workingOf, type Working } from '$core/fabric/fabric';
import { playBed } from '$core/hands/bed';
import { play } from '$core/hands/play';
import { scriptSteps } from '$core/hands/steps';
import type { Picture } from '$core/handout/schema';
import { readPattern } from '$core/pattern/pattern';
import { bedGroundOf, bedLayoutOf } from '$lib/drawing/bed';
import { paintBed } from '$lib/drawing/paintBed';
import { crossPicture, paintCross } from '$lib/drawing/paintCross';
import { numberPlace, paintNumber, paintRail } from '$lib/drawing/paintRail';
import { rectangle } from '$lib/drawing/pen';
import { SvgPen } from '$lib/drawing/pens';
import { paintPictureRow, pictureRow } from '$lib/drawing/pictureRow';
import { PRINT_TONES } from '$lib/drawing/printTones';
import { groundOf, layoutOf, rolesOf } from '$lib/drawing/rail';
import { MARGIN, paintRows, clothSize } from '$lib/drawing/swatch';
import { unwrap } from '$core/result';

/** A drawing that stands by itself, with its size in its own units. */
export interface Drawn {
	readonly svg: string;
	readonly width: number;
	readonly height: number;
}

type Of<Kind extends Picture['kind']> = Extract<Picture, { kind: Kind }>;

const RAIL = { width: 520, height: 300, neighbours: 1 } as const;
const RAIL_TEXT = 15;
const CLOTH = { stitch: 20, row: 22, side: 'right' } as const;

/**
 * Draws a picture of a handout in the colours of print.
 *
 * @param id its own in the file it goes into: it names what the drawing refers to
 */
export function drawn(picture: Picture, id: string): Drawn {
	const pen = new SvgPen(PRINT_TONES, id);
	switch (picture.kind) {
		case 'rail':
			return rail(pen, picture);
		case 'bed':
			return bed(pen, picture);
		case 'cross':
			return cross(pen, picture);
		case 'cloth':
			return cloth(pen, picture);
		case 'row':
			return row(pen, picture);
	}
}

function rail(pen: SvgPen, { crossing, moves, step, hand, yarnHand, alt }: Of<'rail'>): Drawn {
	const { width, height } = RAIL;
	const steps = scriptSteps(moves);
	const played = unwrap(play(crossing.stitches, steps));
	const state = played.states[step];
	const mirrored = hand === 'left';
	const ground = groundOf(crossing.stitches, RAIL);
	const layout = layoutOf(state, ground, RAIL, (yarnHand === 'right') !== mirrored ? 'right' : 'left');
	pen.fill(rectangle(0, 0, width, height), 'band-mid');
	pen.fill(rectangle(0, 0, width, ground.behindEnd * 1.33), 'band-behind');
	pen.fill(rectangle(0, ground.frontStart, width, height - ground.frontStart), 'band-front');
	pen.turned(mirrored ? `translate(${width} 0) scale(-1 1)` : null, () =>
		paintRail(pen, { crossing, state, next: steps.at(step), layout, ground, width, height })
	);
	const roles = rolesOf(crossing);
	layout.loops.forEach((at, stitch) => {
		const { x, y, r, size } = numberPlace(at, ground.scale, RAIL_TEXT);
		paintNumber(pen, mirrored ? width - x : x, y, r, roles[stitch], stitch, size);
	});
	return { svg: pen.svg(width, height, alt), width, height };
}

function bed(pen: SvgPen, { crossing, medium, moves, step, alt }: Of<'bed'>): Drawn {
	const { width, height } = RAIL;
	const frames = unwrap(playBed(crossing.stitches, moves, medium));
	const frame = frames[step];
	const ground = bedGroundOf(crossing.stitches, medium, RAIL);
	const loops = bedLayoutOf(frame, ground);
	pen.fill(rectangle(0, 0, width, height), 'band-mid');
	paintBed(pen, { crossing, frame, medium, ground, loops, width, height });
	const roles = rolesOf(crossing);
	loops.forEach((at, stitch) => {
		if (stitch === 0) return;
		const { x, y, r, size } = numberPlace(at, ground.scale, RAIL_TEXT);
		paintNumber(pen, x, y, r, roles[stitch], stitch, size);
	});
	return { svg: pen.svg(width, height, alt), width, height };
}

function cross(pen: SvgPen, { crossing, alt, ...view }: Of<'cross'>): Drawn {
	const picture = crossPicture(crossing, view);
	paintCross(pen, picture);
	for (const { x, y, r, role, number, size } of picture.discs) paintNumber(pen, x, y, r, role, number, size);
	const { width, height } = picture;
	return { svg: pen.svg(width, height, alt), width, height };
}

function cloth(pen: SvgPen, { text, first, last, mirrored, alt }: Of<'cloth'>): Drawn {
	const working = workingFor(text);
	const view = { ...CLOTH, mirrored };
	const size = clothSize(working, view);
	const shown = Math.min(last, size.rows);
	const width = size.width - 2 * MARGIN;
	const height = (shown - first) * view.row;
	const top = size.height - shown * view.row;
	pen.turned(`translate(${-MARGIN} ${-top})`, () =>
		paintRows(pen, working, { first, last: shown, left: 0, right: size.width }, size, view)
	);
	return { svg: pen.svg(width, height, alt), width, height };
}

function row(pen: SvgPen, { text, step, from, alt }: Of<'row'>): Drawn {
	const picture = pictureRow(workingFor(text), step, from);
	const { width } = picture.size;
	pen.turned(`translate(0 ${-picture.top})`, () => {
		paintPictureRow(pen, picture);
		for (const { kind, count, x, y } of picture.labels)
			pen.text(x, y, String(count), { size: 15, bold: kind === 'look', anchor: 'middle' });
	});
	return { svg: pen.svg(width, picture.height, alt), width, height: picture.height };
}

// Rows of one sheet are worked once, however many pictures it has of them.
let last: { readonly text: string; readonly working: Working } | null = null;

function workingFor(text: string): Working {
	if (last?.text !== text) {
		const working = unwrap(workingOf(readPattern(text)));
		last = { text, working: working };
	}
	return last.working;
}
