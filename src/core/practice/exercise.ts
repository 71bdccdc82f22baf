import type { Crossing } from '../crossing/crossing';

/** What answers are given by: what they are in the open format, and in words. */
export const ANSWERED_BY = {
	positions: { is: 'list', wants: 'a list of positions' },
	moves: { is: 'list', wants: 'the numbers of all movements, in order, from 0' },
	name: { is: 'text', wants: 'a name, as text' },
	side: { is: 'text', wants: '“front” or “back”' },
	rows: { is: 'number', wants: 'a number of rows' },
	choice: { is: 'number', wants: 'the number of a choice, from 0' }
} as const;

interface KindFacts {
	/** as learners and teachers call it */
	readonly name: string;
	readonly by: keyof typeof ANSWERED_BY;
	/** what it shows, without which nothing can be played */
	readonly shows: readonly ('moves' | 'way' | 'seen' | 'swatch' | 'row' | 'rows' | 'chart' | 'cell')[];
}

/**
 * Kinds of exercise, in the order in which they take turns: all that is known of each but how it is made (`makers.ts`) and
 * graded (`grade.ts`).
 */
export const KIND_FACTS = {
	numbers: { name: 'order', by: 'positions', shows: [] },
	front: { name: 'in front', by: 'positions', shows: [] },
	name: { name: 'name', by: 'name', shows: [] },
	hold: { name: 'hold', by: 'side', shows: [] },
	script: { name: 'movements', by: 'moves', shows: ['moves'] },
	cloth: { name: 'cloth', by: 'choice', shows: [] },
	fault: { name: 'what went wrong', by: 'choice', shows: ['way', 'seen'] },
	'next-row': { name: 'next row', by: 'choice', shows: ['swatch', 'row'] },
	'count-rows': { name: 'counting rows', by: 'rows', shows: ['swatch', 'rows'] },
	chart: { name: 'chart', by: 'choice', shows: ['chart', 'cell'] }
} as const satisfies Readonly<Record<string, KindFacts>>;

export type Kind = keyof typeof KIND_FACTS;
export const KINDS = Object.keys(KIND_FACTS) as [Kind, ...Kind[]];

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
