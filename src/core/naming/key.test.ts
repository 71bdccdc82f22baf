import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { definedBy, readKey, withoutDoubles, writtenOut } from './key';
import { readName } from './read';

const KEY = `Key:
• C4F: sl next 2 sts to cn and hold in front, k2, k2 from cn
Eel cross = sl next 2 sts to cn, hold in back, k1, k2 from cn

C4B: sl next 2 sts to cn and hold in front, k2, k2 from cn
T3F`;

describe('a key', () => {
	const lines = readKey(KEY);

	it('is read line by line, with headings, bullets and blank lines', () => {
		expect(
			lines.map(({ line, label, readings, fault }) => [line, label, readings.length, fault?.code])
		).toEqual([
			[2, 'C4F', 1, undefined],
			[3, 'Eel cross', 1, undefined],
			[5, 'C4B', 0, 'conflict'],
			[6, 'T3F', 3, undefined]
		]);
	});

	it('shows both sides of a line at odds with itself', () => {
		const conflict = lines[2];
		expect(conflict.named.map(({ crossing }) => crossing.over[0])).toContainEqual([3, 1]);
		expect(definedBy(conflict)?.over[0]).toEqual([1, 3]);
		expect(definedBy(lines[3])).toBeNull();
	});

	it('gives no name two meanings', () => {
		const twice = withoutDoubles(
			readKey('X: 2/2 RC\nx: sl next 1 st to cn and hold in front, k1, k1 from cn')
		);
		expect(twice.map(({ fault }) => fault?.code)).toEqual(['unreadable', undefined]);
		const odd = withoutDoubles(
			readKey(
				'X: sl 1 to cn and hold in back, k1, k1 from cn\nx: sl next 1 st to cn and hold in front, k1, k1 from cn'
			)
		);
		expect(odd[1].fault?.message).toContain('line 1');
	});

	it('never breaks on anything typed', () => {
		fc.assert(
			fc.property(fc.string({ unit: 'binary', maxLength: 300 }), (text) => void withoutDoubles(readKey(text)))
		);
	});
});

describe('a name written out by a key', () => {
	const lines = readKey(
		'Otter: sl next 2 sts to cn and hold in back, k2, k2 from cn\nC4F\nC4B: sl next 2 sts to cn and hold in front, k2, k2 from cn'
	);

	it('has the definition it has there, however it is spaced and cased', () => {
		const written = writtenOut('otter', lines);
		expect(written).toBe('otter: sl next 2 sts to cn and hold in back, k2, k2 from cn');
		const answer = readName(written);
		expect(answer.ok && answer.value.readings[0].crossing.order).toEqual([3, 4, 1, 2]);
	});

	it('stays alone where the key does not define it, or is at odds with itself', () => {
		for (const name of ['C4F', 'C4B', 'Vole']) expect(writtenOut(name, lines)).toBe(name);
	});
});
