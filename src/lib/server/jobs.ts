import { mkdtemp, readFile, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Worker } from 'node:worker_threads';
import { env } from '$env/dynamic/private';
import { followed } from '$core/lesson/follow';
import type { Lesson } from '$core/lesson/lesson';
import type { Made } from '$lib/handout/make';
import { fault, type Result } from '$core/result';
import { log } from './log';
import type { SheetNews, SheetWork } from './sheetWorker';
import { claimJob, failJob, finishJob, noteProgress, type ClaimedJob } from './store/jobs';
import { findLesson } from './store/lessons';
import { findPicture } from './store/pictures';

/** How often a process looks for jobs that another left in the middle. */
const LOOK_MS = 5_000;
/** How often progress is noted, and a wish to call it off is heard. */
const NOTE_MS = 400;
/** Most memory that the thread may take, in megabytes. */
const MOST_MB = 512;

let timer: ReturnType<typeof setTimeout> | undefined;
let busy = false;
let stopped = false;
let thread: Worker | undefined;

/** Looks for jobs now, and from now on; one is made at a time in every process. */
export function wakeJobs(): void {
	clearTimeout(timer);
	if (!busy && !stopped) void work();
}

/** Lets go of the job that is being made: another process, or the next start, begins it anew. */
export async function stopJobs(): Promise<void> {
	stopped = true;
	clearTimeout(timer);
	await thread?.terminate();
}

async function work(): Promise<void> {
	busy = true;
	try {
		for (let job = await claimJob(); job && !stopped; job = await claimJob()) await make(job);
	} catch (error) {
		log.warn({ err: error }, 'jobs cannot be looked for');
	} finally {
		busy = false;
		if (!stopped) timer = setTimeout(wakeJobs, LOOK_MS).unref();
	}
}

async function make(job: ClaimedJob): Promise<void> {
	const folder = await mkdtemp(join(tmpdir(), 'pond-sheets-'));
	try {
		const kept = await findLesson(job.owner, job.lesson);
		if (!kept) return await failJob(job.id, 'The lesson was put away meanwhile.');
		const lesson = followed(kept.lesson, kept.sources);
		const result = await inThread(job.id, {
			asked: job.asked,
			lesson,
			folder,
			pictures: await picturesOf(job.owner, lesson),
			madeAt: new Date().toISOString().replace(/\.\d+Z$/, 'Z')
		});
		if (!result) return;
		if (!result.ok) return await failJob(job.id, result.error.message);
		const { path, name, type } = result.value;
		await finishJob(job.id, { name, type, bytes: await readFile(path) });
	} catch (error) {
		log.error({ err: error, job: job.id }, 'a sheet could not be made');
		await failJob(job.id, 'Something broke on our side. The log has it; ask for it again.').catch(
			() => undefined
		);
	} finally {
		await rm(folder, { recursive: true, force: true });
		await job.release();
	}
}

/** Makes a sheet beside the server's own thread; `null` when it was called off, or the server stops. */
function inThread(id: string, work: SheetWork): Promise<Result<Made> | null> {
	return new Promise((resolve, reject) => {
		let far = { done: 0, of: 1 };
		// Built beside the server; whoever serves says where.
		const worker = new Worker(join(env.POND_WORKERS!, 'sheetWorker.js'), {
			workerData: work,
			resourceLimits: { maxOldGenerationSizeMb: MOST_MB }
		});
		thread = worker;
		const notes = setInterval(async () => {
			const wanted = await noteProgress(id, far.done, far.of).catch(() => true);
			if (!wanted) void worker.terminate();
		}, NOTE_MS);
		let result: Result<Made> | null = null;
		worker.on('message', (news: SheetNews) => {
			if ('made' in news) result = news.made;
			else far = news;
		});
		worker.on('error', (error: NodeJS.ErrnoException) => {
			clearInterval(notes);
			if (error.code === 'ERR_WORKER_OUT_OF_MEMORY')
				resolve(fault('size', 'This is too much for one go. Ask for fewer variants at a time.'));
			else reject(error);
		});
		worker.on('exit', () => {
			clearInterval(notes);
			thread = undefined;
			resolve(result);
		});
	});
}

/** The teacher's own pictures that a lesson's texts point to. */
async function picturesOf(owner: string, lesson: Lesson): Promise<SheetWork['pictures']> {
	const texts = lesson.parts.map(({ text }) => text ?? '').join('\n');
	const found: Record<string, SheetWork['pictures'][string]> = {};
	for (const [src, id] of texts.matchAll(/\/pictures\/([0-9a-f-]{36})/g)) {
		const picture = found[src] ? null : await findPicture(owner, id);
		if (picture) found[src] = { bytes: new Uint8Array(picture.bytes), type: picture.type };
	}
	return found;
}
