import type { Measured, Piece } from '$core/measures/schema';

export const ROPE =
	'Cast on 8.\nRow 1 (RS): p2, k4, p2.\nRow 2: as they face.\nRow 3: p2, 2/2 RC, p2.\nRow 4: as they face.';

/** A measurement of a whole strip, bound off, with what it has instead. */
export const measured = (fields: Partial<Measured> = {}): Measured => ({
	...{ stage: 'off', of: 'whole', widthMm: 100, heightMm: 100, stitches: 20, rows: 28, on: '2026-11-20' },
	...fields
});

/** A piece with a rope in it, and its measurements. */
export const piece = (title: string, ...all: Partial<Measured>[]): Piece => ({
	...{ format: 'pond-loop/piece@1', title, swatch: ROPE, needleMm: 4 },
	yarn: { name: 'Reed', fibre: 'Wool', gramsPerBall: 50, metresPerBall: 100 },
	measured: all.map(measured)
});
