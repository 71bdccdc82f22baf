<script lang="ts">
	import type { OpenLesson } from '$lib/lesson.svelte';
	import type { Lesson } from '$core/lesson/lesson';

	/** The lesson's name, level, length and start, each kept as it is typed. */
	let { open }: { open: OpenLesson } = $props();

	const lesson = $derived(open.lesson);
	let minutesTyped = $state<string | null>(null);

	const set = (fields: Partial<Pick<Lesson, 'title' | 'level' | 'minutes' | 'starts'>>) =>
		open.change({ kind: 'set', fields }, { topic: `set ${Object.keys(fields)[0]}` });

	function setMinutes(text: string) {
		minutesTyped = text;
		if (/^\d{1,3}$/.test(text) && Number(text) >= 1 && Number(text) <= 600) set({ minutes: Number(text) });
	}
	const wrongMinutes = $derived(
		minutesTyped !== null && (!/^\d{1,3}$/.test(minutesTyped) || +minutesTyped < 1 || +minutesTyped > 600)
	);
</script>

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
		<label class="flex items-center gap-2">
			<input
				class="field w-20!"
				inputmode="numeric"
				value={minutesTyped ?? lesson.minutes}
				aria-invalid={wrongMinutes}
				aria-describedby={wrongMinutes ? 'wrong-minutes' : undefined}
				oninput={(event) => setMinutes(event.currentTarget.value)}
				onblur={() => !wrongMinutes && (minutesTyped = null)}
			/>
			minutes
		</label>
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
		{#if wrongMinutes}
			<p id="wrong-minutes" class="w-full font-semibold text-error">
				A class takes 1 to 600 whole minutes. It stays at {lesson.minutes} until the number is one of those.
			</p>
		{/if}
	</div>
</div>
