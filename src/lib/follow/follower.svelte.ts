import { answeredAcross } from '$core/lesson/answers';
import { stepBeside } from '$core/teaching/beside';
import { showingOf } from '$core/teaching/showing';
import type { Says } from '$core/teaching/room';
import { listenTo } from '$lib/client/events';
import { Latest } from '$lib/client/latest';
import { getJson, postJson } from '$lib/client/requests';
import { FIRST_MOMENT } from '$lib/stage/moment';
import { Stage } from '$lib/stage/stage.svelte';
import {
	answersAt,
	classNowShape,
	followedAt,
	followedEventsAt,
	type ClassNow,
	type FollowerSays,
	type FollowPage
} from '$lib/wire/follow';
import type { OwnHands } from './ownHands.svelte';

/** Where somebody is who went on or back by herself. */
interface Place {
	readonly at: number;
	readonly step: number;
}

/** So many refusals one after another, and a class has no room for this phone. */
const FULL_AFTER = 4;

/**
 * A phone that follows a class: what the stage shows, in one's own hands; or where its owner went by herself. Once the class
 * is over it walks through the lesson by itself.
 */
export class Follower {
	readonly stage: Stage;
	/** how the class stands, as far as this phone has heard */
	now = $state.raw<ClassNow>()!;
	/** the server does not answer: what is shown stays */
	away = $state(false);
	/** the address was closed by the teacher; what is here stays until the page is left */
	closed = $state(false);
	/** more phones follow than there is room for */
	full = $state(false);
	/** what was said with one press, and of which moment */
	#said = $state.raw<{ readonly says: Says; readonly n: number; readonly part: string } | null>(null);
	/** it went elsewhere by itself */
	elsewhere = $state(false);
	/** answers that were sent, by their part */
	answers: Readonly<Record<string, string>> = $state.raw({});
	/** refusals one after another, while the class is on */
	#refusals = 0;
	#says: Latest<FollowerSays>;

	constructor(
		private readonly page: FollowPage,
		private readonly hands: OwnHands
	) {
		this.stage = new Stage(page.lesson, hands, true);
		this.now = page.now;
		this.full = page.now.full ?? false;
		this.#says = new Latest(followedAt(page.code));
		this.elsewhere = !this.follows;
		if (this.follows) this.show();
	}

	/** the class is on, and this phone hears of it */
	readonly follows = $derived.by(() => !this.now.ended && !this.closed && !this.full);
	/** it shows what the class is shown */
	readonly isWithClass = $derived.by(() => this.follows && !this.elsewhere);
	/** the teacher wants eyes on herself */
	readonly looksUp = $derived.by(() => this.isWithClass && this.now.moment.blank);
	/** the cross of a cloth that the class looks at because it went wrong */
	readonly wrong = $derived.by(() => (this.isWithClass ? this.now.moment.wrong : null));
	/** what is said of the moment that is on: to have a step is said of that step alone, the rest until the next part */
	readonly says: Says | null = $derived.by(() => {
		const said = this.#said;
		if (!said || said.part !== this.now.moment.part) return null;
		return said.says === 'has' && said.n !== this.now.n ? null : said.says;
	});

