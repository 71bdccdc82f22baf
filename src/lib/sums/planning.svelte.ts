import { workingOf } from '$core/fabric/fabric';
import { basisIn, type Basis } from '$core/measures/basis';
import { sideBySide } from '$core/measures/panels';
import {
	acrossOn,
	planAt,
	planOf,
	restedOn,
	thumbFor,
	upFrom,
	yieldOf,
	type Yield
} from '$core/measures/plan';
import { ownMeasure } from '$core/measures/sameRows';
import type { Piece, Wish, Yarn } from '$core/measures/schema';
import { gaugeIn } from '$core/measures/stages';
import { readPattern } from '$core/pattern/pattern';
import { movementsPerStitch, pieceMinutes } from '$core/planning/pieceHours';
import { ratesWith } from '$core/planning/rates';
import { good, mapResult, type Result } from '$core/result';
import { rulesWith } from '$core/rules';
import { gaugeOf } from '$core/swatch/measure';
import type { Swatch } from '$core/swatch/schema';
import type { PlanLearned, PlanQuestion } from '$lib/log/learned';
import type { SettingsHere } from '$lib/client/settings.svelte';

/** Which of the teacher's own pieces a plan learns from. */
export const LEARN_FROM = ['all', 'yarn', 'fibre', 'none'] as const;
export type LearnFrom = (typeof LEARN_FROM)[number];

/** What a piece is wished to be, and the plan that follows as it is changed. */
export class Planning {
	/** rows of its panels, in the order a right side row works them; one, unless panels are set side by side */
	panels = $state<string[]>([]);
	/** stitches of ground between two panels */
	between = $state(4);
	shape = $state<'flat' | 'round'>('flat');
	/** in millimetres, dry */
	widthMm = $state(400);
	heightMm = $state(400);
	gauge = $state.raw<Wish['gauge']>({ stitches: 20, rows: 28 });
	edge = $state(2);
	ground = $state(4);
	/** yarn kept over, as a share of what is knitted; as the rules of thumb have it unless it was pulled */
	spare = $state<number | null>(null);
	yarn = $state.raw<Yarn | null>(null);
	needleMm = $state<number | null>(null);
	/** the teacher's own pieces, once they are here */
	pieces = $state.raw<readonly Piece[]>([]);
	learnFrom = $state<LearnFrom>('all');
	#settings: SettingsHere;
	#drawIn: number | undefined;

	/** @param from the swatch or the piece it is planned from: its rows, and what was measured on it */
	constructor(
		settings: SettingsHere,
		from: { readonly swatch: Pick<Swatch, 'text' | 'gauge' | 'drawIn'> } | { readonly piece: Piece }
	) {
		this.#settings = settings;
		if ('piece' in from) {
			const { swatch, yarn, needleMm } = from.piece;
			this.panels = [swatch];
			this.gauge = gaugeIn(from.piece) ?? gaugeOf({});
			this.yarn = yarn;
			this.needleMm = needleMm;
		} else {
			this.panels = [from.swatch.text];
			this.gauge = gaugeOf(from.swatch);
			this.#drawIn = from.swatch.drawIn;
		}
	}

