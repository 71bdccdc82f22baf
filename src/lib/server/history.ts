import { fault, good, type Result } from '$core/result';
import type { HistoryWork, ToldHistory } from './historyWorker';
import { inThread } from './thread';
import { Turns } from './turns';

/** Histories that are read at once in one process; each may be of thousands of changes. */
const turns = new Turns(2, 20, 20_000);
const LIMITS = { mostMb: 512, mostMs: 20_000 };

/** The history of a lesson, or the lesson at one version of it. */
export async function historyTold(work: HistoryWork): Promise<Result<ToldHistory>> {
	const back = await turns.take('histories');
	if (!back) return fault('size', 'Many histories are read just now. Try again in a moment.');
	try {
		const end = await inThread<HistoryWork, never, ToldHistory>('historyWorker', work, LIMITS).ended;
		return end.how === 'done'
			? good(end.done)
			: fault(
					'size',
					'This history is too long to be read in one go. Take an archive: it is in there whole.'
				);
	} finally {
		back();
	}
}
