import { describe, expect, it } from 'vitest';
import { turnRows } from './rounds';
import { fabric, working } from '../../../tests/support/swatch';
import { unwrap } from '../result';

describe('rows worked flat and in the round', () => {
	it('make the same fabric, and come back as they were', () => {
		const flat =
			'Cast on 9.\nRow 1 (RS): p2, k5, p2.\nRow 2: k2, p5, k2.\nRow 3 (RS): p2, 2/2 RC, k1, p2.\nRow 4: k2, p1, 1/3 LC, k2.';
		const round = unwrap(turnRows(working(flat)));
		expect(round).toContain('Rnds 1 and 2: p2, k5, p2.');
		const [a, b] = [fabric(flat), fabric(round)];
		expect(b.rows.map(({ faces, strands }) => [faces, strands])).toEqual(
			a.rows.map(({ faces, strands }) => [faces, strands])
		);
		expect(fabric(unwrap(turnRows(working(round)))).rows).toEqual(a.rows);
	});

	it('say which word has no other side', () => {
		expect(turnRows(working('Cast on 4.\nRow 1: k4.\nRow 2: kfb, k3.'))).toMatchObject({
			error: { message: /Row 2: “kfb”/ }
		});
	});
});
