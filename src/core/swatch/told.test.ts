import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { RIGHT_HANDS } from '../ways/handed';
import { fromItsEnd, rowInFull, rowTold } from './told';
import { recipe, working } from '../../../tests/support/swatch';
import { generate } from './generate';

const LEFT = { hand: 'left', keep: 'fabric' } as const;
const WORDS = { hand: 'left', keep: 'words' } as const;
const stepOf = (row: string, castOn = 12) => working(`Cast on ${castOn}.\nRow 1 (RS): ${row}.`).steps[0];

describe('a row for a left hand that keeps the fabric', () => {
	it('is told from its end, with decreases that lean the other way and names as they are', () => {
		expect(fromItsEnd(stepOf('p1, k2tog, C4F, yo, p5'))).toBe('p5, yo, C4F, ssk, p1');
		expect(fromItsEnd(stepOf('m1l, k2, kfb, p9'))).toBe('p9, kfb, k2, m1r');
		expect(fromItsEnd(stepOf('k1, *p2, k2; rep from * 1 more time, k3'))).toBe('k5, p2, k2, p2, k1');
		expect(fromItsEnd(stepOf('k1, *p1, k1; rep from * to last st, p1', 22))).toBe('[p1, k1] 11 times');
		expect(fromItsEnd(stepOf('k6, turn'))).toBeNull();
	});

	it('is as it is written for everybody else, in the words of the reader', () => {
		const text = 'Cast on 8.\nRow 1 (RS): *p2, k2; rep from * to end.';
		const [step] = working(text).steps;
		for (const hands of [RIGHT_HANDS, WORDS])
			expect(rowTold(text, step, { ...hands, terms: 'us' })).toBe('*p2, k2; rep from * to end');
		expect(rowTold(text, step, { ...LEFT, terms: 'us' })).toBe('k2, p2, k2, p2');
	});

	it('says what only follows the row before as knit or purl', () => {
		const { steps } = working(
			'Cast on 8.\nRow 1 (RS): p2, k4, p2.\nRow 2: as they face.\nRow 3: k1, as they face 6, k1.'
		);
		expect(steps.map((step) => rowInFull(step, RIGHT_HANDS))).toEqual([
			...['p2, k4, p2', 'k2, p4, k2', 'k1, p1, k4, p1, k1']
		]);
		expect(rowInFull(steps[2], LEFT)).toBe('k1, p1, k4, p1, k1');
	});

	it('makes, worked in the mirror, the fabric of the rows as they are written', () => {
		// What she plays is the mirror image of each cross; in the mirror it is the cross again.
		const mirrored = (row: string) =>
			row.replace(/R(?=P?C\b)|L(?=P?C\b)/g, (side) => (side === 'R' ? 'L' : 'R'));
		fc.assert(
			fc.property(recipe, (asked) => {
				const written = generate(asked);
				if (!written.ok) return;
				const { fabric, steps, pattern } = working(written.value);
				if (steps.some(({ row }) => row.before !== row.after)) return;
				const side = (of: string) => (pattern.rounds ? 'Rnd' : of);
				const rows = steps.map((step, i) => {
					const head = pattern.rounds ? `Rnd ${i + 1}` : `Row ${i + 1} (${side(step.row.side)})`;
					return `${head}: ${mirrored(fromItsEnd(step)!)}.`;
				});
				const hers = working([`Cast on ${fabric.castOn}.`, ...rows].join('\n'));
				expect(hers.fabric.rows.map(({ faces }) => [...faces].reverse().join(''))).toEqual(
					fabric.rows.map(({ faces }) => faces)
				);
			}),
			{ numRuns: 25 }
		);
	});
});
