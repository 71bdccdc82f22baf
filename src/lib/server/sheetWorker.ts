import { parentPort, workerData } from 'node:worker_threads';
import type { OwnPicture } from '$lib/handout/blocks';
import { made, type MadeFile, type Matter } from '$lib/handout/make';
import type { Result } from '$core/result';
import type { News } from './thread';

/** What the thread is given: everything as plain values. */
export interface SheetWork extends Omit<Matter, 'own' | 'onProgress'> {
	readonly pictures: Readonly<Record<string, OwnPicture>>;
}

const { pictures, ...matter } = workerData as SheetWork;
const tell = (news: News<{ done: number; of: number }, Result<MadeFile>>) => parentPort?.postMessage(news);

const result = await made({
	...matter,
	own: (src) => pictures[src] ?? null,
	onProgress: (done, of) => tell({ far: { done, of } })
});
tell({ done: result });
