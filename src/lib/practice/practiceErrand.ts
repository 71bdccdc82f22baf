import type { MendState } from '$core/faults/mending';
import type { Voice } from '$core/hands/voice';
import type { PracticeSet, Practising } from '$core/practice/evening';
import type { Answer, Exercise, Grade } from '$core/practice/exercise';
import type { Practised } from '$core/practice/schedule';
import type { Result } from '$core/result';
import { Errand } from '$lib/client/errand.svelte';

/** An exercise with what is drawn and told of it. */
export interface Asked {
	readonly exercise: Exercise;
	/** its movements in words, where they are to be put in order */
	readonly words: readonly string[];
	/** the cloth that went wrong, where it is asked about */
	readonly cloth: MendState | null;
	/** the rows it is about, as text */
	readonly rows: string | null;
}

/** What is asked this evening, or how an answer was. */
export type PracticeQuestion =
	| {
			readonly is: 'evening';
			readonly set: PracticeSet;
			readonly practised: readonly Practised[];
			readonly now: number;
			readonly seed: number;
			readonly voice: Voice;
	  }
	| { readonly is: 'grade'; readonly exercise: Exercise; readonly answer: Answer };
export type PracticeAnswer =
	| {
			readonly is: 'evening';
			readonly asked: readonly Asked[];
			readonly next: number | null;
			readonly practising: readonly Practising[];
	  }
	| {
			readonly is: 'grade';
			readonly grade: Result<Grade>;
			/** the cloth that a slip makes which was named wrongly */
			readonly slipped: MendState | null;
	  };

/** Exercises are made and graded by playing, in a thread of their own. */
export const practiceErrand = () =>
	new Errand<PracticeQuestion, PracticeAnswer>(
		() => new Worker(new URL('./practice.worker.ts', import.meta.url), { type: 'module' })
	);
