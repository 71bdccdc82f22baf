import type { Working } from '$core/fabric/fabric';
import type { Memory } from '$core/naming/settled';
import { good, type Fault } from '$core/result';
import { nowAt, rowsDone, type CounterEvent } from '$core/swatch/counter';
import type { Swatch } from '$core/swatch/schema';
import { applyEdits, type TextEdit } from '$core/swatch/text';
import { browser } from '$app/environment';
import { askNowAndThen } from '$lib/client/askNowAndThen';
import { newId } from '$lib/client/id';
import { outbox, type Answer, type Letter } from '$lib/client/outbox.svelte';
import { adoptWorking, rowsErrand, workedHere, type RowsAnswer, type RowsQuestion } from './rows';
import { getJson } from '$lib/client/requests';
import {
	eventsAt,
	swatchNewsAt,
	swatchNewsShape,
	versionsAt,
	versionTakenShape,
	type OpenedSwatch,
	type SwatchHead
} from '$lib/wire/swatch';

/** Cloth of more stitches than this is worked and painted anew when the typing rests, not at every key. */
const LARGE = 10_000;
const REST_MS = 140;

/** A swatch without its rows. */
type Card = Omit<Swatch, 'text'>;

/**
 * A swatch as this page shows it. Its rows, its cloth and its counters are one document: whatever changes the text works
 * the rows anew, and every change is posted whole, with the version it grew from, so that two pages lose nothing.
 */
export class OpenSwatch {
	readonly id: string;
	/** what is written: kept apart from the card, so that a key typed touches nothing that looks only at that */
	text = $state.raw('');
	card = $state.raw<Card>()!;
	/** the rows as they were worked last; while the text has none, those before */
	working = $state.raw<Working | null>(null);
	/** the text of those rows: places in findings count in it */
	worked = $state.raw('');
	/** why the text cannot be worked at all */
	fault = $state.raw<Fault | null>(null);
	/** rows too many for the page itself, in a thread of their own */
	readonly away = rowsErrand();
	/** working the rows was given up: nothing below the text is of it */
	gaveUp = $state(false);
	/** another page wrote something else in the same place */
	clash = $state.raw<SwatchHead | null>(null);
	#events = $state.raw<readonly CounterEvent[]>([]);
	readonly #counting = $derived.by(() => outbox.waiting(eventsAt(this.id)));
	readonly events: readonly CounterEvent[] = $derived([
		...this.#events,
		...this.#counting.map(({ body }) => body.event as CounterEvent)
	]);
	/** the counter that the big button counts */
	counter = $state('');
	readonly done: number = $derived(rowsDone(this.events, this.counter));
	readonly now = $derived(this.working && nowAt(this.working, this.done));
	/** makes edits where the text is written, so that they can be undone there */
	write: ((edits: readonly TextEdit[]) => void) | null = null;

	#head: string;
	#taken: number;
	#memory: Memory | undefined;
	#timer: ReturnType<typeof setTimeout> | undefined;

	constructor({ id, head, swatch, events, taken }: OpenedSwatch) {
		this.id = id;
		this.#head = head;
		// What was changed here and has not reached the server yet is newer than what the page came with.
		this.#take((this.#mine.at(-1)?.body.swatch as Swatch | undefined) ?? swatch);
		this.#events = events;
		this.#taken = taken;
		this.counter = swatch.counters[0].id;
		this.work();
	}

	/** All of the document. */
	get swatch(): Swatch {
		return { ...this.card, text: this.text };
	}

	/** What the teacher's keys say of names: it settles what the text does not. */
	settle(memory: Memory): void {
		this.#memory = memory;
		this.work();
	}

	/** Changes the document and posts it. `said` tells the history what was done. */
	change(fields: Partial<Swatch>, said: string): void {
		const { text, ...card } = fields;
		if (text !== undefined) this.text = text;
		if (Object.keys(card).length > 0) this.card = { ...this.card, ...card };
		this.#post(said);
		if (text !== undefined) this.#later();
		else if ('size' in fields || 'medium' in fields) this.work();
	}

	/** Edits the rows, from wherever they were asked for. */
	edit(edits: readonly TextEdit[], said: string): void {
		this.#said = said;
		if (this.write) this.write(edits);
		else this.change({ text: applyEdits(this.text, edits) }, said);
	}

