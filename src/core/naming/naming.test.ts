import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { layered, sameCrossing } from '../crossing/crossing';
import { mirror } from '../crossing/transform';
import { isTwoGroup } from '../crossing/groups';
import { lean } from '../crossing/lean';
import { checkCrossing } from '../crossing/validity';
import { readNameOrJson } from '../formats/name';
import { anyCrossing, twoGroupCrossing } from '../../../tests/support/arbitrary';
import { nearNames } from './near';
import { inWords } from './numbers';
import * as over from './over';
import { inMedium } from '../technique/medium';
import { readName } from './read';
import type { ReadOptions } from './reading';
import { say } from './say';
import { nameIn, WRITTEN_SCHOOLS, type WrittenSchool } from './schools';
import { unwrap } from '../result';

const crossingOf = (name: string) => {
	const answer = unwrap(readName(name));
	return answer.readings[0].crossing;
};
const faultOf = (name: string, width?: number) => {
	const answer = readName(name, { width });
	return answer.ok ? null : answer.error;
};

describe('names of the over school', () => {
	it.each([
		['2/2 RC', '2/2RC'],
		['2/2 RC', '2 x 2 rc'],
		['2/2 RC', '2×2 R'],
		['2/2 RC', 'two over two right cross'],
		['2/2 RC', '2-over-2 right-leaning cable'],
		['2/2 RC', '2/2 back cross'],
		['2/2 LC', '2-2 front cross'],
		['2/1 LC', '2/1 FC'],
		['2/1 LC', 'Two Over One left twist'],
		['2/1 RPC', '2/1 right purl cross'],
		['1/1 LC tbl', 'twisted 1/1 LC'],
		['12/12 RC', 'twelve over twelve right']
	])('%s is also written %s', (name, other) => {
		expect(sameCrossing(crossingOf(name), crossingOf(other))).toBe(true);
	});

	it('says in a sentence what passes over what', () => {
		const answer = readName('1/2 LPC');
		expect(answer.ok && answer.value.readings[0].because).toBe(
			'One stitch passes in front of two, leaning left, and those are purled.'
		);
	});

	it('works every knit stitch of a twisted name through the back loop, and purls as they are', () => {
		expect(crossingOf('2/1 LPC tbl').work).toEqual(['p', 'ktbl', 'ktbl']);
	});

	it('writes back what it reads', () => {
		fc.assert(
			fc.property(
				fc.integer({ min: 1, max: 12 }),
				fc.integer({ min: 1, max: 12 }),
				fc.constantFrom('RC', 'LC', 'RPC', 'LPC', 'RC tbl', 'LPC tbl'),
				(front, behind, end) => {
					const name = `${front}/${behind} ${end}`;
					const crossing = crossingOf(name);
					expect(over.write(crossing)).toBe(name);
					expect(isTwoGroup(crossing)).toBe(true);
					expect(sameCrossing(crossing, crossingOf(`${inWords(front)} over ${inWords(behind)} ${end}`))).toBe(
						true
					);
				}
			)
		);
	});

	it('writes a name only where one fits, and then reads the same crossing from it', () => {
		fc.assert(
			fc.property(twoGroupCrossing, (crossing) => {
				const name = over.write(crossing);
				if (name) expect(sameCrossing(crossingOf(name), crossing)).toBe(true);
				else expect(crossing.work).toContain('p');
			})
		);
	});
});

/** Every reading of a name: what its over-school name is, its school. */
const readingsOf = (name: string, options: ReadOptions = {}) => {
	const answer = readName(name, options);
	if (!answer.ok) return [answer.error.code];
	return answer.value.readings.map(({ crossing, school }) => `${over.write(crossing)} ${school}`);
};

