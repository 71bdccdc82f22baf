<script lang="ts">
	import ArrowDown from '@lucide/svelte/icons/arrow-down';
	import ArrowUp from '@lucide/svelte/icons/arrow-up';
	import Copy from '@lucide/svelte/icons/copy';
	import Trash2 from '@lucide/svelte/icons/trash';
	import { crossingOf, type Part } from '$core/lesson/lesson';
	import { madeWays } from '$core/lesson/made';
	import type { OpenLesson } from '$lib/lesson.svelte';
	import Choices from './Choices.svelte';
	import MinutesField from './MinutesField.svelte';
	import PartView from './PartView.svelte';

	/** One part to write: its title, minutes and words, with what it shows. Every keystroke is kept. */
	let {
		open,
		part,
		first,
		last,
		estimate,
		onduplicate,
		onsplit,
		onjoin,
		onmove,
		onremove
	}: {
		open: OpenLesson;
		part: Part;
		first: boolean;
		last: boolean;
		/** minutes it takes by the table of rates */
		estimate: number | undefined;
		onduplicate: () => void;
		onsplit: () => void;
		/** `null` where the next part is of another kind */
		onjoin: (() => void) | null;
		onmove: (by: -1 | 1) => void;
		onremove: () => void;
	} = $props();

	const saying = $derived(crossingOf(open.lesson, part)?.saying);

	/** the ways its crossing can be shown in, for these learners */
	const ways = $derived.by(() => {
		const taught = crossingOf(open.lesson, part);
		return part.kind === 'show' && taught ? madeWays(taught.crossing, open.lesson) : [];
	});

	const set = (fields: { title?: string; minutes?: number; text?: string; way?: string; times?: number }) =>
		open.change(
			{ kind: 'set-part', part: part.id, fields },
			{ topic: `set ${part.id} ${Object.keys(fields)[0]}` }
		);
</script>

<div class="grid gap-4">
	<div class="flex flex-wrap items-start gap-3">
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
		<div>
			<MinutesField
				label="Minutes"
				value={part.minutes}
				least={0}
				wide
				onset={(minutes) => set({ minutes })}
			/>
			{#if estimate !== undefined && estimate !== part.minutes}
				<button
					type="button"
					class="mt-1 min-h-8 text-sm underline underline-offset-3"
					onclick={() => set({ minutes: estimate })}>about {estimate}: take it</button
				>
			{/if}
		</div>
	</div>

	{#if part.kind === 'show' && ways.length > 1}
		<Choices
			label="Shown"
			value={part.way}
			choices={ways.map(({ id, title, movements, cautions }) => ({
				value: id,
				label: `${title} · ${movements} moves${cautions.length > 0 ? ' · with a caution' : ''}`
			}))}
			onchoose={(way) => set({ way })}
		/>
	{/if}
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
		<button type="button" class="press press-quiet" onclick={onduplicate}>
			<Copy size={18} aria-hidden="true" /> Once more
		</button>
		<button type="button" class="press press-quiet" disabled={part.minutes < 2} onclick={onsplit}
			>Split</button
		>
		{#if onjoin}<button type="button" class="press press-quiet" onclick={onjoin}>Join the next to it</button
			>{/if}
		<button type="button" class="press press-quiet" onclick={onremove}>
			<Trash2 size={18} aria-hidden="true" /> Remove
		</button>
	</div>
</div>
