import { describe, expect, it } from 'vitest';
import { emptyLesson, type Lesson } from '../lesson/lesson';
import { STAGES, type Stage } from '../measures/lives';
import { ROPE } from '../../../tests/support/piece';
import { finishingOf } from './finishing';
import { measuringOf } from './measuring';

const lesson: Lesson = { ...emptyLesson('Reeds'), swatches: [{ id: 's', title: 'Strip', text: ROPE }] };
const points = (stage: Stage, swatch = 's', units: 'cm' | 'in' = 'cm') =>
	measuringOf(
		lesson,
		{ id: 'm', title: 'Measure', minutes: 5, kind: 'measure', stage, ...(swatch ? { swatch } : {}) },
		{ terms: 'us', units }
	);

describe('measuring with a class', () => {
	it('lays the piece as its stage asks, and counts what the rows have', () => {
		const laid = STAGES.map((stage) => points(stage)[0].says);
		expect(new Set(laid).size).toBe(STAGES.length);
		expect(points('dry')[1].says).toContain('8 stitches');
		expect(points('dry', '')[1].says).toContain('count the stitches');
		expect(points('off', 's', 'in')[1].says).toContain('a quarter of an inch');
	});

	it('asks for panel and ground only where something crosses, and for the scale only where yarn is dry', () => {
		const titles = (stage: Stage, swatch?: string) => points(stage, swatch).map(({ title }) => title);
		expect(titles('dry')).toEqual([
			'Lay it flat',
			'Across',
			'Up',
			'Panel and ground',
			'Weigh it',
			'Write it down'
		]);
		expect(titles('wet')).not.toContain('Weigh it');
		expect(
			measuringOf(
				{ ...lesson, swatches: [] },
				{ id: 'm', title: '', minutes: 1, kind: 'measure', stage: 'off', swatch: 's' },
				{ terms: 'us', units: 'cm' }
			).map(({ title }) => title)
		).not.toContain('Panel and ground');
	});
});

describe('finishing by fibre', () => {
	const voice = { terms: 'us', units: 'cm' } as const;
	const says = (fibre?: Lesson['fibre']) =>
		finishingOf({ medium: 'hand', ...(fibre ? { fibre } : {}) }, voice)
			.map((point) => point.says)
			.join(' ');
	it('pins wool past the wish and cotton to it, and says how long each dries', () => {
		expect(says('wool')).toMatch(
			/about an eighth past the wish: 11\.3 cm for 10 cm.*Twelve hours to a day.*takes a little back/
		);
		expect(says('cotton')).toMatch(
			/to the wish and no further: cotton keeps.*A day to two.*hardly takes anything back/
		);
		expect(says('acrylic')).toContain('no steam on acrylic');
		expect(says()).toMatch(/an eighth past.*up to two days for cotton/);
	});
});
