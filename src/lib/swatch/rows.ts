import { workingEverySize } from '$core/fabric/everySize';
import type { Working } from '$core/fabric/fabric';
import { within } from '$core/fabric/effort';
import type { Memory } from '$core/naming/settled';
import { readPattern, type Pattern } from '$core/pattern/pattern';
import type { Result } from '$core/result';
import type { Medium } from '$core/technique/medium';
import { Errand } from '$lib/client/errand.svelte';

/** Rows to be worked, and what the teacher's keys and choices settle. */
export interface RowsQuestion {
	readonly text: string;
	readonly memory?: Memory;
	/** which of its sizes */
	readonly size?: number;
	/** what it is made in; by hand unless it says */
	readonly medium?: Medium;
}
export type RowsAnswer = Result<Working>;

/** Characters that are read, and stitches that are worked, in the page itself: a frame or two of a tablet's time. */
const READ_HERE = 20_000;
const WORKED_HERE = 60_000;

/** A thread of its own that works rows. */
export const rowsErrand = () =>
	new Errand<RowsQuestion, RowsAnswer>(
		() => new Worker(new URL('./rows.worker.ts', import.meta.url), { type: 'module' })
	);

/**
 * Rows worked here and now, or `null` where that would keep the page waiting.
 *
 * @param earlier what was worked before, most of which may stand
 */
export function workedHere(
	{ text, memory, size, medium }: RowsQuestion,
	earlier?: Working
): RowsAnswer | null {
	if (freshIn(text, earlier?.pattern) > READ_HERE) return null;
	const pattern = readPattern(text, earlier?.pattern, size);
	return within(workingEverySize(text, pattern, { memory, medium }, earlier), WORKED_HERE);
}

/** How much of a text was not there before: lines that stand as they were are not read again. */
const freshIn = (text: string, before?: Pattern): number =>
	text.split('\n').reduce((sum, line) => (before?.lines.has(line) ? sum : sum + line.length), 0);

/** What came from another thread, with the question's own memory: the next working asks whether it is the same. */
export const adoptWorking = (worked: Working, { memory, medium }: RowsQuestion): Working => ({
	...worked,
	options: { memory, medium }
});

/** Pictures wait in one line for one thread. */
const looking = rowsErrand();
let line: Promise<unknown> = Promise.resolve();

/** The cloth of some rows, for pictures that only look at it; `null` where they cannot be worked. */
export async function workingFor(question: RowsQuestion): Promise<Working | null> {
	let answer = workedHere(question);
	if (!answer) {
		const turn = line.then(() => looking.ask(question));
		line = turn;
		answer = await turn;
	}
	return answer?.ok ? answer.value : null;
}
