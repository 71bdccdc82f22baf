import fc from 'fast-check';
import { expect, it } from 'vitest';
import { keepable } from './keepable';

it('leaves whole characters alone, and takes out what no database keeps', () => {
	expect(keepable('k2\0, p2')).toBe('k2, p2');
	expect(keepable('\ud800 and \udc00, 🦦')).toBe('\ufffd and \ufffd, 🦦');
	fc.assert(
		fc.property(fc.string({ unit: 'binary' }), (text) => {
			const kept = keepable(text);
			expect(kept).not.toContain('\0');
			expect(new TextDecoder().decode(new TextEncoder().encode(kept))).toBe(kept);
			if (!text.includes('\0')) expect(kept).toBe(text);
		})
	);
});
