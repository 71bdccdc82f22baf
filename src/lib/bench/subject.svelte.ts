import type { Crossing } from '$core/crossing/crossing';
import { turnOver } from '$core/crossing/transform';
import { readNameOrJson } from '$core/formats/name';
import { bedScriptOf } from '$core/hands/bedSentence';
import { gutterScript, playGutter, tellGutter, type GutterFrame } from '$core/hands/gutter';
import type { Moves } from '$core/hands/moves';
import type { Leg } from '$core/hands/state';
import type { Told } from '$core/hands/sentence';
import { scriptOf } from '$core/hands/steps';
import type { ShownWay } from '$core/teaching/showing';
import { widestSet } from '$core/technique/facts';
import { rowsToSlip } from '$core/technique/slipped';
import { isBed, plainOf, type Medium } from '$core/technique/medium';
import { nameOf } from '$core/naming/name';
import type { Reading } from '$core/naming/reading';
import { settledBy, type Settled } from '$core/naming/settled';
import { type Fault, unwrap } from '$core/result';
import { rulesWith } from '$core/rules';
import { bedWaysOf, type BedWay } from '$core/ways/bed';
import { longWays } from '$core/ways/found';
import { handed } from '$core/ways/handed';
import { foundWays, knownWays, ownWay, type Way } from '$core/ways/ways';
import type { OpenMemory } from '$lib/client/memory.svelte';
import { WaySearch } from './search.svelte';
import type { SettingsHere } from '$lib/client/settings.svelte';

/** A way as the page plays it: hands on needles, tools at a bed, or the gutter beside a rope. */
export type ShownScript =
	| (ShownWay & { readonly told: readonly Told[] })
	| { readonly kind: 'gutter'; readonly frames: readonly GutterFrame[]; readonly told: readonly Told[] };

/** The id under which a machine's hooked-up gutter is chosen beside the ways. */
export const GUTTER = 'gutter';

interface Standing {
	readonly input: string;
	readonly medium: Medium;
	readonly readings: readonly Reading[];
	readonly ambiguous: boolean;
	readonly settled: Settled | null;
}

/** What an address says of a subject; anything missing or odd stands for the usual. */
export interface SubjectStart {
	readonly name?: string;
	readonly medium?: Medium;
	readonly row?: 'right' | 'wrong';
	readonly way?: string;
	readonly which?: number;
	readonly hand?: 'right' | 'left';
	readonly mounts?: Leg;
	readonly own?: Moves;
}

export const FIRST_NAME = '2/2 RC';

/**
 * One crossing on the Bench: what was typed, in which medium and by which hands, what it means, and the way that is
 * played. Everything shown is derived from these; what cannot be read leaves the last good reading standing.
 */
export class Subject {
	text = $state(FIRST_NAME);
	medium = $state<Medium>('hand');
	/** the side of the row it is worked on: on a wrong side row the hands see the other face */
	row = $state<'right' | 'wrong'>('right');
	wayId = $state<string | null>(null);
	/** which reading is looked at, where it was picked here */
	picked = $state<number | null>(null);
	/** all readings are to be seen again */
	asking = $state(false);
	/** whose hands, where it is not the settings' */
	hand = $state<'right' | 'left' | null>(null);
	/** the leg in front of every stitch before the cross */
	mounts = $state<Leg>('right');
	/** a script brought in from a file */
	own = $state.raw<Moves | null>(null);
	readonly search = new WaySearch();

	#settings: SettingsHere;
	#memory: OpenMemory;
	#standing = $state.raw<Standing>()!;

	constructor(settings: SettingsHere, memory: OpenMemory, start: SubjectStart) {
		this.#settings = settings;
		this.#memory = memory;
		this.#standing = this.#stand() as Standing;
		this.text = start.name ?? FIRST_NAME;
		this.medium = start.medium ?? 'hand';
		this.row = start.row ?? 'right';
		this.hand = start.hand ?? null;
		this.picked = start.which ?? null;
		this.wayId = start.way ?? null;
		this.mounts = start.mounts ?? 'right';
		this.own = start.own ?? null;
		this.#standing = this.#stand() ?? this.#standing;
	}

