<script lang="ts">
	import { goto } from '$app/navigation';
	import { resolve } from '$app/paths';
	import type { Lesson } from '$core/lesson/lesson';
	import { parseBrief } from '$core/formats/lesson';
	import { ratesWith } from '$core/planning/rates';
	import type { ClassRecord } from '$core/teaching/classRecord';
	import { practisedCrosses, type Practiser } from '$core/practice/classStanding';
	import { nextLesson } from '$core/teaching/next';
	import { newId } from '$lib/client/id';
	import { postJson } from '$lib/client/requests';
	import { getSettings } from '$lib/client/settings.svelte';
	import { Drafting } from '$lib/lesson/drafting.svelte';
	import DraftResult from '$lib/lesson/DraftResult.svelte';
	import { LESSONS } from '$lib/wire/lesson';

	/** The next lesson, drafted from what was left out, what was hard and what sat, with its reasons. */
	let { lesson, record, learners }: { lesson: Lesson; record: ClassRecord; learners: readonly Practiser[] } =
		$props();

	const settings = getSettings();
	const next = $derived(nextLesson(lesson, record, practisedCrosses(learners, Date.now())));
	/** names that were settled here: as they were asked, and as they are meant */
	let settled = $state.raw<Readonly<Record<string, string>>>({});
	const brief = $derived(
		parseBrief({
			...next.brief,
			crossings: (next.brief.crossings ?? []).map((name) => settled[name] ?? name)
		})
	);
	const drafting = new Drafting(
		() => brief,
		() => ratesWith(settings.value.rates)
	);

	let trouble = $state<string | null>(null);
	async function keep(event: SubmitEvent) {
		event.preventDefault();
		const draft = await drafting.one();
		if (!draft) return;
		const lessonId = newId();
		const { learners } = lesson;
		const document = { ...draft.lesson, ...(learners ? { learners } : {}) };
		trouble = await postJson(LESSONS, { lessonId, title: document.title, document });
		if (!trouble) await goto(resolve('/lessons/[id]', { id: lessonId }));
	}
</script>

<div class="grid grid-cols-1 gap-6 md:grid-cols-[1fr_1.6fr]">
	<ul class="grid content-start gap-2" aria-label="Why these crosses">
		{#each next.because as reason (reason)}<li class="border-l-4 border-accent pl-3">{reason}</li>{/each}
	</ul>
	<form onsubmit={keep}>
		<DraftResult
			{drafting}
			minutes={next.brief.minutes}
			canKeep={brief.ok}
			onsettle={(name, clear) => (settled = { ...settled, [name]: clear })}
		/>
		<p role="alert" class="mt-2 font-semibold text-error empty:hidden">{trouble ?? ''}</p>
	</form>
</div>
