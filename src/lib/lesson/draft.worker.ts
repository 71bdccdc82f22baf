import { draftLesson, draftLessons } from '$core/planning/draft';
import { mapResult } from '$core/result';
import type { DraftAnswer, DraftQuestion } from './draftErrand';
import type { Report } from '$lib/client/errand.svelte';

/** Drafts away from the page. */
addEventListener('message', ({ data: { brief, rates, all } }: MessageEvent<DraftQuestion>) => {
	const answer = all ? draftLessons(brief, rates) : mapResult(draftLesson(brief, rates), (draft) => [draft]);
	postMessage({ answer } satisfies Report<DraftAnswer>);
});
