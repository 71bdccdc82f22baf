import { expect, test } from 'vitest';
import { drill } from './drill';
import { KINDS, type Exercise, type Kind } from './exercise';
import { unwrap } from '../result';
import { RIGHT_HANDS } from '../ways/handed';
import { faultSeen, movesSaid } from './shown';

const one = (kind: Kind, seed = 5): Exercise =>
	unwrap(
		drill({
			...{ crossings: ['2/2 RC'], level: 'beginner', medium: 'hand', hands: RIGHT_HANDS, terms: 'us' },
			...{ seed, kinds: KINDS.filter((other) => other === kind), count: 1 }
		})
	)[0];
const voice = { hand: 'right', keep: 'fabric', yarnHand: 'right', terms: 'us', units: 'cm' } as const;

test('movements are told in the order in which they are shown, each once', () => {
	const exercise = one('script');
	const said = movesSaid(exercise, voice);
	expect(said).toHaveLength((exercise.given.moves as unknown[]).length);
	const [first] = exercise.answer as number[];
	expect(said[first]).toMatch(/^(?:Slip|Reach|The right)/);
	expect(said.every((sentence) => sentence.length > 5)).toBe(true);
});

test('a fault is shown as the cloth that it makes', () => {
	for (let seed = 0; seed < 20; seed++) {
		const exercise = one('fault', seed);
		expect(faultSeen(exercise)).not.toBeNull();
		expect(faultSeen({ ...exercise, given: { ...exercise.given, seen: {} } })).toBeNull();
	}
});

test('movements are asked for with a cable needle or without one', () => {
	const learner = { level: 'beginner', medium: 'hand', hands: RIGHT_HANDS, terms: 'us' } as const;
	const moves = (free?: boolean) =>
		unwrap(drill({ ...learner, free, crossings: ['2/2 RC'], seed: 3, kinds: ['script'], count: 12 })).map(
			({ given }) => JSON.stringify(given.moves)
		);
	expect(moves(true).every((one) => !one.includes('"hold"'))).toBe(true);
	expect(moves(false).every((one) => one.includes('"hold"'))).toBe(true);
});
