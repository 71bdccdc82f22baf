import type { Crossing } from '../crossing/crossing';

/** Kinds of exercise, in the order in which they take turns. */
export const KINDS = [
	'numbers',
	'front',
	'name',
	'hold',
	'script',
	'cloth',
	'fault',
	'next-row',
	'count-rows',
	'chart'
] as const;
export type Kind = (typeof KINDS)[number];

/** What an exercise is answered by: positions, a word or name, a number of rows, or which of its choices. */
export type Answer = readonly number[] | string | number;

/** A choice of an exercise: a crossing, or a slip, a row or a definition in words. */
export type Choice = Crossing | string;

/** One exercise, as it is asked. */
export interface Exercise {
	readonly id: string;
	readonly kind: Kind;
	/** the name of its crossing, as it was given */
	readonly of: string;
	readonly ask: string;
	/** what is seen of it; which fields there are hangs on the kind */
	readonly given: Readonly<Record<string, unknown>>;
	/** for the kinds that have some */
	readonly choices?: readonly Choice[];
	readonly answer: Answer;
}

/** How an answer was: with why, and the slip or misreading that gives a wrong one, where one does. */
export interface Grade {
	readonly right: boolean;
	readonly because: string;
	readonly slip?: string;
	/** the cross that a wrong answer comes to, to be shown beside the right one */
	readonly comesTo?: Crossing;
}
