import type { Part } from '$core/lesson/lesson';
import {
	besideRemoved,
	canSplit,
	duplicatePart,
	joinParts,
	minutesBy,
	movePart,
	splitPart
} from '$core/lesson/rearrange';
import { newId } from '$lib/client/id';
import type { OpenLesson } from './openLesson.svelte';

/** The part of a lesson that is worked on, and what is done to it as a whole. */
export class ChosenPart {
	id = $state<string | null>(null);
	readonly #open: OpenLesson;
	readonly index: number = $derived.by(() => this.#open.lesson.parts.findIndex(({ id }) => id === this.id));
	readonly part: Part | undefined = $derived.by(() => this.#open.lesson.parts[this.index]);
	readonly next: Part | undefined = $derived.by(() => this.#open.lesson.parts[this.index + 1]);

	constructor(open: OpenLesson) {
		this.#open = open;
		this.id = open.lesson.parts[0]?.id ?? null;
	}

	/** The id of the part so many before or behind it; its own where there is none. */
	beside(by: -1 | 1): string | null {
		return this.#open.lesson.parts[this.index + by]?.id ?? this.id;
	}

	split(): void {
		if (!this.part || !canSplit(this.part)) return;
		const id = newId();
		for (const change of splitPart(this.part, id)) this.#open.change(change);
		this.id = id;
	}

	join(): void {
		if (!this.part || !this.next) return;
		const [grown, gone] = joinParts(this.part, this.next);
		this.#open.change(grown);
		this.#open.change(gone, { said: `“${this.next.title}” joined to “${this.part.title}”.` });
	}

	duplicate(): void {
		if (!this.part) return;
		const id = newId();
		this.#open.change(duplicatePart(this.part, id));
		this.id = id;
	}

	move(by: -1 | 1): void {
		const change = this.part && movePart(this.#open.lesson, this.part.id, by);
		if (change) this.#open.change(change, { said: `“${this.part!.title}” moved.` });
	}

	longer(by: -1 | 1): void {
		if (this.part) this.setMinutes(this.part.id, minutesBy(this.part, by));
	}

	setMinutes(part: string, minutes: number): void {
		this.#open.change({ kind: 'set-part', part, fields: { minutes } }, { topic: `set ${part} minutes` });
	}

	remove(): void {
		if (!this.part) return;
		const beside = besideRemoved(this.#open.lesson, this.part.id);
		this.#open.change({ kind: 'remove-part', part: this.part.id }, { said: `“${this.part.title}” removed.` });
		this.id = beside;
	}
}
