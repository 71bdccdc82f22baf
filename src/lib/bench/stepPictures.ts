import { flushSync, mount, tick, unmount } from 'svelte';
import CrossPicture from './CrossPicture.svelte';
import type { Subject } from './subject.svelte';
import { standalone } from '$lib/drawing/standalone';

/** One step of a way as a drawing that stands by itself, with its words. */
export interface StepPicture {
	readonly svg: string;
	readonly words: string;
}

/** Draws each of the steps asked for, out of sight, in the colours of the page. */
export async function stepPictures(subject: Subject, steps: readonly number[]): Promise<StepPicture[]> {
	const shown = subject.shown;
	if (!shown) return [];
	const target = document.createElement('div');
	target.className = 'sr-only';
	target.inert = true;
	document.body.append(target);
	try {
		const pictures: StepPicture[] = [];
		for (const at of steps) {
			const words = shown.told[at].sentence;
			const props = {
				shown,
				at,
				crossing: subject.played,
				voice: subject.voice,
				long: subject.long,
				alt: words
			};
			const picture = mount(CrossPicture, { target, props });
			flushSync();
			await tick();
			pictures.push({ svg: await standalone(target.querySelector('svg')!), words });
			await unmount(picture);
		}
		return pictures;
	} finally {
		target.remove();
	}
}
