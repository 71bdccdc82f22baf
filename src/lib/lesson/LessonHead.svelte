<script lang="ts">
	import { WRITTEN_SCHOOLS, type WrittenSchool } from '$core/naming/schools';
	import { resolve } from '$app/paths';
	import { counted } from '$core/naming/numbers';
	import { startSaid } from '$lib/ui/locale';
	import { getSettings } from '$lib/client/settings.svelte';
	import { FIBRES, type Fibre } from '$core/measures/finish';
	import { wordsFor } from '$lib/ui/words';
	import Icon from '$lib/ui/Icon.svelte';
	import TagsField from './TagsField.svelte';
	import Choices from '$lib/ui/Choices.svelte';
	import CountField from '$lib/ui/CountField.svelte';
	import type { OpenLesson } from './openLesson.svelte';
	import type { Lesson } from '$core/lesson/lesson';
	import { ui } from '$lib/words/ui';

	/** The lesson's name and what to do with it; what it is for and what is rarely done stands behind “More”. */
	let {
		open,
		tags,
		onhistory,
		onagain
	}: {
		open: OpenLesson;
		tags: readonly string[];
		onhistory: () => void;
		onagain: () => void;
	} = $props();

	const settings = getSettings();
	const words = wordsFor(ui(settings));
	/** what is rarely wanted stands folded away */
	let more = $state(false);
	/** once opened it stays as it is, out of sight */
	let opened = $state(false);
	const LEVEL_WORDS = {
		beginner: 'For beginners',
		improver: 'For improvers',
		confident: 'For confident knitters'
	} as const;

	const lesson = $derived(open.lesson);

	async function name(school: WrittenSchool) {
		const { renamings } = await import('$core/telling/renamings');
		for (const change of renamings(lesson, school)) if (open.takes(change)) open.change(change);
	}

	const set = (
		fields: Partial<
			Pick<
				Lesson,
				'title' | 'level' | 'minutes' | 'starts' | 'people' | 'leftHanded' | 'yarn' | 'fibre' | 'needles'
			>
		>
	) => open.change({ kind: 'set', fields }, { topic: `set ${Object.keys(fields)[0]}` });
</script>

{#snippet number(label: string, field: 'people' | 'leftHanded')}
	<label class="flex items-center gap-2">
		<input
			class="input w-20!"
			type="number"
			min="0"
			max="999"
			value={lesson[field] ?? ''}
			onchange={(event) => {
				const count = Math.round(event.currentTarget.valueAsNumber);
				if (count >= 0 && count <= 999) set({ [field]: count });
			}}
		/>
		{label}
	</label>
{/snippet}

<div class="flex flex-wrap items-start gap-x-6 gap-y-2">
	<label class="min-w-0 grow basis-72">
		<span class="sr-only">Name of the lesson</span>
		<input
			class="title w-full border-b-2 border-transparent bg-transparent font-serif text-[1.7rem] leading-tight font-semibold hover:border-hairline focus:border-base-content sm:text-[2.1rem]"
			value={lesson.title}
			maxlength="200"
			placeholder="Name this lesson"
			autocomplete="off"
			oninput={(event) => set({ title: event.currentTarget.value })}
		/>
	</label>
	<div class="flex flex-wrap gap-2 sm:gap-3">
		<a class="btn btn-primary" href={resolve('/lessons/[id]/teach', { id: open.id })}>
			Teach it <Icon name="play" size={17} class="fill-current" />
		</a>
		<a
			class="btn btn-outline"
			href={resolve('/lessons/[id]/handout', { id: open.id })}
			aria-label="Take-home sheet"
			><span class="hidden sm:inline">Take-home sheet</span><span class="sm:hidden">Sheet</span></a
		>
		<button
			type="button"
			class="btn"
			aria-expanded={more}
			aria-controls="more"
			onclick={() => {
				more = !more;
				opened = true;
			}}>{more ? 'Less' : 'More'}<span class="sr-only"> of this lesson</span></button
		>
	</div>
</div>
<p class="mt-1 text-quiet">
	{LEVEL_WORDS[lesson.level]} · {counted(lesson.minutes, 'minute')}{lesson.starts
		? ` · ${startSaid(lesson.starts, settings.locale)}`
		: ''}
</p>
{#if opened}
	<div id="more" hidden={!more} class="mt-2 grid gap-4 rounded-2xl bg-base-100 p-4 sm:p-5">
		<div class="flex flex-wrap items-center gap-x-5 gap-y-3 text-quiet">
			<Choices
				label="For"
				value={lesson.level}
				choices={words.levels()}
				onchoose={(level) => set({ level })}
			/>
			<CountField label="minutes" value={lesson.minutes} least={1} onset={(minutes) => set({ minutes })} />
			<label class="flex items-center gap-2">
				from
				<input
					class="input w-auto!"
					type="datetime-local"
					value={lesson.starts ?? ''}
					onchange={(event) =>
						event.currentTarget.value && set({ starts: event.currentTarget.value.slice(0, 16) })}
				/>
			</label>
			{@render number('people', 'people')}
			{@render number('left-handed', 'leftHanded')}
			<Choices
				label="Yarn"
				value={lesson.yarn ?? 'plain'}
				choices={words.yarns()}
				onchoose={(yarn) => set({ yarn })}
			/>
			<Choices
				label="Fibre"
				value={lesson.fibre ?? ''}
				choices={[
					...(lesson.fibre ? [] : [{ value: '', label: 'not said' }]),
					...FIBRES.map((value) => ({ value, label: value }))
				]}
				onchoose={(fibre) => fibre && set({ fibre: fibre as Fibre })}
			/>
			{#if lesson.crossings.length > 0}
				<Choices
					label="Names like"
					value={lesson.names?.school ?? ''}
					choices={[
						...(lesson.names ? [] : [{ value: '', label: 'as they are written' }]),
						...WRITTEN_SCHOOLS.map((school) => ({ value: school, label: words.school(school) }))
					]}
					onchoose={(school) => school && void name(school as WrittenSchool)}
				/>
			{/if}
			<Choices
				label="Cable needles each"
				value={String(lesson.needles ?? 2)}
				choices={['0', '1', '2'].map((value) => ({ value, label: value }))}
				onchoose={(needles) => set({ needles: Number(needles) as 0 | 1 | 2 })}
			/>
		</div>
		<div class="flex flex-wrap items-center gap-2">
			<TagsField lesson={open.id} {tags} />
			<span class="grow"></span>
			<button type="button" class="btn" onclick={onhistory}
				>History <kbd class="kbd hidden sm:inline-block">H</kbd></button
			>
			{#if lesson.crossings.length > 0}
				<button type="button" class="btn" onclick={onagain}
					>Draft again around my changes <kbd class="kbd hidden sm:inline-block">G</kbd></button
				>
				<button type="button" class="btn" onclick={() => open.noteTaught()}>I have taught it</button>
				<a class="btn" href={resolve('/lessons/[id]/after', { id: open.id })}>After class</a>
			{/if}
		</div>
	</div>
{/if}
