import { workingOf, type Working } from '$core/fabric/fabric';
import { mirror } from '$core/crossing/transform';
import { handed, handsAt, mirrorsFabric } from '$core/ways/handed';
import { playBed } from '$core/hands/bed';
import { play } from '$core/hands/play';
import { scriptSteps } from '$core/hands/steps';
import type { Picture } from '$core/handout/schema';
import { slipIn } from '$core/lesson/slip';
import { readPattern } from '$core/pattern/pattern';
import type { Medium } from '$core/technique/medium';
import { bedGroundOf, bedLayoutOf } from '$lib/drawing/bed';
import { paintSign, paintSymbol } from '$lib/drawing/chart';
import { chartPicture } from '$lib/drawing/chartPicture';
import { paintBed } from '$lib/drawing/paintBed';
import { crossPicture, paintCross } from '$lib/drawing/paintCross';
import { madePicture, paintMade } from '$lib/drawing/paintMade';
import { STEP_SIZE } from '$lib/drawing/paintPiece';
import { paintStep } from '$lib/drawing/paintStep';
import { numberPlace, paintNumber, paintRail } from '$lib/drawing/paintRail';
import { rectangle, type TurningPen } from '$lib/drawing/pen';
import { SvgPen } from '$lib/drawing/pens';
import { paintPictureRow, pictureRow } from '$lib/drawing/pictureRow';
import { PRINT_TONES } from '$lib/drawing/printTones';
import { groundOf, layoutOf, rolesOf } from '$lib/drawing/rail';
import { MARGIN, paintRows, clothSize, viewFor } from '$lib/drawing/swatch';
import { unwrap } from '$core/result';

/** A picture as it is drawn: its size in its own units, and how a pen paints it. */
export interface Drawing {
	readonly width: number;
	readonly height: number;
	readonly paint: (pen: TurningPen) => void;
}

type Of<Kind extends Picture['kind']> = Extract<Picture, { kind: Kind }>;

const RAIL = { width: 520, height: 300, neighbours: 1 } as const;
const RAIL_TEXT = 15;
const SIGN = { width: 26, height: 30, rim: 2 } as const;
const CLOTH = { stitch: 20, row: 22, side: 'right' } as const;

/** How a picture of a handout is drawn. */
export function drawingOf(picture: Picture): Drawing {
	switch (picture.kind) {
		case 'rail':
			return rail(picture);
		case 'bed':
			return bed(picture);
		case 'cross':
			return cross(picture);
		case 'slip':
			return slip(picture);
		case 'cloth':
			return cloth(picture);
		case 'row':
			return row(picture);
		case 'chart':
			return chartPicture(workingFor(picture), picture, picture);
		case 'sign':
			return sign(picture);
		case 'finishing':
			return { ...STEP_SIZE, paint: (pen) => paintStep(pen, picture.step) };
	}
}

/**
 * A picture of a handout as SVG that stands by itself, in the colours of print.
 *
 * @param id its own in the file it goes into: it names what the drawing refers to
 */
export function svgOf(picture: Picture, id: string): string {
	const pen = new SvgPen(PRINT_TONES, id);
	const { width, height, paint } = drawingOf(picture);
	paint(pen);
	return pen.svg(width, height, picture.alt);
}

function rail({ crossing, moves, step, hand, yarnHand }: Of<'rail'>): Drawing {
	const { width, height } = RAIL;
	const steps = scriptSteps(moves);
	const state = unwrap(play(crossing.stitches, steps)).states[step];
	const mirrored = hand === 'left';
	const ground = groundOf(crossing.stitches, RAIL);
	const layout = layoutOf(state, ground, RAIL, (yarnHand === 'right') !== mirrored ? 'right' : 'left');
	const roles = rolesOf(crossing);
	const paint = (pen: TurningPen) => {
		pen.fill(rectangle(0, 0, width, height), 'band-mid');
		pen.fill(rectangle(0, 0, width, ground.behindEnd * 1.33), 'band-behind');
		pen.fill(rectangle(0, ground.frontStart, width, height - ground.frontStart), 'band-front');
		pen.turned({ x: mirrored ? width : 0, y: 0, mirrored }, () =>
			paintRail(pen, { crossing, state, next: steps.at(step), layout, ground, width, height })
		);
		layout.loops.forEach((at, stitch) => {
			const { x, y, r, size } = numberPlace(at, ground.scale, RAIL_TEXT);
			paintNumber(pen, mirrored ? width - x : x, y, r, roles[stitch], stitch, size);
		});
	};
	return { width, height, paint };
}

