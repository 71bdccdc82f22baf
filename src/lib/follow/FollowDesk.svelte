<script lang="ts">
	import { invalidateAll } from '$app/navigation';
	import { page } from '$app/state';
	import { onMount, untrack } from 'svelte';
	import { keepHere } from '$lib/client/kept';
	import { keepAwake } from '$lib/client/awake';
	import { setSettings } from '$lib/client/settings.svelte';
	import StagePicture from '$lib/stage/StagePicture.svelte';
	import StageWords from '$lib/stage/StageWords.svelte';
	import Dialog from '$lib/ui/Dialog.svelte';
	import Icon from '$lib/ui/Icon.svelte';
	import { useKeys } from '$lib/ui/keys.svelte';
	import { lightOf } from '$lib/ui/light';
	import { daySaid } from '$lib/ui/locale';
	import { localMinute } from '$lib/client/localMinute';
	import type { FollowPage } from '$lib/wire/follow';
	import { Follower } from './follower.svelte';
	import HandsFirst from './HandsFirst.svelte';
	import { OwnHands } from './ownHands.svelte';
	import { follow } from '$lib/words/follow';

	/** A class on a learner’s own phone: what the stage shows in her own hands, and the lesson to walk through afterwards. */
	let { data }: { data: FollowPage } = $props();

	const hands = untrack(() => new OwnHands(data.lesson.names?.terms ?? 'us', page.data));
	setSettings(hands);
	const say = follow(hands);
	const follower = untrack(() => new Follower(data, hands));
	const stage = follower.stage;
	let awake = $state(false);
	let handsOpen = $state(false);
	let partsOpen = $state(false);
	let wrongOpen = $state(false);
	let sheetOpen = $state(false);

	onMount(() => {
		hands.recall();
		awake = true;
		keepHere();
		// Without a server there may be no network either: what may be asked for is here before.
		void Promise.all([import('./FollowWrong.svelte'), import('./FollowQuestion.svelte')]);
		const stop = follower.listen();
		const sleep = keepAwake();
		return () => {
			stop();
			sleep();
			delete document.documentElement.dataset.print;
		};
	});
	$effect(() => {
		if (follower.now.lessonAt !== data.now.lessonAt) void invalidateAll();
	});
	$effect(() => {
		document.documentElement.dataset.print = hands.print;
	});
	$effect(() => {
		void hands.value;
		untrack(() => follower.show());
	});

	const part = $derived(stage.now?.part);
	const closes = $derived(daySaid(localMinute(data.closesAt), hands.locale));
	const place = $derived({ step: stage.moment.step + 1, steps: stage.steps });
	const isShown = $derived(!follower.looksUp && part !== undefined);
	/** the answer of a question is for the class to hear first */
	const mayTell = $derived(stage.asks && !stage.moment.told && follower.elsewhere);

	function wrong() {
		wrongOpen = true;
		if (follower.isWithClass && follower.says !== 'wrong') follower.say('wrong');
	}

	useKeys([
		{ key: 'ArrowLeft', cap: '←', says: say('follow-key-back'), run: () => follower.back() },
		{ key: 'ArrowRight', cap: '→', says: say('follow-key-next'), run: () => follower.forward() },
		{ key: 'h', cap: 'H', says: say('follow-has'), run: () => follower.follows && follower.say('has') },
		{ key: 'w', cap: 'W', says: say('follow-waits'), run: () => follower.follows && follower.say('waits') },
		{ key: 'f', cap: 'F', says: say('follow-wrong'), run: wrong },
		{ key: 'r', cap: 'R', says: say('follow-rejoin'), run: () => follower.follows && follower.rejoin() },
		{ key: 'p', cap: 'P', says: say('follow-key-parts'), run: () => (partsOpen = true) },
		{ key: ',', cap: ',', says: say('follow-key-settings'), run: () => (handsOpen = true) }
	]);
</script>

<svelte:head><title>{data.lesson.title} · Pond Loop</title></svelte:head>

