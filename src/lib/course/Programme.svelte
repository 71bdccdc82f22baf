<script lang="ts">
	import { resolve } from '$app/paths';
	import { counted } from '$core/naming/numbers';
	import { courseView, knownCrossings, type CourseLesson } from '$core/planning/course';
	import ClothPicture from '$lib/drawing/ClothPicture.svelte';
	import { getSettings } from '$lib/client/settings.svelte';
	import Icon from '$lib/ui/Icon.svelte';
	import { daySaid, startSaid } from '$lib/ui/locale';
	import { useKeys } from '$lib/ui/keys.svelte';
	import type { KeptCourse } from '$lib/wire/course';

	/** What a course offers, on a page to print or hang up: when, where, what each evening teaches. */
	let { data }: { data: KeptCourse & { readonly lessons: readonly CourseLesson[]; readonly by: string } } =
		$props();

	const settings = getSettings();
	const course = $derived(data.course);
	const { steps } = $derived(courseView(data.lessons, knownCrossings(course.known)));

	useKeys([{ key: 'p', cap: 'P', says: 'print the programme', run: () => window.print() }]);
</script>

<svelte:head><title>{course.title}: programme · Pond Loop</title></svelte:head>

<div class="mx-auto max-w-4xl px-4 py-6 sm:px-7">
	<p class="no-print flex flex-wrap gap-3">
		<a class="btn" href={resolve('/courses/[id]', { id: data.id })}>Back to the course</a>
		<button type="button" class="btn btn-outline" onclick={() => window.print()}
			><Icon name="printer" size={18} /> Print it <kbd class="kbd">P</kbd></button
		>
	</p>
	<article class="sheet" data-theme="day">
		<h1 class="text-4xl">{course.title || 'Course'}</h1>
		<p class="mt-1 text-lg">
			{[counted(data.lessons.length, 'lesson'), course.place ?? '', data.by].filter(Boolean).join(' · ')}
		</p>
		{#if course.known.length > 0}<p class="mt-1">For those who know {course.known.join(', ')}.</p>{/if}
		{#if (course.without ?? []).length > 0}
			<p class="mt-1">
				No class on {course.without!.map((day) => daySaid(`${day}T00:00`, settings.locale)).join(', ')}.
			</p>
		{/if}
		<ol class="mt-6">
			{#each data.lessons as lesson, i (lesson.id)}
				<li class="lesson">
					<span class="font-serif text-3xl">{i + 1}</span>
					<div class="min-w-0">
						<h2 class="text-2xl">{lesson.title || 'Without a name'}</h2>
						<p>
							{lesson.starts ? startSaid(lesson.starts, settings.locale) : 'The day is still to be said'} · {counted(
								lesson.minutes,
								'minute'
							)}
						</p>
						{#if steps[i].teaches.length > 0}<p class="mt-1">New: {steps[i].teaches.join(', ')}</p>{/if}
						{#if steps[i].repeats.length > 0}<p>Again: {steps[i].repeats.join(', ')}</p>{/if}
					</div>
					<div class="crosses" aria-hidden="true">
						{#each lesson.crossings.slice(0, 2) as { id, crossing } (id)}
							<span class="w-24"><ClothPicture {crossing} numbers={false} alt="" /></span>
						{/each}
					</div>
				</li>
			{/each}
		</ol>
	</article>
</div>

<style>
	.sheet {
		margin-top: 1.2rem;
		padding: clamp(1.2rem, 4vw, 3rem);
		background: var(--color-paper);
		border-radius: 4px;
		color: var(--color-base-content);
	}
	.lesson {
		display: grid;
		grid-template-columns: 2.5rem minmax(0, 1fr) auto;
		gap: 1rem;
		padding-block: 1rem;
		border-top: 1px solid var(--color-hairline);
		break-inside: avoid;
	}
	.crosses {
		display: flex;
		gap: 0.6rem;
		align-items: center;
	}
	@media (max-width: 40rem) {
		.crosses {
			grid-column: 2;
		}
	}
	@media print {
		.no-print {
			display: none;
		}
		.sheet {
			padding: 0;
		}
	}
</style>
