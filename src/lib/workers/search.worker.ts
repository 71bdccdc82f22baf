import { finding } from '$core/ways/found';
import type { SearchAnswer, SearchQuestion } from '../search.svelte';

/** Searches away from the page, and says now and then how far it has come. */
addEventListener('message', ({ data }: MessageEvent<SearchQuestion>) => {
	const search = finding(data.crossing, data.needles, data.budget);
	let step = search.next();
	while (!step.done) {
		postMessage({ looked: step.value } satisfies SearchAnswer);
		step = search.next();
	}
	postMessage({ found: step.value } satisfies SearchAnswer);
});