<div class="bg-base-200 text-base-content" data-theme={lightOf(hands.value)}>
	{#if sheetOpen}
		{#await import('./FollowSheet.svelte') then { default: FollowSheet }}
			<FollowSheet {data} {hands} onclose={() => (sheetOpen = false)} />
		{/await}
	{/if}
	<div class="follow" class:hidden={sheetOpen}>
		{#if !awake || !hands.chosen}
			<div class="first">
				<p class="text-quiet">{say('follow-by', { by: data.by })}</p>
				<h1 class="mb-5 text-3xl">{data.lesson.title}</h1>
				{#if awake}
					<p class="mb-5 text-lg">{say('follow-first')}</p>
					<HandsFirst
						{hands}
						says={say(follower.follows ? 'follow-join' : 'follow-open')}
						ondone={() => hands.done()}
					/>
				{:else}
					<p class="text-lg">{say('follow-opening')}</p>
				{/if}
			</div>
		{:else}
			<header class="flex flex-wrap items-center gap-x-2 px-4 pt-3">
				<h1 class="min-w-0 flex-1 text-[1.35rem] leading-tight">
					{follower.wrong
						? say('follow-fixing', { name: follower.wrong })
						: (part?.title ?? data.lesson.title)}
				</h1>
				<button
					type="button"
					class="head-button"
					onclick={() => (partsOpen = true)}
					aria-label={say('follow-parts')}><Icon name="list" size={22} /></button
				>
				<button
					type="button"
					class="head-button"
					onclick={() => (handsOpen = true)}
					aria-label={say('follow-settings')}><Icon name="hand" size={22} /></button
				>
				<p class="where" role="status">
					{#if follower.away && follower.follows}
						<Icon name="cloud-off" size={18} /> {say('follow-offline')}
					{:else if follower.isWithClass}
						{stage.steps > 1 ? say('follow-with-class-step', place) : say('follow-with-class')}
					{:else if follower.follows}
						{stage.steps > 1 ? say('follow-alone-step', place) : say('follow-alone')}
					{:else if follower.closed}
						{say('follow-closed', { by: data.by })}
					{:else if follower.full}
						{say('follow-full')}
					{:else}
						{say('follow-over', { closes, part: stage.moment.at + 1, parts: stage.parts.length })}
					{/if}
				</p>
			</header>

			<div class="picture">
				{#if follower.looksUp}
					<p class="up font-serif">{say('follow-look-up')}</p>
				{:else if follower.wrong}
					<p class="up font-serif">
						{say('follow-look-at-mistake')}
					</p>
				{:else if part}
					<StagePicture {stage} texts={data.texts} />
				{/if}
			</div>

			<div class="says px-4" aria-live="polite">
				{#if isShown && !follower.wrong}<StageWords {stage} />{/if}
			</div>
			{#if part && stage.asks && isShown && follower.follows}
				<div class="px-4 pt-2">
					{#await import('./FollowQuestion.svelte') then { default: FollowQuestion }}
						{#key part.id}<FollowQuestion {follower} {part} />{/key}
					{/await}
				</div>
			{/if}

			<div class="hands">
				<div class="hand">
					<button
						type="button"
						class="thumb"
						onclick={() => follower.back()}
						disabled={stage.isFirst}
						aria-label={say('follow-back')}><Icon name="chevron-left" size={40} /></button
					>
					{#if follower.isWithClass}
						<button
							type="button"
							class="wide"
							aria-pressed={follower.says === 'has'}
							onclick={() => follower.say('has')}><Icon name="check" size={26} /> {say('follow-has')}</button
						>
					{:else}
						{#if mayTell}
							<button type="button" class="wide" onclick={() => stage.set({ told: true })}
								>{say('follow-answer-show')}</button
							>
						{:else if follower.follows}
							<button type="button" class="wide main" onclick={() => follower.rejoin()}
								>{say('follow-rejoin')}</button
							>
						{/if}
						<button
							type="button"
							class="thumb"
							class:main={!follower.follows}
							onclick={() => follower.forward()}
							disabled={stage.isLast}
							aria-label={say('follow-next')}><Icon name="chevron-right" size={40} /></button
						>
					{/if}
				</div>
				<div class="hand">
					{#if follower.follows}
						<button
							type="button"
							class="press"
							aria-pressed={follower.says === 'waits'}
							onclick={() => follower.say('waits')}>{say('follow-waits')}</button
						>
					{/if}
					<button type="button" class="press" aria-pressed={follower.says === 'wrong'} onclick={wrong}
						>{say('follow-wrong')}</button
					>
				</div>
			</div>
		{/if}
	</div>

	<Dialog title={say('follow-settings')} bind:open={handsOpen}>
		<HandsFirst {hands} says={say('follow-done')} ondone={() => ((handsOpen = false), hands.done())} />
	</Dialog>
	<Dialog title={say('follow-lesson')} bind:open={partsOpen}>
		<p class="mb-3">
			<button type="button" class="btn btn-outline" onclick={() => ((partsOpen = false), (sheetOpen = true))}
				>{say('follow-handout')}</button
			>
		</p>
		<ol class="grid gap-1">
			{#each stage.parts as { part: one }, i (one.id)}
				<li>
					<button
						type="button"
						class="btn w-full justify-start text-left"
						aria-current={i === stage.moment.at ? 'step' : undefined}
						onclick={() => ((partsOpen = false), follower.go(i))}
						>{i + 1}. {follower.follows && one.id === follower.now.moment.part
							? say('follow-class-here', { part: one.title })
							: one.title}</button
					>
				</li>
			{/each}
		</ol>
		<p class="mt-4 text-sm text-quiet">
			{say('follow-privacy')}
			{say('follow-open-until', { closes, by: data.by })}
		</p>
	</Dialog>
	<Dialog
		title={say('follow-wrong')}
		bind:open={
			() => wrongOpen,
			(open) => {
				wrongOpen = open;
				if (!open && follower.says === 'wrong') follower.say('wrong');
			}
		}
	>
		{#await import('./FollowWrong.svelte') then { default: FollowWrong }}<FollowWrong {stage} />{/await}
	</Dialog>
</div>

<style>
	.follow {
		container-type: inline-size;
		display: grid;
		grid-template-rows: auto minmax(0, 1fr) auto auto auto;
		min-height: 100dvh;
		max-width: 62rem;
		margin-inline: auto;
		background: var(--color-base-200);
		color: var(--color-base-content);
	}
	.first {
		grid-row: 1 / -1;
		max-width: 36rem;
		padding: 2rem 1.25rem;
	}
	.where {
		flex-basis: 100%;
		display: flex;
		align-items: center;
		gap: 0.5rem;
		min-height: 1.8rem;
		color: var(--color-quiet);
	}
	.picture {
		position: relative;
		min-height: 34dvh;
		max-height: 62dvh;
		overflow: hidden;
	}
	.up {
		display: grid;
		height: 100%;
		place-items: center;
		padding: 1.5rem;
		font-size: 1.7rem;
		text-align: center;
	}
	.says {
		min-height: 7rem;
		padding-top: 0.6rem;
	}
	/* A thumb finds them at the foot, however long the words above are. */
	.hands {
		position: sticky;
		bottom: 0;
		padding-bottom: 0.75rem;
		background: var(--color-base-200);
	}
	.hand {
		display: flex;
		gap: 0.6rem;
		padding: 0.6rem 1rem 0;
	}
	.thumb,
	.wide,
	.press {
		display: flex;
		align-items: center;
		justify-content: center;
		gap: 0.5rem;
		min-height: 3.6rem;
		border: 2px solid var(--color-outline);
		border-radius: 1rem;
		cursor: pointer;
		font-weight: 600;
	}
	.thumb {
		flex: 1;
		min-width: 4.2rem;
		max-width: 12rem;
	}
	.wide {
		flex: 3;
		font-size: 1.2rem;
	}
	.press {
		flex: 1;
		min-height: 3rem;
	}
	.main,
	[aria-pressed='true'] {
		background: var(--color-primary);
		border-color: var(--color-primary);
		color: var(--color-primary-content);
	}
	.thumb:disabled {
		opacity: 0.35;
	}
</style>