	/** Where the class is, in one's own hands. */
	#classPlace(): Place {
		const { part: id, step, voice } = this.now.moment;
		const at = Math.max(
			0,
			this.page.lesson.parts.findIndex((part) => part.id === id)
		);
		const part = this.page.lesson.parts.at(at);
		if (part?.kind !== 'show') return { at, step };
		const { value } = this.hands;
		const [theirs, own] = [{ ...value, ...voice }, value].map(
			(one) => showingOf(this.page.lesson, part, one)?.shown ?? null
		);
		return { at, step: stepBeside(theirs, own, step) };
	}

	/** Shows what the class is shown, or keeps what its owner looks at. Call whenever hands or words change. */
	show(): void {
		const { terms } = this.hands.value;
		const { school, look, told } = this.now.moment;
		if (this.elsewhere) this.stage.set({ voice: { terms }, school: this.follows ? school : null });
		else this.stage.moment = { ...FIRST_MOMENT, ...this.#classPlace(), voice: { terms }, school, look, told };
		const last = this.stage.steps - 1;
		if (this.stage.moment.step > last) this.stage.set({ step: last });
	}

	/** Listens to the class. Call in the browser; returns how to stop. */
	listen(): () => void {
		// Rows are worked by what comes after the page: which of them is on is known then.
		void this.stage.rowsCome.then(() => this.show());
		if (!this.follows) return () => {};
		return listenTo(followedEventsAt(this.page.code), {
			onevent: (event) => {
				this.#refusals = 0;
				const now = classNowShape.safeParse(event);
				if (now.success) this.hear(now.data);
				else this.#close();
			},
			onaway: (away) => {
				this.away = away;
				if (away || !this.full) return;
				// There was no room for a moment, and now there is: back to the class.
				this.full = false;
				this.elsewhere = false;
				this.show();
			},
			onrefused: () => this.#refused()
		});
	}

	/** Takes in how the class stands now; what is older than what is here is no news. */
	hear(now: ClassNow): void {
		if (now.n < this.now.n) return;
		const began = now.moment.part !== this.now.moment.part;
		this.now = now;
		if (now.ended) this.elsewhere = true;
		if (began && this.#said?.says !== 'has') this.#said = null;
		if (!this.elsewhere) this.show();
	}

	/** Finds out why nothing is to be heard; false where there never will be. */
	async #refused(): Promise<boolean> {
		const now = await getJson(followedAt(this.page.code), classNowShape);
		if (now.ok) {
			this.hear(now.value);
			this.away = false;
			if (now.value.ended) return false;
			// One busy answer says nothing: only a class that stays full is walked through by oneself meanwhile.
			if (++this.#refusals >= FULL_AFTER && !this.elsewhere) {
				this.full = true;
				this.elsewhere = true;
			}
			return true;
		}
		if (now.error.code === 'away') return true;
		// The class is over, and forgot its phones; or its address was closed.
		this.#close();
		return false;
	}

	/** The address is closed: what this phone kept of the lesson goes, once the server says so itself. */
	#close(): void {
		this.closed = true;
		this.elsewhere = true;
		this.away = false;
		void fetch(location.pathname).catch(() => undefined);
	}

	forward(): void {
		if (!this.elsewhere) return;
		this.stage.forward();
		if (this.follows && !this.#isBefore(this.#classPlace())) this.rejoin();
		else this.#tell();
	}

	back(): void {
		const place = this.stage.moment;
		this.stage.back();
		if (this.stage.moment === place) return;
		this.elsewhere = true;
		this.#tell();
	}

	/** Goes to the beginning of a part. */
	go(at: number): void {
		this.elsewhere = true;
		this.stage.part(at);
		this.#tell();
	}

	/** Back to where the class is. */
	rejoin(): void {
		this.elsewhere = false;
		this.show();
		this.#tell();
	}

	#isBefore({ at, step }: Place): boolean {
		const { moment } = this.stage;
		return moment.at < at || (moment.at === at && moment.step < step);
	}

	/** Says something with one press; once more takes it back. */
	say(says: Says): void {
		const { n, moment } = this.now;
		this.#said = this.says === says ? null : { says, n, part: moment.part };
		this.#tell();
	}

	/** Tells the class what this phone says and where it is; nothing of who it is, but for a name that its owner wrote. */
	#tell(): void {
		if (!this.follows) return;
		const { n, moment } = this.now;
		const here = this.stage.now?.part.id;
		const away = this.elsewhere && here ? { part: here, step: this.stage.moment.step } : null;
		const said = this.says ? this.#said : null;
		this.#says.post({
			...{ says: said?.says ?? null, n: said?.n ?? n, part: moment.part },
			...{ away, name: this.hands.name }
		});
	}

	/** Sends an answer; gives back what went wrong in words for the page, or `null`. */
	async answer(part: string, answer: string): Promise<string | null> {
		const { lesson } = this.page;
		const asked = lesson.parts.find(({ id }) => id === part);
		// The class is counted together: positions go as most count them.
		const told = asked ? answeredAcross(lesson, asked, answer, this.hands.value) : answer;
		const trouble = await postJson(answersAt(this.page.code), { part, answer: told });
		if (!trouble) this.answers = { ...this.answers, [part]: answer };
		return trouble;
	}
}
