import { describe, expect, it } from 'vitest';
import { remembered } from './remembered';

describe('remembered', () => {
	it('asks once for each key, and forgets what was asked for longest ago', () => {
		const asked: string[] = [];
		const doubled = remembered(
			(text: string) => text.trim(),
			2,
			(text: string) => {
				asked.push(text);
				return text.trim().repeat(2);
			}
		);
		expect([doubled('a'), doubled(' a'), doubled('b'), doubled('a')]).toEqual(['aa', 'aa', 'bb', 'aa']);
		expect(asked).toEqual(['a', 'b']);
		// 'b' was asked for longest ago, so 'c' takes its place.
		expect([doubled('c'), doubled('a'), doubled('b')]).toEqual(['cc', 'aa', 'bb']);
		expect(asked).toEqual(['a', 'b', 'c', 'b']);
	});
	it('keeps what is undefined too', () => {
		let asked = 0;
		const nothing = remembered(
			(key: string) => key,
			1,
			() => void asked++
		);
		nothing('a');
		nothing('a');
		expect(asked).toBe(1);
	});
});
