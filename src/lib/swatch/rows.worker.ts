import { workingEverySize } from '$core/fabric/everySize';
import { readPattern } from '$core/pattern/pattern';
import type { Report } from '$lib/client/errand.svelte';
import type { RowsAnswer, RowsQuestion } from './rows';

/** Stitches worked between two reports of progress. */
const REPORT_EVERY = 50_000;

/** Reads and works rows away from the page. */
addEventListener('message', ({ data: { text, memory, size, medium } }: MessageEvent<RowsQuestion>) => {
	const effort = workingEverySize(text, readPattern(text, undefined, size), { memory, medium });
	let [worked, said] = [0, 0];
	let step = effort.next();
	while (!step.done) {
		worked += step.value;
		if (worked - said > REPORT_EVERY) postMessage({ progress: (said = worked) } satisfies Report<RowsAnswer>);
		step = effort.next();
	}
	postMessage({ answer: step.value } satisfies Report<RowsAnswer>);
});