	/** What the text says now, as it was typed or edited. */
	typed(text: string): void {
		if (text === this.text) return;
		this.change({ text }, this.#said ?? 'rows written');
		this.#said = null;
	}

	#said: string | null = null;

	count(by: 1 | -1): void {
		this.#tell({ do: 'count', by });
	}

	setRow(row: number): void {
		this.#tell({ do: 'set', row });
	}

	/** Chooses between two versions of the same place. */
	choose(which: 'mine' | 'theirs'): void {
		if (!this.clash) return;
		const theirs = this.clash;
		this.clash = null;
		this.#head = theirs.head;
		if (which === 'theirs') this.#adopt(theirs.swatch);
		else this.#post('kept this page’s rows');
	}

	/** Listens to the server and asks it, now and then, what other pages did; returns how to stop. */
	watch(): () => void {
		const stop = outbox.onTaken((letter, answer) => this.#answered(letter, answer));
		const rest = askNowAndThen(() => this.#ask());
		return () => {
			stop();
			rest();
			clearTimeout(this.#timer);
			this.away.stop();
		};
	}

	#tell(done: { do: 'count'; by: 1 | -1 } | { do: 'set'; row: number }): void {
		const event: CounterEvent = { id: newId(), counter: this.counter, at: Date.now(), ...done };
		outbox.post(eventsAt(this.id), { event });
	}

	/** Letters of this swatch that are still here. */
	get #mine(): readonly Letter[] {
		return outbox.waiting(versionsAt(this.id));
	}

	#post(said: string): void {
		const last = this.#mine.at(-1);
		// A letter that this one replaces grew from what this one grows from.
		const base = !last ? this.#head : last.tried ? last.id : (last.body.base as string);
		outbox.post(versionsAt(this.id), { base, swatch: this.swatch, said }, `swatch ${this.id}`);
	}

	#answered({ id, to, body }: Letter, answer: Answer): void {
		if (to === eventsAt(this.id)) {
			const event = body.event as CounterEvent;
			if (!this.#events.some((known) => known.id === event.id)) this.#events = [...this.#events, event];
		}
		if (to !== versionsAt(this.id)) return;
		const { head, swatch, clash } = versionTakenShape.parse(answer);
		// What was sent later says more; its own answer is the one to look at.
		if (this.#mine.some((letter) => letter.id !== id)) return;
		if (clash.length > 0) {
			this.clash = { head, swatch };
			return;
		}
		this.#head = head;
		if (head !== id) this.#adopt(swatch);
	}

	async #ask(): Promise<void> {
		const answer = await getJson(swatchNewsAt(this.id, this.#head, this.#taken), swatchNewsShape);
		if (!answer.ok) return;
		const news = answer.value;
		const fresh = news.events.filter(({ id }) => !this.#events.some((known) => known.id === id));
		if (fresh.length > 0) this.#events = [...this.#events, ...fresh];
		this.#taken = news.taken;
		if (!news.head || !news.swatch || this.clash || this.#mine.length > 0) return;
		this.#head = news.head;
		this.#adopt(news.swatch);
	}

	#adopt(swatch: Swatch): void {
		const typed = swatch.text !== this.text;
		this.#take(swatch);
		if (!swatch.counters.some(({ id }) => id === this.counter)) this.counter = swatch.counters[0].id;
		if (typed) this.#later();
	}

	#take({ text, ...card }: Swatch): void {
		this.text = text;
		this.card = card;
	}

	#later(): void {
		clearTimeout(this.#timer);
		const { castOn = 0, rows = [] } = this.working?.fabric ?? {};
		this.#timer = setTimeout(() => this.work(), castOn * rows.length > LARGE ? REST_MS : 0);
	}

	/** Works the rows as they are written now; what would keep the page waiting is worked away from it. */
	work(): void {
		const question = {
			text: this.text,
			memory: this.#memory,
			size: this.card.size,
			medium: this.card.medium
		};
		this.away.stop();
		this.gaveUp = false;
		const here = workedHere(question, this.working ?? undefined);
		if (here) this.#worked(question, here);
		else if (browser) void this.#workAway(question);
	}

	async #workAway(question: RowsQuestion): Promise<void> {
		const answer = await this.away.ask(question);
		if (answer) this.#worked(question, answer.ok ? good(adoptWorking(answer.value, question)) : answer);
	}

	/** Ends the working of rows that take too long; the text stays as it is. */
	giveUp(): void {
		this.away.stop();
		this.gaveUp = true;
	}

	#worked({ text }: RowsQuestion, answer: RowsAnswer): void {
		this.fault = answer.ok ? null : answer.error;
		if (!answer.ok) return;
		this.working = answer.value;
		this.worked = text;
	}
}
