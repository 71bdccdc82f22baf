import { keptInBrowser } from '$lib/client/storage';
import {
	MOST_ROOM_STEPS,
	type ClassRecord,
	type RoomStep,
	type SlipSeen,
	type Taken
} from '$core/teaching/classRecord';
import type { Grounds } from '$core/planning/estimate';
import type { Lesson } from '$core/lesson/lesson';
import { newId } from '$lib/client/id';
import { localMinute } from '$lib/client/localMinute';
import { outbox } from '$lib/client/outbox.svelte';
import { getJson } from '$lib/client/requests';
import { classesAt, classOnShape, type ClassLead, type ClassOn } from '$lib/wire/class';
import { FIRST_MOMENT, type Moment } from './moment';
import type { Stage } from './stage.svelte';

/** What a teacher writes beside a part during class. */
export interface Marks {
	readonly note?: string;
	readonly struggled?: string;
}

/** A class as this browser remembers it, so that a page that is closed by mistake goes on where it was. */
interface Kept {
	readonly id: string;
	/** this page, among all that may lead the class */
	readonly leader: string;
	readonly began: string;
	/** what was on, in order, and for how many seconds */
	readonly stretches: readonly Stretch[];
	readonly marks: Readonly<Record<string, Marks>>;
	/** slips that were found, by the cloth they were found on */
	readonly slips?: Readonly<Record<string, SlipSeen>>;
	/** what the room asked for, by part and step, at most */
	readonly room?: Readonly<Record<string, readonly RoomStep[]>>;
	readonly paused: boolean;
	/** when the clock was read last, in milliseconds */
	readonly read: number;
}

/** A class that finds more than this forgets the first. */
const MOST_SLIPS = 100;

type Stretch = { readonly part: string; readonly seconds: number };

const keyOf = (lesson: string) => `pond-loop:class:${lesson}`;
/** A page that comes back after longer than this is another class. */
const SAME_CLASS_MS = 6 * 3_600_000;
/** Time that went by while the page was closed counts when it was no longer than this. */
const GAP_MS = 10 * 60_000;
/** A clock that is started so long before the class waits for it to begin. */
const EARLY_MS = 30 * 60_000;
/** How often the record is sent while nothing else happens. */
const SEND_MS = 30_000;

/** The clock of a class that is being given, and what is noted meanwhile. Everything noted goes through the outbox. */
export class Classroom {
	#kept = $state.raw<Kept | null>(null);
	/** another page, or device, leads the class now */
	ledElsewhere = $state(false);
	#sent = 0;
	#place = '';
	/** worked out once: every way of a cross is played for them */
	#grounds: Record<string, Grounds> = {};
	#groundsOf: typeof import('$core/planning/estimate').groundsOf | undefined;
	/** what parts come to is reckoned from their rows, which are much code: it comes while the class gathers */
	readonly comes: Promise<void>;

	constructor(
		readonly lesson: string,
		readonly stage: Stage
	) {
		this.comes = import('$core/planning/estimate').then(({ groundsOf }) => {
			this.#groundsOf = groundsOf;
		});
	}

