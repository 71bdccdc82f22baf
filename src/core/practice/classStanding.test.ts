import { expect, test } from 'vitest';
import { classStanding, practisedCrosses, type Practiser } from './classStanding';
import type { Kind } from './exercise';
import type { Practised } from './schedule';

const DAY = 86_400_000;
const BEGAN = Date.UTC(2026, 10, 1);
const NOW = BEGAN + 20 * DAY;

/** Asked on these days, right or not. */
const asked = (of: string, kind: Kind, days: Readonly<Record<number, boolean>>, slip?: string): Practised[] =>
	Object.entries(days).map(([day, right]) => ({
		...{ of, kind, medium: 'hand', right, at: BEGAN + Number(day) * DAY },
		...(right || !slip ? {} : { slip })
	}));
const SITS = { 0: true, 4: true, 18: true };
const WRONG = { 0: true, 4: false, 19: false };

const wren: Practiser = {
	nickname: 'Wren',
	practised: [...asked('2/2 RC', 'front', SITS), ...asked('2/2 LC', 'front', WRONG, 'wrong-hold')]
};
const siskin: Practiser = {
	nickname: 'Siskin',
	practised: [
		...asked('2/2 RC', 'front', SITS),
		...asked('2/2 LC', 'front', WRONG, 'wrong-hold'),
		...asked('2/2 RPC', 'hold', { 19: true })
	]
};

test('a class is seen by cross and kind, with whom it does not sit, and of which slip', () => {
	const seen = classStanding({ crossings: ['2/2 RC', '2/2 LC'] }, [wren, siskin], NOW);
	expect(seen.kinds).toEqual(['front', 'hold']);
	expect(seen.crosses.map(({ of }) => of)).toEqual(['2/2 RC', '2/2 LC', '2/2 RPC']);
	expect(seen.crosses[0].by.front).toEqual({ asked: 2, sits: 2, not: [] });
	expect(seen.crosses[1].by.front).toEqual({ asked: 2, sits: 0, not: ['Wren', 'Siskin'] });
	expect(seen.notYet).toEqual([
		{ of: '2/2 LC', kind: 'front', who: 'Wren and Siskin', slip: 'held on the wrong side' }
	]);
	expect(classStanding({ crossings: ['2/2 RC'] }, [], NOW)).toMatchObject({ kinds: [], notYet: [] });
});

test('a cross sits with whom most of its kinds do', () => {
	expect(practisedCrosses([wren, siskin], NOW)).toEqual([
		{ of: '2/2 RC', asked: 2, sits: 2, not: [] },
		{ of: '2/2 LC', asked: 2, sits: 0, not: ['Wren', 'Siskin'] },
		{ of: '2/2 RPC', asked: 1, sits: 0, not: ['Siskin'] }
	]);
});
