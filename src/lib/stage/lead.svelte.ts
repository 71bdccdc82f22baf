import { lateBy } from '$core/teaching/clock';
import { minutesSinceRest, REST_AFTER_MINUTES } from '$core/teaching/rest';
import { newId } from '$lib/client/id';
import { outbox } from '$lib/client/outbox.svelte';
import { getJson } from '$lib/client/requests';
import { followingsAt, openFollowingsShape } from '$lib/wire/follow';
import { lessonTaughtAt } from '$lib/wire/lesson';
import { Classroom } from './classroom.svelte';
import type { Followers } from './followers.svelte';
import type { Look } from './moment';
import type { Stage } from './stage.svelte';
import type { ClockShown, PhonesShown, StageRequest } from './windows';

/** The stage that leads: the class that is given from it, what it does by itself, and when hands should rest. */
export class Lead {
	readonly room: Classroom;
	/** notes stand beside the picture */
	beside = $state(false);
	/** a cloth is held up, and asked about beside the picture */
	asking = $state(false);
	/** those who follow on their phones, once the class is opened to them */
	followers = $state.raw<Followers | null>(null);
	/** what they do stands beside the picture */
	meeting = $state(false);
	/** what comes is said aloud */
	aloud = $state(false);
	/** it goes on by itself, to the end of the part */
	byItself = $state(false);
	/** the class is over, and its page could not be gone to */
	ended = $state(false);
	/** minutes of work at which a rest was taken last, or waved away */
	#rested = $state(0);

	readonly part = $derived.by(() => this.stage.now?.part);
	/** minutes behind the plan, below nothing ahead of it */
	readonly late = $derived.by(() => lateBy(this.stage.lesson, this.stage.moment.at, this.room.spent));
	readonly clock: ClockShown = $derived.by(() => ({
		isOn: this.room.isOn,
		running: this.room.running,
		seconds: Math.round(this.room.seconds),
		late: this.late
	}));
	readonly phones: PhonesShown | null = $derived.by(() => {
		const { following, room = null } = this.followers ?? {};
		return following
			? { code: following.code, address: following.addresses[0], asksIn: this.meeting, room }
			: null;
	});
	/** minutes that hands have worked */
	readonly sinceRest = $derived.by(() => minutesSinceRest(this.stage.lesson, this.room.stretches));
	readonly restDue = $derived.by(
		() =>
			this.room.running && this.part?.kind !== 'care' && this.sinceRest - this.#rested >= REST_AFTER_MINUTES
	);

	constructor(
		readonly id: string,
		readonly stage: Stage
	) {
		this.room = new Classroom(id, stage);
	}

	/** Reads the clock: what went by belongs to the part that is on. */
	tick(now: number): void {
		if (this.part) this.room.tick(now, this.part.id);
		// A part that rests begins the count anew.
		if (this.sinceRest < 1) this.#rested = 0;
	}

	/** Starts the clock of the class, or pauses it; a class that begins is noted as the lesson taught. */
	startOrPause(now: number): void {
		if (this.room.isOn) return void (this.part && this.room.pause(now, this.part.id));
		this.room.start(now);
		outbox.post(lessonTaughtAt(this.id), {});
	}

	end(now: number): void {
		this.tick(now);
		this.room.end(now);
		this.followers?.end();
	}

	/** Opens the class to phones, or shows how it stands with them. */
	async meet(): Promise<void> {
		this.meeting = !this.meeting;
		if (this.meeting) await this.open();
	}

	/** Opens the class to phones, or takes up the one that is on. */
	async open(): Promise<void> {
		const { Followers } = await import('./followers.svelte');
		this.followers ??= new Followers(this.id, this.stage);
		await this.followers.open();
	}

	/**
	 * Leads the class from here where it is on: begun on another device, or before this browser forgot it.
	 *
	 * @param opened this browser has opened it to phones
	 */
	async takeUp(opened: boolean): Promise<void> {
		await this.room.takeUp(Date.now);
		if (opened) return this.open();
		const answer = await getJson(followingsAt(this.id), openFollowingsShape);
		if (answer.ok && answer.value.followings.some(({ ended }) => !ended)) await this.open();
	}

	/** another page, or device, leads the class now */
	readonly ledElsewhere = $derived.by(
		() => this.room.ledElsewhere || (this.followers?.ledElsewhere ?? false)
	);

	/** Leads the class from here again. */
	async takeBack(): Promise<void> {
		await this.room.takeUp(Date.now);
		await this.followers?.takeBack();
	}

	/** Hands have rested, or do not want to now. */
	rest(): void {
		this.#rested = this.sinceRest;
	}

	/** Something is wrong: asks about the cloth that is held up, or goes back to the lesson. */
	wrong(): void {
		const { stage } = this;
		this.asking = !this.asking;
		if (this.asking) stage.set({ wrong: stage.moment.wrong ?? stage.wrongHere(newId()) });
		else stage.set({ wrong: null });
	}

	/** Keeps the slip that was found, once its mend is shown or it is said whose it is. */
	keepWrong(now: number): void {
		const { wrong } = this.stage.moment;
		const cause = this.stage.finding?.cause;
		const taught = this.stage.lesson.crossings.find(({ id }) => id === wrong?.crossing);
		if (!wrong || !cause || !taught || (!this.stage.finding?.mend && !wrong.who)) return;
		const { slip, way } = cause;
		const who = wrong.who ? { who: wrong.who } : {};
		this.room.keepSlip(now, wrong.id, { crossing: taught.name, slip, way: way.id, ...who });
	}

	/** Does what a key, a button or another window asks for. */
	ask(does: StageRequest): void {
		const { stage } = this;
		if (does === 'forward') stage.forward();
		else if (does === 'back') stage.back();
		else if (does === 'next-part') stage.skip(1);
		else if (does === 'part-before') stage.skip(-1);
		else if (does === 'tell') stage.set({ told: true });
		else if (does === 'answers') this.followers?.switchAnswers();
		else stage.set({ blank: !stage.moment.blank });
	}

	/** Looks at the crossing in another way, or again at how it is worked. */
	look(to: Look): void {
		if (this.stage.seen) this.stage.set({ look: this.stage.moment.look === to ? 'work' : to });
	}

	/** Goes on by itself after so many seconds for a step; returns how to stop. */
	goOn(seconds: number): (() => void) | undefined {
		const { step, repeat } = this.stage.moment;
		if (step >= this.stage.steps - 1 && repeat >= this.stage.repeats.length - 1) {
			this.byItself = false;
			return undefined;
		}
		const slower = this.stage.repeat?.slower ? SLOWER : 1;
		const timer = setTimeout(() => this.stage.forward(), seconds * slower * 1_000);
		return () => clearTimeout(timer);
	}
}

/** How much longer each step of a slow time stays. */
const SLOWER = 1.5;
