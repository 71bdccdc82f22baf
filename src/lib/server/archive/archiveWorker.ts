import { parentPort, workerData } from 'node:worker_threads';
import type { Result } from '$core/result';
import { closeDatabase } from '../pool';
import type { News } from '../thread';
import { bringIn, type Came } from './bringIn';
import { takeOut } from './takeOut';

/** What the thread is to do, with files in a folder that is there for it alone. */
export type ArchiveWork =
	| {
			readonly task: 'take out';
			readonly owner: string;
			readonly zip: string;
			/** whether learners go along */
			readonly learners: boolean;
	  }
	| {
			readonly task: 'bring in';
			readonly owner: string;
			readonly zip: string;
			readonly folder: string;
			/** most that may come, in bytes */
			readonly room: number;
	  };

const work = workerData as ArchiveWork;
const tell = (done: Result<Came> | null) =>
	parentPort?.postMessage({ done } satisfies News<never, typeof done>);

if (work.task === 'bring in') tell(await bringIn(work));
else {
	await takeOut(work.owner, work.zip, work.learners);
	tell(null);
}
await closeDatabase();
