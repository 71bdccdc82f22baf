<script lang="ts">
	import { page } from '$app/state';
	import { onMount, untrack } from 'svelte';
	import { counted } from '$core/naming/numbers';
	import { keepHere } from '$lib/client/kept';
	import { localMinute } from '$lib/client/localMinute';
	import { outbox } from '$lib/client/outbox.svelte';
	import { setSettings } from '$lib/client/settings.svelte';
	import HandsFirst from '$lib/follow/HandsFirst.svelte';
	import { OwnHands } from '$lib/follow/ownHands.svelte';
	import Dialog from '$lib/ui/Dialog.svelte';
	import Icon from '$lib/ui/Icon.svelte';
	import { lightOf } from '$lib/ui/light';
	import { daySaid } from '$lib/ui/locale';
	import type { PracticePage } from '$lib/wire/practice';
	import AnswerShown from './AnswerShown.svelte';
	import ExerciseView from './ExerciseView.svelte';
	import { Practising } from './practising.svelte';

	/** A learner’s own page: five minutes of exercises an evening, and what sits. */
	let { data }: { data: PracticePage } = $props();

	const hands = untrack(() => new OwnHands(data.about.terms, page.data));
	setSettings(hands);
	const practising = untrack(() => new Practising(data, hands));
	let awake = $state(false);
	let handsOpen = $state(false);
	/** each thing that is asked is drawn anew, the same one asked again too */
	let turn = $state(0);

	onMount(() => {
		hands.recall();
		practising.recall();
		awake = true;
		keepHere();
		void import('./RowsAsked.svelte');
		return () => practising.stop();
	});

	// Another hand, or other words: what is asked is made for them.
	const made = $derived(`${hands.value.hand} ${hands.value.keep} ${hands.value.terms}`);
	$effect(() => {
		void made;
		if (awake && !practising.now) untrack(() => void practising.plan(Date.now()));
	});

	const evening = $derived(practising.evening);
	const asks = $derived(evening?.asked.length ?? 0);
	const day = (ms: number) => daySaid(localMinute(ms), hands.locale);

	function next() {
		practising.next(Date.now());
		turn++;
	}
</script>

<svelte:head><title>Practice · Pond Loop</title></svelte:head>

<div class="min-h-dvh bg-base-200 text-base-content" data-theme={lightOf(hands.value)}>
	<div class="mx-auto max-w-2xl px-4 pt-4 pb-12">
		<header class="flex items-center gap-3">
			<div class="min-w-0 flex-1">
				<p class="text-quiet">{data.about.title}, with {data.by}</p>
				<h1 class="text-2xl">{data.nickname}, five minutes</h1>
			</div>
			{#if awake && outbox.state === 'away'}<span class="flex items-center gap-1 text-sm" role="status"
					><Icon name="cloud-off" size={18} /> kept here</span
				>{/if}
			{#if awake && hands.chosen}
				<button
					type="button"
					class="head-button"
					onclick={() => (handsOpen = true)}
					aria-label="My hands, words and print"><Icon name="hand" size={22} /></button
				>
			{/if}
		</header>

		{#if awake && !hands.chosen}
			<section class="mt-6">
				<h2 class="text-2xl">Your hands first</h2>
				<p class="mt-2 mb-5 text-lg">
					Everything is drawn, asked and answered in your own hands. Choose once; this phone remembers them.
				</p>
				<HandsFirst {hands} named={false} says="Start practice" ondone={() => hands.done()} />
			</section>
		{:else if !awake || !evening}
			<p class="mt-8 text-lg" role="status">Tonight’s exercises are made …</p>
		{:else if practising.now}
			{#key turn}
				<div class="mt-5">
					<p class="mb-3 text-quiet" data-testid="left">
						{practising.left.length === 1 ? 'The last one' : `${practising.left.length} to go`}
					</p>
					{#if practising.grade}
						<AnswerShown
							asked={practising.now}
							grade={practising.grade}
							slipped={practising.slipped}
							last={practising.left.length === 1 && practising.grade.right}
							onnext={next}
						/>
					{:else}
						<ExerciseView
							asked={practising.now}
							medium={data.about.medium}
							onanswer={(answer) => void practising.answer(answer, Date.now())}
						/>
						<p role="alert" class="mt-3 font-semibold text-error empty:hidden">{practising.trouble ?? ''}</p>
					{/if}
				</div>
			{/key}
		{:else}
			<section class="mt-6">
				{#if practising.isOver}
					<h2 class="text-3xl" tabindex="-1" {@attach (head) => head.focus()}>That is enough for tonight</h2>
					<p class="mt-3 text-lg">
						{practising.right} of {counted(practising.done, 'answer')} right. What went wrong comes again soon,
						what was right later and later.
					</p>
				{:else if asks > 0}
					<h2 class="text-3xl">{counted(asks, 'question')} tonight</h2>
					<p class="mt-2 text-lg text-quiet">About five minutes. Needles are not needed.</p>
					<button
						type="button"
						class="btn mt-5 min-h-16 w-full justify-center text-xl btn-primary"
						onclick={() => practising.begin(Date.now())}>Begin</button
					>
				{:else}
					<h2 class="text-3xl">Nothing tonight</h2>
					<p class="mt-3 text-lg">
						All of it is fresh{evening.next === null ? '' : `. Come back on ${day(evening.next)}`}.
					</p>
				{/if}
			</section>
			<section class="mt-8" aria-labelledby="practising">
				<h2 id="practising" class="text-xl">What you practise</h2>
				{#await import('./StandingList.svelte') then { default: StandingList }}
					<StandingList practised={practising.practised} practising={evening.practising} />
				{/await}
			</section>
			<section class="mt-8 text-sm text-quiet" aria-label="What is kept">
				<p>
					Kept of you: the nickname your teacher chose, and each answer with its day, so that questions come
					when they are about to be forgotten and your teacher sees what sits. Nobody else in the class sees
					any of it. Answers go after 400 days; all of it at once when your teacher deletes you, the class, or
					her account. Whoever has this link can open this page: keep it to yourself.
				</p>
			</section>
		{/if}
	</div>
	<Dialog title="My hands, words and print" bind:open={handsOpen}>
		<HandsFirst {hands} named={false} says="Done" ondone={() => ((handsOpen = false), hands.done())} />
	</Dialog>
</div>
