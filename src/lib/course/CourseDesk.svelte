<script lang="ts">
	import { untrack } from 'svelte';
	import { counted } from '$core/naming/numbers';
	import PondEdge from '$lib/ui/PondEdge.svelte';
	import { goto } from '$app/navigation';
	import { resolve } from '$app/paths';
	import { readAnew } from '$lib/client/reading';
	import Icon from '$lib/ui/Icon.svelte';
	import { courseView, knownCrossings, nextInCourse, swapLessons, parseKnown } from '$core/planning/course';
	import ClothPicture from '$lib/drawing/ClothPicture.svelte';
	import { startSaid } from '$lib/ui/locale';
	import { getSettings } from '$lib/client/settings.svelte';
	import type { CoursePage } from '$lib/wire/course';
	import { OpenCourse } from './openCourse.svelte';
	import type { Lesson } from '$core/lesson/lesson';
	import { newId } from '$lib/client/id';
	import { postJson } from '$lib/client/requests';
	import SheetJobList from '$lib/sheet/SheetJobList.svelte';
	import { SheetJobs } from '$lib/sheet/jobs.svelte';
	import Dialog from '$lib/ui/Dialog.svelte';
	import Field from '$lib/ui/Field.svelte';
	import { daySaid } from '$lib/ui/locale';
	import { wordsFor } from '$lib/ui/words';
	import { LESSONS } from '$lib/wire/lesson';
	import { ui } from '$lib/words/ui';

	/** Lessons in a row: their order, their days, what they take as known, and the ladder of their crosses. */
	let { data }: { data: CoursePage } = $props();
	const settings = getSettings();
	const words = wordsFor(ui(settings));
	let starts = $state('');

	const open = untrack(() => new OpenCourse(data, readAnew));
	$effect(() => open.take(data));
	const course = $derived(open.course);
	const view = $derived(courseView(open.lessons, knownCrossings(course.known)));
	const addable = $derived(data.all.filter(({ id }) => !course.lessons.includes(id)));
	const titleOf = (id: string) => open.lessons.find((lesson) => lesson.id === id)?.title ?? '';
	const dated = $derived(open.lessons.some((lesson) => lesson.starts));

	const swap = (at: number, by: -1 | 1) =>
		open.change({ lessons: swapLessons(course.lessons, open.lessons[at].id, open.lessons[at + by].id) });

	function setDates(event: SubmitEvent) {
		event.preventDefault();
		if (!starts) return void (open.trouble = 'Choose the day and hour of the first lesson.');
		void open.setDates(starts.slice(0, 16));
	}

	/** what was typed and cannot be taken: it stays where it stands, to be mended */
	let typed = $state.raw<{ known?: string; every?: string }>({});

	function setKnown(text: string) {
		const known = parseKnown(text);
		typed = { ...typed, known: known.ok ? undefined : text };
		if (known.ok) void open.change({ known: known.value });
		else open.trouble = known.error.message;
	}

	function setEvery(text: string) {
		const every = Math.round(Number(text));
		const fits = every >= 1 && every <= 366;
		typed = { ...typed, every: fits ? undefined : text };
		if (fits) void open.change({ every });
		else open.trouble = 'Lessons come 1 to 366 days after one another.';
	}

	const next = $derived(nextInCourse(view, open.lessons, course.known));
	let drafting = $state(false);
	/** Keeps the lesson that was drafted, and puts it where the course wants it. */
	async function keepNext(lesson: Lesson) {
		if (!next) return;
		const lessonId = newId();
		const trouble = await postJson(LESSONS, { lessonId, title: lesson.title, document: lesson });
		drafting = false;
		if (trouble) return void (open.trouble = trouble);
		const at = next.before === null ? course.lessons.length : course.lessons.indexOf(next.before);
		await open.change({ lessons: [...course.lessons.slice(0, at), lessonId, ...course.lessons.slice(at)] });
	}

	const without = $derived(course.without ?? []);
	let free = $state('');
	function leaveOut() {
		if (!free) return void (open.trouble = 'Choose the day on which there is no class.');
		void setWithout([...new Set([...without, free])].sort());
		free = '';
	}
	/** Days without class: the lessons behind them move at once, where they have days. */
	async function setWithout(days: string[]) {
		await open.change({ without: days });
		const first = open.lessons.at(0)?.starts;
		if (first) await open.setDates(first.slice(0, 16));
	}

	let jobs = $state.raw<SheetJobs | null>(null);
	/** The sheets of all lessons in one file. */
	async function makeSheets() {
		jobs ??= new SheetJobs(open.lessons[0].id, []);
		await jobs.ask({
			kind: 'course',
			as: 'pdf',
			title: course.title || 'Course',
			lessons: open.lessons.map(({ id }) => id),
			options: { paper: settings.value.units === 'cm' ? 'a4' : 'letter', terms: settings.value.terms }
		});
		jobs.watch();
	}

	async function remove() {
		if (await open.remove()) await goto(resolve('/courses'));
	}
