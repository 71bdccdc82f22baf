import type { Report } from '$lib/client/errand.svelte';
import { learnedGroups, type LearnedGroup, type LearnQuestion } from './learned';

/** Learns from pieces away from the page: rows of a thousand of them are read for it. */
addEventListener('message', ({ data }: MessageEvent<LearnQuestion>) =>
	postMessage({ answer: learnedGroups(data) } satisfies Report<LearnedGroup[]>)
);
