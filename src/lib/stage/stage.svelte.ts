import type { KeptPiece } from '$lib/wire/log';
import { hasFace, kindFacts } from '$core/lesson/kinds';
import { timed, type Lesson } from '$core/lesson/lesson';
import { repeatsOf, type Repeat } from '$core/teaching/repeats';
import { retold, toldIn } from '$core/telling/said';
import { showingOf, stepsIn } from '$core/teaching/showing';
import { WRITTEN_SCHOOLS } from '$core/naming/schools';
import type { SettingsHere } from '$lib/client/settings.svelte';
import type { Finding } from '$lib/mending/finding.svelte';
import { NO_TROUBLE } from '$lib/mending/trouble';
import { FIRST_MOMENT, type Moment, type Wrong } from './moment';

/** A lesson being given: which part, step and repeat is on, told in whose hands and words. */
export class Stage {
	moment = $state.raw<Moment>(FIRST_MOMENT);
	/** the lesson as it is written, before anything was shortened today */
	readonly written: Lesson;
	#settings: SettingsHere;
	#own = false;
	/** pieces of this class in the log, by whose they are */
	logged: Readonly<Record<string, KeptPiece>> = $state.raw({});
	#pointsOf = $state.raw<typeof import('$core/teaching/points').pointsOf>();
	#rowsOf = $state.raw<typeof import('$core/teaching/rowsShown')>();
	#finding = $state.raw<Finding>();
	/** rows can be shown, where the lesson has some: working them is much code, which comes by itself */
	readonly rowsCome: Promise<void>;
	/** puts a wrong cloth into what is shown, or takes it away; a window that follows asks for it */
	putWrong: (wrong: Wrong | null) => void = (wrong) => this.set({ wrong });

