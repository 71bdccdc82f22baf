import type { Part } from '../lesson/lesson';

/** What usually goes home: what was shown, drawn, knitted and mended; what is said in class stays there. */
export const GOES_HOME: Readonly<Record<Part['kind'], boolean>> = {
	explain: false,
	picture: true,
	show: true,
	compare: true,
	swatch: true,
	practice: true,
	count: true,
	mend: true,
	check: true,
	tension: true,
	measure: true,
	finish: true,
	care: false,
	note: true
};
