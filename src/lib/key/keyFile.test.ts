import { describe, expect, it } from 'vitest';
import { printKey } from '$core/formats/key';
import { readKey } from '$core/naming/key';
import { key } from '$lib/words/key';
import { keyFromFile, printKeyCsv } from './keyFile';

const say = key({ value: { terms: 'us' } });
import { unwrap } from '$core/result';

const KEY = `C4F: sl next 2 sts to cn and hold in front, k2, k2 from cn
Eel cross: sl next 2 sts to cn, hold in back, k1, k2 from cn
T3F`;
const lines = readKey(KEY);

describe('a key in a file', () => {
	it('comes back the same from JSON and from CSV', () => {
		const key = { title: 'Eel panel', text: KEY };
		const again = (file: string) => {
			const parsed = unwrap(keyFromFile(file, 'Eel panel', say));
			return readKey(parsed.text).map(({ label, definition }) => [label, definition]);
		};
		const wanted = lines.map(({ label, definition }) => [label, definition]);
		expect(again(JSON.stringify(printKey(key)))).toEqual(wanted);
		expect(again(printKeyCsv(key))).toEqual(wanted);
		expect(again(KEY)).toEqual(wanted);
	});

	it('is refused from a file that is none, with what was expected', () => {
		expect(keyFromFile('{"format":"x"}', '', say)).toMatchObject({
			ok: false,
			error: { code: 'unreadable' }
		});
		expect(keyFromFile('name,meaning\nC4F,x', '', say)).toMatchObject({ ok: false, error: { at: 1 } });
		expect(keyFromFile('{"a', '', say)).toMatchObject({ ok: false });
	});
});
