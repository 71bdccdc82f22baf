import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { KeyPast } from './keyPast.svelte';

const key = (text: string, keyId = 'a') => ({ keyId, title: '', text, inUse: true });

beforeEach(() => void vi.useFakeTimers());
afterEach(() => void vi.useRealTimers());

it('what was changed in a key is taken back and done again, typing in one go as one change', () => {
	const past = new KeyPast();
	past.remember(key(''), 'text');
	past.remember(key('C'), 'text');
	vi.advanceTimersByTime(2_000);
	past.remember(key('C4F'), 'text');
	expect(past.undo(key('C4F: k4'))?.text).toBe('C4F');
	expect(past.undo(key('C4F'))?.text).toBe('');
	expect(past.undo(key(''))).toBeNull();
	expect(past.redo(key(''))?.text).toBe('C4F');
	expect(past.canRedo(key('C4F'))).toBe(true);
	past.remember(key('C4F'), 'title');
	expect(past.canRedo(key('x'))).toBe(false);
	expect(past.canUndo(key('x', 'b'))).toBe(false);
});
