import type { Crossing } from '$core/crossing/crossing';
import { changed, undoing } from '$core/lesson/change';
import type { Change, Lesson } from '$core/lesson/lesson';
import type { Way } from '$core/ways/ways';
import { newId } from './id';
import { outbox, type Letter } from './outbox.svelte';

/** Where the changes of a lesson go. */
export const changesOf = (id: string) => `/api/lessons/${id}/changes`;

/** A change for a lesson that no page has open; typing in one place has one topic. */
export function postChange(id: string, change: Change, since: number, topic?: string): void {
	outbox.post(changesOf(id), { change, since }, topic);
}

/**
 * A lesson as this page shows it: what the server has acknowledged, and on top of it every change that is still on
 * its way. Nothing typed waits for the server.
 */
export class OpenLesson {
	readonly id: string;
	#kept = $state.raw<Lesson>()!;
	#version = 0;
	readonly lesson: Lesson = $derived.by(() =>
		outbox.letters
			.filter(({ to }) => to === changesOf(this.id))
			.reduce((lesson, letter) => changed(lesson, letter.body.change as Change), this.#kept)
	);
	/** how the last removal or move is taken back */
	undo = $state.raw<{ said: string; change: Change } | null>(null);

	constructor(id: string, version: number, lesson: Lesson) {
		this.id = id;
		this.#version = version;
		this.#kept = lesson;
	}

	/** Listens to what the server takes; returns how to stop. */
	watch(): () => void {
		for (const { letter, answer } of outbox.recent(changesOf(this.id))) {
			const taken = answer as { version: number; lesson?: Lesson };
			if (taken.version > this.#version) this.#taken(letter, taken);
		}
		return outbox.onTaken((letter, answer) => {
			if (letter.to === changesOf(this.id))
				this.#taken(letter, answer as { version: number; lesson?: Lesson });
		});
	}

	/** Makes a change here and posts it; with `said`, undoing it is offered in those words. */
	change(change: Change, { topic, said }: { topic?: string; said?: string } = {}): void {
		const back = said ? undoing(this.lesson, change) : null;
		if (said) this.undo = back && { said, change: back };
		postChange(this.id, change, this.#version, topic);
	}

	takeBack(): void {
		if (!this.undo) return;
		this.change(this.undo.change);
		this.undo = null;
	}

	#taken(letter: Letter, { version, lesson }: { version: number; lesson?: Lesson }): void {
		this.#kept = lesson ?? changed(this.#kept, letter.body.change as Change);
		this.#version = version;
	}
}

/** Makes a lesson; it can be written in at once, also while the server is away. */
export function makeLesson(id: string, title: string): void {
	outbox.post('/api/lessons', { lesson: id, title });
}

/** How long showing a cross takes at first: some for the words, and a little for each movement. */
const SHOW_MINUTES = 3;
const MOVES_A_MINUTE = 4;

/** The change that puts a crossing, made in one way, at the end of a lesson as a part to show. */
export function showPart(
	name: string,
	crossing: Crossing,
	way: Pick<Way, 'id' | 'title' | 'movements'>
): Change {
	const crossingId = newId();
	return {
		kind: 'add-part',
		part: {
			id: newId(),
			kind: 'show',
			title: `Show ${name}: ${way.title[0].toLowerCase()}${way.title.slice(1)}`,
			minutes: SHOW_MINUTES + Math.ceil(way.movements / MOVES_A_MINUTE),
			crossing: crossingId,
			way: way.id
		},
		after: AT_THE_END,
		teaches: { id: crossingId, name, crossing }
	};
}

/** How long it takes to talk a class through a numbered picture. */
const PICTURE_MINUTES = 4;

/** The change that puts a crossing at the end of a lesson as a numbered picture: for what no hands on needles make. */
export function picturePart(name: string, crossing: Crossing, where: string): Change {
	const crossingId = newId();
	return {
		kind: 'add-part',
		part: {
			id: newId(),
			kind: 'picture',
			title: `${name}, ${where}`,
			minutes: PICTURE_MINUTES,
			crossing: crossingId
		},
		after: AT_THE_END,
		teaches: { id: crossingId, name, crossing }
	};
}

/** The changes that put a swatch of the teacher's into a lesson: its rows, and a part that knits them together. */
export function swatchParts(swatch: {
	readonly id: string;
	readonly title: string;
	readonly text: string;
}): Change[] {
	return [
		{ kind: 'put-swatch', swatch },
		{
			kind: 'add-part',
			part: {
				id: newId(),
				kind: 'swatch',
				swatch: swatch.id,
				title: `Knit together: ${swatch.title}`.slice(0, 200),
				minutes: SWATCH_MINUTES
			},
			after: AT_THE_END
		}
	];
}

/** Minutes of a swatch before anybody has looked at its estimate. */
const SWATCH_MINUTES = 15;

/** No part has this id, so what comes after it goes to the end. */
export const AT_THE_END = 'end';
