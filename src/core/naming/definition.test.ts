import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { checkCrossing } from '../crossing/validity';
import * as over from './over';
import { readName } from './read';
import type { ReadOptions } from './reading';

/** Every reading of a name: what its over-school name is, its school. */
const readingsOf = (name: string, options: ReadOptions = {}) => {
	const answer = readName(name, options);
	if (!answer.ok) return [answer.error.code];
	return answer.value.readings.map(({ crossing, school }) => `${over.write(crossing)} ${school}`);
};

describe('written definitions', () => {
	it.each<[string, string[]]>([
		['slip next 2 sts to cn and hold in back, k2, p2 from cn', ['2/2 RC? p']],
		['Sl 2 sts onto cn, leave at front of work, k2, k2 from cn.', ['2/2 LC definition']],
		[
			'sl 1 st to cable needle & hold to the back; knit the next 2 sts; purl 1 from the cable needle',
			['2/1 RPC definition']
		],
		[
			'place the first two stitches on a cn and keep them in front then p1 then knit 2 from cn',
			['2/1 LPC definition']
		],
		['sl 2 to cn, k2, k2 from cn', ['2/2 RC definition', '2/2 LC definition']],
		['sl 1 to cn and hold in front, k1 tbl, (k1 tbl) from cn', ['1/1 LC tbl definition']],
		[
			'sl 3 to cn and hold in front, k2, slip the leftmost st from cn back to left needle and purl it, k2 from cn',
			['2/1/2 LPC definition']
		],
		[
			'sl 3 to cn, hold in back, k2, sl 1 from cn to LH needle, bring cn to front, k1, k2 from cn',
			['2/1/2 RC definition']
		],
		[
			'sl 2 to 1st cn and hold in front, sl 1 to 2nd cn and hold in back, k2, k1 from cn2, k2 from cn1',
			['2/1/2 LC definition']
		],
		['sl 4 to cn and hold in back, k4, k2, k2 from cn', ['4/4 RC definition']],
		['k 2nd st in front of 1st, k 1st, drop both', ['1/1 RC definition']],
		['drop 1 to front, k1, k dropped st', ['1/1 LC definition']],
		['k2tog, leave on, k 1st again, drop both', ['1/1 RC definition']],
		['k 2nd st tbl, k both tog tbl, drop both', ['1/1 LC definition']],
		['C8F: sl next 4 sts to cn and hold in front, k4, k4 from cn', ['4/4 LC definition']],
		['my own: sl 1 to cn and hold in back, k1, k1 from cn', ['1/1 RC definition']],
		['T4B: sl 2 to cn and hold in back, k2, k2 from cn', ['2/2 RC definition']],
		['C4B: sl next 2 sts to cn and hold in front, k2, k2 from cn', ['conflict']],
		['C4B: sl next 3 sts to cn and hold in back, k3, k3 from cn', ['conflict']],
		['sl 0 sts to cn and hold in back, k2', ['size']],
		['sl 13 sts to cn and hold in back, k2', ['size']],
		['sl 2 to cn and hold in back, k2', ['unreadable']],
		['sl 2 to cn and hold in back, k2, k3 from cn', ['unreadable']],
		['sl 2 to cn and hold in back, dance, k2 from cn', ['unreadable']],
		['k2 from cn', ['unreadable']],
		['return sts from cn to left needle and knit them', ['unreadable']],
		['k 2nd st tbl, k 1st, drop both', ['null definition']],
		['p 2nd st, k 1st st, drop both', ['null definition']],
		['k 3rd, 2nd, 1st, drop all', ['1/1/1 RC definition']],
		['k 3rd, k 1st, drop all', ['unreadable']],
		['k 2nd st, k 2nd st, drop both', ['unreadable']],
		['LC = sl 2 to cn, hold in front, k2, k2 from cn', ['2/2 LC definition']],
		['LC = sl 2 to cn, hold in back, k2, k2 from cn', ['conflict']],
		['C4F – sl 2 to cn, hold in front, k2, k2 from cn', ['2/2 LC definition']],
		['T4F: sl 3 to cn, hold in front, p1, k3 from cn', ['3/1 LPC definition']],
		[
			'C5F: sl 3 to cn, hold in front, k2, sl 1 from cn to left needle, k1, k2 from cn',
			['2/1/2 LC definition']
		],
		['4-st RC: sl 2 sts to cn and hold in front, k2, k2 from cn', ['conflict']],
		['sl 2 to cn, hold in back, k2, k2 from cn (4-st left cable)', ['conflict']],
		['sl 2 to cn and hold above, k2, k2 from cn', ['unreadable']]
	])('%s', (text, wanted) => {
		if (wanted[0] === '2/2 RC? p')
			expect(readName(text)).toMatchObject({
				value: { readings: [{ crossing: { work: ['k', 'k', 'p', 'p'] } }] }
			});
		else expect(readingsOf(text)).toEqual(wanted);
	});

	it('say which name agreed, and that the definition counts where only knit and purl differ', () => {
		const because = (text: string) => {
			const answer = readName(text);
			return answer.ok ? answer.value.readings[0].because : '';
		};
		expect(because('C4B: sl 2 to cn and hold in back, k2, k2 from cn')).toContain('agrees');
		expect(because('T4B: sl 2 to cn and hold in back, k2, k2 from cn')).toContain('the definition counts');
		expect(because('k2tog, leave on, k 1st again, drop both')).toContain('drawn together');
	});

	it('count units in brioche and pairs in double knitting', () => {
		const text = 'sl 2 to cn and hold in back, k2, k2 from cn';
		const work = (medium: ReadOptions['medium']) => {
			const answer = readName(text, { medium });
			return answer.ok && answer.value.readings[0].crossing.work.length;
		};
		expect([work('brioche'), work('double'), work('machine')]).toEqual([4, 8, 4]);
		expect(readingsOf('sl 2 to cn and hold in back, k2, p2 from cn', { medium: 'brioche' })).toEqual([
			'conflict'
		]);
	});

	it('give the place of what is not understood', () => {
		expect(readName('sl 2 to cn and hold in back, dance')).toMatchObject({
			error: { code: 'unreadable', at: 30 }
		});
		expect(readName('C4B: sl 2 to cn and hold in back, dance')).toMatchObject({ error: { at: 35 } });
	});

	it('answer any heap of their own words with a reading or a fault', () => {
		const words = fc.constantFrom(
			...[
				'sl',
				'slip',
				'2',
				'1',
				'sts',
				'to',
				'cn',
				'cn2',
				'and',
				'hold',
				'in',
				'back',
				'front',
				'k2',
				'p1',
				'from',
				'(',
				')'
			],
			...[
				',',
				'k',
				'2nd',
				'drop',
				'both',
				'leftmost',
				'left',
				'needle',
				'bring',
				'tbl',
				'return',
				':',
				'C4F',
				'it',
				'left-'
			]
		);
		fc.assert(
			fc.property(fc.array(words, { maxLength: 16 }), (heap) => {
				const answer = readName(heap.join(' '));
				if (answer.ok)
					for (const { crossing } of answer.value.readings) expect(checkCrossing(crossing).ok).toBe(true);
				else expect(['unreadable', 'size', 'conflict', 'parity']).toContain(answer.error.code);
			}),
			{ numRuns: 3000 }
		);
	});
});
