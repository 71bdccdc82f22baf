<script lang="ts">
	import { answerFor } from '$core/lesson/answers';
	import { clockAt } from '$core/lesson/lesson';
	import { leftHandersSaid } from '$core/lesson/learners';
	import { sayingFor } from '$core/lesson/saying';
	import { lateSaid } from '$core/teaching/minutes';
	import { counted } from '$core/naming/numbers';
	import { newId } from '$lib/client/id';
	import { useKeys } from '$lib/ui/keys.svelte';
	import type { Stage } from './stage.svelte';
	import RoomLines from './RoomLines.svelte';
	import MarkFields from './MarkFields.svelte';
	import type { Marks } from './classroom.svelte';
	import type { Shown, StageRequest } from './windows';
	import Countdown from './Countdown.svelte';
	import StagePicture from './StagePicture.svelte';
	import StageWords from './StageWords.svelte';
	import { getSettings } from '$lib/client/settings.svelte';

	/** The teacher's own window: the words written for this part, the answer, what comes next, and the clock. */
	let {
		stage,
		texts,
		now,
		shown,
		onask,
		onmark
	}: {
		stage: Stage;
		texts: Readonly<Record<string, string>>;
		now: number;
		/** what the stage shows; nothing while it is not open */
		shown: Shown | null;
		onask: (does: StageRequest) => void;
		onmark: (part: string, marks: Marks) => void;
	} = $props();
	const settings = getSettings();

	const part = $derived(stage.now?.part);
	const clock = $derived(shown?.clock);
	const phones = $derived(shown?.phones);
	/** who works left-handed, by name, for the teacher alone */
	const lefts = $derived(leftHandersSaid(stage.lesson));
	const saying = $derived(sayingFor(stage.seen?.taught.saying, stage.voice.hand));
	let asking = $state(false);
	/** What is found here is for the teacher alone, until she lets the class look on. */
	function wrong() {
		asking = !asking;
		const begun = stage.moment.wrong ?? stage.wrongHere(newId());
		stage.putWrong(asking && begun ? { ...begun, shown: stage.moment.wrong?.shown ?? false } : null);
	}
	useKeys([
		{ key: 'Space', cap: 'Space', says: 'next', run: () => onask('forward') },
		{ key: 'ArrowRight', cap: '→', says: 'next', run: () => onask('forward') },
		{ key: 'PageDown', cap: 'Page ↓', says: 'next', run: () => onask('forward') },
		{ key: 'ArrowLeft', cap: '←', says: 'back', run: () => onask('back') },
		{ key: 'PageUp', cap: 'Page ↑', says: 'back', run: () => onask('back') },
		{ key: 'ArrowDown', cap: '↓', says: 'next part', run: () => onask('next-part') },
		{ key: 'ArrowUp', cap: '↑', says: 'part before', run: () => onask('part-before') },
		{ key: 'Enter', cap: 'Enter', says: 'show the answer', run: () => onask('tell') },
		{ key: '.', cap: '.', says: 'blank', run: () => onask('blank') },
		{ key: 'f', cap: 'F', says: 'something is wrong', run: wrong }
	]);
</script>

