import type { Level } from '../ways/cautions';
import type { Rates } from './rates';

/** How a cross is shown: how often, by hands that carry the yarn on either side, slowly, on both sides of the cloth. */
export interface Demonstration {
	readonly movements: number;
	readonly times: number;
	readonly bothHands?: boolean;
	readonly slow?: boolean;
	readonly bothSides?: boolean;
}

/** Minutes that showing a cross takes: every movement at the pace of showing, and some for the words. */
export function shownMinutes(
	{ movements, times, bothHands = false, slow = false, bothSides = false }: Demonstration,
	level: Level,
	rates: Rates
): number {
	const talk = rates.talk[level];
	const moves = movements * times * (bothHands ? 2 : 1) * (slow ? 1.5 : 1);
	return talk / 2 + (moves * rates.shown[level]) / 60 + (bothSides ? talk / 2 : 0);
}

/** Minutes as parts have them: whole ones, at least one; a hundredth over is nothing. */
export const wholeMinutes = (minutes: number): number => Math.max(1, Math.ceil(minutes - 0.01));

/** No longer than this without a rest for the hands, in minutes (craft: Rests). */
export const MOST_WITHOUT_REST = 30;
/** A class uses so much of its minutes, or says what there is more to teach. */
export const FILLED = 0.8;

/** Kinds of part that a short class does without, the first to go first. */
export const SPARED = ['note', 'compare', 'explain', 'finish'] as const;
