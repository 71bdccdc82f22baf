import { describe, expect, it } from 'vitest';
import { answer, lastRow } from '../../../tests/support/rows';
import { KNOWN, ownWordOf } from './ownWords';

describe('a word of a key that is no crossing', () => {
	it.each([
		'(k1, yo, k1) in next st, turn, p3, turn, k3, turn, sl 1, k2tog, psso',
		'(k1, p1, k1, p1, k1) all into next st, turn, p5, turn, k5tog',
		'[k1, p1] twice into same st, turn, p4, turn, k4, pass 2nd, 3rd and 4th sts over first',
		'knit into front, back and front of next st, turn, p3, turn, sk2p'
	])('is a bobble over one stitch: %s', (definition) => {
		const text = `Key:\nMB: ${definition}\nCO 5.\nRow 1 (RS): p2, MB, p2.`;
		const { rows, problems } = answer(text);
		expect(problems).toEqual([]);
		expect(rows[0]).toMatchObject({ after: 5, faces: 'ppkpp', strands: [5, 4, 3, 2, 1] });
	});

	it('may leave more stitches than it takes', () => {
		const { rows } = answer('Key:\nM3: (k1, yo, k1) in next st\nCO 3.\nRow 1 (RS): k1, M3, k1.');
		expect(rows[0].strands).toEqual([3, 0, 0, 2, 1]);
	});

	it('is a run of words, with stars and brackets', () => {
		const { rows, problems } = answer('Key:\nrib unit: k2, (p1, k1) twice\nCO 8.\nRow 1: p1, Rib Unit, p1.');
		expect(problems).toEqual([]);
		expect(rows[0].faces).toBe('pkpkpkkp');
	});

	it('goes before what its letters mean elsewhere only where it is worked into the row below', () => {
		const twisted = lastRow('CO 2.\nRow 1 (RS): k1b, k1b.');
		const below = answer('Key:\nk1b: knit 1 in the row below\nCO 2.\nRow 1 (RS): k1b, k1b.');
		expect(below.rows[0]).toEqual(twisted);
		expect(ownWordOf('k1b', 'knit 1 in the row below')).toMatchObject([{ action: { word: 'k', own: true } }]);
		expect(ownWordOf('ssk', 'slip, slip, knit')).toBe(KNOWN);
	});

	it('is no word where it is a sentence for people, and none that slips to work together', () => {
		expect(ownWordOf('rep', 'repeat')).toBeNull();
		expect(ownWordOf('s3k', 'sl 1, sl 1, sl 1, k3tog')).toBeNull();
		expect(ownWordOf('C4F', 'k4')).toBeNull();
	});
});
