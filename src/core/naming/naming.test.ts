import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { sameCrossing } from '../crossing/crossing';
import { isTwoGroup } from '../crossing/groups';
import { readNameOrJson } from '../formats/name';
import { twoGroupCrossing } from '../../../tests/support/arbitrary';
import { nearNames } from './near';
import { inWords } from './numbers';
import * as over from './over';
import { read } from './read';

const crossingOf = (name: string) => {
	const answer = read(name);
	if (!answer.ok) throw new Error(answer.error.message);
	return answer.value.readings[0].crossing;
};
const faultOf = (name: string, width?: number) => {
	const answer = read(name, { width });
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
		const answer = read('1/2 LPC');
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

describe('names that cannot be taken', () => {
	it.each([
		['marmalade', 'unreadable', 1],
		['', 'unreadable', 1],
		['2/2', 'unreadable', 4],
		['2/ RC', 'unreadable', 4],
		['2 2 RC', 'unreadable', 3],
		['2/2 RX', 'unreadable', 5],
		['2/2 RC please', 'unreadable', 8],
		['0/2 RC', 'size', undefined],
		['2/13 LC', 'size', undefined],
		['2/99999999999999999999 LC', 'size', undefined],
		['2/2 right front cross', 'conflict', undefined],
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
				const answer = read(name);
				if (!answer.ok) expect(answer.error.message.length).toBeGreaterThan(20);
			}),
			{ numRuns: 1000 }
		);
	});

	it('offers near names that can all be read', () => {
		expect(nearNames('5/4 LX')).toContain('5/4 LC');
		fc.assert(
			fc.property(fc.string(), (text) => {
				for (const name of nearNames(text)) expect(read(name).ok).toBe(true);
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
