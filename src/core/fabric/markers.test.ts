import { describe, expect, it } from 'vitest';
import { answer } from '../../../tests/support/rows';

const found = (text: string) => answer(text).problems.map(({ code, row, at }) => [code, row, at]);
const rows = (...lines: string[]) =>
	`Cast on 8.\n${lines.map((line, i) => `Row ${i + 1}: ${line}.`).join('\n')}`;

describe('markers', () => {
	it('move no stitch, and lie where they were put, seen from either side', () => {
		expect(found(rows('k2, pm, k4, pm, k2', 'p2, sm, p4, sm, p2', 'k to m, sm, 2/2 RC, sm, k2'))).toEqual([]);
		expect(answer(rows('k2, pm, k6', 'k to marker, sm, p2')).rows[1].faces).toBe('ppppppkk');
		const told = answer(rows('k2, pm, k6', 'p1, k to 2 sts before m, p2, sm, k2')).rows[1].faces;
		expect(told).toBe(answer(rows('k8', 'p1, k3, p2, k2')).rows[1].faces);
	});

	it('are as far apart as on the row before, or one of the rows is a stitch off', () => {
		expect(found(rows('k2, pm, k4, pm, k2', 'p2, sm, p3, sm, p3'))).toEqual([['marker-count', 2, 6]]);
	});

	it('may come closer where a row takes stitches away between them', () => {
		expect(found(rows('k2, pm, k4, pm, k2', 'p2, sm, p2tog, p2, sm, p2', 'k2, sm, k3, sm, k2'))).toEqual([]);
	});

	it('are asked for where none lies', () => {
		expect(found(rows('k2, pm, k6', 'p2, sm, p4, sm, p2'))).toEqual([['no-marker', 2, 3]]);
		expect(found(rows('k to marker, p2'))).toContainEqual(['no-marker', 1, 1]);
	});

	it('go across where nobody speaks of them, and are gone where they are removed', () => {
		expect(found(rows('k2, pm, k4, pm, k2', 'purl', 'k to m, sm, k4, sm, k2'))).toEqual([]);
		expect(found(rows('k2, pm, k6', 'p6, rm, p2', 'k2, sm, k6'))).toEqual([['no-marker', 3, 3]]);
	});
});
