import { applyChange, invertChange } from '$core/lesson/change';
import type { Clash } from '$core/lesson/clash';
import { followSources, type Sources } from '$core/lesson/follow';
import type { Change, Lesson } from '$core/lesson/lesson';
import { askNowAndThen } from '$lib/client/askNowAndThen';
import { newId } from '$lib/client/id';
import { outbox, type Answer, type Letter } from '$lib/client/outbox.svelte';
import { getJson } from '$lib/client/requests';
import {
	changeClashShape,
	changesAt,
	changeTakenShape,
	lessonNewsAt,
	lessonNewsShape,
	LESSONS,
	lessonTaughtAt,
	type LessonPage
} from '$lib/wire/lesson';

/** This page, as changes say who made them; the same after a reload. */
function thisPage(): string {
	const known = sessionStorage.getItem(PAGE_KEY) ?? newId();
	sessionStorage.setItem(PAGE_KEY, known);
	return known;
}
const PAGE_KEY = 'pond-loop:page';

/** A change for a lesson that no page has open; typing in one place has one topic. */
export function postChange(id: string, change: Change, since: number, topic?: string): void {
	outbox.post(changesAt(id), { change, since, page: thisPage() }, topic);
}

/** Where another page wrote in the same place, with what both say. */
export interface LessonClash extends Clash {
	/** the change that was not taken */
	readonly id: string;
	readonly theirs: Lesson;
	readonly mine: Change;
}

/**
 * A lesson as this page shows it: what the server has acknowledged, on top of it every change that is still on its way,
 * and in it what its sources say now. Nothing typed waits for the server.
 */
export class OpenLesson {
	readonly id: string;
	#kept = $state.raw<Lesson>()!;
	#version = 0;
	#sources = $state.raw<Sources>()!;
	readonly #sent = $derived.by(() => outbox.waiting(changesAt(this.id)));
	/** as it was written here, before it follows its sources */
	readonly written: Lesson = $derived(
		this.#sent.reduce((lesson, letter) => applyChange(lesson, letter.body.change as Change), this.#kept)
	);
	readonly lesson: Lesson = $derived(followSources(this.written, this.#sources));
	/** a change that was not taken because of what another page wrote, and what the server says of that */
	readonly #refused = $derived.by(() => {
		const refusal = outbox.refusals.find(({ letter }) => letter.to === changesAt(this.id));
		const said = changeClashShape.safeParse(refusal?.answer);
		return refusal && said.success ? { letter: refusal.letter, ...said.data } : null;
	});
	/** another page wrote in the same place: somebody has to choose */
	readonly clash: LessonClash | null = $derived.by(() => {
		if (!this.#refused) return null;
		const { clash, letter, lesson } = this.#refused;
		return { ...clash, id: letter.id, theirs: lesson, mine: letter.body.change as Change };
	});
	/** when it was taught last, in milliseconds */
	taughtAt = $state<number | null>(null);
	/** how the last removal or move is taken back */
	undo = $state.raw<{ said: string; change: Change } | null>(null);

	constructor({ id, version, lesson, sources, taughtAt }: Omit<LessonPage, 'tags'>) {
		this.id = id;
		this.#version = version;
		this.#kept = lesson;
		this.#sources = sources;
		this.taughtAt = taughtAt;
	}

	/** Whether rows of the lesson come from a swatch of the teacher's. */
	follows(swatch: string): boolean {
		return this.#sources.swatches.some(({ id }) => id === swatch);
	}

	/** Whether a change would be seen: rows that come from a swatch are what the swatch says. */
	takes(change: Change): boolean {
		return change.kind !== 'put-swatch' || !this.follows(change.swatch.id);
	}

	/** Listens to what the server takes, and asks it what other pages did; returns how to stop. */
	watch(): () => void {
		for (const { letter, answer } of outbox.recent(changesAt(this.id)))
			this.#taken(letter, answer, this.#version);
		const stop = outbox.onTaken((letter, answer) => {
			if (letter.to === changesAt(this.id)) this.#taken(letter, answer);
			if (letter.to === lessonTaughtAt(this.id)) this.taughtAt = Date.now();
		});
		const rest = askNowAndThen(() => this.#ask());
		return () => {
			stop();
			rest();
		};
	}

	/** Makes a change here and posts it; with `said`, undoing it is offered in those words. */
	change(change: Change, { topic, said }: { topic?: string; said?: string } = {}): void {
		const back = said ? invertChange(this.written, change) : null;
		if (said) this.undo = back && { said, change: back };
		postChange(this.id, change, this.#version, topic);
	}

	/** Notes that it was taught as it is now: it is sent behind every change that is still on its way. */
	noteTaught(): void {
		outbox.post(lessonTaughtAt(this.id), {});
	}

	takeBack(): void {
		if (!this.undo) return;
		this.change(this.undo.change);
		this.undo = null;
	}

	/** Settles a clash: what this page wrote in that place stands, or what the other did. */
	choose(which: 'mine' | 'theirs'): void {
		if (!this.#refused) return;
		const { clash, version, lesson } = this.#refused;
		this.#kept = lesson;
		this.#version = version;
		outbox.rewrite(changesAt(this.id), (body) => {
			const change = which === 'mine' ? (body.change as Change) : without(body.change as Change, clash);
			return change && { ...body, change, since: version };
		});
	}

	/** Goes on from what the server took, where it is newer than a version that is known. */
	#taken(letter: Letter, answer: Answer, known = 0): void {
		const { version, lesson } = changeTakenShape.parse(answer);
		if (version <= known) return;
		this.#kept = lesson ?? applyChange(this.#kept, letter.body.change as Change);
		this.#version = version;
	}

	async #ask(): Promise<void> {
		const answer = await getJson(lessonNewsAt(this.id, this.#version), lessonNewsShape);
		if (!answer.ok || this.#sent.length > 0) return;
		const news = answer.value;
		if (JSON.stringify(news.sources) !== JSON.stringify(this.#sources)) this.#sources = news.sources;
		if (news.version === undefined || !news.lesson || news.version <= this.#version) return;
		this.#version = news.version;
		this.#kept = news.lesson;
	}
}

/** A change without what it says in the place of a clash; `null` when it says nothing else. */
function without(change: Change, { part, fields }: Clash): Change | null {
	const about = 'part' in change && typeof change.part === 'string' ? change.part : null;
	if (about !== part) return change;
	if (change.kind !== 'set' && change.kind !== 'set-part')
		return change.kind === 'remove-part' ? null : change;
	if (fields.length === 0) return null;
	const rest = Object.fromEntries(Object.entries(change.fields).filter(([field]) => !fields.includes(field)));
	return Object.keys(rest).length > 0 ? { ...change, fields: rest } : null;
}

/** Makes a lesson; it can be written in at once, also while the server is away. */
export function makeLesson(id: string, title: string): void {
	outbox.post(LESSONS, { lessonId: id, title });
}

/** Whether a lesson that was made here is still on its way: until the server has it, it cannot be opened. */
export const isOnItsWay = (id: string): boolean =>
	outbox.waiting(LESSONS).some(({ body }) => body.lessonId === id);
