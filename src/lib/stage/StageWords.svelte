<script lang="ts" module>
	import { nowAt, type Now } from '$core/swatch/counter';
	import type { Stage } from './stage.svelte';

	/** Where the rows of a part have come to. */
	export function rowNow({ rows, moment, now }: Stage): Now | null {
		if (!rows || !now) return null;
		if (now.part.kind === 'count')
			return nowAt(rows.working, Math.min(now.part.row ?? Infinity, rows.working.steps.length));
		const step = rows.steps.at(moment.step);
		return step === undefined ? null : nowAt(rows.working, step);
	}
</script>

<script lang="ts">
	import { countingSaid } from '$core/swatch/counting';
	import { inWords } from '$core/naming/numbers';
	import { besideSaid } from '$core/swatch/said';
	import { getSettings } from '$lib/client/settings.svelte';
	import { lesson as lessonWords } from '$lib/words/lesson';

	/** The one sentence that matters, readable from the last row, and what comes after it. */
	let { stage }: { stage: Stage } = $props();

	const say = lessonWords(getSettings());

	const part = $derived(stage.now!.part);
	const step = $derived(stage.moment.step);
	const rows = $derived(rowNow(stage));
	const then = $derived(stage.next ? `then: ${stage.next.part.title}` : 'The last part of the lesson.');

	const after = (next: string | undefined) => (next ? `then: ${next.toLowerCase()}` : then);

	const words = $derived.by((): { big: string; row?: boolean; detail?: string; small: string } => {
		const { script, moment, wrongShown: wrong } = stage;
		if (wrong) {
			const { sentence, detail } = wrong.told[wrong.step];
			return {
				big: sentence,
				detail,
				small: after(wrong.told.at(wrong.step + 1)?.short ?? 'on with the lesson')
			};
		}
		if (stage.seen && moment.look !== 'work')
			return { big: moment.look === 'sides' ? 'Both sides of it' : 'Both leans of it', small: then };
		if (script) {
			const { sentence, detail } = script.told[step];
			return { big: sentence, detail, small: after(script.told.at(step + 1)?.short) };
		}
		const point = stage.points.at(step);
		if (point)
			return { big: point.title, detail: point.says, small: after(stage.points.at(step + 1)?.title) };
		if (stage.row) {
			const { head, words, crosses, place, of, next } = stage.row;
			return {
				big: words,
				row: true,
				detail: `${head}. ${crosses}`,
				small: `${place} of ${of} · ${after(next ?? undefined)}`
			};
		}
		if (part.kind === 'count' && rows)
			return stage.moment.told
				? { big: besideSaid(rows, null), small: then }
				: { big: 'How many rows since the last cross?', small: countingSaid(stage.lesson.medium) };
		const times = part.kind === 'practice' && part.times ? `${inWords(part.times)} times` : '';
		return { big: [say(`lesson-kind-${part.kind}`), times].filter(Boolean).join(', '), small: then };
	});
</script>

<p class="sentence {words.row ? 'row' : 'font-serif'}" data-testid="sentence">{words.big}</p>
{#if words.detail}<p class="detail" data-testid="detail">{words.detail}</p>{/if}
<p class="opacity-85 {words.detail ? 'mt-1 sm:text-lg' : 'mt-2 text-lg sm:text-2xl'}">{words.small}</p>

<style>
	.detail {
		margin-top: 0.5rem;
		max-width: 62rem;
		font-size: clamp(1rem, 1.55cqw, 1.9rem);
		line-height: 1.35;
		text-wrap: pretty;
	}
	/* a row is read word by word, from the needle and back */
	.row {
		font-family: var(--font-mono);
		text-wrap: balance;
	}
	.sentence {
		font-size: clamp(1.5rem, 3.4cqw, 5.2rem);
		line-height: 1.12;
		font-weight: 500;
	}
</style>
