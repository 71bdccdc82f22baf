import { keptInBrowser } from '$lib/client/storage';
import { enoughHave } from '$core/teaching/room';
import { questionOf, type Question } from '$core/teaching/question';
import { listenTo } from '$lib/client/events';
import { newId } from '$lib/client/id';
import { Latest } from '$lib/client/latest';
import { outbox } from '$lib/client/outbox.svelte';
import { parseShape } from '$core/formats/json';
import { sendJson } from '$lib/client/requests';
import {
	followingAt,
	followingsAt,
	followingShape,
	ledShape,
	roomEventsAt,
	roomNowShape,
	type FollowedMoment,
	type Following,
	type RoomNow
} from '$lib/wire/follow';
import { openedKey } from './opened';
import type { Stage } from './stage.svelte';

/** What a stage shows, as far as it concerns those who follow. */
export function followedMoment(stage: Stage): FollowedMoment | null {
	const { moment, voice, now } = stage;
	if (!now) return null;
	const { step, told, blank, look, school } = moment;
	const { hand, keep, yarnHand } = voice;
	const wrong = stage.wrongShown
		? stage.lesson.crossings.find(({ id }) => id === moment.wrong?.crossing)
		: null;
	return {
		...{ part: now.part.id, step, told, blank, look, school },
		voice: { hand, keep, yarnHand },
		wrong: wrong?.name ?? null
	};
}

/** A class that is open to followers: where they find it, and what they do. */
export class Followers {
	following = $state.raw<Following | null>(null);
	room = $state.raw<RoomNow | null>(null);
	/** what goes wrong while it is opened */
	trouble = $state<string | null>(null);
	/** the server does not answer: phones keep the step they have */
	away = $state(false);
	/** the class goes on when enough of it have the step */
	onWhenEnough = $state(false);
	/** another page, or device, leads the class now */
	ledElsewhere = $state(false);
	/** this page, among all that may lead the class */
	readonly #leader = newId();
	#moves: Latest<{ moment: FollowedMoment; leader: string }> | undefined;
	#stop: (() => void) | undefined;
	#last = '';

	constructor(
		private readonly lesson: string,
		private readonly stage: Stage
	) {}

	/** the question that is on, which phones may answer */
	readonly question: Question | null = $derived.by(() => {
		const part = this.stage.now?.part;
		return part && this.stage.asks ? questionOf(this.stage.lesson, part) : null;
	});

	/** Opens the class; one that is on is led from here from now on, and the stage goes to where it is. */
	async open(): Promise<void> {
		const moment = followedMoment(this.stage);
		if (this.following || !moment) return;
		const leader = this.#leader;
		const answer = await sendJson(followingsAt(this.lesson), { followingId: newId(), leader, moment });
		const read = answer.ok ? parseShape(followingShape, answer.value, 'an open class') : answer;
		this.trouble = read.ok ? null : read.error.message;
		if (!read.ok) return;
		const following = read.value;
		this.following = following;
		this.ledElsewhere = false;
		if (following.moment) await this.#goTo(following.moment);
		keptInBrowser(openedKey(this.lesson), following.id);
		this.#last = JSON.stringify(followedMoment(this.stage));
		this.#moves = new Latest(followingAt(this.lesson, following.id), (away) => (this.away = away));
		this.#stop = listenTo(roomEventsAt(this.lesson, following.id), {
			onevent: (event) => this.#hear(event),
			onaway: (away) => (this.away = away),
			onrefused: async () => true
		});
		this.tell();
	}

	/** Takes the stage to where the class is. */
	async #goTo({ part, step, told, blank, look, school }: FollowedMoment): Promise<void> {
		const at = this.stage.parts.findIndex((one) => one.part.id === part);
		if (at < 0) return;
		// How many steps rows have is known once they are worked.
		await this.stage.rowsCome;
		this.stage.set({ at, repeat: 0, step: 0, told, blank, look, school });
		this.stage.set({ step: Math.min(step, this.stage.steps - 1) });
	}

	/** Leads the class from here again. */
	takeBack(): Promise<void> {
		this.pause();
		this.following = null;
		return this.open();
	}

	/** Tells phones what the stage shows, where that is news. */
	tell(): void {
		const moment = followedMoment(this.stage);
		const said = JSON.stringify(moment);
		if (!moment || !this.#moves || this.ledElsewhere || said === this.#last) return;
		this.#last = said;
		if (this.room) this.room = { ...this.room, has: 0 };
		this.#moves.post({ moment, leader: this.#leader });
	}

	#hear(event: unknown): void {
		const led = ledShape.safeParse(event);
		if (led.success) {
			this.ledElsewhere = led.data.led !== this.#leader;
			return;
		}
		const room = roomNowShape.safeParse(event);
		if (!room.success) return this.leave();
		const { moment, now, isLast } = this.stage;
		// What was counted before the stage went on says nothing of the step that is on.
		const isLate = room.data.part !== now?.part.id || room.data.step !== moment.step;
		this.room = isLate ? { ...room.data, has: 0 } : room.data;
		if (isLate) return;
		if (moment.answers) this.stage.set({ answers: room.data.answers });
		if (this.onWhenEnough && enoughHave(room.data) && !isLast) this.stage.forward();
	}

	/** Shows the class what it answered, or takes it away. */
	switchAnswers(): void {
		const { moment } = this.stage;
		this.stage.set({ answers: moment.answers ? null : (this.room?.answers ?? []) });
	}

	/** The class is over: phones walk through the lesson by themselves. */
	end(): void {
		if (!this.following) return;
		outbox.post(followingAt(this.lesson, this.following.id), { ended: true });
		this.leave();
	}

	/** Listens no more, and forgets the class in this browser. */
	leave(): void {
		localStorage.removeItem(openedKey(this.lesson));
		this.pause();
		this.following = null;
		this.room = null;
	}

	/** The page goes away; the class stays open. */
	pause(): void {
		this.#moves?.stop();
		this.#stop?.();
	}
}
