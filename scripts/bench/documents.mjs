/**
 * A lesson as the open format has it.
 * @param {string} title
 * @param {object[]} parts
 * @param {object[]} [swatches]
 */
export const lessonDocument = (title, parts, swatches = []) => ({
	format: 'pond-loop/lesson@1',
	title,
	level: 'beginner',
	medium: 'hand',
	minutes: 90,
	crossings: [],
	swatches,
	materials: [],
	parts
});

/**
 * A note as part of a lesson.
 * @param {string} id
 * @param {string} title
 * @param {string} text
 */
export const notePart = (id, title, text) => ({ id, kind: 'note', title, minutes: 2, text });
