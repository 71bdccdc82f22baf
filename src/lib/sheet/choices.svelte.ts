import { keptInBrowser } from '$lib/client/storage';
import * as z from 'zod/mini';
import { MOST_VARIANTS } from '$core/handout/asked';
import { handoutOptionsShape, sheetOf, type HandoutOptions } from '$core/handout/options';
import { kindFacts } from '$core/lesson/kinds';
import type { Lesson } from '$core/lesson/lesson';

/** Other sheets that are made in the same go. */
export const VARIANTS = [
	{ id: 'left-fabric', says: 'left-handed, the same fabric', options: { hand: 'left', keep: 'fabric' } },
	{ id: 'left-words', says: 'left-handed, the same words', options: { hand: 'left', keep: 'words' } },
	{ id: 'yarn', says: 'yarn in the other hand', options: null },
	{ id: 'terms', says: 'UK words', options: null },
	{ id: 'school', says: 'another naming style (C4F instead of 2/2 LC)', options: null },
	{ id: 'large', says: 'large print', options: { large: true } }
] as const satisfies readonly { id: string; says: string; options: HandoutOptions | null }[];
export type VariantId = (typeof VARIANTS)[number]['id'];

/** What is remembered of a sheet in this browser. */
const keptShape = z.object({
	options: handoutOptionsShape,
	order: z.array(z.string()),
	home: z.array(z.string()),
	variants: z.array(z.string()),
	learners: z.string()
});

/** What a teacher chose for the sheet of a lesson; this browser remembers it. */
export class SheetChoices {
	readonly #lesson: Lesson;
	readonly #key: string;
	options = $state.raw<HandoutOptions>({});
	/** every part, in the order of the sheet; and those that go home */
	order = $state.raw<readonly string[]>([]);
	home = $state.raw<readonly string[]>([]);
	variants = $state.raw<readonly VariantId[]>([]);
	/** one a line */
	learners = $state('');

	constructor(id: string, lesson: Lesson, usual: HandoutOptions) {
		this.#key = `pond-loop:sheet:${id}`;
		this.#lesson = lesson;
		this.options = usual;
		this.order = lesson.parts.map((part) => part.id);
		this.home = lesson.parts.filter(({ kind }) => kindFacts(kind).home).map((part) => part.id);
	}

	readonly parts = $derived.by(() =>
		this.order.flatMap((id) => this.#lesson.parts.find((part) => part.id === id) ?? [])
	);
	/** the sheet that is looked at */
	readonly chosen: HandoutOptions = $derived({
		...this.options,
		parts: this.order.filter((id) => this.home.includes(id))
	});
	readonly names = $derived(
		this.learners
			.split('\n')
			.map((name) => name.trim().slice(0, 80))
			.filter(Boolean)
	);
	/** all sheets of one go: one for each learner, or this one where nobody is named, and its variants */
	readonly all: readonly HandoutOptions[] = $derived.by(() => {
		const others = this.variants.map((id): HandoutOptions => ({ ...this.chosen, ...this.#variant(id) }));
		const each = this.names.map((learner): HandoutOptions => ({ ...this.chosen, learner }));
		return [...(each.length > 0 ? each : [this.chosen]), ...others].slice(0, MOST_VARIANTS);
	});
	/** one for each of those on the class list, in her hands, words and print */
	readonly ofClass: readonly HandoutOptions[] = $derived.by(() =>
		(this.#lesson.learners ?? []).slice(0, MOST_VARIANTS).map((learner) => sheetOf(learner, this.chosen))
	);

	/** Takes up what was chosen before. Call in the browser. */
	recall(): void {
		try {
			const kept = z.safeParse(keptShape, JSON.parse(localStorage.getItem(this.#key) ?? 'null'));
			if (!kept.success) return;
			const { options, order, home, variants, learners } = kept.data;
			const fresh = this.order.filter((id) => !order.includes(id));
			this.options = { ...options, locale: this.options.locale };
			this.home = [...home, ...this.home.filter((id) => fresh.includes(id))];
			this.order = [...order.filter((id) => this.order.includes(id)), ...fresh];
			this.variants = VARIANTS.map(({ id }) => id).filter((id) => variants.includes(id));
			this.learners = learners;
		} catch {
			localStorage.removeItem(this.#key);
		}
	}

	remember(): void {
		const { options, order, home, variants, learners } = this;
		keptInBrowser(this.#key, JSON.stringify({ options, order, home, variants, learners }));
	}

	set(options: HandoutOptions): void {
		this.options = { ...this.options, ...options };
	}

	toggle(id: string): void {
		this.home = this.home.includes(id) ? this.home.filter((one) => one !== id) : [...this.home, id];
	}

	move(id: string, by: 1 | -1): void {
		const at = this.order.indexOf(id);
		const to = at + by;
		if (to < 0 || to >= this.order.length) return;
		this.order = this.order.with(at, this.order[to]).with(to, id);
	}

	toggleVariant(id: VariantId): void {
		this.variants = this.variants.includes(id)
			? this.variants.filter((one) => one !== id)
			: [...this.variants, id];
	}

	/** What a variant is, beside the sheet that is looked at. */
	variantSaid(id: VariantId): string {
		const { terms, school } = this.#variant(id);
		if (id === 'terms' && terms === 'us') return 'US words';
		if (id === 'school' && school === 'over') return 'another naming style (2/2 LC instead of C4F)';
		return VARIANTS.find((one) => one.id === id)!.says;
	}

	#variant(id: VariantId): HandoutOptions {
		const { yarnHand, terms, school } = this.options;
		if (id === 'yarn') return { yarnHand: yarnHand === 'left' ? 'right' : 'left' };
		if (id === 'school')
			return { school: (school ?? this.#lesson.names?.school) === 'hold' ? 'over' : 'hold' };
		if (id === 'terms') return { terms: (terms ?? this.#lesson.names?.terms) === 'uk' ? 'us' : 'uk' };
		return VARIANTS.find((one) => one.id === id)!.options ?? {};
	}
}
