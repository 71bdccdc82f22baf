<script lang="ts">
	import { counted } from '$core/naming/numbers';
	import { MEDIA } from '$core/technique/medium';
	import type { Subject } from './subject.svelte';
	import { wordsFor } from '$lib/ui/words';
	import Choices from '$lib/ui/Choices.svelte';
	import ClothPicture from '$lib/drawing/ClothPicture.svelte';
	import CrossPicture from './CrossPicture.svelte';
	import Fitted from '$lib/ui/Fitted.svelte';
	import { getSettings } from '$lib/client/settings.svelte';
	import { ui } from '$lib/words/ui';

	/** One of two crossings side by side: what it is, its picture at this step, the words for it. */
	let { subject, at, label }: { subject: Subject; at: number; label: string } = $props();

	const words = wordsFor(ui(getSettings()));

	const step = $derived(Math.min(at, subject.last));
	const shown = $derived(subject.shown);
	const HANDS = [
		{ value: 'right', label: 'right-handed' },
		{ value: 'left', label: 'left-handed' }
	] as const;
</script>

<section class="flex min-w-0 flex-col gap-3" aria-label={label}>
	<div class="flex flex-wrap items-center gap-x-4 gap-y-2">
		<label>
			<span class="sr-only">{label}: name</span>
			<input
				class="name border-b-2 border-base-content bg-transparent font-serif text-[1.9rem] leading-tight font-medium"
				value={subject.text}
				oninput={(event) => subject.retype(event.currentTarget.value)}
				aria-invalid={!subject.answer.ok}
				spellcheck="false"
				autocomplete="off"
				autocapitalize="off"
			/>
		</label>
		<Choices
			label="Made"
			value={subject.medium}
			choices={MEDIA.map((value) => ({ value, label: words.medium(value) }))}
			onchoose={(medium) => subject.setMedium(medium)}
		/>
		{#if subject.ways.length > 1 && shown && shown.kind !== 'gutter'}
			<Choices
				label="Way"
				value={shown.way.id as string}
				choices={subject.ways.map(({ id, title, movements }) => ({
					value: id,
					label: `${title} · ${counted(movements, 'move')}`
				}))}
				onchoose={(id) => (subject.wayId = id)}
			/>
		{/if}
		{#if shown?.kind === 'hand'}
			<Choices
				label="Hands"
				value={subject.voice.hand}
				choices={HANDS}
				onchoose={(hand) => (subject.hand = hand)}
			/>
		{/if}
		{#if subject.read.ambiguous}
			<Choices
				label="Reading"
				value={String(subject.which)}
				choices={subject.read.readings.map(({ because }, i) => ({ value: String(i), label: because }))}
				onchoose={(which) => subject.pick(Number(which))}
			/>
		{/if}
	</div>
	{#if !subject.answer.ok}
		<p class="font-semibold text-error" role="status">{subject.answer.error.message}</p>
	{/if}
	{#if shown}
		<div class="h-64 overflow-hidden rounded-2xl">
			<Fitted>
				{#snippet picture(room)}
					<CrossPicture
						{shown}
						at={step}
						crossing={subject.played}
						voice={subject.voice}
						{room}
						long={subject.long}
						labels={false}
						alt="{label}: {subject.name}, step {step + 1} of {subject.last + 1}: {shown.told[step].sentence}"
					/>
				{/snippet}
			</Fitted>
		</div>
		<div aria-live="polite">
			<p class="font-serif text-xl leading-snug font-medium" data-testid="compared">
				{shown.told[step].sentence}
			</p>
			<p class="text-quiet">
				Step {step + 1} of {subject.last + 1}{shown.kind === 'gutter'
					? ''
					: ` · ${counted(shown.way.movements, 'move')}, ${counted(shown.way.mostLoose, 'loose stitch', 'loose stitches')}`}
			</p>
		</div>
		<div class="max-w-72">
			<ClothPicture
				crossing={subject.cloth}
				from={subject.voice.hand}
				alt="{subject.name} on the right side of the cloth"
			/>
		</div>
	{:else}
		<p>No way is known for this here.</p>
	{/if}
</section>

<style>
	.name {
		field-sizing: content;
		min-width: 5rem;
		max-width: 100%;
	}
</style>
