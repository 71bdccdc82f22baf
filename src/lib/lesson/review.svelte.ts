import { untrack } from 'svelte';
import type { Checked } from '$core/planning/check';
import type { Lesson } from '$core/lesson/lesson';
import type { Rates } from '$core/planning/rates';

/** How long the typing rests before a lesson is looked through again. */
const REST_MS = 200;

/** Making parts plays every way there is, as checks do: it comes when the page is there. */
export const planning = () => import('$core/planning/palette');

/**
 * What the checks say of a lesson as it is now. They play every way there is, so they are the browser's to make, come
 * when the page is there, and wait until the typing rests. Make it in a component: it ends with that.
 */
export class Review {
	/** `null` until the lesson has been looked through once */
	checked = $state.raw<Checked | null>(null);

	constructor(lesson: () => Lesson, rates: () => Rates) {
		$effect(() => {
			const [now, by] = [lesson(), rates()];
			let late = false;
			const timer = setTimeout(
				async () => {
					void planning();
					const { checkLesson } = await import('$core/planning/check');
					if (!late) this.checked = checkLesson(now, by);
				},
				untrack(() => (this.checked ? REST_MS : 0))
			);
			return () => {
				late = true;
				clearTimeout(timer);
			};
		});
	}
}
