import { keptInBrowser } from '$lib/client/storage';
import type { MendState } from '$core/faults/mending';
import type { Answer, Grade } from '$core/practice/exercise';
import type { Practised } from '$core/practice/schedule';
import { newId } from '$lib/client/id';
import { outbox } from '$lib/client/outbox.svelte';
import type { SettingsHere } from '$lib/client/settings.svelte';
import { practisedAt, type PracticePage } from '$lib/wire/practice';
import { practiceErrand, type Asked, type PracticeAnswer } from './practiceErrand';

/** What an evening takes, about; then it is enough. */
const EVENING_MS = 5 * 60_000;
/** Answers that are kept on the phone, so that it knows what sits without a server. */
const MOST_KEPT = 2_000;

/** An evening of exercises: what is asked now, how the answer was, and what is left. */
export class Practising {
	/** everything that was answered, here and elsewhere, as far as this phone knows */
	practised = $state.raw<readonly Practised[]>([]);
	evening = $state.raw<Extract<PracticeAnswer, { is: 'evening' }> | null>(null);
	/** exercises that are still to be asked; the first is on */
	left = $state.raw<readonly Asked[]>([]);
	grade = $state.raw<Grade | null>(null);
	/** the cloth of a slip that was named wrongly */
	slipped = $state.raw<MendState | null>(null);
	/** what was answered and cannot be graded: what it should have been */
	trouble = $state<string | null>(null);
	/** answered so far this evening, and how many of them right */
	done = $state(0);
	right = $state(0);
	/** it was begun */
	on = $state(false);
	#began = 0;
	/** exercises that come again because they went wrong: they say nothing of memory any more */
	#again: readonly Asked[] = [];
	readonly #errand = practiceErrand();
	readonly #key: string;

	constructor(
		private readonly page: PracticePage,
		private readonly settings: SettingsHere
	) {
		this.#key = `pond-loop:practised:${page.learner}`;
		this.practised = page.practised;
	}

	readonly now = $derived(this.left.at(0) ?? null);
	readonly isOver = $derived(this.on && this.now === null);
	readonly isBusy = $derived(this.#errand.busy);

	/** Takes up what is on its way, and what this phone answered before. Call in the browser. */
	recall(): void {
		outbox.open(`learner-${this.page.learner}`);
		const waiting = outbox
			.waiting(practisedAt(this.page.link))
			.map(({ body }) => body.practised as Practised);
		let here: Practised[] = [];
		try {
			here = JSON.parse(localStorage.getItem(this.#key) ?? '[]') as Practised[];
		} catch {
			localStorage.removeItem(this.#key);
		}
		this.#keep([...this.page.practised, ...here, ...waiting]);
	}

	/** Finds out what is to be asked. */
	async plan(now: number): Promise<void> {
		const { about } = this.page;
		const answer = await this.#errand.ask({
			...{ is: 'evening', set: about, now },
			// No reactive values go to another thread.
			...{
				practised: $state.snapshot(this.practised) as Practised[],
				voice: $state.snapshot(this.settings.value)
			},
			seed: Math.floor(now / 1_000) % 2 ** 30
		});
		if (answer?.is === 'evening') this.evening = answer;
	}

	begin(now: number): void {
		this.left = this.evening?.asked ?? [];
		this.#again = [];
		this.#began = now;
		this.done = this.right = 0;
		this.on = true;
	}

	/** Grades an answer by playing it, and keeps how it was. */
	async answer(answer: Answer, now: number): Promise<void> {
		const asked = this.now;
		if (!asked || this.grade) return;
		const { exercise } = asked;
		const graded = await this.#errand.ask({
			...{ is: 'grade', exercise: $state.snapshot(exercise) as typeof exercise },
			answer: $state.snapshot(answer) as Answer
		});
		if (graded?.is !== 'grade') return;
		if (!graded.grade.ok) return void (this.trouble = graded.grade.error.message);
		this.trouble = null;
		this.grade = graded.grade.value;
		this.slipped = graded.slipped;
		const { right, slip } = this.grade;
		if (this.#again.includes(asked)) return;
		this.done++;
		if (right) this.right++;
		const { of, kind } = exercise;
		const practised: Practised = {
			...{ of, kind, medium: this.page.about.medium, right, at: Math.round(now) },
			...(slip ? { slip } : {})
		};
		this.#keep([...this.practised, practised]);
		outbox.post(practisedAt(this.page.link), { id: newId(), practised });
	}

	/** On to the next; what was wrong comes once more at the end, and after five minutes it is enough. */
	next(now: number): void {
		const asked = this.now;
		if (!asked) return;
		const [, ...rest] = this.left;
		const again = this.grade && !this.grade.right && !this.#again.includes(asked) ? [asked] : [];
		this.#again = [...this.#again, ...again];
		const enough = now - this.#began >= EVENING_MS;
		this.grade = null;
		this.left = enough ? [] : [...rest, ...again];
		if (this.left.length === 0) void this.plan(now);
	}

	stop(): void {
		this.#errand.stop();
	}

	/** Keeps answers, each once, in the order they were given. */
	#keep(practised: readonly Practised[]): void {
		const same = (one: Practised, other: Practised) =>
			one.at === other.at && one.kind === other.kind && one.of === other.of;
		this.practised = [...practised]
			.sort((a, b) => a.at - b.at)
			// Answered at the same moment, they lie side by side.
			.filter((one, i, all) => !all.slice(Math.max(0, i - 4), i).some((other) => same(one, other)))
			.slice(-MOST_KEPT);
		keptInBrowser(this.#key, JSON.stringify(this.practised));
	}
}
