import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anyCrossing } from '../../../tests/support/arbitrary';
import { layered, sameCrossing } from '../crossing/crossing';
import { frontToBack } from '../crossing/depth';
import { definedBy, plain, readKey, withoutDoubles, writtenOut } from './key';
import { lookAt } from './look';
import { readName } from './read';
import { settledBy } from './settled';
import { typedCrossing } from './typed';

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

describe('what settles a name', () => {
	const keys = [{ title: 'Eel panel', lines: readKey(KEY) }];
	const settled = (name: string, choices: Parameters<typeof settledBy>[3]['choices'] = [], withKeys = keys) =>
		settledBy(name, readName(name), 'hand', { keys: withKeys, choices });
	const c4f = readName('C4F');
	const held = c4f.ok ? c4f.value.readings[1].crossing : null;

	it('is a line of a key in use, and the other readings stay in sight', () => {
		expect(settled('c4f')).toMatchObject({
			ok: true,
			value: { settled: { which: 0, by: 'key' }, ambiguous: true }
		});
		expect(settled('EEL  CROSS')).toMatchObject({
			ok: true,
			value: { settled: { which: 0, title: 'Eel panel' }, readings: [{ crossing: { order: [3, 1, 2] } }] }
		});
	});

	it('is else an earlier choice, in its own medium', () => {
		const choices = [{ name: 'C4F', medium: 'hand' as const, crossing: held! }];
		expect(settled('C4F', choices, [])).toMatchObject({ value: { settled: { which: 1, by: 'choice' } } });
		expect(settled('C4F', choices)).toMatchObject({ value: { settled: { by: 'key' } } });
		expect(settledBy('C4F', c4f, 'loom', { keys, choices })).toMatchObject({ value: { settled: null } });
	});

	it('is nothing for a name nobody settled, nor for a line at odds with itself', () => {
		expect(settled('C6B')).toMatchObject({ value: { settled: null } });
		expect(settled('C4B')).toMatchObject({ value: { settled: null } });
		expect(settled('nonsense')).toMatchObject({ ok: false });
		expect(plain('C-4 f')).toBe('c4f');
	});
});

describe('a crossing typed as numbers', () => {
	it('is its worked order and who lies in front', () => {
		const rc = typedCrossing('3 4 1 2', '3 4');
		expect(rc).toMatchObject({
			ok: true,
			value: {
				over: [
					[3, 1],
					[3, 2],
					[4, 1],
					[4, 2]
				]
			}
		});
		expect(typedCrossing('2,1', '1', (stitch) => (stitch === 2 ? 'p' : 'k'))).toMatchObject({
			value: { over: [[1, 2]], work: ['p', 'k'] }
		});
	});

	it('says any layered crossing', () => {
		fc.assert(
			fc.property(anyCrossing(), (crossing) => {
				const words = new Map(crossing.order.map((stitch, i) => [stitch, crossing.work[i]]));
				const typed = typedCrossing(
					crossing.order.join(' '),
					frontToBack(crossing.stitches, crossing.over)!.join(' '),
					(stitch) => words.get(stitch)!
				);
				expect(typed.ok && sameCrossing(typed.value, crossing)).toBe(true);
			})
		);
	});

	it.each([
		['', '', 'unreadable'],
		['3 x 1', '', 'unreadable'],
		['1 2 2', '', 'conflict'],
		['1 5 2', '', 'conflict'],
		['2 1', '3', 'conflict'],
		['2 1', '1 1', 'conflict'],
		['0 1', '', 'unreadable']
	])('is refused as “%s”, front “%s”: %s', (order, front, code) => {
		expect(typedCrossing(order, front)).toMatchObject({ ok: false, error: { code } });
	});
});

describe('the line for those who read pictures', () => {
	it('counts what to skip and what to look at', () => {
		const knit = () => 'k' as const;
		expect(lookAt(layered([3, 4, 1, 2], [1, 1, 0, 0], knit))).toBe(
			'Skip 2, look at these 2 (3 4): they pass in front; then look at these 2 (1 2).'
		);
		expect(lookAt(layered([3, 1, 2], [0, 0, 1], knit))).toBe(
			'Skip 2, look at this 1 (3): it passes behind; then look at these 2 (1 2).'
		);
		expect(lookAt(layered([3, 2, 1], [2, 0, 1], knit))).toContain('in front');
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
