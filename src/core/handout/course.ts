import type { Handout, Section } from './schema';

/** The sheets of several lessons as one, each with a page to begin on; what questions ask for stands behind all of them. */
export function courseHandout(title: string, sheets: readonly Handout[]): Handout {
	const sections = sheets.flatMap((sheet, i): Section[] => [
		{ id: `lesson-${i + 1}`, title: `${i + 1}. ${sheet.title}`, newPage: i > 0, blocks: [] },
		...sheet.sections
			.filter(({ id }) => id !== ANSWERS)
			.map((section) => ({ ...section, id: `${i + 1}-${section.id}` }))
	]);
	const answers = sheets.flatMap((sheet, i) =>
		sheet.sections
			.filter(({ id }) => id === ANSWERS)
			.map(({ blocks }) => ({ id: `${i + 1}-${ANSWERS}`, title: `Answers: ${sheet.title}`, blocks }))
	);
	return {
		...sheets[0],
		title,
		sections: [
			...sections,
			...answers.map((section, i) => (i === 0 ? { ...section, newPage: true } : section))
		]
	};
}

/** The section that holds what questions ask for. */
export const ANSWERS = 'answers';
