<script lang="ts">
	import { goto } from '$app/navigation';
	import { resolve } from '$app/paths';
	import ChevronLeft from '@lucide/svelte/icons/chevron-left';
	import ChevronRight from '@lucide/svelte/icons/chevron-right';
	import Maximize from '@lucide/svelte/icons/maximize';
	import X from '@lucide/svelte/icons/x';
	import { clockAt, timed } from '$core/lesson/lesson';
	import { showing, stepsIn } from '$core/lesson/showing';
	import ClothPicture from '$lib/components/ClothPicture.svelte';
	import CompareView from '$lib/components/CompareView.svelte';
	import MendView from '$lib/components/MendView.svelte';
	import FittedRail from '$lib/components/FittedRail.svelte';
	import { useKeys } from '$lib/keys.svelte';
	import { KIND_WORDS } from '$lib/parts';
	import { getSettings } from '$lib/settings.svelte';

	let { data } = $props();
	const settings = getSettings();
	const voice = $derived(settings.value);

	let at = $state(0);
	let step = $state(0);
	let answerShown = $state(false);
	let strip: HTMLOListElement | undefined = $state();

	const parts = $derived(timed(data.lesson));
	const now = $derived(parts[at]);
	const seen = $derived(now ? showing(data.lesson, now.part, voice) : null);
	const script = $derived(seen?.shown?.script);
	const compared = $derived(now?.part.kind === 'compare' ? stepsIn(data.lesson, now.part, voice) + 1 : 1);
	const steps = $derived(script ? script.told.length : compared);
	const exit = $derived(resolve('/lessons/[id]', { id: data.id }));

	function part(to: number, lastStep = false) {
		if (to < 0 || to >= parts.length) return;
		at = to;
		step = lastStep ? steps - 1 : 0;
		answerShown = false;
	}

	function forward() {
		if (step < steps - 1) step += 1;
		else part(at + 1);
	}

	function back() {
		if (step > 0) step -= 1;
		else part(at - 1, true);
	}

	/** The picture is a touch zone as well: its left third goes back, the rest forward. */
	function touch(event: MouseEvent) {
		if (!now || (event.target as Element).closest('button, a')) return;
		const { left, width } = (event.currentTarget as Element).getBoundingClientRect();
		if (event.clientX < left + width / 3) back();
		else forward();
	}

	function wholeScreen() {
		if (document.fullscreenElement) void document.exitFullscreen();
		else void document.documentElement.requestFullscreen?.().catch(() => {});
	}

	$effect(() => {
		const current = strip?.children[at] as HTMLElement | undefined;
		if (strip && current)
			strip.scrollLeft = current.offsetLeft - strip.clientWidth / 2 + current.clientWidth / 2;
	});

	useKeys([
		{ key: 'Space', cap: 'Space', says: 'next', run: forward },
		{ key: 'ArrowRight', cap: '→', says: 'next', run: forward },
		{ key: 'PageDown', cap: 'Page ↓', says: 'next, as a presenter remote sends it', run: forward },
		{ key: 'ArrowLeft', cap: '←', says: 'back', run: back },
		{ key: 'PageUp', cap: 'Page ↑', says: 'back, as a presenter remote sends it', run: back },
		{ key: 'ArrowDown', cap: '↓', says: 'next part', run: () => part(at + 1) },
		{ key: 'ArrowUp', cap: '↑', says: 'part before', run: () => part(at - 1) },
		{ key: 'r', cap: 'R', says: 'again from the first step', run: () => (step = 0) },
		{ key: 'f', cap: 'F', says: 'full screen', run: wholeScreen },
		{ key: 'Escape', cap: 'Esc', says: 'leave the stage', run: () => void goto(exit) }
	]);
</script>

<svelte:head><title>{data.lesson.title} on stage · Pond Loop</title></svelte:head>

