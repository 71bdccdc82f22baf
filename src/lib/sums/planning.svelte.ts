import { basisOf } from '$core/measures/basis';
import { acrossOn, planAt, planOf, upFrom, yieldOf } from '$core/measures/plan';
import type { Wish, Yarn } from '$core/measures/schema';
import { mapResult, type Result } from '$core/result';
import { rulesWith } from '$core/rules';
import { gaugeOf, type Gauge } from '$core/swatch/measure';
import type { Swatch } from '$core/swatch/schema';
import type { OpenSettings } from '$lib/client/settings.svelte';

/** What a piece is wished to be, and the plan that follows as it is changed. */
export class Planning {
	text = $state('');
	shape = $state<'flat' | 'round'>('flat');
	/** in millimetres, dry */
	widthMm = $state(400);
	heightMm = $state(400);
	gauge = $state.raw<Gauge>({ stitches: 20, rows: 28 });
	edge = $state(2);
	ground = $state(4);
	yarn = $state.raw<Yarn | null>(null);
	#settings: OpenSettings;
	#drawIn: number | undefined;

	/** @param from the swatch it is planned from: its rows, and what was measured on it */
	constructor(settings: OpenSettings, from: Pick<Swatch, 'text' | 'gauge' | 'drawIn'>) {
		this.#settings = settings;
		this.text = from.text;
		this.gauge = gaugeOf(from);
		this.#drawIn = from.drawIn;
	}

	readonly rules = $derived.by(() => rulesWith(this.#settings.value.rules));
	readonly basis = $derived.by(() =>
		mapResult(basisOf(this.text, this.shape === 'round'), (basis) => ({ ...basis, drawIn: this.#drawIn }))
	);
	readonly wish = $derived.by((): Wish => ({
		swatch: this.text,
		gauge: this.gauge,
		wish: { widthMm: this.widthMm, heightMm: this.heightMm, shape: this.shape },
		edge: this.edge,
		ground: this.ground,
		...(this.yarn ? { yarn: this.yarn } : {})
	}));
	readonly plan = $derived.by((): Result<Planned> =>
		this.basis.ok ? planOf(this.wish, this.basis.value, this.rules) : this.basis
	);

	/** Wishes the width that a needle so long allows; or says why none does. */
	asWideAs(needleMm: number): string | null {
		if (!this.basis.ok) return this.basis.error.message;
		const yielded = yieldOf(this.wish, this.basis.value, this.rules);
		const across = acrossOn(needleMm, this.wish, this.basis.value, yielded);
		if (across < 1) return 'Not even one repeat lies on a needle so short.';
		const { dry } = planAt(this.wish, this.basis.value, yielded, { across, up: 1 }, this.rules);
		this.widthMm = dry.widthMm;
		return null;
	}

	/** Wishes the height that so many grams are enough for, at the width there is; or says why they are not. */
	asHighAs(grams: number): string | null {
		const { basis, plan } = this;
		if (!basis.ok) return basis.error.message;
		if (!plan.ok) return plan.error.message;
		const yielded = yieldOf(this.wish, basis.value, this.rules);
		const up = upFrom(grams, this.wish, basis.value, yielded, plan.value.repeatsAcross, this.rules);
		if (up < 1) return `${grams} g are not enough for one repeat at this width.`;
		const repeats = { across: plan.value.repeatsAcross, up };
		this.heightMm = planAt(this.wish, basis.value, yielded, repeats, this.rules).dry.heightMm;
		return null;
	}
}

export type Planned = Extract<ReturnType<typeof planOf>, { ok: true }>['value'];
