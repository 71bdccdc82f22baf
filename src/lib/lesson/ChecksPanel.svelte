<script lang="ts">
	import { resolve } from '$app/paths';
	import { swatchesOf } from '$core/planning/about';
	import type { Checked, LessonProblem } from '$core/planning/check';
	import { lessonMends } from '$core/planning/mend';
	import type { LessonMend } from '$core/planning/lessonMend';
	import { newId } from '$lib/client/id';
	import type { OpenLesson } from './openLesson.svelte';
	import Icon from '$lib/ui/Icon.svelte';

	/** What is wrong with the lesson, each with its mend to press; or, when nothing is, what was looked at. */
	let {
		open,
		checked,
		onchoose,
		onagain
	}: {
		open: OpenLesson;
		checked: Checked;
		onchoose: (id: string) => void;
		/** drafts the lesson again around what was changed */
		onagain: () => void;
	} = $props();

	const LOOKED_AT = [
		'It fits the class.',
		'Every cross is shown before it is practised, counted or mended.',
		'Every cross is practised, and asked about.',
		'No way is beyond the level, the yarn or the needles there are.',
		'Names are in one notation.',
		'All that is needed is on the list.',
		'No half hour goes by without a rest.',
		'Swatches can be knitted, and nothing points to what is not there.',
		'No title, text or homework speaks of a cross that is not taught.',
		'What texts, questions and sayings claim of a cross is so.',
		'Every name says one thing, and nothing is in the words of another technique.',
		'The class is filled, or it is said what there is more to do.'
	];
	const titleOf = (id: string) => open.lesson.parts.find((part) => part.id === id)?.title ?? '';

	/** What mends rows that come from a swatch is done there: the lesson follows it. */
	const mends = (problem: LessonProblem) =>
		lessonMends(open.lesson, checked, problem, newId()).filter(({ changes }) =>
			changes.every((change) => open.takes(change))
		);
	const sourceOf = ({ code, part }: LessonProblem): string | undefined => {
		const about = open.lesson.parts.find(({ id }) => id === part);
		const ids = about ? swatchesOf(about) : open.lesson.swatches.map(({ id }) => id);
		return code === 'swatch' ? ids.find((id) => open.follows(id)) : undefined;
	};

	function mend({ says, changes }: LessonMend) {
		for (const [i, change] of changes.entries())
			open.change(change, i === changes.length - 1 ? { said: `${says}: done.` } : {});
	}
</script>

<section aria-label="Checks" data-testid="checks">
	<h2 class="mb-1.5 text-xl">{checked.problems.length === 0 ? 'All clear' : 'To look at'}</h2>
	{#if checked.problems.length === 0}
		<ul class="grid gap-1.5">
			{#each LOOKED_AT as line (line)}
				<li class="flex gap-2 leading-snug">
					<Icon name="check" size={18} class="mt-0.5 shrink-0 text-success" />{line}
				</li>
			{/each}
		</ul>
	{:else}
		<ul class="divide-y divide-hairline">
			{#each checked.problems as problem, i (`${problem.code} ${problem.part} ${i}`)}
				<li class="grid gap-1.5 py-3 leading-snug">
					<p class={problem.severity === 'error' ? 'font-semibold text-error' : ''}>{problem.message}</p>
					<p class="flex flex-wrap gap-x-4 gap-y-1">
						{#if problem.code === 'over-time'}
							<button
								type="button"
								class="min-h-8 text-left font-semibold underline underline-offset-3"
								onclick={onagain}>Draft again for {open.lesson.minutes} minutes</button
							>
						{/if}
						{#each mends(problem) as one, i (`${i} ${one.says}`)}
							<button
								type="button"
								class="min-h-8 text-left font-semibold underline underline-offset-3"
								onclick={() => mend(one)}>{one.says}</button
							>
						{/each}
						{#if sourceOf(problem)}
							<a
								class="min-h-8 content-center font-semibold underline underline-offset-3"
								href={resolve('/swatches/[id]', { id: sourceOf(problem)! })}>Mend it in the swatch</a
							>
						{/if}
						{#if problem.part && titleOf(problem.part)}
							<button
								type="button"
								class="min-h-8 text-left underline underline-offset-3"
								onclick={() => onchoose(problem.part!)}>Go to the part</button
							>
						{/if}
					</p>
				</li>
			{/each}
		</ul>
	{/if}
</section>
