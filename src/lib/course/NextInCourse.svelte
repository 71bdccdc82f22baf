<script lang="ts">
	import { parseBrief } from '$core/formats/lesson';
	import type { Lesson } from '$core/lesson/lesson';
	import type { CourseLesson, NextInCourse } from '$core/planning/course';
	import { ratesWith } from '$core/planning/rates';
	import { getSettings } from '$lib/client/settings.svelte';
	import { Drafting } from '$lib/lesson/drafting.svelte';
	import DraftResult from '$lib/lesson/DraftResult.svelte';

	/** The next lesson of a course, drafted for the same class as the last one, with the reason for its crosses. */
	let {
		next,
		like,
		onkeep
	}: { next: NextInCourse; like: CourseLesson; onkeep: (lesson: Lesson) => Promise<void> } = $props();

	const settings = getSettings();
	/** names that were settled here: as they were asked, and as they are meant */
	let settled = $state.raw<Readonly<Record<string, string>>>({});
	const brief = $derived(
		parseBrief({
			crossings: next.crossings.map((name) => settled[name] ?? name),
			known: next.known.slice(0, 24),
			level: like.level,
			medium: like.medium,
			minutes: Math.max(30, like.minutes),
			rules: settings.value.rules,
			...(settings.value.terms === 'uk' ? { names: { terms: 'uk' } } : {})
		})
	);
	const drafting = new Drafting(
		() => brief,
		() => ratesWith(settings.value.rates)
	);

	async function keep(event: SubmitEvent) {
		event.preventDefault();
		const draft = await drafting.one();
		if (draft) await onkeep(draft.lesson);
	}
</script>

<p class="mb-4 border-l-4 border-accent pl-3">{next.because}</p>
<form onsubmit={keep}>
	<DraftResult
		{drafting}
		minutes={Math.max(30, like.minutes)}
		canKeep={brief.ok}
		onsettle={(name, clear) => (settled = { ...settled, [name]: clear })}
	/>
</form>