	readonly running = $derived(this.#kept !== null && !this.#kept.paused && !this.ledElsewhere);
	readonly isOn = $derived(this.#kept !== null);
	readonly stretches: readonly Stretch[] = $derived(this.#kept?.stretches ?? []);
	/** seconds that each part was on */
	readonly spent: Readonly<Record<string, number>> = $derived.by(() => {
		const spent: Record<string, number> = {};
		for (const { part, seconds } of this.stretches) spent[part] = (spent[part] ?? 0) + seconds;
		return spent;
	});
	readonly seconds = $derived(this.stretches.reduce((sum, { seconds }) => sum + seconds, 0));
	readonly marks: Readonly<Record<string, Marks>> = $derived(this.#kept?.marks ?? {});

	/** Takes up a class that an earlier page left in the middle. Call in the browser. */
	resume(now: number): void {
		try {
			const kept = JSON.parse(localStorage.getItem(keyOf(this.lesson)) ?? 'null') as
				| (Kept & { moment: Moment })
				| null;
			if (!kept || now - kept.read > SAME_CLASS_MS) return;
			const { moment, ...room } = kept;
			this.#kept = now - room.read > GAP_MS ? { ...room, read: now } : room;
			if (moment.at < this.stage.parts.length)
				this.stage.moment = { ...FIRST_MOMENT, ...moment, wrong: null, answers: null };
		} catch {
			localStorage.removeItem(keyOf(this.lesson));
		}
	}

	/** Hears whether another page has taken the class over; returns how to stop. Call in the browser. */
	listen(): () => void {
		return outbox.onTaken(({ to }, { classId, led }) => {
			const kept = this.#kept;
			if (to !== classesAt(this.lesson) || !kept || classId !== kept.id || typeof led !== 'string') return;
			this.ledElsewhere = led !== kept.leader;
		});
	}

	/**
	 * Goes on with the class as the server has it, where another page or device led it last; that one is told. One that is led
	 * from this browser, or began here since, stays as it is.
	 */
	async takeUp(now: () => number): Promise<void> {
		const answer = await getJson(classesAt(this.lesson), classOnShape);
		const on = answer.ok ? answer.value.on : null;
		const kept = this.#kept;
		if (!on) return;
		if (kept?.leader === on.lead.leader) {
			// Led from this browser: by this page from now on, whichever of its tabs it was.
			this.#kept = { ...kept, leader: newId() };
			return this.#keep(now(), true, true);
		}
		if (kept && kept.id !== on.id && kept.read > now() - on.age * 1_000) return;
		this.#kept = takenUp(on, now(), kept?.id === on.id ? kept.marks : {});
		this.ledElsewhere = false;
		const { part, step, running } = on.lead;
		const at = this.stage.parts.findIndex((one) => one.part.id === part);
		const dropped = on.record.parts.flatMap((one) => (one.dropped ? [one.part] : []));
		if (at >= 0) {
			// How many steps rows have is known once they are worked.
			await this.stage.rowsCome;
			this.stage.set({ at, repeat: 0, step: 0, dropped });
			this.stage.set({ step: Math.min(step, this.stage.steps - 1) });
		}
		if (running) this.tick(now(), part);
		this.#keep(now(), true, true);
	}

	start(now: number): void {
		this.#kept = {
			...{ id: newId(), leader: newId(), began: localMinute(now) },
			...{ stretches: [], marks: {}, paused: false, read: now }
		};
		this.#keep(now, true);
	}

	pause(now: number, part: string): void {
		if (!this.#kept || this.ledElsewhere) return;
		this.tick(now, part);
		this.#kept = { ...this.#kept, paused: !this.#kept.paused, read: now };
		this.#keep(now, true);
	}

	/** Reads the clock: what went by since it was read last belongs to a part. */
	tick(now: number, part: string): void {
		if (!this.#kept || this.#kept.paused || this.ledElsewhere) return;
		const seconds = Math.max(0, (now - Math.max(this.#kept.read, this.#beginsAt(now))) / 1_000);
		const { stretches } = this.#kept;
		const last = stretches.at(-1);
		const goesOn = last?.part === part;
		const stretch: Stretch = goesOn ? { part, seconds: last.seconds + seconds } : { part, seconds };
		this.#kept = {
			...this.#kept,
			stretches: [...(goesOn ? stretches.slice(0, -1) : stretches), stretch],
			read: now
		};
		this.#keep(now, !goesOn);
	}

	/** When the class is to begin, for a clock that was started while people came in: that is no teaching time. */
	#beginsAt(now: number): number {
		const starts = this.stage.lesson.starts ? Date.parse(this.stage.lesson.starts) : 0;
		return starts - now < EARLY_MS ? Math.min(starts, now) : 0;
	}

	mark(now: number, part: string, marks: Marks): void {
		if (!this.#kept) this.start(now);
		const kept = this.#kept!;
		this.#kept = { ...kept, marks: { ...kept.marks, [part]: { ...kept.marks[part], ...marks } } };
		this.#keep(now, true);
	}

	/** Keeps a slip that was found, or what else is known of it now; before the class has begun it is only looked at. */
	keepSlip(now: number, id: string, slip: SlipSeen): void {
		const kept = this.#kept;
		if (!kept || JSON.stringify(kept.slips?.[id]) === JSON.stringify(slip)) return;
		const others = Object.entries(kept.slips ?? {}).filter(([other]) => other !== id);
		this.#kept = { ...kept, slips: Object.fromEntries([...others.slice(1 - MOST_SLIPS), [id, slip]]) };
		this.#keep(now, true);
	}

	/** Notes how many asked to wait, and how many cloths went wrong, at a step; more than before counts, and nobody's name. */
	noteRoom(now: number, part: string, seen: RoomStep): void {
		const kept = this.#kept;
		if (!kept || seen.waits + seen.wrong === 0) return;
		const steps = kept.room?.[part] ?? [];
		const before = steps.find(({ step }) => step === seen.step);
		const most: RoomStep = {
			step: seen.step,
			waits: Math.max(seen.waits, before?.waits ?? 0),
			wrong: Math.max(seen.wrong, before?.wrong ?? 0)
		};
		if (before?.waits === most.waits && before.wrong === most.wrong) return;
		const others = steps.filter(({ step }) => step !== seen.step);
		const all = [...others, most].sort((a, b) => a.step - b.step).slice(-MOST_ROOM_STEPS);
		this.#kept = { ...kept, room: { ...kept.room, [part]: all } };
		this.#keep(now, true);
	}

	/** Ends the class and gives the id its record is kept under. */
	end(now: number): void {
		if (!this.#kept) return;
		this.#post(localMinute(now));
		this.#kept = null;
		localStorage.removeItem(keyOf(this.lesson));
	}

	/** Sends what is here, where something is. */
	send(): void {
		if (this.#kept) this.#post(null);
	}

	#keep(now: number, atOnce: boolean, takes = false): void {
		keptInBrowser(keyOf(this.lesson), JSON.stringify({ ...this.#kept, moment: this.stage.moment }));
		const { at, step } = this.stage.moment;
		const place = `${at} ${step}`;
		// Where the class is, is kept at once: another device may go on from there.
		if (!atOnce && place === this.#place && now - this.#sent < SEND_MS) return;
		this.#sent = now;
		this.#place = place;
		this.#post(null, takes);
	}

	/** Sends the class as it is now; where another page leads it, what is noted here waits until it is taken back. */
	#post(ended: string | null, takes = false): void {
		if (this.ledElsewhere) return;
		const { now, moment } = this.stage;
		const kept = this.#kept!;
		const noted = {
			lead: now && {
				...{ leader: kept.leader, part: now.part.id },
				...{ step: moment.step, running: !kept.paused }
			},
			takes,
			kept,
			lesson: this.stage.lesson,
			dropped: moment.dropped,
			spent: this.spent
		};
		if (this.#groundsOf) this.#record(noted, ended);
		else void this.comes.then(() => this.#record(noted, ended));
	}

	#record(
		{
			kept: { id, began, marks, slips = {}, room = {} },
			lesson,
			dropped,
			spent,
			lead,
			takes
		}: {
			readonly kept: Kept;
			readonly lesson: Lesson;
			readonly dropped: readonly string[];
			readonly spent: Readonly<Record<string, number>>;
			readonly lead: ClassLead | undefined;
			readonly takes: boolean;
		},
		ended: string | null
	): void {
		const parts = lesson.parts.map((part): Taken => {
			const { note, struggled } = marks[part.id] ?? {};
			return {
				part: part.id,
				title: part.title,
				planned: part.minutes,
				seconds: Math.round(spent[part.id] ?? 0),
				...(dropped.includes(part.id) ? { dropped: true } : {}),
				...(this.#grounds[part.id] ??= this.#groundsOf!(lesson, part)),
				...(note ? { note } : {}),
				...(struggled ? { struggled } : {}),
				...(room[part.id] ? { room: room[part.id] } : {})
			};
		});
		const seen = Object.values(slips);
		const record: ClassRecord = {
			...({ format: 'pond-loop/class@1', level: lesson.level, began, ended, parts } as const),
			...(seen.length > 0 ? { slips: seen } : {})
		};
		outbox.post(
			classesAt(this.lesson),
			{ classId: id, record, ...(lead ? { lead } : {}), ...(takes ? { takes } : {}) },
			`class ${id}`
		);
	}
}

/** A class as another page noted it, with what was written here meanwhile; its clock goes on from where it was read there. */
function takenUp({ id, record, lead, age }: ClassOn, now: number, marks: Kept['marks']): Kept {
	const { began, parts, slips = [] } = record;
	const marked = parts.flatMap(({ part, note, struggled }) =>
		note || struggled
			? [[part, { ...(note ? { note } : {}), ...(struggled ? { struggled } : {}) }] as const]
			: []
	);
	return {
		...{ id, leader: newId(), began, paused: !lead.running },
		read: now - Math.min(age * 1_000, GAP_MS),
		stretches: parts.flatMap(({ part, seconds }) => (seconds > 0 ? [{ part, seconds }] : [])),
		marks: { ...Object.fromEntries(marked), ...marks },
		slips: Object.fromEntries(slips.map((slip, i) => [`taken-up-${i}`, slip])),
		room: Object.fromEntries(parts.flatMap(({ part, room }) => (room ? [[part, room]] : [])))
	};
}
