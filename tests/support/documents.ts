import type { FollowedMoment } from '../../src/lib/wire/follow';

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

/** What a stage shows to those who follow it. */
export const MOMENT: FollowedMoment = {
	...{ part: 'p', step: 0, told: false, blank: false, look: 'work', school: null, wrong: null },
	voice: { hand: 'right', keep: 'fabric', yarnHand: 'right' }
};

/** What a class of learners practises, and one answer of theirs. */
export const ABOUT_CLASS = {
	...{ title: 'Mine', crossings: ['2/2 RC'], medium: 'hand', level: 'beginner', terms: 'us' }
};
export const PRACTISED = { of: '2/2 RC', kind: 'front', medium: 'hand', right: true, at: 1_795_900_000_000 };
