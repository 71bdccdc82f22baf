import type { Report } from '$lib/client/errand.svelte';
import {
	learnedForPlan,
	learnedGroups,
	type LearnedGroup,
	type LearnQuestion,
	type PlanLearned,
	type PlanQuestion
} from './learned';

/** Learns from pieces away from the page: rows of a thousand of them are read for it. */
addEventListener('message', ({ data }: MessageEvent<LearnQuestion | PlanQuestion>) => {
	const answer = 'kind' in data ? learnedGroups(data) : learnedForPlan(data);
	postMessage({ answer } satisfies Report<LearnedGroup[] | PlanLearned>);
});
