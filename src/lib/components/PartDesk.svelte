<script lang="ts">
	import ArrowDown from '@lucide/svelte/icons/arrow-down';
	import ArrowUp from '@lucide/svelte/icons/arrow-up';
	import Trash2 from '@lucide/svelte/icons/trash';
	import { crossingOf, type Part } from '$core/lesson/lesson';
	import type { OpenLesson } from '$lib/lesson.svelte';
	import PartView from './PartView.svelte';

	/** One part to write: its title, minutes and words, with what it shows. Every keystroke is kept. */
	let {
		open,
		part,
		first,
		last,
		onmove,
		onremove
	}: {
		open: OpenLesson;
		part: Part;
		first: boolean;
		last: boolean;
		onmove: (by: -1 | 1) => void;
		onremove: () => void;
	} = $props();

	const saying = $derived(crossingOf(open.lesson, part)?.saying);
	let minutesTyped = $state<string | null>(null);
	const goodMinutes = (text: string) => /^\d{1,3}$/.test(text) && Number(text) <= 600;
	const wrongMinutes = $derived(minutesTyped !== null && !goodMinutes(minutesTyped));

	const set = (fields: { title?: string; minutes?: number; text?: string }) =>
		open.change(
			{ kind: 'set-part', part: part.id, fields },
			{ topic: `set ${part.id} ${Object.keys(fields)[0]}` }
		);

	function setMinutes(text: string) {
		minutesTyped = text;
		if (goodMinutes(text)) set({ minutes: Number(text) });
	}
</script>

<div class="grid gap-4">
	<div class="flex flex-wrap items-end gap-3">
		<label class="min-w-56 flex-1">
			<span class="mb-1 block text-quiet">Title</span>
			<input
				name="title"
				class="field font-serif text-xl font-semibold"
				value={part.title}
				maxlength="200"
				autocomplete="off"
				oninput={(event) => set({ title: event.currentTarget.value })}
			/>
		</label>
		<label class="w-24">
			<span class="mb-1 block text-quiet">Minutes</span>
			<input
				class="field"
				inputmode="numeric"
				value={minutesTyped ?? part.minutes}
				aria-invalid={wrongMinutes}
				aria-describedby={wrongMinutes ? 'part-minutes' : undefined}
				oninput={(event) => setMinutes(event.currentTarget.value)}
				onblur={() => !wrongMinutes && (minutesTyped = null)}
			/>
		</label>
		{#if wrongMinutes}
			<p id="part-minutes" class="w-full font-semibold text-error">
				A part takes 0 to 600 whole minutes. It stays at {part.minutes} until the number is one of those.
			</p>
		{/if}
	</div>

	<PartView lesson={open.lesson} {part} />

	{#if saying}
		<blockquote class="border-l-4 border-accent pl-4 text-lg">Say it like this: “{saying}”</blockquote>
	{/if}
	{#if part.kind === 'check'}
		<dl class="grid gap-1">
			<dt class="font-semibold">{part.question}</dt>
			<dd class="text-quiet">{part.answer}</dd>
		</dl>
	{/if}
	<label>
		<span class="mb-1 block text-quiet">What to say or mind. *Stars* make it slanted, **two** bold.</span>
		<textarea
			class="field-sizing-content max-h-96 field min-h-28 leading-relaxed"
			maxlength="20000"
			value={part.text ?? ''}
			oninput={(event) => set({ text: event.currentTarget.value })}></textarea>
	</label>
	{#if part.kind === 'note'}
		<p class="text-sm text-quiet">Notes stand on the stage and on the take-home sheet.</p>
	{/if}
	<div class="flex flex-wrap gap-2">
		<button type="button" class="press press-quiet" disabled={first} onclick={() => onmove(-1)}>
			<ArrowUp size={19} aria-hidden="true" /> Earlier
		</button>
		<button type="button" class="press press-quiet" disabled={last} onclick={() => onmove(1)}>
			<ArrowDown size={19} aria-hidden="true" /> Later
		</button>
		<button type="button" class="press press-quiet" onclick={onremove}>
			<Trash2 size={18} aria-hidden="true" /> Remove
		</button>
	</div>
</div>
