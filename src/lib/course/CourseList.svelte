<script lang="ts">
	import { goto } from '$app/navigation';
	import { resolve } from '$app/paths';
	import { COURSE_FORMAT } from '$core/planning/course';
	import NameForm from '$lib/ui/NameForm.svelte';
	import PondEdge from '$lib/ui/PondEdge.svelte';
	import { newId } from '$lib/client/id';
	import { useKeys } from '$lib/ui/keys.svelte';
	import { postJson } from '$lib/client/requests';
	import { COURSES, type KeptCourse } from '$lib/wire/course';

	/** The teacher's courses, and how one is begun. */
	let { courses }: { courses: readonly KeptCourse[] } = $props();
	let trouble = $state<string | null>(null);
	let field = $state<HTMLInputElement>();

	async function make(title: string) {
		const courseId = newId();
		const document = {
			format: COURSE_FORMAT,
			title: title || 'A new course',
			lessons: [],
			known: [],
			every: 7
		};
		trouble = await postJson(COURSES, { courseId, document });
		if (!trouble) await goto(resolve('/courses/[id]', { id: courseId }));
	}
	useKeys([{ key: 'n', cap: 'N', says: 'name a new course', run: () => field?.focus() }]);
</script>

<svelte:head><title>Courses · Pond Loop</title></svelte:head>

<div class="mx-auto min-h-[60dvh] max-w-5xl px-4 pt-8 sm:px-7">
	<h1 class="text-4xl">Courses</h1>
	<NameForm
		main
		label="A new course, called"
		placeholder="Six winter evenings in the hide"
		{trouble}
		onmake={make}
		bind:field
	>
		<a class="btn btn-outline" href={resolve('/lessons')}>Back to the lessons</a>
	</NameForm>
	{#if courses.length === 0}
		<div class="py-12">
			<h2 class="text-2xl">No course yet</h2>
			<p class="mt-2 max-w-prose text-lg">
				A course is lessons in a row: what each teaches, what it takes as known, and which crosses rest on
				which. Name one above, or draft a lesson on more crosses than one evening holds and keep the rest as a
				course.
			</p>
			<p class="mt-5 flex flex-wrap gap-3">
				<!-- eslint-disable-next-line svelte/no-navigation-without-resolve -- resolved, with a query -->
				<a class="btn btn-outline" href="{resolve('/lessons')}?draft=new">Draft lessons for it</a>
				<button type="button" class="btn" onclick={() => make('A new course')}>Begin an empty one</button>
			</p>
		</div>
	{:else}
		<ul class="divide-y divide-hairline">
			{#each courses as { id, course } (id)}
				<li>
					<a
						class="-mx-3 block rounded-2xl px-3 py-5 hover:bg-base-100"
						href={resolve('/courses/[id]', { id })}
					>
						<span class="block font-serif text-[1.7rem] leading-tight font-semibold"
							>{course.title || 'Without a name'}</span
						>
						<span class="text-quiet"
							>{course.lessons.length} {course.lessons.length === 1 ? 'lesson' : 'lessons'}</span
						>
					</a>
				</li>
			{/each}
		</ul>
	{/if}
</div>
<PondEdge />
