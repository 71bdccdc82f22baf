import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { joinNames, listNames, meanNames, pastedKeyNames, settledNames } from './askedNames';

const KEY =
	'C4B: sl next 2 sts to cn and hold in back, k2, k2 from cn\nOtter: sl next 1 st to cn and hold in front, k1, k1 from cn';

describe('names that are asked for', () => {
	it('have commas or semicolons between, and lines of their own where they are written out', () => {
		expect(listNames(' 2/2 RC, C4F;1/1 LC \n\nOtter: sl 1 to cn, k1, k1 from cn')).toEqual([
			'2/2 RC',
			'C4F',
			'1/1 LC',
			'Otter: sl 1 to cn, k1, k1 from cn'
		]);
	});

	it('come out of a field as they went in', () => {
		const name = fc.constantFrom('2/2 RC', 'C4F', '1/1 LC', 'Otter: sl 1 to cn, k1, k1 from cn');
		fc.assert(
			fc.property(fc.array(name), (names) => {
				expect(listNames(joinNames(names))).toEqual(names);
			})
		);
	});

	it('mean what a chosen key says, and stay as they are without one', () => {
		expect(meanNames('C4B, 2/2 LC', null)).toEqual(['C4B', '2/2 LC']);
		const [known, other] = meanNames('C4B, 2/2 LC', KEY);
		expect(known).toMatch(/^C4B: sl next 2 sts to cn/);
		expect(other).toBe('2/2 LC');
	});

	it('are those of a key that was pasted in their place, as it defines them', () => {
		expect(pastedKeyNames('2/2 RC, C4F')).toEqual([]);
		expect(pastedKeyNames(KEY).map(({ label }) => label)).toEqual(['C4B', 'Otter']);
		expect(meanNames(KEY, null)).toEqual(KEY.split('\n'));
	});
});

describe('what a key settles', () => {
	it('is every name that can be read there, once', () => {
		expect(settledNames(`${KEY}\nmarmalade: stir`)).toEqual(['C4B', 'Otter']);
	});
});
