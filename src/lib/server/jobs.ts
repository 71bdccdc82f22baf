import { mkdtemp, readFile, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { followSources } from '$core/lesson/follow';
import type { Lesson } from '$core/lesson/lesson';
import type { MadeFile } from '$lib/handout/make';
import { fault, type Result } from '$core/result';
import { log } from './log';
import type { SheetWork } from './sheetWorker';
import { claimJob, failJob, finishJob, noteProgress, type ClaimedJob } from './store/jobs';
import { findLesson } from './store/lessons';
import { findPicture } from './store/pictures';
import { inThread, type Thread } from './thread';

/** How often a process looks for jobs that another left in the middle. */
const LOOK_MS = 5_000;
/** How often progress is noted, and a wish to call it off is heard. */
const NOTE_MS = 400;
/** What one job may take. */
const LIMITS = { mostMb: 512, mostMs: 5 * 60_000 };

let timer: ReturnType<typeof setTimeout> | undefined;
let busy = false;
let stopped = false;
let making: Thread<Result<MadeFile>> | undefined;

/** Looks for jobs now, and from now on; one is made at a time in every process. */
export function wakeJobs(): void {
	clearTimeout(timer);
	if (!busy && !stopped) void work();
}

/** Lets go of the job that is being made: another process, or the next start, begins it anew. */
export async function stopJobs(): Promise<void> {
	stopped = true;
	clearTimeout(timer);
	making?.stop();
	await making?.ended.catch(() => undefined);
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
		const lesson = followSources(kept.lesson, kept.sources);
		const others = await othersOf(job);
		const result = await made(job.id, {
			asked: job.asked,
			lesson,
			others,
			folder,
			pictures: Object.assign(
				{},
				...(await Promise.all([lesson, ...others].map((one) => picturesOf(job.owner, one))))
			),
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

/** The other lessons whose sheets are asked for in one file, without those that were put away. */
async function othersOf({ owner, lesson, asked }: ClaimedJob): Promise<Lesson[]> {
	if (asked.kind !== 'course') return [];
	const found = await Promise.all(
		asked.lessons.filter((id) => id !== lesson).map((id) => findLesson(owner, id))
	);
	return found.flatMap((kept) => (kept ? [followSources(kept.lesson, kept.sources)] : []));
}

/** Makes a sheet beside the server's own thread; `null` when it was called off, or the server stops. */
async function made(id: string, work: SheetWork): Promise<Result<MadeFile> | null> {
	let far = { done: 0, of: 1 };
	const thread = inThread<SheetWork, typeof far, Result<MadeFile>>(
		'sheetWorker',
		work,
		LIMITS,
		(now) => (far = now)
	);
	making = thread;
	const notes = setInterval(async () => {
		const wanted = await noteProgress(id, far.done, far.of).catch(() => true);
		if (!wanted) thread.stop();
	}, NOTE_MS);
	try {
		const end = await thread.ended;
		if (end.how === 'done') return end.done;
		if (end.how === 'stopped') return null;
		return fault('size', TOO_MUCH[end.how]);
	} finally {
		clearInterval(notes);
		making = undefined;
	}
}

const TOO_MUCH = {
	memory: 'This is too much for one go. Ask for fewer variants at a time.',
	time: 'This took longer than five minutes. Ask for fewer variants at a time.'
};

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
