import { parentPort, workerData } from 'node:worker_threads';
import { draftedAs, historyOf, lessonAt, type HistoryLine } from '$core/lesson/history';
import type { Lesson } from '$core/lesson/lesson';
import { closeDatabase } from './pool';
import { changesOf } from './store/lessons';
import type { News } from './thread';

/** Which lesson's history is to be told, or how the lesson was at a version of it. */
export interface HistoryWork {
	readonly owner: string;
	readonly lesson: string;
	/** `drafted` is what it was drafted as; without one, the whole history is told */
	readonly version?: number | 'drafted';
}

/** What comes of it: `null` when the teacher has no such lesson, and no `lesson` before its first version. */
export type ToldHistory =
	| { readonly first: number; readonly lines: readonly HistoryLine[] }
	| { readonly first: number; readonly version: number; readonly lesson: Lesson | null }
	| null;

const { owner, lesson: id, version: wanted } = workerData as HistoryWork;
const tell = (done: ToldHistory) => parentPort?.postMessage({ done } satisfies News<never, ToldHistory>);

const kept = await changesOf(owner, id);
if (!kept) tell(null);
else if (wanted === undefined) tell({ first: kept.first, lines: historyOf(kept.original, kept.changes) });
else {
	const version = wanted === 'drafted' ? kept.first : wanted;
	const at = () => (version < kept.first ? null : lessonAt(kept.original, kept.changes, version));
	const lesson = wanted === 'drafted' ? draftedAs(kept.original, kept.changes) : at();
	tell({ first: kept.first, version, lesson });
}
await closeDatabase();
