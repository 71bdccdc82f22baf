import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { answer } from '../../../tests/support/rows';

/** A rope of four on purl, with these words in these rows; every other row as it faces. */
const rope = (crosses: Readonly<Record<number, string>>, last = 24, ground = 'p') => {
	const rows = Array.from({ length: last }, (_, i) => {
		const n = i + 1;
		if (n === 1) return `Row 1 (RS): ${ground}2, k4, ${ground}2.`;
		return `Row ${n}: ${crosses[n] ? `${ground}2, ${crosses[n]}, ${ground}2` : 'as they face'}.`;
	});
	return `Cast on 8.\n${rows.join('\n')}`;
};
const every = (step: number, until: number, word = '2/2 RC') =>
	Object.fromEntries(
		Array.from({ length: Math.floor((until - 3) / step) + 1 }, (_, i) => [3 + i * step, word])
	);
const found = (text: string) =>
	answer(text)
		.problems.filter(({ code }) => /missed|odd-spacing|flipped|sunk|face-change/.test(code))
		.map(({ code, row, at }) => [code, row, at]);

describe('the rhythm of a rope', () => {
	it('is not judged where it is kept, wherever it begins and however far its crosses lie apart', () => {
		fc.assert(
			fc.property(fc.constantFrom(2, 4, 6), fc.integer({ min: 3, max: 6 }), (step, times) => {
				expect(found(rope(every(step, 3 + step * times), 4 + step * times))).toEqual([]);
			})
		);
	});

	it('misses a cross where it should stand, and says so once', () => {
		const crosses = every(4, 23);
		delete crosses[11];
		expect(found(rope(crosses))).toEqual([['missed-cross', 11, 3]]);
	});

	it('finds one that is a row early, at the cross that ends the first odd distance', () => {
		const { 15: moved, ...crosses } = every(4, 31);
		expect(found(rope({ ...crosses, 13: moved }, 32))).toEqual([['odd-spacing', 13, 3]]);
	});

	it('finds the one that leans the other way', () => {
		expect(found(rope({ ...every(4, 31), 15: '2/2 LC' }, 32))).toEqual([['flipped-lean', 15, 3]]);
	});

	it('takes what comes again and again for a design', () => {
		const leans = Object.fromEntries([3, 7, 11, 15, 19].map((n, i) => [n, i % 2 ? '2/2 LC' : '2/2 RC']));
		expect(found(rope(leans))).toEqual([]);
		const distances = Object.fromEntries([3, 7, 13, 17, 23].map((n) => [n, '2/2 RC']));
		expect(found(rope(distances))).toEqual([]);
	});

	it('is no rhythm yet with three crosses, and begins again with the numbers', () => {
		expect(found(rope({ 3: '2/2 RC', 7: '2/2 LC', 11: '2/2 RC' }, 12))).toEqual([]);
		const section = rope({ 3: '2/2 RC', 7: '2/2 RC' }, 8).replace('Cast on 8.\n', '');
		expect(found(`${rope({ 3: '2/2 LC', 7: '2/2 LC' }, 8)}\n${section}`)).toEqual([]);
	});
});

describe('a rope on its ground', () => {
	it('sinks where both sides of it show its own face, said at its first cross', () => {
		expect(found(rope(every(4, 15), 16, 'k'))).toEqual([['sunk-rope', 3, 3]]);
	});

	it('is not judged at an edge', () => {
		const text = rope(every(4, 15), 16)
			.replaceAll('p2, ', '')
			.replaceAll(', p2', '')
			.replace('Cast on 8', 'Cast on 4');
		expect(found(text)).toEqual([]);
	});
});

describe('a strand that lay in front', () => {
	it('keeps its face on the first row where it is not crossed, or the rope breaks off', () => {
		const rows = 'Cast on 7.\nRow 1 (RS): p2, k2, p3.\nRow 2: as they face.\nRow 3: p2, 2/1 LPC, p2.\n';
		expect(found(`${rows}Row 4: as they face.`)).toEqual([]);
		expect(found(`${rows}Row 4: k2, p1, k4.`)).toEqual([['face-change', 4, 4]]);
	});

	it('is not judged where all stitches of its cross show one face', () => {
		const rows = 'Cast on 8.\nRow 1 (RS): p2, k4, p2.\nRow 2: as they face.\nRow 3: p2, 2/2 RC, p2.\n';
		expect(found(`${rows}Row 4: k8.`)).toEqual([]);
	});
});
