import { describe, expect, it } from 'vitest';
import { USUAL_RATES } from '$core/planning/rates';
import { crossing } from '../../../tests/support/taughtLesson';
import { priceSaid } from './wrong';

describe('what a finding comes to in the knitting', () => {
	const mistake = { name: '2/2 RC', crossing: crossing('2/2 RC'), row: 17, rows: 13, width: 40, at: 5 };
	const said = (slip: 'not-crossed' | 'wrong-row' | 'wrong-hold') =>
		priceSaid({ ...mistake, slip }, 31, 'improver', USUAL_RATES);

	it('is priced in stitches, rows and minutes, and what hides it besides', () => {
		expect(said('not-crossed')).toBe(
			'You are on row 31: ladder down 4 stitches, 14 rows, about 7 minutes; or a sewn strand, about 3 minutes.'
		);
		expect(said('wrong-row')).toMatch(
			/^You are on row 31: ladder down 4 stitches, 16 rows, about \d+ minutes\.$/
		);
		expect(said('wrong-hold')).toMatch(/ladder down 4 stitches/);
	});
});
