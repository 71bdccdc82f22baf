<script lang="ts">
	import { untrack } from 'svelte';
	import { goto } from '$app/navigation';
	import { resolve } from '$app/paths';
	import Icon from '$lib/ui/Icon.svelte';
	import { newId } from '$lib/client/id';
	import { postJson } from '$lib/client/requests';
	import { COURSE_FORMAT } from '$core/planning/course';
	import type { Lesson } from '$core/lesson/lesson';
	import ClockBar from './ClockBar.svelte';
	import ClothPicture from '$lib/drawing/ClothPicture.svelte';
	import Dialog from '$lib/ui/Dialog.svelte';
	import { startSaid } from '$lib/ui/locale';
	import NameForm from '$lib/ui/NameForm.svelte';
	import MoreLink from '$lib/ui/MoreLink.svelte';
	import LibrarySearch from './LibrarySearch.svelte';
	import DraftForm from './DraftForm.svelte';
	import ShelfActions from '$lib/ui/ShelfActions.svelte';
	import Shelves from '$lib/ui/Shelves.svelte';
	import PondEdge from '$lib/ui/PondEdge.svelte';
	import UndoBar from '$lib/ui/UndoBar.svelte';
	import { useKeys } from '$lib/ui/keys.svelte';
	import { COURSES } from '$lib/wire/course';
	import { copiesAt, LESSONS } from '$lib/wire/lesson';
	import type { Named } from '$lib/wire/shapes';
	import { Shelf } from '$lib/client/shelf.svelte';
	import { getSettings } from '$lib/client/settings.svelte';
	import type { LessonsPage } from '$lib/wire/lesson';

	/** The teacher’s lessons, and how one is begun or drafted. */
	let { data }: { data: LessonsPage } = $props();
	const settings = getSettings();

	const shelf = new Shelf(LESSONS);
	let drafting = $state(untrack(() => data.from !== ''));
	let field = $state<HTMLInputElement>();
	let words = $state('');
	let searchField = $state<HTMLInputElement>();
	const away = $derived(data.away);

	/** Keeps a new lesson and opens it; with a document, that one. */
	async function make(title: string, document?: Lesson) {
		const id = newId();
		shelf.trouble = await postJson(LESSONS, { lessonId: id, title, document });
		if (!shelf.trouble) await goto(resolve('/lessons/[id]', { id }));
		else drafting = false;
	}

	/** Keeps several drafts, and a course that has them in a row. */
	async function keepAll(lessons: readonly Lesson[]) {
		const ids = lessons.map(() => newId());
		for (const [i, document] of lessons.entries()) {
			shelf.trouble = await postJson(LESSONS, { lessonId: ids[i], title: document.title, document });
			if (shelf.trouble) return void (drafting = false);
		}
		const courseId = newId();
		const document = {
			format: COURSE_FORMAT,
			title: `${lessons.length} lessons from ${lessons[0].title}`.slice(0, 200),
			lessons: ids,
			known: [],
			every: 7
		};
		shelf.trouble = await postJson(COURSES, { courseId, document });
		if (!shelf.trouble) await goto(resolve('/courses/[id]', { id: courseId }));
		else drafting = false;
	}

	async function copy(lesson: Named) {
		const id = newId();
		const title = `${lesson.title}, a copy`.slice(0, 200);
		shelf.trouble = await postJson(copiesAt(lesson.id), { lessonId: id, title });
		if (!shelf.trouble) await goto(resolve('/lessons/[id]', { id }));
	}

	const clockOf = ({ starts, ...lesson }: (typeof data.lessons)[number]) => ({
		...lesson,
		starts: starts ?? undefined
	});

	useKeys([
		{ key: 'n', cap: 'N', says: 'name a new lesson', run: () => field?.focus() },
		{ key: '/', cap: '/', says: 'search everything', run: () => searchField?.focus() },
		{ key: 'd', cap: 'D', says: 'draft a lesson', run: () => (drafting = true) }
	]);
</script>

<svelte:head><title>Lessons · Pond Loop</title></svelte:head>

