import { expect, it } from 'vitest';
import { piece } from '../../../tests/support/piece';
import { USUAL_RULES } from '../rules';
import { figuresFrom, thumbOf } from './learn';
import { learnedRules } from './learnedRules';
import { gramsPerStitchByThumb, gramsPerMetre } from './thumb';

it('turns what pieces say into rules that say the same', () => {
	const made = (title: string, grams: number) =>
		piece(title, { of: 'panel', widthMm: 84, grams }, { of: 'ground', widthMm: 100 });
	const pieces = [made('a', 8), made('b', 8.1), made('c', 8.05)];
	const { learned } = figuresFrom(pieces);
	const thumb = thumbOf(pieces);
	const own = { ...USUAL_RULES, ...learnedRules(learned, thumb, USUAL_RULES) };
	expect(own.drawIn).toBeGreaterThan(USUAL_RULES.drawIn);
	// Reckoned by the new rule, a stitch takes what was learned.
	const crossed = { ever: 0.5, worked: 0.125 };
	const stitchMm = 5;
	const by = gramsPerStitchByThumb(crossed, stitchMm, gramsPerMetre(pieces[0].yarn), own);
	const before = gramsPerStitchByThumb(crossed, stitchMm, gramsPerMetre(pieces[0].yarn));
	expect(by / before).toBeCloseTo(learned.gramsPerStitch.value / thumb.gramsPerStitch, 2);
	expect(learnedRules(figuresFrom([]).learned, thumbOf([]), USUAL_RULES)).toEqual({});
});
