import type { Voice } from '../hands/voice';
import type { Part } from '../lesson/lesson';
import { inOrder } from '../english';

/** One time that a way is shown, and what is said of it. */
export interface Repeat {
	readonly yarnHand: Voice['yarnHand'];
	readonly slower: boolean;
	/** empty where it is shown only once */
	readonly said: string;
}

/**
 * The times a part is shown, in order: as often as it says, all of them for each hand that carries the yarn. A slow part is
 * shown once as it is done, then slower (a rule of teaching).
 */
export function repeatsOf(part: Part, { yarnHand }: Pick<Voice, 'yarnHand'>): readonly Repeat[] {
	if (part.kind !== 'show') return [{ yarnHand, slower: false, said: '' }];
	const { times = 1, pace, yarnHands } = part;
	const other = yarnHand === 'right' ? 'left' : 'right';
	const hands: readonly Voice['yarnHand'][] =
		yarnHands === 'both' ? [yarnHand, other] : [yarnHands ?? yarnHand];
	return hands.flatMap((hand) =>
		Array.from({ length: times }, (_, i): Repeat => {
			const slower = pace === 'slow' && (i > 0 || times === 1);
			const said = [
				times > 1 ? `${inOrder(i + 1)} time` : '',
				slower ? (times > 1 ? 'slower' : 'slowly') : '',
				hands.length > 1 ? `yarn in the ${hand} hand` : ''
			];
			return { yarnHand: hand, slower, said: said.filter(Boolean).join(', ') };
		})
	);
}