<div class="stage" data-theme="evening">
	<header class="flex flex-wrap items-center gap-x-5 gap-y-1 px-5 pt-4 pb-3 sm:px-10">
		<h1 class="min-w-0 font-serif text-[1.4rem] font-medium sm:text-[1.7rem]">
			{now?.part.title ?? data.lesson.title}
		</h1>
		{#if script}<p class="opacity-85 sm:text-lg">step {step + 1} of {steps}</p>{/if}
		<div class="ml-auto flex items-center gap-2">
			{#if now}<p class="mr-3 opacity-85 sm:text-lg">
					{clockAt(data.lesson, now.from)} · {now.part.minutes} min
				</p>{/if}
			<button type="button" class="small" onclick={wholeScreen} aria-label="Full screen"
				><Maximize size={22} aria-hidden="true" /></button
			>
			<a class="small" href={exit} aria-label="Leave the stage"><X size={24} aria-hidden="true" /></a>
		</div>
	</header>

	<!-- Keys and buttons do the same; this is for a thumb that does not look. -->
	<!-- svelte-ignore a11y_click_events_have_key_events, a11y_no_static_element_interactions -->
	<div class="picture" onclick={touch}>
		{#if !now}
			<div class="grid h-full place-items-center p-8 text-center">
				<div>
					<p class="mb-5 font-serif text-3xl">This lesson has no parts yet.</p>
					<a class="press" href={exit}>Write it first</a>
				</div>
			</div>
		{:else if seen && script}
			<FittedRail
				crossing={seen.hands.played}
				state={script.states[step]}
				next={script.steps[step]}
				{voice}
				alt="{seen.taught.name}: {script.told[step].sentence}"
			/>
		{:else if now.part.kind === 'picture' && seen}
			<div class="grid h-full grid-cols-[minmax(0,34rem)] items-center justify-center p-4">
				<ClothPicture
					crossing={seen.hands.cloth}
					from={voice.hand}
					alt="{seen.taught.name}, worked {seen.hands.played.order.join(' ')}"
				/>
			</div>
		{:else if now.part.kind === 'compare'}
			<div class="mx-auto h-full max-w-6xl p-4 text-xl">
				<CompareView lesson={data.lesson} part={now.part} {step} />
			</div>
		{:else if now.part.kind === 'mend' && seen}
			<div class="mx-auto max-w-4xl p-4 text-xl">
				<MendView lesson={data.lesson} part={now.part} told={answerShown} />
				{#if !answerShown}
					<button type="button" class="mt-6 press px-6! py-3! text-xl" onclick={() => (answerShown = true)}
						>Show where it comes from, and the mend</button
					>
				{/if}
			</div>
		{:else}
			<div class="words">
				{#if now.part.kind === 'check'}
					<p>{now.part.question}</p>
					{#if answerShown}
						<p class="mt-6" role="status">{now.part.answer}</p>
					{:else}
						<button type="button" class="mt-8 press px-6! py-3! text-xl" onclick={() => (answerShown = true)}
							>Show the answer</button
						>
					{/if}
				{:else}
					<!-- eslint-disable-next-line svelte/no-at-html-tags -- made from CommonMark on the server, raw HTML escaped -->
					{@html data.texts[now.part.id] ?? ''}
				{/if}
			</div>
		{/if}
	</div>

	<div class="flex items-center gap-5 px-5 pt-4 sm:px-10">
		<div class="min-h-24 flex-1 sm:min-h-32" aria-live="polite">
			{#if script}
				<p class="sentence font-serif" data-testid="sentence">{script.told[step].sentence}</p>
				<p class="mt-2 text-lg opacity-85 sm:text-2xl">
					{step < steps - 1 ? `then: ${script.told[step + 1].short.toLowerCase()}` : script.told[step].detail}
				</p>
			{:else if now}
				<p class="sentence font-serif">{KIND_WORDS[now.part.kind]}</p>
				<p class="mt-2 text-lg opacity-85 sm:text-2xl">
					{parts[at + 1] ? `then: ${parts[at + 1].part.title}` : 'The last part of the lesson.'}
				</p>
			{/if}
		</div>
		<button type="button" class="thumb" onclick={back} disabled={at === 0 && step === 0} aria-label="Back">
			<ChevronLeft size={54} aria-hidden="true" />
		</button>
		<button
			type="button"
			class="thumb main"
			onclick={forward}
			disabled={at >= parts.length - 1 && step >= steps - 1}
			aria-label="Next"
		>
			<ChevronRight size={54} aria-hidden="true" />
		</button>
	</div>

	<ol bind:this={strip} class="flex gap-1.5 overflow-x-auto px-5 pt-3 pb-2 sm:px-10" aria-label="Parts">
		{#each parts as { part: one }, i (one.id)}
			<li class="min-w-24 flex-1">
				<button
					type="button"
					class="chip {i < at ? 'done' : i === at ? 'now' : ''}"
					aria-current={i === at ? 'step' : undefined}
					aria-label={one.title}
					onclick={() => part(i)}
				>
					{KIND_WORDS[one.kind]}
				</button>
			</li>
		{/each}
	</ol>
	<p class="hidden flex-wrap gap-x-6 px-10 pb-4 opacity-90 lg:flex">
		<span><kbd class="key-cap">Space</kbd> next</span>
		<span><kbd class="key-cap">←</kbd> back</span>
		<span><kbd class="key-cap">↓</kbd> next part</span>
		<span><kbd class="key-cap">R</kbd> again</span>
		<span><kbd class="key-cap">F</kbd> full screen</span>
		<span><kbd class="key-cap">Esc</kbd> leave</span>
		<span><kbd class="key-cap">?</kbd> all keys</span>
	</p>
</div>

<style>
	.stage {
		position: fixed;
		inset: 0;
		display: grid;
		grid-template-rows: auto minmax(0, 1fr) auto auto auto;
		grid-template-columns: minmax(0, 1fr);
		background: var(--color-base-200);
		color: var(--color-primary);
	}
	.stage :focus-visible {
		outline-color: var(--color-primary);
	}
	.picture {
		min-height: 0;
		overflow: hidden;
	}
	.words {
		height: 100%;
		overflow-y: auto;
		max-width: 60rem;
		margin-inline: auto;
		padding: 4vh 2.5rem;
		font-size: clamp(1.35rem, 2.9vw, 2.5rem);
		line-height: 1.45;
	}
	.words :global(p + p) {
		margin-top: 0.8em;
	}
	.words :global(ul) {
		list-style: disc;
		padding-left: 1.2em;
	}
	.sentence {
		font-size: clamp(1.6rem, 4.1vw, 3.6rem);
		line-height: 1.12;
		font-weight: 500;
	}
	.thumb {
		display: grid;
		place-items: center;
		flex: none;
		width: clamp(4.2rem, 8.2vw, 8rem);
		height: clamp(5rem, 9vw, 8rem);
		border: 2.5px solid #5d7f7a;
		border-radius: 1rem;
		cursor: pointer;
	}
	.thumb.main {
		background: var(--color-primary);
		color: var(--color-primary-content);
		border-color: var(--color-primary);
	}
	.thumb:disabled {
		opacity: 0.35;
	}
	.small {
		display: grid;
		place-items: center;
		min-width: 2.9rem;
		min-height: 2.9rem;
		border-radius: 0.8rem;
	}
	.small:hover {
		background: #ffffff1f;
	}
	.chip {
		width: 100%;
		min-height: 2.75rem;
		padding: 0.2rem 0.7rem;
		border-radius: 0.5rem;
		background: #26423f;
		text-align: left;
		cursor: pointer;
	}
	.chip.done {
		background: #4a6f6a;
		color: #fff;
	}
	.chip.now {
		background: var(--color-primary);
		color: var(--color-primary-content);
		font-weight: 700;
	}
</style>
