import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { twoGroupCrossing } from '../../../tests/support/arbitrary';
import { sameCrossing } from '../crossing/crossing';
import { isTwoGroup } from '../crossing/groups';
import { nearNames } from './near';
import { inWords } from './numbers';
import * as over from './over';
import { readName } from './read';
import type { ReadOptions } from './reading';
import { crossingOf, faultOf } from '../../../tests/support/names';

const readingsOf = (name: string, options: ReadOptions = {}) => {
	const answer = readName(name, options);
	if (!answer.ok) return [answer.error.code];
	return answer.value.readings.map(({ crossing, school }) => `${over.write(crossing)} ${school}`);
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
		['2-st RT', {}, ['1/1 RC lean']],
		['Tw2R', {}, ['1/1 RC lean']],
		['T2R', {}, ['1/1 RC lean', '1/1 RPC lean']],
		['twist 2 left', {}, ['1/1 LC words', '1/1 LPC words']],
		['T2F', {}, ['1/1 LPC hold', '2/2 LPC held']],
		['Cr2R', {}, ['1/1 RC lean', '1/1 RPC lean']],
		['CR4', {}, ['2/2 RC lean']],
		['Cr4F', { count: 'all' }, ['2/2 LC hold', '2/2 LPC hold']],
		['RPC-3', {}, ['2/1 RPC lean', '1/2 RPC lean']],
		['FC4', { count: 'all' }, ['2/2 LC hold']],
		['C4PF', { count: 'all' }, ['2/2 LPC hold']],
		['6-st left cable', {}, ['3/3 LC words']],
		['left cross over 4 sts', {}, ['2/2 LC words']],
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
