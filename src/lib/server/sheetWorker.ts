import { parentPort, workerData } from 'node:worker_threads';
import type { OwnPicture } from '$lib/handout/blocks';
import { made, type Made, type Matter } from '$lib/handout/make';
import type { Result } from '$core/result';

/** What the thread is given: everything as plain values. */
export interface SheetWork extends Omit<Matter, 'own' | 'onProgress'> {
	readonly pictures: Readonly<Record<string, OwnPicture>>;
}

/** What it tells while it works, and at its end. */
export type SheetNews = { readonly done: number; readonly of: number } | { readonly made: Result<Made> };

const { pictures, ...matter } = workerData as SheetWork;
const tell = (news: SheetNews) => parentPort?.postMessage(news);

const result = await made({
	...matter,
	own: (src) => pictures[src] ?? null,
	onProgress: (done, of) => tell({ done, of })
});
tell({ made: result });
