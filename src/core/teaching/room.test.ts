import { describe, expect, it } from 'vitest';
import { enoughHave, roomSeen, type Follower } from './room';

const follower = (fields: Partial<Follower> = {}): Follower => ({
	...{ name: '', away: null, says: null, saidAt: 4, saidIn: 'show' },
	...fields
});

describe('a class at a glance', () => {
	it('counts who has the step that is on, who waits and who is elsewhere, and names those who gave a name', () => {
		const seen = roomSeen(
			[
				follower({ says: 'has' }),
				follower({ says: 'has', saidAt: 3 }),
				follower({ says: 'waits', saidAt: 2, name: 'Wren' }),
				follower({ says: 'waits' }),
				follower({ says: 'wrong', saidIn: 'before' }),
				follower({ away: { part: 'show', step: 1 } }),
				follower({ away: { part: 'show', step: 1 } }),
				follower({ away: { part: 'hello', step: 0 } })
			],
			{ n: 4, part: 'show' }
		);
		expect(seen).toEqual({
			following: 8,
			has: 1,
			waits: { count: 2, names: ['Wren'] },
			wrong: { count: 0, names: [] },
			elsewhere: [
				{ part: 'show', step: 1, count: 2 },
				{ part: 'hello', step: 0, count: 1 }
			]
		});
	});

	it('goes on when six of eight have it, and not for nobody', () => {
		expect(enoughHave({ following: 8, has: 6 })).toBe(true);
		expect(enoughHave({ following: 8, has: 5 })).toBe(false);
		expect(enoughHave({ following: 1, has: 1 })).toBe(true);
		expect(enoughHave({ following: 0, has: 0 })).toBe(false);
	});
});
