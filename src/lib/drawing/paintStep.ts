import type { DrawnStep } from '$core/teaching/point';
import { FINISHING } from './paintFinishing';
import { MEASURING } from './paintMeasuring';
import { paintTable } from './paintPiece';
import type { Pen } from './pen';

const STEPS = { ...FINISHING, ...MEASURING };

/** A step of finishing or of measuring, drawn. */
export function paintStep(pen: Pen, step: DrawnStep): void {
	paintTable(pen);
	STEPS[step](pen);
}