	/**
	 * @param lesson as it is written; it is told as the moment says
	 * @param own for one pair of hands alone: nothing is shown again for other hands, or slower
	 */
	constructor(lesson: Lesson, settings: SettingsHere, own = false) {
		this.written = lesson;
		this.#own = own;
		// What few lessons have comes when one has it.
		if (lesson.parts.some((part) => hasFace(part, 'points')))
			void import('$core/teaching/points').then(({ pointsOf }) => (this.#pointsOf = pointsOf));
		this.rowsCome =
			lesson.swatches.length === 0
				? Promise.resolve()
				: import('$core/teaching/rowsShown').then((rowsOf) => {
						this.#rowsOf = rowsOf;
					});
		this.#settings = settings;
	}

	readonly #telling = $derived.by(() => ({
		school: this.moment.school ?? undefined,
		terms: this.moment.voice.terms
	}));
	readonly lesson: Lesson = $derived.by(() => {
		const { minutes } = this.moment;
		const told = retold(this.written, this.#telling);
		return {
			...told,
			parts: told.parts.map((part) => ({ ...part, minutes: minutes[part.id] ?? part.minutes }))
		};
	});
	/** any other text of the lesson, in the same names and words */
	readonly told = $derived.by(() => toldIn(this.written, this.#telling));
	readonly parts = $derived(timed(this.lesson));
	readonly now = $derived(this.parts.at(this.moment.at));
	readonly repeats: readonly Repeat[] = $derived.by(() => {
		if (!this.now) return [];
		const { yarnHand } = this.#voice;
		return this.#own ? [{ yarnHand, slower: false, said: '' }] : repeatsOf(this.now.part, { yarnHand });
	});
	readonly repeat = $derived(this.repeats.at(this.moment.repeat));
	readonly #voice = $derived.by(() => ({ ...this.#settings.value, ...this.moment.voice }));
	readonly voice = $derived({ ...this.#voice, yarnHand: this.repeat?.yarnHand ?? this.#voice.yarnHand });
	readonly seen = $derived(this.now ? showingOf(this.lesson, this.now.part, this.voice) : null);
	readonly script = $derived(this.seen?.shown?.script ?? null);
	readonly rows = $derived.by(() =>
		this.now && this.#rowsOf ? this.#rowsOf.rowsShown(this.lesson, this.now.part) : null
	);
	/** the row that is on, in words, in a part that works rows one after another */
	readonly row = $derived.by(() =>
		this.rows && this.now?.part.kind !== 'count'
			? this.#rowsOf!.rowShown(this.rows, this.moment.step, this.voice)
			: null
	);
	/** what the part goes through point by point */
	readonly points = $derived.by(() =>
		this.now && this.#pointsOf ? this.#pointsOf(this.lesson, this.now.part, this.voice) : []
	);
	/** how many steps the part has in one go, the first and the last picture among them */
	readonly steps = $derived.by(() => {
		const part = this.now?.part;
		if (this.script) return this.script.told.length;
		if (part && hasFace(part, 'pair')) return stepsIn(this.lesson, part, this.voice) + 1;
		if (part && hasFace(part, 'rows')) return Math.max(1, this.rows?.steps.length ?? 1);
		return Math.max(1, this.points.length);
	});
	/** something waits to be told when it is asked for */
	readonly asks = $derived(this.now !== undefined && kindFacts(this.now.part.kind).asks);
	/** the place of the next part that is not left out; -1 behind the last */
	readonly #nextAt = $derived(
		this.parts.findIndex(({ part }, i) => i > this.moment.at && !this.isDropped(part.id))
	);
	readonly next = $derived(this.#nextAt < 0 ? undefined : this.parts[this.#nextAt]);
	readonly isFirst = $derived(this.moment.at === 0 && this.moment.step === 0 && this.moment.repeat === 0);
	readonly isLast = $derived(
		!this.next && this.moment.step >= this.steps - 1 && this.moment.repeat >= this.repeats.length - 1
	);
	/** it is to be shown again, which a class that has it already does not need */
	readonly repeatsLeft = $derived(this.moment.repeat < this.repeats.length - 1);
	/** minutes that the count goes down from, in this part; none for those that talk */
	readonly countsDown = $derived(this.now && kindFacts(this.now.part.kind).timed ? this.now.part.minutes : 0);

	/** what is asked and found about the cloth that is held up; it comes when there is one */
	readonly finding = $derived.by(() => (this.moment.wrong ? (this.#finding ?? null) : null));
	/** the wrong cloth has the place of the part: to the class as well, where it looks on */
	readonly wrongShown = $derived.by(() =>
		this.moment.wrong?.shown && this.finding?.cause ? this.finding : null
	);

	readonly wrongTitle = $derived.by(() => {
		const { wrong } = this.moment;
		const name = this.lesson.crossings.find(({ id }) => id === wrong?.crossing)?.name;
		return this.wrongShown && name ? `When ${name} goes wrong` : null;
	});

	/** A cloth that is wrong: of the crossing the part is about, else of the lesson's first. */
	wrongHere(id: string): Wrong | null {
		const crossing = this.seen?.taught.id ?? this.lesson.crossings.at(0)?.id;
		return crossing === undefined ? null : { id, crossing, trouble: NO_TROUBLE, shown: true, who: '' };
	}

	/** Brings what asks about a wrong cloth, before it is asked for. */
	readonly brings = () => import('./wrongCloth.svelte');

	/** Asks and plays slips, where a cloth is held up. */
	async findingComes(): Promise<void> {
		if (!this.moment.wrong || this.#finding) return;
		const { findingOn } = await this.brings();
		this.#finding ??= findingOn(this, this.#settings);
	}

	set(fields: Partial<Moment>): void {
		this.moment = { ...this.moment, ...fields };
	}

	isDropped = (id: string): boolean => this.moment.dropped.includes(id);

	forward(): void {
		const { step, repeat } = this.moment;
		if (this.wrongShown) this.wrongShown.go(this.wrongShown.step + 1);
		else if (this.moment.blank) this.set({ blank: false });
		else if (step < this.steps - 1) this.set({ step: step + 1 });
		else if (repeat < this.repeats.length - 1) this.set({ repeat: repeat + 1, step: 0 });
		else if (this.#nextAt >= 0) this.part(this.#nextAt);
	}

	back(): void {
		const { at, step, repeat } = this.moment;
		if (this.wrongShown) this.wrongShown.go(this.wrongShown.step - 1);
		else if (step > 0) this.set({ step: step - 1 });
		else if (repeat > 0) this.set({ repeat: repeat - 1, step: this.steps - 1 });
		else {
			this.skip(-1);
			if (this.moment.at !== at) this.set({ repeat: this.repeats.length - 1, step: this.steps - 1 });
		}
	}

	/** Goes to a part, to its beginning. */
	part(at: number): void {
		if (at < 0 || at >= this.parts.length) return;
		this.set({ at, step: 0, repeat: 0, told: false, look: 'work', countdown: null, answers: null });
	}

	/** Goes to the next part that is not left out, or the one before. */
	skip(by: 1 | -1): void {
		for (let at = this.moment.at + by; at >= 0 && at < this.parts.length; at += by)
			if (!this.isDropped(this.parts[at].part.id)) return this.part(at);
	}

	again(): void {
		this.set({ step: 0, countdown: null });
	}

	switchHand(): void {
		this.#switch({ hand: this.#voice.hand === 'right' ? 'left' : 'right' });
	}
	switchYarnHand(): void {
		this.#switch({ yarnHand: this.#voice.yarnHand === 'right' ? 'left' : 'right' });
	}
	switchTerms(): void {
		this.#switch({ terms: this.#voice.terms === 'us' ? 'uk' : 'us' });
	}

	/** The next school of names in turn; after the last, the names as they are written. */
	switchSchool(): void {
		const { school } = this.moment;
		this.set({ school: WRITTEN_SCHOOLS[school ? WRITTEN_SCHOOLS.indexOf(school) + 1 : 0] ?? null });
	}

	/** Lets the minutes run down, or stops them where they are. */
	countDown(now: number): void {
		const { countdown } = this.moment;
		if (countdown && 'until' in countdown)
			this.set({ countdown: { left: Math.max(0, countdown.until - now) } });
		else this.set({ countdown: { until: now + (countdown?.left || (this.countsDown || 5) * 60_000) } });
	}

	#switch(voice: Moment['voice']): void {
		const told = { ...this.moment.voice, ...voice };
		this.set({ voice: told });
		// Another hand may make it in other steps.
		if (this.moment.step >= this.steps) this.set({ step: this.steps - 1 });
		if (this.moment.repeat >= this.repeats.length) this.set({ repeat: this.repeats.length - 1 });
	}
}