describe('names of the other schools', () => {
	it.each<[string, ReadOptions, string[]]>([
		['C4F', {}, ['2/2 LC hold', '4/4 LC held']],
		['CB4', { count: 'all' }, ['2/2 RC hold']],
		['cable four to the back', { count: 'held' }, ['4/4 RC held']],
		['C6F forward', { count: 'all' }, ['3/3 LC hold']],
		['T5F', { count: 'all' }, ['3/2 LPC hold', '2/3 LPC hold']],
		['C4FP', { count: 'all' }, ['2/2 LPC hold']],
		['C1F', {}, ['1/1 LC held']],
		['C20B', {}, ['10/10 RC hold']],
		['4-stitch C4F', {}, ['2/2 LC hold']],
		['C6R', { count: 'held' }, ['3/3 RC lean']],
		['T4L', {}, ['2/2 LPC lean']],
		['right-slanting cable 6', {}, ['3/3 RC words']],
		['RT', {}, ['1/1 RC words']],
		['left twist', {}, ['1/1 LC words']],
		['twist 4 front', { count: 'all' }, ['2/2 LPC hold']],
		['C4', {}, ['2/2 RC none', '2/2 LC none', '4/4 RC none', '4/4 LC none']],
		['2/1', {}, ['2/1 RC none', '2/1 LC none']],
		['2 over 1 right over left', {}, ['2/1 LC strand']],
		['4 left over right', {}, ['2/2 RC strand']],
		['2x1 right set first', {}, ['2/1 RC machine']],
		['2x1 left set first', { medium: 'machine' }, ['2/1 LC machine']],
		['2 over 1 right over left', { medium: 'loom' }, ['1/2 RC loom', '2/1 LC loom']],
		['2 over 1 left over right', { medium: 'loom', parked: 'inside' }, ['2/1 RC loom']],
		['C5F', { groups: 3, centre: 'between' }, ['2/1/2 LC hold']],
		['C6', { groups: 3, centre: 'behind' }, ['2/2/2 RC none', '2/2/2 LC none']],
		['2/1/2', { centre: 'between' }, ['2/1/2 RC none', '2/1/2 LC none']],
		['C4F', { width: 6 }, ['conflict']],
		['2/2 RPC', { medium: 'brioche' }, ['conflict']],
		['2/1 RC', { medium: 'brioche' }, ['parity']],
		['8/8 RC', { medium: 'double' }, ['size']]
	])('%s with %j', (name, options, wanted) => expect(readingsOf(name, options)).toEqual(wanted));

	it('drop the readings that a medium refuses while another stands', () => {
		// Counting all, 1/1 lands on the wrong columns; counting the held, 2/2 is left.
		const answer = readName('C2F', { medium: 'brioche' });
		expect(answer.ok && answer.value).toMatchObject({
			ambiguous: false,
			readings: [{ school: 'held', crossing: { order: [3, 4, 1, 2], work: ['brk', 'slyo', 'brk', 'slyo'] } }]
		});
	});
});

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

describe('writing a crossing', () => {
	it.each([
		['2/2 LC', ['2/2 LC', 'C4F', 'C2F', 'C4L', 'two over two left cross']],
		['2/1 RPC', ['2/1 RPC', 'T3B', null, 'T3R', 'two over one right purl cross']],
		['3/1 RC', ['3/1 RC', null, null, null, 'three over one right cross']],
		['1/1 LC tbl', ['1/1 LC tbl', 'C2F tbl', 'C1F tbl', 'C2L tbl', 'twisted one over one left cross']]
	])('%s in each school', (name, wanted) => {
		expect(WRITTEN_SCHOOLS.map((school) => nameIn(crossingOf(name), school).name)).toEqual(wanted);
	});

	it('says whether the name is exact: an odd count, or three groups, allow others', () => {
		const exact = (name: string, school: WrittenSchool) => nameIn(crossingOf(name), school).exact;
		expect([
			exact('2/2 LC', 'hold'),
			exact('2/2 LC', 'held'),
			exact('2/1 LC', 'hold'),
			exact('2/1 LC', 'over')
		]).toEqual([...[true, true, false, true]]);
		expect(exact('2/1/2 LC', 'over')).toBe(false);
	});

	const voice = { hand: 'right', keep: 'fabric', terms: 'us' } as const;

	it('out in full, as patterns print it', () => {
		const said = (name: string, words = {}) => say(crossingOf(name), { ...voice, ...words });
		expect(said('2/1 LPC')).toEqual({
			ok: true,
			value: 'sl next 2 sts to cn and hold in front, p1, k2 from cn'
		});
		expect(said('2/1 LPC', { terms: 'uk' })).toMatchObject({
			value: 'sl next 2 sts to cn and hold at front, p1, k2 from cn'
		});
		expect(said('2/1 LPC', { hand: 'left' })).toMatchObject({
			value: 'sl next 1 st to cn and hold in back, k2, p1 from cn'
		});
		expect(said('2/1/2 RC', { hand: 'left', keep: 'words' })).toMatchObject({
			value:
				'sl next 3 sts to cn and hold in back, k2, sl the last 1 st from cn back to the needle you work from, k1, k2 from cn'
		});
	});

	it('so that it is read back as the same crossing, whatever hands and words', () => {
		fc.assert(
			fc.property(
				anyCrossing({ groups: { min: 2, max: 6 } }),
				fc.constantFrom('us' as const, 'uk' as const),
				fc.constantFrom('right' as const, 'left' as const),
				(crossing, terms, hand) => {
					if (crossing.over.length === 0) return;
					const text = unwrap(say(crossing, { terms, hand, keep: 'fabric' }));
					const back = crossingOf(text);
					expect(sameCrossing(back, hand === 'left' ? mirror(crossing) : crossing)).toBe(true);
				}
			),
			{ numRuns: 300 }
		);
	});

	it('or says that words do not reach', () => {
		const reversed = Array.from({ length: 13 }, (_, i) => 13 - i);
		const zigzag = layered(
			reversed,
			reversed.map((n) => (n * 5) % 13),
			() => 'k'
		);
		expect(say(zigzag, voice)).toMatchObject({ error: { code: 'conflict' } });
	});
});