	readonly answer = $derived.by(() =>
		settledBy(this.text, readNameOrJson(this.text, { medium: this.medium }), this.medium, this.#memory.names)
	);
	readonly read = $derived<Standing>(this.#stand() ?? this.#standing);
	/** several readings, and nobody has said which */
	readonly undecided = $derived(
		this.read.ambiguous && (this.asking || (this.picked === null && this.read.settled === null))
	);
	readonly which = $derived(
		Math.min(this.picked ?? this.read.settled?.which ?? 0, this.read.readings.length - 1)
	);
	readonly reading = $derived(this.read.readings[this.which]);
	readonly crossing = $derived(this.reading.crossing);
	/** as its name says it, whatever the medium */
	readonly plain = $derived(plainOf(this.crossing, this.read.medium));
	readonly name = $derived(nameOf(this.plain));
	readonly voice = $derived.by(() => ({
		...this.#settings.value,
		...(this.hand ? { hand: this.hand } : {})
	}));
	readonly rules = $derived.by(() => rulesWith(this.#settings.value.rules));
	/** as the hands play it; a bed is the same for every hand */
	readonly played = $derived(
		isBed(this.read.medium) ? this.crossing : handed(this.crossing, this.voice).played
	);
	/** as the right side of the cloth shows it */
	readonly cloth = $derived.by<Crossing>(() => {
		if (isBed(this.read.medium)) return this.crossing;
		const { cloth } = handed(this.crossing, this.voice);
		return this.row === 'wrong' ? turnOver(cloth) : cloth;
	});
	readonly #options = $derived({
		level: this.voice.level,
		yarn: this.voice.yarn,
		hand: this.voice.hand,
		keep: this.voice.keep,
		mounts: this.mounts,
		rules: this.rules
	});
	readonly #known = $derived(isBed(this.read.medium) ? [] : knownWays(this.played, this.#options));
	/** no way of this has a name, so that one has to be looked for */
	readonly needsSearch = $derived(!isBed(this.read.medium) && this.#known.length === 0);
	readonly searching = $derived.by(() => this.search.stateFor(this.played));
	readonly handWays = $derived.by<readonly Way[]>(() => {
		if (isBed(this.read.medium)) return [];
		const fits = this.own?.stitches === this.played.stitches;
		const own = this.own && fits ? ownWay(this.played, this.own, this.#options) : null;
		const found = this.search.foundFor(this.played) ?? (this.needsSearch ? longWays(this.played, 2) : []);
		return [...(own?.ok ? [own.value] : []), ...this.#known, ...foundWays(this.played, found, this.#options)];
	});
	readonly bedWays = $derived.by<readonly BedWay[]>(() => {
		const { medium } = this.read;
		if (!isBed(medium)) return [];
		const places = medium === 'loom' ? (['outside', 'inside'] as const) : (['outside'] as const);
		return places.flatMap((parked) =>
			bedWaysOf(this.crossing, medium, { parked, rules: this.rules }).map((way) => ({
				...way,
				id: (parked === 'inside' ? 'loom-park-inside' : way.id) as BedWay['id']
			}))
		);
	});
	readonly ways = $derived<readonly (Way | BedWay)[]>([...this.handWays, ...this.bedWays]);
	/** stitches that come to the cross long, because they were slipped for some rows */
	readonly long = $derived(
		this.read.medium === 'slipped' ? rowsToSlip(this.played, this.rules).stitches : []
	);
	/** rows that a machine's rope wants between crosses, and a gutter is laddered down */
	readonly plainRows = $derived(this.rules.plainRows * Math.max(1, widestSet(this.crossing)));
	readonly shown = $derived.by<ShownScript | null>(() => {
		const { medium } = this.read;
		if (isBed(medium)) {
			if (medium === 'machine' && this.wayId === GUTTER) return this.#gutter();
			const way = this.bedWays.find(({ id }) => id === this.wayId) ?? this.bedWays[0];
			if (!way) return null;
			const script = bedScriptOf(this.crossing, way.moves, medium);
			return { kind: 'bed', way, script, medium, told: script.told };
		}
		const way = this.handWays.find(({ id }) => id === this.wayId) ?? this.handWays[0];
		const mounts =
			(way.id === 'own' ? this.own?.mounts : undefined) ?? this.played.order.map(() => this.mounts);
		const script = scriptOf(this.played, way.moves, this.voice, { mounts, medium });
		return { kind: 'hand', way, script, told: script.told };
	});
	readonly last = $derived((this.shown?.told.length ?? 1) - 1);

	/** Types another name; a reading, a script and a search were for the old one. */
	retype(text: string): void {
		this.text = text;
		this.picked = null;
		this.#moved();
	}

	setMedium(medium: Medium): void {
		this.medium = medium;
		this.picked = null;
		this.#moved();
	}

	/** Looks at one of several readings. */
	pick(which: number): void {
		this.picked = which;
		this.asking = false;
		this.#forgetWays();
	}

	/** Remembers that the reading looked at is the one meant by this name. */
	remember(): void {
		this.#memory.choose({ name: this.text, medium: this.medium, crossing: this.crossing });
	}

	/** Forgets an earlier choice: all readings stand open again. */
	forget(): void {
		this.#memory.choose({ name: this.text, medium: this.medium, crossing: null });
		this.picked = null;
	}

	/** Takes up a script of one's own; or says why hands cannot play it, and leaves everything as it was. */
	bringIn(script: Moves): Fault | null {
		const way = ownWay(this.played, script, this.#options);
		if (!way.ok) return way.error;
		this.own = script;
		this.wayId = 'own';
		return null;
	}

	#moved(): void {
		this.asking = false;
		const standing = this.#stand();
		if (!standing) return;
		this.#standing = standing;
		this.#forgetWays();
	}

	#forgetWays(): void {
		this.own = null;
		this.search.reset();
	}

	#stand(): Standing | null {
		const { answer, medium } = this;
		return answer.ok ? { ...answer.value, medium } : null;
	}

	#gutter(): ShownScript {
		const moves = gutterScript(this.plainRows);
		const frames = unwrap(playGutter(this.plainRows, moves));
		return { kind: 'gutter', frames: frames, told: tellGutter(moves, this.crossing.stitches) };
	}
}
