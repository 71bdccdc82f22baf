/** The smallest documents that routes take, to be changed where a test needs them otherwise. */
export const SWATCH = {
	format: 'pond-loop/swatch@1',
	title: 'A swatch',
	medium: 'hand',
	text: 'Cast on 4.\nRow 1: k4.',
	gauge: { stitches: 20, rows: 28 },
	counters: [{ id: 'rows', name: 'Rows' }]
};
export const LESSON = {
	format: 'pond-loop/lesson@1',
	title: 'A lesson',
	level: 'beginner',
	medium: 'hand',
	minutes: 90,
	crossings: [],
	swatches: [],
	materials: [],
	parts: []
};
export const CROSSING = { stitches: 2, order: [2, 1], over: [[2, 1]], work: ['k', 'k'] };
export const COURSE = { format: 'pond-loop/course@1', title: 'A course', lessons: [], known: [], every: 7 };
export const RECORD = {
	format: 'pond-loop/class@1',
	level: 'beginner',
	began: '2026-11-26T19:00',
	ended: null,
	parts: []
};
