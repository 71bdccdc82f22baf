import type { Plan } from '$core/measures/plan';
import { rectangle, rounded, type Pen } from '$lib/drawing/pen';

/** The room of the picture, in its own units, and the margin for the tapes. */
const ROOM = { width: 620, height: 420 } as const;
const TAPE = 46;
/** More ropes and crosses than can be told apart are drawn as so many. */
const MOST_ACROSS = 24;
const MOST_UP = 40;

/** A plan to scale: where its stretches and crosses lie. */
export function planPicture({ dry, stitches, castOn, repeatsAcross, repeatsUp }: Plan) {
	const scale = Math.min((ROOM.width - TAPE) / dry.widthMm, (ROOM.height - TAPE) / dry.heightMm);
	const [width, height] = [dry.widthMm * scale, dry.heightMm * scale];
	const left = TAPE + (ROOM.width - TAPE - width) / 2;
	const top = (ROOM.height - TAPE - height) / 2;
	const count = (of: Plan['stitches'][number]['of']) => stitches.find((one) => one.of === of)?.count ?? 0;
	const beside = ((count('edge') + count('ground') / 2) / castOn) * width;
	return {
		...ROOM,
		...{ left, top, scale },
		piece: { width, height },
		panel: { left: left + beside, width: width - 2 * beside },
		across: Math.min(MOST_ACROSS, repeatsAcross),
		up: Math.min(MOST_UP, repeatsUp)
	};
}

/** Paints the piece with its ropes; half a spacing stands below the first cross and above the last. */
export function paintPlan(
	pen: Pen,
	{ left, top, piece, panel, across, up }: ReturnType<typeof planPicture>
): void {
	pen.fill(rounded(left, top, piece.width, piece.height, Math.min(8, piece.width / 8)), 'ground');
	for (let y = top + 9; y < top + piece.height - 6; y += 13) {
		for (let x = left + 6; x < left + piece.width - 12; x += 22)
			pen.line(`M${x} ${y}q4 3.5 8 0`, 'ground-line', 1.2);
	}
	const pitch = panel.width / across;
	const rope = Math.min(44, pitch * 0.5);
	const turn = piece.height / up;
	for (let i = 0; i < across; i++) {
		const middle = panel.left + (i + 0.5) * pitch;
		pen.fill(rectangle(middle - rope / 2, top, rope, piece.height), 'rope');
		// Round ends of the strands stay inside the piece.
		const inset = rope / 4.8 + 2;
		for (let k = 0; k < up; k++) {
			const ends = { top: k === 0 ? inset : 0, bottom: k === up - 1 ? inset : 0 };
			twist(pen, middle, top + k * turn, turn, rope, ends);
		}
	}
}

/** Two strands that stand apart, cross in the middle of their spacing, and stand apart again. */
function twist(
	pen: Pen,
	middle: number,
	top: number,
	turn: number,
	rope: number,
	inset: { readonly top: number; readonly bottom: number }
): void {
	const out = rope / 4;
	const bend = Math.min(turn * 0.3, rope * 0.7);
	const [from, to] = [top + turn / 2 - bend, top + turn / 2 + bend];
	const strand = (side: 1 | -1) =>
		`M${middle + side * out} ${top + inset.top}V${from}C${middle + side * out} ${from + bend} ${middle - side * out} ${to - bend} ${middle - side * out} ${to}V${top + turn - inset.bottom}`;
	for (const side of [1, -1] as const) {
		pen.line(strand(side), 'wool-edge', rope / 2.4);
		pen.line(strand(side), 'wool', rope / 2.4 - 3);
	}
}
