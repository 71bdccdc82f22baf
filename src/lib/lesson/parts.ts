import type { Part } from '$core/lesson/lesson';
import type { PaletteKind } from '$core/planning/addable';

/** What a teacher calls each kind of part, short enough for the clock bar. */
export const KIND_WORDS: Readonly<Record<Part['kind'], string>> = {
	explain: 'Tell',
	picture: 'See',
	show: 'Show',
	compare: 'Compare',
	swatch: 'Rows',
	practice: 'Knit',
	count: 'Count',
	measure: 'Measure',
	mend: 'Mend',
	check: 'Ask',
	finish: 'Finish',
	tension: 'Slack',
	care: 'Rest',
	note: 'Note'
};

/** How a part looks on the clock bar: what hands do is dark, what eyes do is pale, rest is open. */
export const KIND_TONES: Readonly<Record<Part['kind'], 'hands' | 'eyes' | 'own' | 'open'>> = {
	explain: 'eyes',
	picture: 'eyes',
	show: 'hands',
	compare: 'hands',
	swatch: 'own',
	practice: 'own',
	count: 'own',
	measure: 'own',
	mend: 'hands',
	check: 'open',
	finish: 'own',
	tension: 'eyes',
	care: 'open',
	note: 'open'
};

/** What a teacher adds from the palette. */
export const PALETTE_WORDS: Readonly<Record<PaletteKind, string>> = {
	explain: 'something to tell',
	picture: 'a numbered picture',
	show: 'a way to show',
	compare: 'two to compare',
	swatch: 'rows to knit together',
	practice: 'a practice',
	check: 'a question',
	mend: 'a slip and its mend',
	count: 'rows to count',
	measure: 'something to measure',
	tension: 'slack and tension',
	care: 'a rest for the hands',
	finish: 'finishing',
	note: 'a note'
};
