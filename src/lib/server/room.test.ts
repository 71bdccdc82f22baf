import { afterEach, beforeEach, expect, it, vi } from 'vitest';

const held = vi.hoisted(() => vi.fn<(id: string) => Promise<number>>());
vi.mock('./store/held', () => ({ bytesHeld: held }));
const { noRoom, roomLeft } = await import('./room');

const MB = 1024 * 1024;

beforeEach(() => vi.useFakeTimers({ now: 0 }));
afterEach(() => vi.useRealTimers());

it('is 500 MB for a teacher and 50 MB for the demo, less what is kept', async () => {
	held.mockResolvedValue(50 * MB - 1);
	expect(await roomLeft({ id: 'teacher', demo: false })).toBe(450 * MB + 1);
	expect(await roomLeft({ id: 'demo', demo: true })).toBe(1);
	held.mockResolvedValue(50 * MB);
	vi.setSystemTime(10_001);
	expect(await roomLeft({ id: 'demo', demo: true })).toBe(0);
	expect(noRoom({ demo: true })).toContain('50 MB');
	expect(noRoom({ demo: false })).toContain('500 MB');
});

it('is reckoned up anew after ten seconds, and not before', async () => {
	held.mockClear();
	held.mockResolvedValue(1);
	await roomLeft({ id: 'often', demo: true });
	vi.setSystemTime(10_000);
	await roomLeft({ id: 'often', demo: true });
	expect(held).toHaveBeenCalledTimes(1);
	vi.setSystemTime(10_001);
	await roomLeft({ id: 'often', demo: true });
	expect(held).toHaveBeenCalledTimes(2);
});