function bed({ crossing, medium, moves, step }: Of<'bed'>): Drawing {
	const { width, height } = RAIL;
	const frame = unwrap(playBed(crossing.stitches, moves, medium))[step];
	const ground = bedGroundOf(crossing.stitches, medium, RAIL);
	const loops = bedLayoutOf(frame, ground);
	const roles = rolesOf(crossing);
	const paint = (pen: TurningPen) => {
		pen.fill(rectangle(0, 0, width, height), 'band-mid');
		paintBed(pen, { crossing, frame, medium, ground, loops, width, height });
		loops.forEach((at, stitch) => {
			if (stitch === 0) return;
			const { x, y, r, size } = numberPlace(at, ground.scale, RAIL_TEXT);
			paintNumber(pen, x, y, r, roles[stitch], stitch, size);
		});
	};
	return { width, height, paint };
}

function cross({ crossing, ...view }: Of<'cross'>): Drawing {
	const picture = crossPicture(crossing, view);
	const { width, height, discs } = picture;
	const paint = (pen: TurningPen) => {
		paintCross(pen, picture);
		for (const { x, y, r, role, number, size } of discs) paintNumber(pen, x, y, r, role, number, size);
	};
	return { width, height, paint };
}

function slip({ crossing, medium, ways, slip: id, ...hands }: Of<'slip'>): Drawing {
	const { cloth } = slipIn({ medium, ways }, crossing, '', id, hands);
	if (!cloth) return { width: 1, height: 1, paint: () => undefined };
	const { played } = handed(crossing, hands, medium);
	const from = handsAt(hands, medium).hand;
	const picture = madePicture(played, cloth, { from, numbers: false, most: 2, rings: true });
	return { width: picture.width, height: picture.height, paint: (pen) => paintMade(pen, picture) };
}

function cloth({ first, last, hand, keep, ...rows }: Of<'cloth'>): Drawing {
	const working = workingFor(rows);
	const view = viewFor(working, { hand, keep }, CLOTH);
	const size = clothSize(working, view);
	const shown = Math.min(last, size.rows);
	const top = size.height - shown * view.row;
	const paint = (pen: TurningPen) =>
		pen.turned({ x: -MARGIN, y: -top }, () =>
			paintRows(pen, working, { first, last: shown, left: 0, right: size.width }, size, view)
		);
	return { width: size.width - 2 * MARGIN, height: (shown - first) * view.row, paint };
}

function sign({ is, crossing, ...hands }: Of<'sign'>): Drawing {
	const mirrored = mirrorsFabric(hands);
	const width = (crossing?.stitches ?? 1) * SIGN.width;
	const place = { x: SIGN.rim, top: SIGN.rim, width, height: SIGN.height };
	const paint = (pen: TurningPen) =>
		crossing
			? paintSymbol(pen, mirrored ? mirror(crossing) : crossing, place)
			: paintSign(pen, is, place, mirrored);
	return { width: width + 2 * SIGN.rim, height: SIGN.height + 2 * SIGN.rim, paint };
}

function row({ step, hand, keep, ...rows }: Of<'row'>): Drawing {
	const picture = pictureRow(workingFor(rows), step, { hand, keep });
	const paint = (pen: TurningPen) =>
		pen.turned({ x: 0, y: -picture.top }, () => {
			paintPictureRow(pen, picture);
			for (const { kind, count, x, y } of picture.labels)
				pen.text(x, y, String(count), { size: 15, bold: kind === 'look', anchor: 'middle' });
		});
	return { width: picture.size.width, height: picture.height, paint };
}

// Rows of one sheet are worked once, however many pictures it has of them.
let last: { readonly text: string; readonly medium?: Medium; readonly working: Working } | null = null;

function workingFor({ text, medium }: Pick<Of<'cloth'>, 'text' | 'medium'>): Working {
	if (last?.text !== text || last.medium !== medium) {
		const working = unwrap(workingOf(readPattern(text), { medium }));
		last = { text, medium, working };
	}
	return last.working;
}