<div class="notes" data-theme="evening">
	<header class="flex flex-wrap items-baseline gap-x-6 gap-y-1">
		<h1 class="font-serif text-2xl font-medium">{part?.title ?? stage.lesson.title}</h1>
		<p class="ml-auto text-xl" data-testid="clock">
			{clock?.isOn
				? `${Math.floor(clock.seconds / 60)} min${clock.running ? '' : ', paused'} · ${lateSaid(clock.late)}`
				: 'the clock is not running'}
		</p>
	</header>
	<div class="mt-5 grid gap-8 lg:grid-cols-[2fr_1fr]">
		<div>
			<div aria-live="polite"><StageWords {stage} /></div>
			{#if stage.moment.blank}<p class="mt-2 text-xl font-semibold">The class sees a blank screen.</p>{/if}
			{#if part?.kind === 'check'}
				<p class="mt-6 text-2xl">{part.question}</p>
				<p class="mt-2 text-xl opacity-90">Answer: {answerFor(stage.lesson, part, stage.voice)}</p>
			{/if}
			{#if part && texts[part.id]}
				<!-- eslint-disable-next-line svelte/no-at-html-tags -- made from CommonMark on the server, raw HTML escaped -->
				<div class="mt-6 text-xl prose">{@html stage.told(texts[part.id])}</div>
			{/if}
			{#if saying}<p class="mt-6 font-serif text-2xl">Say it like this: “{saying}”</p>{/if}
			<div class="mt-6 inline-block"><Countdown {stage} {now} /></div>
			{#if (stage.seen || stage.rows) && !stage.moment.blank}
				<div class="mt-4 h-[38vh] overflow-hidden rounded-2xl border border-hairline">
					<StagePicture {stage} {texts} />
				</div>
			{/if}
		</div>
		<div>
			{#if phones?.room}
				<section class="mb-6" aria-label="On their phones">
					<h2 class="text-xl">On their phones <span class="font-mono">{phones.code}</span></h2>
					<div class="mt-2"><RoomLines lesson={stage.lesson} room={phones.room} named /></div>
					{#if stage.asks}
						<button
							type="button"
							class="btn mt-3 btn-outline"
							aria-pressed={stage.moment.answers !== null}
							onclick={() => onask('answers')}
							>{stage.moment.answers
								? 'Take the answers away'
								: `Show the answers of ${counted(phones.room.answered, 'phone')}`}</button
						>
					{/if}
				</section>
			{/if}
			{#if lefts}<p class="mb-6 text-lg">Left-handed: {lefts}</p>{/if}
			<h2 class="text-xl">What comes next</h2>
			<ol class="mt-2 grid gap-1.5 text-lg">
				{#each stage.parts.slice(stage.moment.at + 1, stage.moment.at + 7) as { part: one, from } (one.id)}
					<li class="flex gap-3" class:line-through={stage.isDropped(one.id)}>
						<span class="flex-none tabular-nums opacity-80"
							>{clockAt(stage.lesson, from, settings.locale)}</span
						><span>{one.title}</span>
					</li>
				{:else}
					<li>The class ends here.</li>
				{/each}
			</ol>
			{#if part}
				{@const { id } = part}
				<div class="mt-6">
					{#key id}<MarkFields marks={shown?.marks ?? {}} onmark={(marks) => onmark(id, marks)} />{/key}
				</div>
			{/if}
			<div class="mt-6 flex flex-wrap gap-3">
				<button type="button" class="btn btn-outline" onclick={() => onask('back')}
					>Back <kbd class="kbd">←</kbd></button
				>
				<button type="button" class="btn btn-primary" onclick={() => onask('forward')}
					>Next <kbd class="kbd">Space</kbd></button
				>
				<button type="button" class="btn btn-outline" onclick={wrong}
					>Something is wrong <kbd class="kbd">F</kbd></button
				>
				<button type="button" class="btn btn-outline" onclick={() => onask('blank')}
					>Blank <kbd class="kbd">.</kbd></button
				>
				{#if stage.asks}<button type="button" class="btn btn-outline" onclick={() => onask('tell')}
						>Show the answer <kbd class="kbd">Enter</kbd></button
					>{/if}
			</div>
		</div>
	</div>
</div>

{#if asking}
	{#await import('./StageWrong.svelte') then { default: StageWrong }}
		<StageWrong {stage} onclose={wrong} />
	{/await}
{/if}

<style>
	.notes {
		container-type: inline-size;
		min-height: 100dvh;
		padding: 1.6rem 2rem 3rem;
		background: var(--color-base-200);
		color: var(--color-primary);
	}
	.prose :global(p + p) {
		margin-top: 0.7em;
	}
	.prose :global(ul) {
		list-style: disc;
		padding-left: 1.2em;
	}
</style>
