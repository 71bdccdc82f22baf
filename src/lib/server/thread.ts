import { join } from 'node:path';
import { Worker } from 'node:worker_threads';
import { env } from '$env/dynamic/private';

/** How a thread came to its end. */
export type Ended<Done> =
	| { readonly how: 'done'; readonly done: Done }
	| { readonly how: 'memory' }
	| { readonly how: 'time' }
	| { readonly how: 'stopped' };

/** A thread at work. */
export interface Thread<Done> {
	readonly ended: Promise<Ended<Done>>;
	stop(): void;
}

/** What a thread tells while it works, and at its end. */
export type News<Far, Done> = { readonly far: Far } | { readonly done: Done };

/**
 * Has something done beside the server's own thread, so that nobody else waits for it, with an end to its memory and time.
 *
 * @param name the thread's file, as it is built (`vite.workers.config.ts`)
 * @param work what it is given, as plain values
 * @param limits most memory of its own values, in megabytes, and how long it may take
 */
export function inThread<Work, Far, Done>(
	name: string,
	work: Work,
	{ mostMb, mostMs }: { mostMb: number; mostMs: number },
	onFar: (far: Far) => void = () => {}
): Thread<Done> {
	const worker = new Worker(join(env.POND_WORKERS!, `${name}.js`), {
		workerData: work,
		env: { DATABASE_URL: env.DATABASE_URL },
		resourceLimits: { maxOldGenerationSizeMb: mostMb }
	});
	const ended = new Promise<Ended<Done>>((resolve, reject) => {
		let end: Ended<Done> = { how: 'stopped' };
		const late = setTimeout(() => {
			end = { how: 'time' };
			void worker.terminate();
		}, mostMs);
		worker.on('message', (news: News<Far, Done>) => {
			if ('done' in news) end = { how: 'done', done: news.done };
			else onFar(news.far);
		});
		worker.on('error', (error: NodeJS.ErrnoException) => {
			if (error.code === 'ERR_WORKER_OUT_OF_MEMORY') end = { how: 'memory' };
			else reject(error);
		});
		worker.on('exit', () => {
			clearTimeout(late);
			resolve(end);
		});
	});
	return { ended, stop: () => void worker.terminate() };
}