</script>

<svelte:head><title>{course.title || 'Course'} · Pond Loop</title></svelte:head>

<div
	class="mx-auto grid min-h-[62dvh] max-w-6xl content-start gap-x-14 gap-y-8 px-4 pt-6 pb-12 sm:px-7 lg:grid-cols-[minmax(0,1fr)_22rem]"
>
	<div>
		<h1 class="sr-only">Course: {course.title}</h1>
		<input
			class="w-full border-b-2 border-transparent bg-transparent font-serif text-[2.1rem] leading-tight font-semibold hover:border-hairline focus:border-base-content"
			aria-label="Name of the course"
			value={course.title}
			maxlength="200"
			autocomplete="off"
			onchange={(event) => open.change({ title: event.currentTarget.value })}
		/>
		<p role="alert" class="font-semibold text-error empty:hidden">{open.trouble ?? ''}</p>
		{#if open.lessons.length === 0}
			<p class="py-8 text-lg">No lesson in it yet. Choose the first one below.</p>
		{/if}
		<ol class="mt-3 divide-y divide-hairline" aria-label="Lessons of the course, in order">
			{#each open.lessons as lesson, i (lesson.id)}
				{@const step = view.steps[i]}
				<li class="flex flex-wrap gap-x-4 gap-y-2 py-4 sm:flex-nowrap">
					<span class="w-9 shrink-0 pt-1 text-right font-serif text-2xl text-quiet">{i + 1}</span>
					<div class="min-w-0 flex-1">
						<a
							class="font-serif text-xl font-semibold hover:underline"
							href={resolve('/lessons/[id]', { id: lesson.id })}>{lesson.title || 'Without a name'}</a
						>
						<p class="text-quiet">
							{lesson.starts ? startSaid(lesson.starts, settings.locale) : 'No date yet'} · {counted(
								lesson.minutes,
								'minute'
							)}
						</p>
						{#if step.teaches.length > 0}<p class="mt-1">Teaches {step.teaches.join(', ')}</p>{/if}
						{#if step.takes.length > 0}<p>Takes as known {step.takes.join(', ')}</p>{/if}
						{#if step.repeats.length > 0}
							<p>Teaches again {step.repeats.join(', ')}</p>
						{/if}
						{#if step.teaches.length === 0 && step.repeats.length === 0}<p class="mt-1">
								Teaches no cross
							</p>{/if}
					</div>
					<div class="flex w-full shrink-0 flex-wrap content-start gap-1.5 pl-13 sm:w-auto sm:pl-0">
						<button type="button" class="btn" disabled={i === 0} onclick={() => swap(i, -1)}
							><Icon name="arrow-up" size={18} /><span class="sr-only">Earlier: {lesson.title}</span></button
						>
						<button
							type="button"
							class="btn"
							disabled={i === open.lessons.length - 1}
							onclick={() => swap(i, 1)}
							><Icon name="arrow-down" size={18} /><span class="sr-only">Later: {lesson.title}</span></button
						>
						<button
							type="button"
							class="btn"
							onclick={() => open.change({ lessons: course.lessons.filter((id) => id !== lesson.id) })}
							>Take out<span class="sr-only"> {lesson.title}</span></button
						>
					</div>
				</li>
			{/each}
		</ol>
		<div class="mt-5 flex flex-wrap items-end gap-4">
			{#if next && open.lessons.length > 0}
				<button type="button" class="btn btn-outline" onclick={() => (drafting = true)}
					>Draft the next lesson: {next.crossings.join(', ')}</button
				>
			{/if}
			{#if addable.length > 0}
				<label class="grid gap-1">
					<span class="text-quiet">Another lesson</span>
					<select
						class="select w-72!"
						value=""
						onchange={(event) => {
							const lesson = event.currentTarget.value;
							event.currentTarget.value = '';
							if (lesson) void open.change({ lessons: [...course.lessons, lesson] });
						}}
					>
						<option value="">Choose one …</option>
						{#each addable as { id, title } (id)}<option value={id}>{title || 'Without a name'}</option
							>{/each}
					</select>
				</label>
			{/if}
			<label class="grid min-w-64 flex-1 gap-1">
				<span class="text-quiet">Crosses that learners bring along, with commas between</span>
				<input
					class="input"
					value={typed.known ?? course.known.join(', ')}
					autocomplete="off"
					onchange={(event) => setKnown(event.currentTarget.value)}
				/>
			</label>
		</div>
		{#if open.lessons.length > 0}
			<form class="mt-6 flex flex-wrap items-end gap-4" onsubmit={setDates}>
				<label class="grid gap-1">
					<span class="text-quiet">The first lesson begins</span>
					<input class="input w-auto!" type="datetime-local" bind:value={starts} />
				</label>
				<label class="grid gap-1">
					<span class="text-quiet">Days between lessons</span>
					<input
						class="input w-24!"
						type="number"
						min="1"
						max="366"
						value={typed.every ?? course.every}
						onchange={(event) => setEvery(event.currentTarget.value)}
					/>
				</label>
				<button class="btn btn-outline">Set the days</button>
			</form>
			<div class="mt-4 flex flex-wrap items-end gap-4">
				<label class="grid gap-1">
					<span class="text-quiet">A day without class</span>
					<input class="input w-auto!" type="date" bind:value={free} />
				</label>
				<button type="button" class="btn btn-outline" onclick={leaveOut}>Leave it out</button>
				{#if without.length > 0}
					<ul class="flex flex-wrap gap-2" aria-label="Days without class">
						{#each without as day (day)}
							<li>
								<button
									type="button"
									class="btn"
									onclick={() => setWithout(without.filter((one) => one !== day))}
									>{daySaid(`${day}T00:00`, settings.locale)}
									<Icon name="x" size={18} /><span class="sr-only">has class after all</span></button
								>
							</li>
						{/each}
					</ul>
				{/if}
				<div class="min-w-56 flex-1">
					<Field
						label="Where it is held"
						value={course.place ?? ''}
						maxlength={200}
						autocomplete="off"
						onchange={(event) => open.change({ place: event.currentTarget.value || undefined })}
					/>
				</div>
			</div>
			<p class="mt-6 flex flex-wrap gap-3">
				{#if dated}
					<a class="btn btn-outline" href={resolve('/courses/[id]/calendar', { id: data.id })} download
						>Calendar file</a
					>
				{/if}
				<a class="btn btn-outline" href={resolve('/courses/[id]/programme', { id: data.id })}
					>The programme, to print</a
				>
				<button type="button" class="btn btn-outline" onclick={makeSheets}>All sheets in one file</button>
			</p>
			{#if jobs}
				<SheetJobList list={jobs.all} label="Files just made" {jobs} />
				<p role="alert" class="font-semibold text-error empty:hidden">{jobs.trouble ?? ''}</p>
			{/if}
		{/if}
		<p class="mt-10">
			<button type="button" class="btn" onclick={remove}>Remove this course</button>
			<span class="ml-2 text-quiet">Its lessons stay.</span>
		</p>
	</div>
	<section aria-labelledby="ladder">
		<h2 id="ladder" class="text-2xl">The ladder</h2>
		<p class="mt-1 text-quiet">
			The crosses of the course from the first taught, at the foot, to the last: each rests on those below it.
		</p>
		{#if view.ladder.length === 0}<p class="mt-4">No lesson teaches a cross yet.</p>{/if}
		<ol class="mt-4 flex flex-col-reverse">
			{#each view.ladder as rung (rung.name + rung.lesson)}
				<li class="flex items-center gap-4 border-x-4 border-b-4 border-base-300 px-4 py-3">
					<span class="block w-20 shrink-0" aria-hidden="true"
						><ClothPicture crossing={rung.crossing} numbers={false} alt="" /></span
					>
					<div class="min-w-0">
						<p class="font-semibold">
							{rung.name}{#if rung.medium !== 'hand'}<span class="text-sm font-normal text-quiet">
									{words.medium(rung.medium)}</span
								>{/if}
						</p>
						<p class="text-sm text-quiet">{titleOf(rung.lesson)}</p>
						{#if rung.restsOn.length > 0}<p class="text-sm">rests on {rung.restsOn.join(', ')}</p>{/if}
						{#if rung.gap}
							<p class="text-sm font-semibold text-warning">
								A gap: teach {rung.gap} before it, or say above that it is known.
							</p>
						{/if}
						{#if rung.again.length > 0}
							<p class="text-sm">taught again in {rung.again.map(titleOf).join(', ')}</p>
						{/if}
					</div>
				</li>
			{/each}
		</ol>
	</section>
</div>
<Dialog title="The next lesson of the course" wide bind:open={drafting}>
	{#if next}
		{#await import('./NextInCourse.svelte') then { default: NextInCourse }}
			<NextInCourse {next} like={open.lessons.at(-1)!} onkeep={keepNext} />
		{/await}
	{/if}
</Dialog>
<PondEdge />
