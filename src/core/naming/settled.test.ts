import { describe, expect, it } from 'vitest';
import { plain, readKey } from './key';
import { readName } from './read';
import { settledBy } from './settled';

const KEY = `Key:
• C4F: sl next 2 sts to cn and hold in front, k2, k2 from cn
Eel cross = sl next 2 sts to cn, hold in back, k1, k2 from cn

C4B: sl next 2 sts to cn and hold in front, k2, k2 from cn
T3F`;

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