<div class="mx-auto min-h-[60dvh] max-w-5xl px-4 pt-8 sm:px-7">
	<h1 class="text-4xl">Lessons</h1>
	<p class="mt-1 text-lg text-quiet">Parts on a clock, from the first picture to what goes home.</p>
	<NameForm
		label="A new lesson, called"
		placeholder="Ropes for bench cushions"
		trouble={shelf.trouble}
		onmake={(title) => make(title || 'A new lesson')}
		bind:field
	>
		<button type="button" class="btn btn-primary" onclick={() => (drafting = true)}>
			Draft one <kbd class="kbd hidden sm:inline-block">D</kbd>
		</button>
	</NameForm>

	<div class="mt-5 grid items-end gap-x-8 gap-y-4 md:grid-cols-[minmax(0,1fr)_auto]">
		<div><LibrarySearch bind:words bind:field={searchField} /></div>
		<Shelves base={resolve('/lessons')} {away} here={!away && !data.tag}>
			<a href={resolve('/courses')} class="shelf">Courses</a>
			{#each data.tags as tag (tag)}
				<!-- eslint-disable svelte/no-navigation-without-resolve -- resolved, with a query -->
				<a
					href={`${resolve('/lessons')}?tag=${encodeURIComponent(tag)}`}
					class="shelf"
					aria-current={data.tag === tag ? 'page' : undefined}>#{tag}</a
				>
				<!-- eslint-enable svelte/no-navigation-without-resolve -->
			{/each}
		</Shelves>
	</div>

	{#if words.trim() !== ''}
		<!-- What is found stands under the field. -->
	{:else if data.lessons.length === 0 && (away || data.tag)}
		<p class="py-12 text-lg">
			{away
				? 'Nothing is put away. What you remove from the shelf waits here until you delete it.'
				: `No lesson is tagged “${data.tag}”.`}
		</p>
	{:else if data.lessons.length === 0}
		<div class="py-12">
			<h2 class="text-2xl">Nothing planned yet</h2>
			<p class="mt-2 max-w-prose text-lg">
				We can draft one from the crosses you want to teach, fitted to your class time. Or look a cross up in
				Crosses and add it to a lesson from there.
			</p>
			<p class="mt-5 flex flex-wrap gap-3">
				<button type="button" class="btn btn-outline" onclick={() => (drafting = true)}>Draft a lesson</button
				>
				<button
					type="button"
					class="btn"
					onclick={async () => (shelf.trouble = await (await import('./sample')).openSample())}
					>Open the sample lesson</button
				>
				<a class="btn" href="{resolve('/')}?name=2%2F2+RC">Go to Crosses</a>
			</p>
		</div>
	{:else}
		<ul class="divide-y divide-hairline">
			{#each data.lessons as lesson (lesson.id)}
				<li class="flex items-center gap-4">
					<a
						class="group -mx-3 grid min-w-0 flex-1 gap-x-6 gap-y-1 rounded-2xl px-3 py-6 hover:bg-base-100 sm:grid-cols-[auto_minmax(0,1fr)]"
						href={resolve('/lessons/[id]', { id: lesson.id })}
					>
						<span class="flex gap-3 sm:row-span-3" aria-hidden="true">
							{#each lesson.crossings.slice(0, 2) as { id, crossing } (id)}
								<span class="block w-24 sm:w-28"><ClothPicture {crossing} numbers={false} alt="" /></span>
							{:else}
								<span
									class="grid h-24 w-28 place-items-center rounded-xl border border-dashed border-hairline text-sm"
									>no cross yet</span
								>
							{/each}
						</span>
						<span class="font-serif text-[1.7rem] leading-tight font-semibold group-hover:underline"
							>{lesson.title || 'Without a name'}</span
						>
						<span class="text-quiet">
							{lesson.starts ? startSaid(lesson.starts, settings.locale) : 'No date yet'} · {lesson.parts
								.length}
							{lesson.parts.length === 1 ? 'part' : 'parts'}{lesson.crossings.length > 0
								? ` · ${lesson.crossings.map(({ name }) => name).join(', ')}`
								: ''}{lesson.tags.map((tag) => ` · #${tag}`).join('')}
						</span>
						<span class="block"><ClockBar lesson={clockOf(lesson)} /></span>
					</a>
					<div class="flex flex-col items-stretch gap-1">
						{#if !away}
							<button type="button" class="btn" onclick={() => copy(lesson)}>
								<Icon name="copy" size={18} /> <span class="sr-only sm:not-sr-only">Copy</span>
								<span class="sr-only"> “{lesson.title}”</span>
							</button>
						{/if}
						<ShelfActions
							title={lesson.title}
							{away}
							onput={(to) => shelf.put(lesson, to)}
							ondelete={() => shelf.destroy(lesson)}
						/>
					</div>
				</li>
			{/each}
		</ul>
		<MoreLink href={data.more} of="lessons" />
	{/if}
</div>

<PondEdge />

<Dialog title="Draft a lesson" wide bind:open={drafting}>
	<DraftForm
		swatches={data.swatches}
		keys={data.keys}
		from={data.from === 'new' ? '' : data.from}
		onkeep={(lesson) => make(lesson.title, lesson)}
		onkeepall={keepAll}
	/>
</Dialog>

{#if shelf.removed}
	<UndoBar
		said="“{shelf.removed.title}” is put away."
		onundo={() => shelf.back()}
		onclose={() => (shelf.removed = null)}
	/>
{/if}
