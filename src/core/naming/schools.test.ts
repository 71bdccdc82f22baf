import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anyCrossing } from '../../../tests/support/arbitrary';
import { layered, sameCrossing } from '../crossing/crossing';
import { mirror } from '../crossing/transform';
import { unwrap } from '../result';
import { say } from './say';
import { nameIn, WRITTEN_SCHOOLS, type WrittenSchool } from './schools';
import { crossingOf } from '../../../tests/support/names';

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
