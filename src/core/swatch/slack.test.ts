import { describe, expect, it } from 'vitest';
import { slackEdits, slackPlaces } from './slack';
import { applyEdits } from './text';
import { ROPE, fabric, working } from '../../../tests/support/swatch';

describe('slack', () => {
	it('lies at the first purl behind a rope and behind two knits, not in ribs', () => {
		const places = slackPlaces(working(ROPE), 'right-side');
		expect(places.map(({ step, at }) => [step, at])).toEqual([
			[0, 6],
			[2, 6],
			[4, 6]
		]);
		expect(places[0].undo).toEqual({ step: 1, at: 1, word: 'k1 tbl' });
		expect(
			slackPlaces(working('Cast on 8.\nRow 1: k2, p2, k2, p2.\nRow 2: as they face.'), 'right-side').map(
				({ at }) => at
			)
		).toEqual([6]);
		expect(slackPlaces(working(ROPE), 'both').length).toBeGreaterThan(places.length);
	});

	it('is written into the rows, with the stitch that undoes it, and changes no stitch', () => {
		const text =
			'Cast on 8.\nRow 1 (RS): p2, k4, p2.\nRow 2: as they face.\nRow 3 (RS): p2, 2/2 RC, p2.\nRow 4: as they face.';
		const now = working(text);
		const after = applyEdits(text, slackEdits(now, slackPlaces(now, 'right-side')));
		expect(after).toContain('Row 1 (RS): p2, k4, p1 (short way), p1.');
		expect(after).toContain('Row 2: as they face 1, k1 tbl, as they face 6.');
		expect(fabric(after)).toMatchObject({ rows: fabric(text).rows, problems: [] });
		const round = 'Cast on 6.\nRnd 1: k4, p2.\nRnd 2: k4, p2.';
		expect(slackPlaces(working(round), 'right-side')[0].undo).toMatchObject({ at: 4, word: 'p1 tbl' });
	});
});
