<script lang="ts">
	import { WRITTEN_SCHOOLS, type WrittenSchool } from '$core/naming/schools';
	import { SCHOOL_WORDS, YARN_CHOICES } from '$lib/words';
	import Choices from './Choices.svelte';
	import CountField from './CountField.svelte';
	import type { OpenLesson } from '$lib/lesson.svelte';
	import type { Lesson } from '$core/lesson/lesson';

	/** The lesson's name, level, length and start, each kept as it is typed. */
	let { open }: { open: OpenLesson } = $props();

	const lesson = $derived(open.lesson);
	let classOpen = $state(false);

	async function name(school: WrittenSchool) {
		const { renamings } = await import('$core/lesson/renamings');
		for (const change of renamings(lesson, school)) if (open.takes(change)) open.change(change);
	}

	const set = (
		fields: Partial<
			Pick<Lesson, 'title' | 'level' | 'minutes' | 'starts' | 'people' | 'leftHanded' | 'yarn' | 'needles'>
		>
	) => open.change({ kind: 'set', fields }, { topic: `set ${Object.keys(fields)[0]}` });
</script>

{#snippet number(label: string, field: 'people' | 'leftHanded')}
	<label class="flex items-center gap-2">
		<input
			class="field w-20!"
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

<div class="grid min-w-72 flex-1 gap-1">
	<label>
		<span class="sr-only">Name of the lesson</span>
		<input
			class="title w-full border-b-2 border-transparent bg-transparent font-serif text-[1.9rem] leading-tight font-semibold hover:border-hairline focus:border-base-content sm:text-[2.1rem]"
			value={lesson.title}
			maxlength="200"
			placeholder="Name this lesson"
			autocomplete="off"
			oninput={(event) => set({ title: event.currentTarget.value })}
		/>
	</label>
	<div class="flex flex-wrap items-center gap-x-5 gap-y-2 text-quiet">
		<label class="flex items-center gap-2">
			for
			<select
				class="field w-auto!"
				value={lesson.level}
				onchange={(event) => set({ level: event.currentTarget.value as Lesson['level'] })}
			>
				<option value="beginner">beginners</option>
				<option value="improver">improvers</option>
				<option value="confident">confident knitters</option>
			</select>
		</label>
		<CountField label="minutes" value={lesson.minutes} least={1} onset={(minutes) => set({ minutes })} />
		<label class="flex items-center gap-2">
			from
			<input
				class="field w-auto!"
				type="datetime-local"
				value={lesson.starts ?? ''}
				onchange={(event) =>
					event.currentTarget.value && set({ starts: event.currentTarget.value.slice(0, 16) })}
			/>
		</label>
		<details bind:open={classOpen}>
			<summary class="min-h-11 cursor-pointer content-center rounded-lg px-1 underline underline-offset-3"
				>The class</summary
			>
			{#if classOpen}
				<div class="mt-1 flex flex-wrap items-center gap-x-5 gap-y-2">
					{@render number('people', 'people')}
					{@render number('left-handed', 'leftHanded')}
					<Choices
						label="Yarn"
						value={lesson.yarn ?? 'plain'}
						choices={YARN_CHOICES}
						onchoose={(yarn) => set({ yarn })}
					/>
					{#if lesson.crossings.length > 0}
						<Choices
							label="Names like"
							value={lesson.names?.school ?? ''}
							choices={[
								...(lesson.names ? [] : [{ value: '', label: 'as they are written' }]),
								...WRITTEN_SCHOOLS.map((school) => ({ value: school, label: SCHOOL_WORDS[school] }))
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
			{/if}
		</details>
	</div>
</div>