	readonly #rates = $derived.by(() => ratesWith(this.#settings.value.rates));
	/** what decides how it comes out, whatever its size */
	readonly #known = $derived.by(() => ({
		gauge: this.gauge,
		...(this.yarn ? { yarn: this.yarn } : {})
	}));
	readonly rules = $derived.by(() => rulesWith(this.#settings.value.rules));
	/** the rows that are repeated: those of the one panel, or of all side by side */
	readonly text: Result<string> = $derived.by(() =>
		this.panels.length === 1
			? good(this.panels[0])
			: sideBySide(this.panels, this.between, this.shape === 'round')
	);
	readonly working = $derived.by(() => (this.text.ok ? workingOf(readPattern(this.text.value)) : this.text));
	readonly basis = $derived.by(() =>
		mapResult(this.working, (working) => ({
			...basisIn(working, this.shape === 'round'),
			drawIn: this.panels.length === 1 ? this.#drawIn : undefined
		}))
	);
	/** the pieces that are learned from */
	readonly learned = $derived.by(() => this.piecesFor(this.learnFrom));
	readonly wish = $derived.by((): Wish => ({
		swatch: this.text.ok ? this.text.value : '',
		gauge: this.gauge,
		wish: { widthMm: this.widthMm, heightMm: this.heightMm, shape: this.shape },
		edge: this.edge,
		ground: this.ground,
		spare: this.spare ?? this.rules.spareYarn / 100,
		...(this.yarn ? { yarn: this.yarn } : {})
	}));
	/** what is asked of the pieces; `null` where none says anything, or there is nothing to plan */
	readonly question = $derived.by((): PlanQuestion | null => {
		const { learned: pieces, basis } = this;
		if (pieces.length === 0 || !basis.ok) return null;
		const ruleMinutes = (this.#rates.stitch[this.#settings.value.level] * 100) / 60;
		return { pieces, thumb: thumbFor(this.#known, basis.value, this.rules), ruleMinutes };
	});
	/** what the pieces answered last: the rules of thumb hold until they have */
	answered = $state.raw<PlanLearned | null>(null);
	/** how it comes out, whatever its size */
	readonly yielded = $derived.by(() => {
		const { answered } = this;
		return mapResult(this.basis, (basis) =>
			this.#measured(
				basis,
				answered
					? yieldOf(this.#known, basis, this.rules, () => answered.learned)
					: yieldOf(this.#known, basis, this.rules)
			)
		);
	});
	readonly plan = $derived.by((): Result<Planned> => {
		if (!this.basis.ok) return this.basis;
		if (!this.yielded.ok) return this.yielded;
		return planOf(this.wish, this.basis.value, this.yielded.value, this.rules);
	});
	/** whether anything crosses in its rows */
	readonly crosses = $derived(this.basis.ok && this.basis.value.crossed.ever > 0);
	readonly #movements = $derived.by(() =>
		this.working.ok ? movementsPerStitch(this.working.value, this.#settings.value.level) : 0
	);

	/** Rests on what pieces of these very rows measured; only says so where the plan is to learn from none. */
	#measured(basis: Basis, yielded: Yield): Yield {
		const like = { swatch: this.wish.swatch, yarn: this.yarn ?? undefined, needleMm: this.needleMm };
		const own = ownMeasure(this.pieces, like, basis, yielded.washed);
		return restedOn(yielded, own && { ...own, alike: own.alike && this.learnFrom !== 'none' });
	}

	/** The teacher's pieces that are like the one to be. */
	piecesFor(like: LearnFrom): readonly Piece[] {
		const { yarn } = this;
		if (like === 'none') return [];
		if (like === 'all' || !yarn) return this.pieces;
		const same = (one: string, other: string) => one.trim().toLowerCase() === other.trim().toLowerCase();
		const field = like === 'yarn' ? 'name' : 'fibre';
		return this.pieces.filter((piece) => same(piece.yarn[field], yarn[field]));
	}

	/** How long it takes to knit, in minutes: by the pieces that were timed, else by rates. */
	minutesOf({ castOn, rows, stitches }: Planned): { readonly minutes: number; readonly byPieces: number } {
		const { level } = this.#settings.value;
		const time = this.answered?.time;
		if (time && !time.rule) return { minutes: (castOn * rows * time.value) / 100, byPieces: time.pieces };
		return {
			minutes: pieceMinutes({ castOn, rows, stitches }, this.#movements, level, this.#rates),
			byPieces: 0
		};
	}

	/** Wishes the width that a needle so long allows; or says why none does. */
	asWideAs(needleMm: number): string | null {
		const { basis, yielded } = this;
		if (!basis.ok) return basis.error.message;
		if (!yielded.ok) return yielded.error.message;
		const across = acrossOn(needleMm, this.wish, basis.value, yielded.value);
		if (across < 1) return 'Not even one repeat lies on a needle so short.';
		const { dry } = planAt(this.wish, basis.value, yielded.value, { across, up: 1 }, this.rules);
		this.widthMm = dry.widthMm;
		return null;
	}

	/** Wishes the height that so many grams are enough for, at the width there is; or says why they are not. */
	asHighAs(grams: number): string | null {
		const { basis, plan, yielded } = this;
		if (!basis.ok) return basis.error.message;
		if (!yielded.ok) return yielded.error.message;
		if (!plan.ok) return plan.error.message;
		const across = plan.value.repeatsAcross;
		const up = upFrom(grams, this.wish, basis.value, yielded.value, across, this.rules);
		if (up < 1) return `${grams} g are not enough for one repeat at this width.`;
		this.heightMm = planAt(this.wish, basis.value, yielded.value, { across, up }, this.rules).dry.heightMm;
		return null;
	}
}

export type Planned = Extract<ReturnType<typeof planOf>, { ok: true }>['value'];