describe('double knitting', () => {
	it('shows the same cross on both faces when whole pairs cross, and a plain back when the front layer does', () => {
		fc.assert(
			fc.property(twoGroupCrossing, (single) => {
				const plain = { ...single, work: single.work.map(() => 'k' as const) };
				const whole = inMedium(plain, 'double');
				const front = inMedium(plain, 'double-front');
				if (!whole.ok || !front.ok) return expect(plain.stitches).toBeGreaterThan(12);
				expect(checkCrossing(whole.value).ok && checkCrossing(front.value).ok).toBe(true);
				expect(lean(whole.value)).toBe(lean(plain));
				const backLayer = front.value.order.filter((position) => position % 2 === 0);
				expect(backLayer).toEqual([...backLayer].sort((a, b) => a - b));
			})
		);
	});
});

describe('names that cannot be taken', () => {
	it.each([
		['marmalade', 'unreadable', 1],
		['', 'unreadable', 1],
		['2/ RC', 'unreadable', 2],
		['2 2 RC', 'unreadable', 3],
		['2/2 RX', 'unreadable', 5],
		['2/2 RC please', 'unreadable', 8],
		['0/2 RC', 'size', undefined],
		['2/13 LC', 'size', undefined],
		['2/99999999999999999999 LC', 'size', undefined],
		['2/2 right front cross', 'conflict', undefined],
		['2/2 RC right over left', 'conflict', undefined],
		['13/2 right left', 'size', undefined],
		['C25F', 'size', undefined],
		['C1R', 'size', undefined],
		['12/12/12 LC', 'size', undefined],
		['1/1/1/1 LC', 'unreadable', undefined],
		['front cross', 'unreadable', 12],
		['twist', 'unreadable', 1],
		['2/2 RPC over there', 'unreadable', 9],
		['0/2 right left', 'size', undefined],
		['0/2 RX', 'unreadable', 5]
	])('%s is %s', (name, code, at) => {
		expect(faultOf(name)).toMatchObject({ code, ...(at ? { at } : {}) });
	});

	it('says which stitches a width wants', () => {
		expect(faultOf('2/2 RC', 5)).toEqual({ code: 'conflict', message: '“2/2 RC” takes 4 stitches, not 5.' });
		expect(faultOf('2/2 RC', 4)).toBeNull();
	});

	it('answers anything at all with a reading or a fault that says what to do', () => {
		const hostile = fc.oneof(
			fc.string({ unit: 'binary', maxLength: 500 }),
			fc
				.array(
					fc.constantFrom(
						'2',
						'/',
						'RC',
						' ',
						'x',
						'over',
						'-',
						'twisted',
						'tbl',
						'0',
						'right',
						'__proto__',
						'constructor'
					)
				)
				.map((words) => words.join(''))
		);
		fc.assert(
			fc.property(hostile, (name) => {
				const answer = readName(name);
				if (!answer.ok) expect(answer.error.message.length).toBeGreaterThan(20);
			}),
			{ numRuns: 1000 }
		);
	});

	it('offers near names that can all be read', () => {
		expect(nearNames('5/4 LX')).toContain('5/4 LC');
		fc.assert(
			fc.property(fc.string(), (text) => {
				for (const name of nearNames(text)) expect(readName(name).ok).toBe(true);
			})
		);
	});
});

describe('a crossing in JSON', () => {
	const json = {
		format: 'pond-loop/crossing@1',
		stitches: 2,
		order: [2, 1],
		over: [[2, 1]],
		work: ['k', 'k']
	};

	it('stands where a name may stand', () => {
		const answer = readNameOrJson(JSON.stringify({ ...json, lean: 'left' }));
		expect(answer.ok && answer.value.readings[0]).toMatchObject({
			school: 'crossing',
			because: 'Given as a crossing: 1/1 RC.',
			crossing: { order: [2, 1] }
		});
	});

	it.each([
		['{', 'unreadable'],
		[JSON.stringify({ ...json, work: ['k', 'knit'] }), 'unreadable'],
		[JSON.stringify({ ...json, order: 'x' }), 'unreadable'],
		[JSON.stringify({ ...json, order: [1, 1] }), 'conflict'],
		[JSON.stringify({ ...json, over: [] }), 'conflict']
	])('%s is %s', (text, code) => {
		const answer = readNameOrJson(text);
		expect(answer.ok ? null : answer.error.code).toBe(code);
	});
});
