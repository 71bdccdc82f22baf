import { finding } from '$core/ways/found';
import type { Report } from '$lib/client/errand.svelte';
import type { SearchAnswer, SearchQuestion } from './search.svelte';

/** Searches away from the page, and says now and then how far it has come. */
addEventListener('message', ({ data }: MessageEvent<SearchQuestion>) => {
	const search = finding(data.crossing, data.needles, data.budget);
	let step = search.next();
	while (!step.done) {
		postMessage({ progress: step.value } satisfies Report<SearchAnswer>);
		step = search.next();
	}
	postMessage({ answer: step.value } satisfies Report<SearchAnswer>);
});
